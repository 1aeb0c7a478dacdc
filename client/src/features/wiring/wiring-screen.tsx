import type { BikeRecord } from '@cricket/contract/shapes';
import type { ConnectionsInput, ConnectionsResult } from '@cricket/core/connections';
import { middleOf, wiringOfBike } from '@cricket/core/wiring-question';
import { wiringPlan, wiringScene } from '@cricket/core/wiring-scene';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { useBike } from '../../data/use-bikes';
import { saveDrawing, fileWidth } from '../../drawing/kit/save-drawing';
import { SceneView } from '../../drawing/kit/scene-view';
import { FindingRows } from '../../job/findings/finding-rows';
import { Button } from '../../ui/button';
import { bikePath } from '../../ui/pages';
import { TakeArrangement } from '../../job/room/take-arrangement';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { AdapterForm, PlugForm } from './wiring-part-forms';
import { JoinTables } from './join-tables';
import { WiringLists } from './wiring-lists';
import { words } from './words';
import { say } from '../../ui/say';
import { lightTones, useTones } from '../../ui/tones';
import { usePrinting } from '../../ui/use-printing';
import { words as uiWords } from '../../ui/words';

/** What meets what in the loom of a bike, drawn and contact by contact. */
export function WiringScreen() {
  const { bikeId, of, id } = useLocalSearchParams<{ bikeId: string; of?: string; id?: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  if (of === 'plug') return <PlugForm key={id ?? ''} record={record} of={id} />;
  if (of === 'adapter') return <AdapterForm key={id ?? ''} record={record} of={id} />;
  return <Wiring record={record} />;
}

function Wiring({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const wiring = useMemo(() => wiringOfBike(bike.facts), [bike.facts]);
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={<TakeArrangement record={record} station="wiring" />}
    >
      <View className="max-w-[720px]">
        {wiring.kind === 'waiting' ? <Txt className="px-4 pb-2">{words.waiting}</Txt> : null}
        {wiring.kind === 'contradiction' ? (
          <Txt className="px-4 pb-2">{words.contradiction(say(wiring.because))}</Txt>
        ) : null}
        {wiring.kind === 'open' ? <Answered tag={bike.tag} input={wiring.input} result={wiring.result} /> : null}
        <WiringLists record={record} />
        <Txt tone="soft" className="px-4 pt-4">
          {words.care}
        </Txt>
      </View>
    </Screen>
  );
}

interface AnsweredProps {
  tag: string;
  input: ConnectionsInput;
  result: ConnectionsResult;
}

function Answered({ tag, input, result }: AnsweredProps) {
  const themed = useTones();
  const tones = usePrinting() ? lightTones : themed;
  const [width, setWidth] = useState(0);
  const plan = useMemo(
    () => wiringPlan(input.plugs, result.joins, result.unused, middleOf(input.plugs)),
    [input, result],
  );
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <VerdictLine verdict={result.verdict} className="px-4 pb-2" />
      <Txt size="title" bold heading={2} className="px-4 pb-1">
        {words.diagram}
      </Txt>
      {width > 0 ? (
        <View className="border-y-2 border-ink bg-sheet pt-3">
          <SceneView scene={wiringScene(plan, width)} tones={tones} label={words.drawn(result.joins.length)} />
        </View>
      ) : null}
      <View className="screen-only flex-row flex-wrap gap-2 px-4 py-3">
        <Button label={words.print} onPress={() => window.print()} />
        <Button
          label={uiWords.drawingFile}
          onPress={() => saveDrawing(`${tag}-wiring`, wiringScene(plan, fileWidth))}
        />
      </View>
      <FindingRows findings={result.findings.filter(({ verdict }) => verdict !== 'goes')} />
      <JoinTables plugs={input.plugs} result={result} />
    </View>
  );
}
