import type { BikeRecord } from '@cricket/contract/shapes';
import { crankPlan, crankScene } from '@cricket/core/crank-scene';
import { pedalSensor, type PedalSensorInput, type PedalSensorResult, type SensorWay } from '@cricket/core/pedal-sensor';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { figure } from '../../ui/figure-text';
import { useBike } from '../../data/use-bikes';
import { SaveDrawing } from '../../drawing/kit/save-drawing';
import { SceneView } from '../../drawing/kit/scene-view';
import { FindingRows } from '../../job/findings/finding-rows';
import { Mark } from '../../ui/mark';
import { bikePath, cranksPath } from '../../ui/pages';
import { TakeArrangement } from '../../job/room/take-arrangement';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { say } from '../../ui/say';
import { useTones } from '../../ui/tones';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { CranksForm } from './cranks-form-screen';
import { whatItTakes, whichWay } from './way-words';
import { words } from './words';

/** Where ring and sensor of the pedal assistance go on this bike. */
export function CranksScreen() {
  const { bikeId, of } = useLocalSearchParams<{ bikeId: string; of?: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  return of === 'figures' ? <CranksForm record={record} /> : <Cranks record={record} />;
}

function Cranks({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const { cranks } = bike.facts;
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={<TakeArrangement record={record} station="cranks" />}
    >
      <View className="max-w-[720px]">
        {cranks ? <Ways cranks={cranks} tag={bike.tag} /> : <Txt className="px-4 pb-2">{words.waiting}</Txt>}
        <ToPage
          to={cranksPath(bike.id, 'figures')}
          className="min-h-[56px] justify-center px-4"
          testID="cranks-figures"
        >
          <Txt className="underline">{cranks ? words.change : words.measure}</Txt>
        </ToPage>
        <Txt tone="soft" className="px-4 pt-2">
          {words.care}
        </Txt>
      </View>
    </Screen>
  );
}

function Ways({ cranks, tag }: { cranks: PedalSensorInput; tag: string }) {
  const tones = useTones();
  const [width, setWidth] = useState(0);
  const result: PedalSensorResult = useMemo(() => pedalSensor(cranks), [cranks]);
  const { ways, findings, startDelayS, stopS, defaulted } = result;
  const [best] = ways as [SensorWay, ...SensorWay[]];
  const draw = (wide: number) => crankScene(crankPlan(cranks, best), { width: wide, say });
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <VerdictLine verdict={result.verdict} className="px-4 pb-2" />
      <Txt size="lead" bold className="px-4 pb-2" testID="best-way">
        {whichWay(best)}
      </Txt>
      {width > 0 ? (
        <View className="border-y-2 border-ink bg-sheet py-2">
          <SceneView
            scene={draw(width)}
            tones={tones}
            label={words.drawn(words.side[best.side], figure(best.gapMm), figure(best.spareMm))}
          />
        </View>
      ) : null}
      <SaveDrawing name={`${tag}-cranks`} scene={draw} />
      <Txt className="px-4 py-3">{words.delay(figure(startDelayS), figure(stopS))}</Txt>
      {defaulted.length > 0 ? <Txt className="px-4 pb-3">{words.defaulted}</Txt> : null}
      <FindingRows findings={findings} />
      <Txt size="title" bold heading={2} className="px-4 pb-1 pt-4">
        {words.ways}
      </Txt>
      {ways.map((way) => (
        <View key={`${way.side} ${way.mount}`} className="flex-row gap-3 border-t border-rule px-4 py-2">
          <Mark verdict={way.verdict} size={24} />
          <View className="min-w-0 flex-1">
            <Txt bold>{whichWay(way)}</Txt>
            <Txt size="label" tone="soft">
              {whatItTakes(way)}
            </Txt>
          </View>
        </View>
      ))}
    </View>
  );
}
