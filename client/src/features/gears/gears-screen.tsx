import type { End } from '@cricket/core/features';
import { wheelRadiusM } from '@cricket/core/wheel-radius';
import { gearIndex } from '@cricket/core/gear-index';
import { defaultLimits, withLimits } from '@cricket/core/limits';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';

import { mm } from '../../ui/figure-text';
import { useBikeEnd } from '../../job/bike/use-bike-end';
import { FindingRow } from '../../job/findings/finding-row';
import { waysOn, whenceOf } from '../../job/findings/ways-out';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Slider } from '../../ui/slider';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { useWide } from '../../ui/use-wide';
import { CadenceChart } from './cadence-chart';
import { IndexChart } from './index-chart';
import { words } from './words';
import { bikePath, measurePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** Clicks against sprockets, and cadence against speed. */
export function GearsScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const wide = useWide();
  const { width } = useWindowDimensions();
  const { record, state, workshop, isPending, refetch } = useBikeEnd(bikeId, end);
  const [movedChainring, setChainring] = useState<number | null>(null);
  const [movedSprocket, setSprocket] = useState<number | null>(null);
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const { chainringTeeth, smallestTeeth } = record.bike.facts;
  const chainring = movedChainring ?? chainringTeeth ?? 42;
  const sprocket = movedSprocket ?? smallestTeeth ?? 14;
  const gears = state.fit?.gears ?? null;
  const { wheel } = state;
  if (!gears || !wheel?.kit) {
    const action = { label: words.toMeasure, onPress: () => router.navigate(measurePath(bikeId, end)) };
    return (
      <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice title={words.none} because={words.noneWhy} action={action} />
      </Screen>
    );
  }
  const whence = whenceOf(record, end, wheel);
  const limits = workshop.limits ? withLimits(workshop.limits) : defaultLimits;
  const circumferenceMm = 2000 * Math.PI * wheelRadiusM(wheel.beadSeatMm);
  const { assistedKmh } = wheel.kit;
  const column = wide ? Math.min(640, width - 320) : width;
  const rpm = (assistedKmh * 1e6) / 60 / ((circumferenceMm * chainring) / sprocket);
  const { chainringFor85Rpm } = gearIndex({
    shifterSpeeds: 0,
    sprockets: 1,
    cluster: 'freewheel',
    hubTakes: 'freewheel',
    teeth: [sprocket],
    circumferenceMm,
    assistedKmh,
  });
  return (
    <Screen title={`${words.title} · ${wheel.code}`} tag={record.bike.tag} backTo={bikePath(bikeId)}>
      <View style={{ maxWidth: column }}>
        <VerdictLine verdict={gears.verdict} className="px-4 pb-2 pt-1" />
        {gears.errorsMm.length > 0 ? (
          <View className="border-y-2 border-ink bg-sheet py-2">
            <Txt size="label" figure className="px-4">
              {words.chart}
            </Txt>
            <IndexChart
              errorsMm={gears.errorsMm}
              goesMm={limits.indexGoesMm}
              workMm={limits.indexWorkMm}
              width={column}
            />
            <Txt size="label" tone="soft" className="px-4">
              {words.chartNote(mm(limits.indexGoesMm), mm(limits.indexWorkMm))}
            </Txt>
          </View>
        ) : null}
        {gears.findings.map((finding) => (
          <FindingRow
            key={finding.id}
            finding={finding}
            openAtFirst={finding.verdict !== 'goes'}
            ways={waysOn(finding, whence)}
          />
        ))}
        <Txt bold heading={2} className="px-4 pt-4">
          {words.cadence}
        </Txt>
        <CadenceChart
          ratio={chainring / sprocket}
          circumferenceMm={circumferenceMm}
          assistedKmh={assistedKmh}
          width={column}
        />
        <Txt className="px-4">
          {[
            words.assisted(assistedKmh),
            words.at(rpm),
            ...(chainringFor85Rpm === undefined ? [] : [words.best(chainringFor85Rpm)]),
          ].join(' · ')}
        </Txt>
        <Txt tone="soft" className="px-4">
          {chainringTeeth && smallestTeeth ? words.ownTeeth : words.usualTeeth}
        </Txt>
        <Slider
          label={words.chainring}
          shown={words.teeth(chainring)}
          value={chainring}
          min={18}
          max={70}
          step={1}
          onChange={setChainring}
        />
        <Slider
          label={words.sprocket}
          shown={words.teeth(sprocket)}
          value={sprocket}
          min={9}
          max={40}
          step={1}
          onChange={setSprocket}
        />
      </View>
    </Screen>
  );
}
