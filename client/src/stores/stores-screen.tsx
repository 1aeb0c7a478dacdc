import type { StoreItem } from '@cricket/contract/shapes';
import { storeKinds } from '@cricket/core/parts';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { figure, mm } from '../bike/figures';
import { useStores } from '../data/use-bikes';
import { useRefusal } from '../data/use-refusal';
import { useWrites } from '../data/use-writes';
import { Button } from '../ui/button';
import { Failed, Fetching, Notice } from '../ui/notice';
import { Screen } from '../ui/screen';
import { SearchLine } from '../ui/search-line';
import { Txt } from '../ui/txt';
import { words } from './words';

/** What lies in the drawers, counted; one tap more or less. */
export function StoresScreen() {
  const router = useRouter();
  const { data, isPending, error, refetch } = useStores();
  const refusal = useRefusal<StoreItem>();
  const [search, setSearch] = useState('');
  const found = (data ?? []).filter((item) => matches(item, search));
  const add = () => router.navigate('/stores/new' as never);
  return (
    <Screen title={words.title} action={<Button label={words.add} look="do" onPress={add} low />}>
      {isPending ? <Fetching /> : null}
      {error && !data ? <Failed retry={() => void refetch()} /> : null}
      {data?.length === 0 ? (
        <Notice
          title={words.none}
          because={words.noneWhy}
          action={{ label: words.open, onPress: () => router.navigate('/open' as never) }}
        />
      ) : null}
      {refusal.messages.length > 0 ? (
        <Txt role="alert" tone="stop" bold className="px-4 py-2">
          {refusal.conflict ? words.conflict(String(refusal.conflict.count)) : refusal.messages.join(' ')}
        </Txt>
      ) : null}
      <View className="gap-2 px-4 pb-1 lg:flex-row lg:items-center">
        <SearchLine label={words.search} value={search} onChange={setSearch} testID="search-stores" />
        <Pressable
          role="link"
          onPress={() => router.navigate('/files' as never)}
          className="min-h-[48px] justify-center"
        >
          <Txt className="underline">{words.files}</Txt>
        </Pressable>
      </View>
      {data && data.length > 0 && found.length === 0 ? <Txt className="px-4">{words.notFound(search)}</Txt> : null}
      <View className="lg:columns-2 lg:gap-0">
        {storeKinds.map((kind) => {
          const items = found
            .filter((item) => item.kind === kind)
            .sort((a, b) => (a.boreMm ?? 0) - (b.boreMm ?? 0) || a.thicknessMm - b.thicknessMm);
          if (items.length === 0) return null;
          return (
            <View key={kind} className="break-inside-avoid pb-3">
              <Txt size="label" figure tone="soft" heading={2} className="border-b-2 border-ink px-4 pb-1 pt-4">
                {words.kinds[kind]}
              </Txt>
              {items.map((item) => (
                <Line key={item.id} item={item} settle={refusal.settle} />
              ))}
            </View>
          );
        })}
      </View>
    </Screen>
  );
}

/** The size by which one asks for it: a tyre's width and bead seat, a bolt's length, a washer's thickness. */
function sizeOf({ thicknessMm, details }: StoreItem): string {
  if (details?.tyre) return `${details.tyre.widthMm}-${details.tyre.beadSeatMm}`;
  return mm(details?.lengthMm ?? thicknessMm);
}

/** Every word of the search stands in the line's kind, size or label. */
function matches(item: StoreItem, search: string): boolean {
  const { thicknessMm, boreMm, outerMm, details } = item;
  const line = [
    words.kinds[item.kind],
    thicknessMm,
    boreMm,
    outerMm,
    details?.lengthMm,
    details?.label,
    details?.tyre?.beadSeatMm,
  ]
    .filter((part) => part !== null && part !== undefined)
    .join(' ')
    .toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => line.includes(word));
}

function Line({ item, settle }: { item: StoreItem; settle: ReturnType<typeof useRefusal<StoreItem>>['settle'] }) {
  const router = useRouter();
  const { putStoreItem } = useWrites();
  const [busy, setBusy] = useState(false);
  const { count } = item;
  const name = `${words.kinds[item.kind]} ${sizeOf(item)}`;
  const set = async (next: number) => {
    const { id, withdrawnAt: _, ...entry } = item;
    setBusy(true);
    await settle(await putStoreItem(id, { ...entry, count: next }));
    setBusy(false);
  };
  const details = [
    ...(item.details?.label ? [item.details.label] : []),
    ...(item.boreMm === null ? [] : [words.bore(figure(item.boreMm))]),
    ...(item.outerMm === null ? [] : [words.outer(figure(item.outerMm))]),
    ...(item.tabWidthMm === null || item.tabDepthMm === null
      ? []
      : [words.tab(figure(item.tabWidthMm), figure(item.tabDepthMm))]),
  ];
  const step = (by: 1 | -1) => (
    <Pressable
      role="button"
      aria-label={by > 0 ? words.more(name) : words.fewer(name)}
      disabled={busy || count + by < 0}
      onPress={() => void set(count + by)}
      className="h-12 w-12 items-center justify-center border-2 border-ink bg-sheet active:bg-lime"
    >
      <Txt size="title" figure bold>
        {by > 0 ? '+' : '−'}
      </Txt>
    </Pressable>
  );
  return (
    <View className="min-h-[60px] flex-row items-center gap-2 border-b border-rule px-4 py-1">
      <Pressable
        role="link"
        aria-label={`${words.change} ${name}`}
        onPress={() => router.navigate(`/stores/${item.id}` as never)}
        className="min-h-[48px] min-w-0 flex-1 justify-center"
      >
        <Txt size="lead" figure bold>
          {sizeOf(item)}
        </Txt>
        <Txt size="label" tone="soft">
          {details.join(' · ')}
        </Txt>
      </Pressable>
      {step(-1)}
      <Txt size="title" figure bold className="w-12 text-center" testID={`count-${item.id}`}>
        {count}
      </Txt>
      {step(1)}
    </View>
  );
}
