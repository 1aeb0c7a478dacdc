import type { End } from '@cricket/core/features';
import { wheelLacing } from '@cricket/core/wheel-lacing';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { TextInput, useWindowDimensions, View } from 'react-native';

import { figure, inHundred, mm } from '../../ui/figure-text';
import { useBikeEnd } from '../../job/bike/use-bike-end';
import { keepDraft, keptDraft } from '../../data/local-draft';
import { FindingRow } from '../../job/findings/finding-row';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { Slider } from '../../ui/slider';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { useWide } from '../../ui/use-wide';
import { lacingFieldError, lacingInput, lacingStart, type LacingDraft, type LacingField } from './lacing-form';
import { WheelDrawing } from './wheel-drawing';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** Spoke lengths for a hub that comes without a rim, or to check a laced one. */
export function LacingScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const { record, state, workshop, isPending, refetch } = useBikeEnd(bikeId, end);
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const lengths = workshop.stores.flatMap((item) =>
    item.kind === 'spoke' && item.count > 0 && item.details?.lengthMm ? [item.details.lengthMm] : [],
  );
  return (
    <Lacing
      key={state.wheel?.id ?? 'none'}
      place={`lacing-${bikeId}-${end}`}
      start={lacingStart(state.wheel?.beadSeatMm ?? 622, state.wheel?.kit)}
      tag={record.bike.tag}
      bikeId={bikeId}
      peakTorqueNm={state.fit?.motor?.peakTorqueNm ?? null}
      lengths={lengths}
    />
  );
}

interface LacingProps {
  place: string;
  start: LacingDraft;
  tag: string;
  bikeId: string;
  peakTorqueNm: number | null;
  lengths: number[];
}

function Lacing({ place, start, tag, bikeId, peakTorqueNm, lengths }: LacingProps) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const [draft, setDraft] = useState(() => keptDraft<LacingDraft>(place) ?? start);
  const set = (change: Partial<LacingDraft>) => {
    const next = { ...draft, ...change };
    keepDraft(place, next);
    setDraft(next);
  };
  const input = useMemo(() => lacingInput(draft, peakTorqueNm, lengths), [draft, peakTorqueNm, lengths]);
  const result = useMemo(() => input && wheelLacing(input), [input]);
  const size = Math.min(wide ? 420 : width - 32, 420);
  return (
    <Screen title={words.title} tag={tag} backTo={bikePath(bikeId)}>
      <View className={wide ? 'flex-row' : ''}>
        <View className={wide ? 'w-[460px]' : ''}>
          <View className="items-center border-y-2 border-ink bg-sheet py-3">
            {input ? <WheelDrawing input={input} size={size} /> : <Txt className="px-4 py-8">{words.bad}</Txt>}
            <Txt size="label" tone="soft">
              {words.drawing}
            </Txt>
          </View>
          {result ? (
            <View className="px-4 py-3" testID="lacing-result">
              <VerdictLine verdict={result.verdict} />
              {(['left', 'right'] as const).map((side) => (
                <View key={side} className="min-h-[44px] flex-row items-center gap-3 border-b border-rule">
                  <Txt bold className="w-16">
                    {words.sides[side]}
                  </Txt>
                  <Txt figure bold size="title" className="w-24">
                    {mm(Number(result[side].lengthMm.toFixed(1)))}
                  </Txt>
                  <Txt
                    tone="soft"
                    className="min-w-0 flex-1"
                  >{`${words.stock}: ${result[side].stockMm === undefined ? words.noStock : mm(result[side].stockMm)}`}</Txt>
                  <Txt tone="soft">{`${words.angle} ${figure(Number(result[side].rimAngleDeg.toFixed(1)))}°`}</Txt>
                </View>
              ))}
              <Txt>
                {result.weakerSide === 'none'
                  ? words.even
                  : words.ratio(inHundred(result.tensionRatio), words.sides[result.weakerSide])}
              </Txt>
              {result.spokeLoadN === undefined ? null : <Txt>{words.load(`${Math.round(result.spokeLoadN)} N`)}</Txt>}
            </View>
          ) : null}
        </View>
        <View className="min-w-0 flex-1">
          <View className="gap-3 px-4 py-3">
            <View className="gap-1">
              <Txt bold>{words.pattern}</Txt>
              <Segments
                label={words.pattern}
                options={Object.entries(words.patterns) as ['crossed' | 'oneway', string][]}
                value={draft.pattern}
                onChange={(pattern) => set({ pattern })}
              />
            </View>
          </View>
          <Slider
            label={words.lead}
            shown={words.leads(draft.lead, draft.pattern === 'oneway')}
            value={draft.lead}
            min={0}
            max={4}
            step={1}
            onChange={(lead) => set({ lead })}
          />
          <View className="gap-3 px-4 py-2">
            <View className="flex-row gap-3">
              <Figure name="erd" label={words.erd} draft={draft} set={set} />
              <Figure name="spokes" label={words.spokes} draft={draft} set={set} />
            </View>
            <View className="flex-row gap-3">
              <Figure name="flange" label={words.flange} draft={draft} set={set} />
              <Figure name="hole" label={words.hole} draft={draft} set={set} />
            </View>
            <View className="flex-row gap-3">
              <Figure name="left" label={words.offset.left} draft={draft} set={set} />
              <Figure name="right" label={words.offset.right} draft={draft} set={set} />
            </View>
            <Figure name="spoke" label={words.spoke} draft={draft} set={set} />
          </View>
          {result?.findings.map((finding) => (
            <FindingRow key={finding.id} finding={finding} openAtFirst={finding.verdict === 'stop'} />
          ))}
        </View>
      </View>
    </Screen>
  );
}

interface FigureProps {
  name: LacingField;
  label: string;
  draft: LacingDraft;
  set: (change: Partial<LacingDraft>) => void;
}

function Figure({ name, label, draft, set }: FigureProps) {
  const error = lacingFieldError(name, draft[name]);
  return (
    <View className="min-w-0 flex-1 gap-1">
      <Txt>{label}</Txt>
      <TextInput
        value={draft[name]}
        onChangeText={(text) => set({ [name]: text })}
        inputMode="decimal"
        aria-label={label}
        aria-invalid={error !== null}
        className={`h-14 min-w-0 rounded-md border-2 bg-sheet px-3 font-figure text-lead text-ink ${error ? 'border-stop' : 'border-ink'}`}
      />
      {error ? (
        <Txt tone="stop" role="alert">
          {error}
        </Txt>
      ) : null}
    </View>
  );
}
