import type { BikeRecord } from '@cricket/contract/shapes';
import type { BrakeLeversResult, LeverWay } from '@cricket/core/brake-levers';
import { leversChosen, leversOfBike } from '@cricket/core/lever-question';
import { useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { useKits } from '../../job/bike/use-kits';
import { useBike } from '../../data/use-bikes';
import { useTell } from '../../data/use-tell';
import { FindingRows } from '../../job/findings/finding-rows';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { Mark } from '../../ui/mark';
import { bikePath, leversPath, takeInPath } from '../../ui/pages';
import { TakeArrangement } from '../../job/room/take-arrangement';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { LeverForm } from './lever-form';
import { words } from './words';
import { say } from '../../ui/say';

/** Brake levers as a job of their own: which stay, which get a switch, which go, and what that takes. */
export function LeversScreen() {
  const { bikeId, of } = useLocalSearchParams<{ bikeId: string; of?: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  return of === 'figures' ? <LeverForm record={record} /> : <Levers record={record} />;
}

function Levers({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const kits = useKits(record);
  const result = useMemo(() => (kits ? leversOfBike(bike.facts, kits) : null), [bike.facts, kits]);
  const { brakes, levers } = bike.facts;
  const areBrakesKnown = brakes?.front?.kind !== undefined && brakes.rear?.kind !== undefined;
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={<TakeArrangement record={record} station="levers" />}
    >
      <View className="max-w-[720px]">
        {areBrakesKnown ? null : (
          <View className="px-4">
            <Txt>{words.noBrakes}</Txt>
            <ToPage to={takeInPath(bike.id)} className="min-h-[48px] justify-center">
              <Txt className="underline">{words.toTakeIn}</Txt>
            </ToPage>
          </View>
        )}
        {result ? <Answered record={record} result={result} /> : <Txt className="px-4 pb-2">{words.waiting}</Txt>}
        <ToPage to={leversPath(bike.id, 'figures')} className="min-h-[56px] justify-center px-4" testID="lever-figures">
          <Txt className="underline">{levers ? words.change : words.write}</Txt>
        </ToPage>
        <Txt tone="soft" className="px-4 pt-2">
          {words.care}
        </Txt>
      </View>
    </Screen>
  );
}

function Answered({ record, result }: { record: BikeRecord; result: BrakeLeversResult }) {
  const { job } = record.bike.facts;
  const { tell, messages } = useTell(record);
  const { chosen, ways } = result;
  const tools = [...new Set(chosen.flatMap((way) => way.tools))].map((tool) => words.tools[tool]);
  const buy = [...new Set(chosen.flatMap((way) => way.buy))].map((part) => words.buy[part]);
  const levers = leversChosen(chosen);
  return (
    <View>
      <VerdictLine verdict={result.verdict} className="px-4 pb-2" />
      {chosen.map((way) => (
        <View key={way.end} className="border-t border-rule px-4 py-3" testID={`chosen-${way.end}`}>
          <Txt size="lead" bold>
            {`${words.ends[way.end]}: ${words.does(way)}`}
          </Txt>
          {way.steps.map((step, index) => (
            <Txt key={step}>{`${index + 1}  ${words.steps[step]}`}</Txt>
          ))}
        </View>
      ))}
      <View className="gap-1 border-t border-rule px-4 py-3">
        <Txt>{words.together(chosen.reduce((sum, { minutes }) => sum + minutes, 0))}</Txt>
        {tools.length > 0 ? <Txt>{`${words.toolsTitle}: ${tools.join(', ')}`}</Txt> : null}
        {buy.length > 0 ? <Txt>{`${words.buyTitle}: ${buy.join('; ')}`}</Txt> : null}
        <Alerts messages={messages} />
        {job?.levers === levers ? (
          <Txt tone="soft">{words.taken}</Txt>
        ) : (
          <View className="items-start pt-2">
            <RoleButton
              needs="work"
              label={words.take}
              onPress={() => void tell({ job: { ...job, levers, cutOff: levers !== 'own' } })}
              testID="take-levers"
            />
          </View>
        )}
      </View>
      <FindingRows findings={result.findings} />
      {(['front', 'rear'] as const).map((end) =>
        ways[end].length > 1 ? (
          <View key={end}>
            <Txt size="title" bold heading={2} className="px-4 pb-1 pt-4">
              {words.others(words.ends[end])}
            </Txt>
            {ways[end].map((way) => (
              <WayRow key={`${way.do} ${way.lever ?? way.switch ?? ''}`} way={way} />
            ))}
          </View>
        ) : null,
      )}
    </View>
  );
}

function WayRow({ way }: { way: LeverWay }) {
  const cut = way.cutOff === true ? words.cutsMotor : way.cutOff === null ? words.cutOpen : words.noCut;
  return (
    <View className="flex-row gap-3 border-t border-rule px-4 py-2">
      <Mark verdict={way.verdict} size={24} />
      <View className="min-w-0 flex-1">
        <Txt bold>{words.does(way)}</Txt>
        <Txt size="label" tone="soft">
          {[cut, words.minutes(way.minutes), ...way.because].map(say).join(' · ')}
        </Txt>
      </View>
    </View>
  );
}
