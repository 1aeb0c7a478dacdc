import type { StorePart } from '@cricket/contract/shapes';
import { partKinds } from '@cricket/core/part-kinds';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { useStores } from '../../data/use-bikes';
import { useRefusal } from '../../data/use-refusal';
import { Button } from '../../ui/button';
import { Failed, Fetching, Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { SearchLine } from '../../ui/search-line';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { Count, detailsOf, ToLine, type Settle } from './stock-line';
import { inDrawerOrder, StoresTable } from './stores-table';
import { words } from './words';

/** What lies in the drawers, counted; one tap more or less. */
export function StoresScreen({ openId }: { openId?: string | undefined }) {
  const router = useRouter();
  const { data, isPending, error, refetch } = useStores();
  const refusal = useRefusal<StorePart>();
  const [search, setSearch] = useState('');
  const wide = useWide();
  const found = useMemo(
    () => (data ?? []).filter((item) => matches(item, search)).sort(inDrawerOrder(partKinds)),
    [data, search],
  );
  const add = () => router.navigate('/stores/new');
  return (
    <Screen
      title={words.title}
      beside={openId !== undefined}
      action={<Button label={words.add} look="do" onPress={add} low />}
    >
      {isPending ? <Fetching /> : null}
      {error && !data ? <Failed retry={() => void refetch()} /> : null}
      {data?.length === 0 ? (
        <Notice
          title={words.none}
          because={words.noneWhy}
          action={{ label: words.open, onPress: () => router.navigate('/open') }}
        />
      ) : null}
      {refusal.messages.length > 0 ? (
        <Txt role="alert" tone="stop" bold className="px-4 py-2">
          {refusal.conflict ? words.conflict(String(refusal.conflict.count)) : refusal.messages.join(' ')}
        </Txt>
      ) : null}
      <View className="gap-2 px-4 pb-1 lg:flex-row lg:items-center">
        <SearchLine label={words.search} value={search} onChange={setSearch} testID="search-stores" />
        <ToPage to="/files" className="min-h-[48px] justify-center">
          <Txt className="underline">{words.files}</Txt>
        </ToPage>
      </View>
      {data && data.length > 0 && found.length === 0 ? <Txt className="px-4">{words.notFound(search)}</Txt> : null}
      {wide ? (
        found.length > 0 ? (
          <StoresTable items={found} settle={refusal.settle} openId={openId} />
        ) : null
      ) : (
        <ByKind items={found} settle={refusal.settle} />
      )}
    </Screen>
  );
}

/** Drawer by drawer. */
function ByKind({ items, settle }: { items: readonly StorePart[]; settle: Settle }) {
  return partKinds.map((kind) => {
    const inside = items.filter((item) => item.kind === kind);
    if (inside.length === 0) return null;
    return (
      <View key={kind} className="pb-3">
        <Txt size="label" figure tone="soft" heading={2} className="border-b-2 border-ink px-4 pb-1 pt-4">
          {words.kinds[kind]}
        </Txt>
        {inside.map((item) => (
          <Line key={item.id} item={item} settle={settle} />
        ))}
      </View>
    );
  });
}

/** Every word of the search stands in the part's kind, figures or label. */
function matches({ kind, spec, label }: StorePart, search: string): boolean {
  const line = [words.kinds[kind], ...Object.values(spec), label ?? ''].join(' ').toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => line.includes(word));
}

function Line({ item, settle }: { item: StorePart; settle: Settle }) {
  return (
    <View className="min-h-[60px] flex-row items-center gap-2 border-b border-rule px-4 py-1">
      <ToLine item={item} note={detailsOf(item).join(' · ')} />
      <Count item={item} settle={settle} />
    </View>
  );
}
