import type { BikeSummary } from '@cricket/contract/shapes';
import { useRouter } from 'expo-router';
import { memo, useDeferredValue, useState } from 'react';
import { View } from 'react-native';

import { nextMark, nextSentence } from '../../job/next/next-words';
import { nextPath } from '../../job/next/next-path';
import { useBikes, useFoundBikes, useOlderBikes, useShop, useWheels } from '../../data/use-bikes';
import { BikeMap } from '../../drawing/bike-map/bike-map';
import { dateText } from '../../ui/date-text';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { Failed, Fetching, Notice } from '../../ui/notice';
import { Rule } from '../../ui/rule';
import { Screen } from '../../ui/screen';
import { SearchLine } from '../../ui/search-line';
import { Tag } from '../../ui/tag';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { words as shared } from '../../ui/words';
import { useTodayList } from '../../job/today/use-today-list';
import { words } from './words';
import { bikePath } from '../../ui/pages';

const atOnce = 6;

/** The first page: the bikes in the shop, each with the one thing to do next. */
export function TodayScreen() {
  const router = useRouter();
  const { data, isPending, error, refetch } = useBikes();
  const all = useTodayList();
  // The rows that a screen has room for come first, the others when these stand.
  const later = useDeferredValue(all, all.slice(0, atOnce));
  // Else a list that has just come would be an empty shop for a moment.
  const rows = later.length > 0 ? later : all.slice(0, atOnce);
  const shop = useShop();
  const bringIn = () => router.navigate('/bikes/new');
  const inCare = rows.filter(({ next }) => next.kind === 'care');
  const [first, ...rest] = rows.filter(({ next }) => next.kind !== 'care');
  return (
    <Screen
      title={dateText(new Date(), 'EEEE')}
      action={<Button label={words.bikeIn} look="do" onPress={bringIn} low />}
    >
      {isPending && rows.length === 0 ? <Fetching /> : null}
      {error && rows.length === 0 ? <Failed retry={() => void refetch()} /> : null}
      {!isPending && !error && rows.length === 0 ? (
        <>
          <Notice title={words.none} because={words.noneWhy} action={{ label: words.bikeIn, onPress: bringIn }} />
          <OpenShop />
        </>
      ) : null}
      {first ? (
        <>
          <Txt size="label" figure tone="soft" className="px-4 pb-1">
            {words.onStand}
          </Txt>
          <Rule strong />
          <View className="bg-sheet">
            <Row row={first} big />
          </View>
          <Rule strong />
        </>
      ) : null}
      <Rows title={words.nextUp} rows={rest} />
      <Rows title={words.inCare} rows={inCare} />
      <OlderBikes first={data} />
      <FindBike />
      {shop.data?.demo ? (
        <Txt size="label" tone="soft" className="px-4 pt-6">
          {words.practice}
        </Txt>
      ) : null}
    </Screen>
  );
}

/** Bikes under a heading; nothing without any. */
function Rows({ title, rows }: { title: string; rows: readonly BikeSummary[] }) {
  if (rows.length === 0) return null;
  return (
    <>
      <Txt size="label" figure tone="soft" heading={2} className="px-4 pb-1 pt-4">
        {title}
      </Txt>
      {rows.map((row) => (
        <View key={row.bike.id}>
          <Rule />
          <Row row={row} />
        </View>
      ))}
    </>
  );
}

/** A shop without wheels can judge nothing: what fills it is one tap away. */
function OpenShop() {
  const router = useRouter();
  const wheels = useWheels();
  if (wheels.data?.length !== 0) return null;
  return (
    <Notice
      title={words.emptyShop}
      because={words.emptyShopWhy}
      action={{ label: words.open, onPress: () => router.navigate('/open') }}
    />
  );
}

/** A shop with many bikes has more than one page of them. */
function OlderBikes({ first }: { first: readonly BikeSummary[] | undefined }) {
  const { bikes, more, busy, failed, ask } = useOlderBikes(first);
  return (
    <>
      <Rows title={words.older} rows={bikes} />
      {failed ? <Txt className="px-4 pt-3">{words.cannotFind}</Txt> : null}
      {more ? (
        <Button label={words.showOlder} onPress={ask} disabled={busy} className="mx-4 mt-4 self-start" testID="older" />
      ) : null}
    </>
  );
}

/** Any bike is found by its tag or name, those that were taken out as well. */
function FindBike() {
  const [text, setText] = useState('');
  const found = useFoundBikes(text);
  return (
    <View className="gap-2 pt-6">
      <View className="flex-row px-4">
        <SearchLine label={words.find} value={text} onChange={setText} testID="find-bike" />
      </View>
      {found.data?.length === 0 ? <Txt className="px-4">{words.notFound(text.trim())}</Txt> : null}
      {found.error ? <Txt className="px-4">{words.cannotFind}</Txt> : null}
      {found.data?.map((row) => (
        <View key={row.bike.id}>
          <Rule />
          <Row row={row} />
        </View>
      ))}
    </View>
  );
}

const Row = memo(function Row({ row, big }: { row: BikeSummary; big?: boolean }) {
  const router = useRouter();
  const wide = useWide();
  const { bike, end, wheelCode, next } = row;
  const sentence = nextSentence(next);
  const where = [
    bike.name,
    [shared.ends[next.kind === 'refused' ? next.end : end], wheelCode].filter(Boolean).join(' '),
    ...(bike.withdrawnAt ? [words.isOut] : []),
  ].join(' · ');
  return (
    <View className={`px-4 ${big ? 'py-4' : 'py-3'} ${wide && big ? 'flex-row items-center gap-6' : 'gap-3'}`}>
      <ToPage to={bikePath(bike.id)} className="min-w-0 flex-1 flex-row gap-4">
        <View className="items-center gap-1">
          <BikeMap bike={bike} width={92} height={60} ends={{ front: null, rear: null, [end]: row.verdict }} />
          <Tag text={bike.tag} />
        </View>
        <View className="min-w-0 flex-1 gap-1">
          <Txt size="label" figure tone="soft" numberOfLines={2}>
            {where}
          </Txt>
          <View className="flex-row gap-2">
            <View className="pt-0.5">
              <Mark verdict={nextMark(next, row.verdict)} size={26} />
            </View>
            <Txt size={big ? 'title' : 'lead'} bold className="min-w-0 flex-1">
              {sentence.action}
            </Txt>
          </View>
        </View>
      </ToPage>
      {big ? (
        <Button
          label={words.carryOn}
          look="do"
          onPress={() => router.navigate(nextPath(bike.id, next))}
          className={wide ? 'w-56' : ''}
        />
      ) : null}
    </View>
  );
});
