import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { eventsOf } from '@cricket/core/job-events';
import type { LimitsInput } from '@cricket/core/limits';
import { wheelTruing } from '@cricket/core/wheel-truing';
import { axleAt } from '@cricket/core/model';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';

import { dateText } from '../../ui/date-text';
import { figure } from '../../ui/figure-text';
import { useBikeEnd } from '../../job/bike/use-bike-end';
import { keepDraft, keptDraft } from '../../data/local-draft';
import { useWrites } from '../../data/use-writes';
import { FindingRow } from '../../job/findings/finding-row';
import { chirp } from '../../job/reading/chirp';
import { Keypad } from '../../job/reading/keypad';
import { useTyped } from '../../job/reading/use-typed';
import { useSettings } from '../../settings/settings';
import { Button } from '../../ui/button';
import { Mark, verdictWords } from '../../ui/mark';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { readTyped } from '../../ui/typed-number';
import { useWide } from '../../ui/use-wide';
import { RoundChart } from './round-chart';
import {
  newTruing,
  plausible,
  truingData,
  dishOf,
  withReading,
  type TruingDraft,
  type TruingReading,
} from './truing-draft';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** The truing record: spoke by spoke, once round the wheel. */
export function TruingScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const { record, state, workshop, isPending, refetch } = useBikeEnd(bikeId, end);
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const spokes = state.wheel?.kit?.flanges?.spokes ?? 36;
  return <Truing key={`${bikeId}-${end}`} record={record} end={end} spokes={spokes} limits={workshop.limits} />;
}

interface TruingProps {
  record: BikeRecord;
  end: End;
  spokes: number;
  limits: LimitsInput | undefined;
}

function Truing({ record, end, spokes, limits }: TruingProps) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const { sound } = useSettings();
  const { addEvent } = useWrites();
  const place = `truing-${record.bike.id}-${end}`;
  const [draft, setDraft] = useState<TruingDraft>(() => keptDraft<TruingDraft>(place) ?? newTruing(spokes));
  const set = (next: TruingDraft) => {
    keepDraft(place, next);
    setDraft(next);
  };
  const { reading, at } = draft;
  const accept = (text: string) => {
    const read = readTyped(text);
    if (read.kind !== 'number' || !plausible(reading, read.value)) return;
    typed.change('');
    if (sound) chirp();
    set(withReading(draft, read.value));
  };
  const typed = useTyped(`${place}/${reading}/${at}`, accept);
  const read = readTyped(typed.text);
  const bad = read.kind === 'unreadable' || (read.kind === 'number' && !plausible(reading, read.value));
  const dishMm = dishOf(draft.dish);
  const result = wheelTruing({
    spokes: draft.spokes,
    ...(dishMm !== undefined && { dishMm }),
    ...(limits && { limits }),
  });
  const rounds = eventsOf(record.events, 'truing').filter(({ place: at }) => at === axleAt(end));
  const spoke = draft.spokes[at]!;
  const newton = (value: number | null) => (value === null ? words.none : `${Math.round(value)} N`);
  const column = wide ? 520 : width;
  return (
    <Screen
      title={words.title}
      tag={record.bike.tag}
      backTo={bikePath(record.bike.id)}
      footer={
        <View className="flex-row gap-2">
          <Button
            label={words.back}
            disabled={at === 0}
            onPress={() => set({ ...draft, at: at - 1 })}
            className="min-w-[124px]"
          />
          <Button
            label={words.keepNext}
            look="do"
            disabled={read.kind !== 'number' || bad}
            onPress={() => accept(typed.text)}
            className="flex-1"
            testID="keep"
          />
        </View>
      }
    >
      <View className={wide ? 'flex-row gap-4' : ''}>
        <View style={{ width: column }}>
          <View className="border-y-2 border-ink bg-sheet py-1">
            <RoundChart draft={draft} strays={result.strays} width={column} />
            <Txt size="label" tone="soft" className="px-4">
              {words.chart}
            </Txt>
          </View>
          <View className="px-4 py-2">
            <Segments
              label={words.kind}
              options={Object.entries(words.kinds) as [TruingReading, string][]}
              value={reading}
              onChange={(next) => set({ ...draft, reading: next, at: 0 })}
            />
          </View>
          <View className="flex-row items-end justify-between px-4">
            <View className="min-w-0 flex-1">
              <Txt bold testID="spoke">
                {words.spoke(at + 1, draft.spokes.length, words.sides[spoke.side])}
              </Txt>
              <Txt size="label" tone="soft">
                {words.how[reading]}
              </Txt>
            </View>
            <Txt size="stand" figure bold testID="reading">
              {typed.text || (spoke[reading] === undefined ? words.none : figure(spoke[reading]))}
            </Txt>
          </View>
          {bad ? (
            <Txt tone="stop" bold role="alert" className="px-4">
              {words.range(typed.text, words.ranges[reading])}
            </Txt>
          ) : null}
          <View className="py-2">
            <Keypad onKey={typed.press} signed={reading !== 'tensionN'} />
          </View>
        </View>
        <View className="min-w-0 flex-1">
          <View className="gap-2 px-4 py-2" testID="truing-result">
            <VerdictLine verdict={result.verdict} />
            <Txt>{words.mean(newton(result.meanTensionN.left), newton(result.meanTensionN.right))}</Txt>
            {result.strays.length ? <Txt bold>{words.turnFirst(result.strays.slice(0, 6).join(', '))}</Txt> : null}
            <TextLine
              label={words.dish}
              value={draft.dish}
              onChange={(dish) => set({ ...draft, dish })}
              testID="dish"
            />
          </View>
          {result.findings.map((finding) => (
            <FindingRow key={finding.id} finding={finding} />
          ))}
          <View className="gap-2 px-4 py-3">
            <Button
              label={words.record}
              onPress={() => void addEvent(record.bike.id, 'truing', axleAt(end), truingData(draft))}
              className="self-start"
              testID="record-truing"
            />
            {rounds.length ? (
              <Txt bold heading={2}>
                {words.earlier}
              </Txt>
            ) : null}
            {[...rounds].reverse().map((round) => {
              const judged = wheelTruing({ ...round.data, ...(limits && { limits }) });
              return (
                <View key={round.id} className="min-h-[44px] flex-row items-center gap-2 border-b border-rule">
                  <Mark verdict={judged.verdict} size={22} />
                  <Txt className="min-w-0 flex-1">
                    {words.round(dateText(new Date(round.at), 'd MMM yyyy, HH:mm'), round.person)}
                  </Txt>
                  <Txt tone={judged.verdict}>{verdictWords[judged.verdict]}</Txt>
                </View>
              );
            })}
          </View>
        </View>
      </View>
    </Screen>
  );
}
