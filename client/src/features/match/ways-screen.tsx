import type { BikeRecord } from '@cricket/contract/shapes';
import { frameSpots } from '@cricket/core/battery-bay';
import { builtFacts, type Conversion, type Conversions } from '@cricket/core/conversions';
import { axleAt } from '@cricket/core/model';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { useTakeKit } from '../../job/bike/use-take-kit';
import { words as costWords } from '../../job/cost/words';
import { useBike } from '../../data/use-bikes';
import { useWorkshop } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { BikeMap } from '../../drawing/bike-map/bike-map';
import { pageOf } from '../../job/room/station-pages';
import { words as roomWords } from '../../job/room/words';
import { RoleButton } from '../../session/role-button';
import { figure } from '../../ui/figure-text';
import { hours, money } from '../../ui/figures';
import { Mark, verdictWords } from '../../ui/mark';
import { Notice } from '../../ui/notice';
import { bikePath, endPath, roomPath } from '../../ui/pages';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { Figure } from './kit-sheet';
import { Searching } from './searching';
import { useWays } from './use-ways';
import { words } from './words';
import { say } from '../../ui/say';

/** The three best whole conversions of a bike, drawn, with what each costs in money, mass and minutes. */
export function WaysScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const bike = useBike(bikeId);
  const { workshop, settings, ready } = useWorkshop();
  const { answer, failed, ...search } = useWays(bike.record, workshop, ready ? settings : null);
  if (!bike.record) return <BikeNotThere bikeId={bikeId} asked={[bike]} />;
  const { record } = bike;
  return (
    <Screen title={words.best.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
      <Txt className="max-w-[720px] px-4 pb-2">{words.best.lead}</Txt>
      {failed ? (
        <Notice title={words.failed} action={{ label: words.again, onPress: search.again }} />
      ) : answer ? (
        <Found record={record} found={answer} />
      ) : (
        <Searching {...search} />
      )}
    </Screen>
  );
}

function Found({ record, found }: { record: BikeRecord; found: Conversions }) {
  const { best, looked, stopped } = found;
  return (
    <View testID="ways">
      <Txt size="label" tone="soft" className="px-4 pb-2">
        {words.best.looked(looked, stopped)}
      </Txt>
      {best.length === 0 ? <Notice title={words.best.none} because={words.best.noneWhy} /> : null}
      <View className="flex-row flex-wrap">
        {best.map((way, at) => (
          <Way key={`${way.wheel.id}${way.end}${JSON.stringify(way.layout)}`} record={record} way={way} at={at} />
        ))}
      </View>
    </View>
  );
}

function Way({ record, way, at }: { record: BikeRecord; way: Conversion; at: number }) {
  const [width, setWidth] = useState(0);
  const { bike } = record;
  const { wheel, end, layout, verdict, axle, stations, costs, massKg } = way;
  const { tubes } = bike.facts.frame ?? {};
  const frame = useMemo(() => (tubes ? (frameSpots(tubes)?.triangle ?? null) : null), [tubes]);
  const parts = [
    { name: words.best.axle, ...axle, to: endPath(bike.id, end, 'match') },
    ...stations.map((each) => ({ name: roomWords.names[each.station], ...each, to: pageOf[each.station](bike.id) })),
  ];
  const open = parts.filter((part) => part.verdict !== 'goes');
  const going = parts.filter((part) => part.verdict === 'goes');
  return (
    <View
      className="w-full border-b-2 border-ink pb-3 md:w-1/2 xl:w-1/3"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      testID={`way-${at + 1}`}
    >
      <Txt size="title" bold heading={2} className="px-4 pt-3">
        {`${wheel.code} · ${words.at[end]}`}
      </Txt>
      <VerdictLine verdict={verdict} className="px-4 py-1" />
      {width > 0 ? (
        <View className="border-y border-rule bg-sheet py-1" role="img" aria-label={words.best.built(layout)}>
          <BikeMap
            bike={{ ...bike, frame }}
            width={width}
            height={190}
            ends={{ front: null, rear: null }}
            built={{
              ...layout,
              pack: bike.facts.bay?.pack?.battery ?? null,
              motorAt: end,
              coverDiameterMm: wheel.coverDiameterMm,
            }}
          />
        </View>
      ) : null}
      <Txt className="px-4 pt-2">{words.best.built(layout)}</Txt>
      <View className="flex-row flex-wrap gap-x-6 gap-y-1 px-4 py-2">
        <Figure name={words.together} value={money(Math.round(costs.total))} />
        <Figure name={words.best.mass} value={massKg === null ? '—' : `${figure(massKg, 1)} kg`} />
        <Figure name={words.time} value={costWords.range(hours(costs.minutes), hours(costs.slowMinutes))} />
      </View>
      {open.map(({ name, verdict: how, because, to }) => (
        <Row key={name} name={name} verdict={how} because={because && say(because)} to={to} />
      ))}
      {going.length > 0 ? (
        <View className="min-h-[40px] flex-row items-center gap-3 px-4 py-1">
          <Mark verdict="goes" size={20} />
          <Txt className="min-w-0 flex-1">{words.best.going(going.map(({ name }) => name))}</Txt>
        </View>
      ) : null}
      <Take record={record} way={way} />
    </View>
  );
}

interface RowProps {
  name: string;
  verdict: Conversion['verdict'];
  because: string | null;
  to: ReturnType<(typeof pageOf)['bar']>;
}

function Row({ name, verdict, because, to }: RowProps) {
  return (
    <ToPage to={to} className="min-h-[48px] flex-row items-center gap-3 border-b border-rule px-4 py-1">
      <Mark verdict={verdict} size={20} />
      <View className="min-w-0 flex-1">
        <Txt className="underline">{name}</Txt>
        <Txt size="label" tone="soft" numberOfLines={3}>
          {because ?? verdictWords[verdict]}
        </Txt>
      </View>
    </ToPage>
  );
}

/** Takes the kit, and tells where everything is to go; what is seen at the stand may still change it. */
function Take({ record, way: { wheel, end, layout } }: { record: BikeRecord; way: Conversion }) {
  const router = useRouter();
  const takeKit = useTakeKit();
  const { choose } = useWrites();
  const { workshop } = useWorkshop();
  const take = () => {
    const kit = workshop.wheels.find(({ id }) => id === wheel.id)?.kit;
    takeKit(record, end, wheel.id, (facts) => {
      const built = kit ? builtFacts(facts, kit, layout, true) : facts;
      // Where things go is told; how a rack or a bag would do was only tried.
      const { job, bay } = built;
      return { ...facts, ...(job && { job }), ...(bay && { bay }) };
    });
    void choose(record.bike.id, { place: axleAt(end), kind: 'place' });
    router.navigate(roomPath(record.bike.id));
  };
  return (
    <RoleButton
      needs="work"
      label={words.best.take}
      spoken={`${words.best.take}: ${wheel.code} ${words.at[end]}, ${words.best.built(layout)}`}
      onPress={take}
      className="mx-4 mt-3"
      testID="take-way"
    />
  );
}
