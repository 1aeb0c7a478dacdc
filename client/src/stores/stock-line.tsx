import type { StoreItem } from '@cricket/contract/shapes';
import { Pressable, View } from 'react-native';

import { figure, mm } from '../ui/figure-text';
import type { useRefusal } from '../data/use-refusal';
import { useWrites } from '../data/use-writes';
import { ToPage } from '../ui/to-page';
import { Txt } from '../ui/txt';
import { words } from './words';
import { storeItemPath } from '../ui/pages';

export type Settle = ReturnType<typeof useRefusal<StoreItem>>['settle'];

/** The size by which one asks for it: a tyre's width and bead seat, a bolt's length, a washer's thickness. */
export function sizeOf({ thicknessMm, details }: StoreItem): string {
  if (details?.tyre) return `${details.tyre.widthMm}-${details.tyre.beadSeatMm}`;
  return mm(details?.lengthMm ?? thicknessMm);
}

/** What else tells one line from another. */
export function detailsOf({ details, boreMm, outerMm, tabWidthMm, tabDepthMm, withBikes }: StoreItem): string[] {
  return [
    ...(details?.label ? [details.label] : []),
    ...(boreMm === null ? [] : [words.bore(figure(boreMm))]),
    ...(outerMm === null ? [] : [words.outer(figure(outerMm))]),
    ...(tabWidthMm === null || tabDepthMm === null ? [] : [words.tab(figure(tabWidthMm), figure(tabDepthMm))]),
    ...(withBikes > 0 ? [words.withBikes(withBikes)] : []),
  ];
}

/** How many lie there; one tap more or less. */
export function Count({ item, settle }: { item: StoreItem; settle: Settle }) {
  const { moveStock } = useWrites();
  const { count } = item;
  const name = `${words.kinds[item.kind]} ${sizeOf(item)}`;
  const step = (by: 1 | -1) => (
    <Pressable
      role="button"
      aria-label={by > 0 ? words.more(name) : words.fewer(name)}
      disabled={count + by < 0}
      onPress={() => void moveStock(item.id, by).then(settle)}
      className="h-12 w-12 items-center justify-center border-2 border-ink bg-sheet active:bg-lime"
    >
      <Txt size="title" figure bold>
        {by > 0 ? '+' : '−'}
      </Txt>
    </Pressable>
  );
  return (
    <View className="flex-row items-center gap-2">
      {step(-1)}
      <Txt size="title" figure bold className="w-12 text-center" testID={`count-${item.id}`}>
        {count}
      </Txt>
      {step(1)}
    </View>
  );
}

export interface ToLineProps {
  item: StoreItem;
  note?: string | undefined;
  /** Among other cells it must be seen to lead somewhere. */
  underlined?: boolean;
}

/** Its size, which leads to the line itself. */
export function ToLine({ item, note, underlined = false }: ToLineProps) {
  return (
    <ToPage
      aria-label={`${words.change} ${words.kinds[item.kind]} ${sizeOf(item)}`}
      to={storeItemPath(item.id)}
      className="min-h-[48px] min-w-0 flex-1 justify-center"
    >
      <Txt size="lead" figure bold className={underlined ? 'underline' : ''}>
        {sizeOf(item)}
      </Txt>
      {note ? (
        <Txt size="label" tone="soft">
          {note}
        </Txt>
      ) : null}
    </ToPage>
  );
}
