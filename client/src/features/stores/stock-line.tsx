import type { StorePart } from '@cricket/contract/shapes';
import type { PartKind } from '@cricket/core/part-kinds';
import { Pressable, View } from 'react-native';

import { figure, mm } from '../../ui/figure-text';
import type { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { fieldsOfKind } from './store-form';
import { words } from './words';
import { storeItemPath } from '../../ui/pages';

export type Settle = ReturnType<typeof useRefusal<StorePart>>['settle'];

const figureOf = ({ spec }: StorePart, name: string) => (typeof spec[name] === 'number' ? spec[name] : null);

/** The figure by which one asks for it, kind by kind; a washer's is its thickness. */
const asksBy: Partial<Record<PartKind, string>> = {
  arm: 'lengthMm',
  'rotor-bolt': 'lengthMm',
  'caliper-bolt': 'lengthMm',
  spoke: 'lengthMm',
  rotor: 'diameterMm',
  caliper: 'inboardMm',
  tube: 'beadSeatMm',
};

/** What one asks for: a tyre's width and bead seat, a bolt's length, a washer's thickness, else its figures or its name. */
export function sizeOf(part: StorePart): string {
  const { kind, spec, label } = part;
  if (kind === 'tyre') return `${spec.widthMm}-${spec.beadSeatMm}`;
  const size = figureOf(part, asksBy[kind] ?? 'thicknessMm');
  if (size !== null) return mm(size);
  const told = fieldsOfKind(kind).flatMap((field) => {
    const value = spec[field.name];
    if (value === undefined) return [];
    const unit = field.asks === 'figure' && field.unit ? ` ${field.unit}` : '';
    return [typeof value === 'string' ? (words.choices[value] ?? value) : `${figure(Number(value))}${unit}`];
  });
  return told.join(' · ') || (label ?? words.kinds[kind]);
}

/** What else tells one part from another. */
export function detailsOf(part: StorePart): string[] {
  const { label, withBikes, onOrder } = part;
  const boreMm = figureOf(part, 'boreMm') ?? figureOf(part, 'threadMm');
  const outerMm = figureOf(part, 'outerMm');
  return [
    ...(label ? [label] : []),
    ...(boreMm === null ? [] : [words.bore(figure(boreMm))]),
    ...(outerMm === null ? [] : [words.outer(figure(outerMm))]),
    ...tabOf(part),
    ...elsewhere({ withBikes, onOrder }),
  ];
}

/** The tab of a washer that has one. */
export function tabOf(part: StorePart): string[] {
  const [width, depth] = [figureOf(part, 'tabWidthMm'), figureOf(part, 'tabDepthMm')];
  return width === null || depth === null ? [] : [words.tab(figure(width), figure(depth))];
}

/** Pieces that do not lie in the drawer: with bikes, or still to come. */
export function elsewhere({ withBikes, onOrder }: Pick<StorePart, 'withBikes' | 'onOrder'>): string[] {
  return [...(withBikes > 0 ? [words.withBikes(withBikes)] : []), ...(onOrder > 0 ? [words.onOrder(onOrder)] : [])];
}

/** How many lie there; one tap more or less. */
export function Count({ item, settle }: { item: StorePart; settle: Settle }) {
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
  item: StorePart;
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
