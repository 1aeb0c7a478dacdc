import type { End } from '@cricket/core/features';
import { defaultLimits, withLimits } from '@cricket/core/limits';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';

import { useBikeEnd } from '../../job/bike/use-bike-end';
import { FindingRow } from '../../job/findings/finding-row';
import { waysOn, whenceOf } from '../../job/findings/ways-out';
import { Button } from '../../ui/button';
import { Mark, verdictWords } from '../../ui/mark';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { Slider } from '../../ui/slider';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { ArmDrawing } from './arm-drawing';
import { BalanceDrawing } from './balance-drawing';
import { useLock } from './use-lock';
import { words } from './words';
import { bikePath, endPath, measurePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { say } from '../../ui/say';

/** What holds the axle: two beams, nuts tight and slack, that answer to every push. */
export function LockScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const wide = useWide();
  const { width } = useWindowDimensions();
  const { record, state, workshop, isPending, refetch } = useBikeEnd(bikeId, end);
  const fit = state?.fit ?? null;
  const { plan, input, result, changed, set, reset } = useLock(fit);
  const [how, setHow] = useState(false);
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  if (!fit || !input || !result) {
    const action = fit
      ? { label: words.toMeasure, onPress: () => router.navigate(measurePath(bikeId, end)) }
      : { label: words.toMatch, onPress: () => router.navigate(endPath(bikeId, end, 'match')) };
    return (
      <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice title={fit ? words.notMeasured : words.noKit} action={action} />
      </Screen>
    );
  }
  const limits = workshop.limits ? withLimits(workshop.limits) : defaultLimits;
  const factor = input.regen ? Math.max(limits.safetyFactor, limits.safetyFactorRegen) : limits.safetyFactor;
  const least = end === 'front' ? limits.safetyFront : limits.safetyRear;
  const column = wide ? Math.min(620, (width - 300) / 2) : width;
  const arms = [...input.sides.left.arms, ...input.sides.right.arms];
  const arm = arms[0] ?? null;
  const placement = fit.arms?.chosen[0] ?? fit.arms?.placements[0] ?? null;
  const phaseA = input.phaseA;
  const sliders = (
    <View className="gap-1 py-2">
      <Slider
        label={words.nut}
        shown={words.nm(plan.nutNm ?? input.sides.left.nutTorqueNm)}
        value={plan.nutNm ?? input.sides.left.nutTorqueNm}
        min={5}
        max={80}
        step={1}
        onChange={(nutNm) => set({ nutNm })}
        testID="slide-nut"
      />
      <View className="gap-1 px-4 py-1">
        <Txt>{words.arms}</Txt>
        <Segments
          label={words.arms}
          options={[
            ['0', words.armCount.none],
            ['1', words.armCount.one],
            ['2', words.armCount.two],
          ]}
          value={String(arms.length)}
          onChange={(count) => set({ arms: Number(count) as 0 | 1 | 2 })}
        />
      </View>
      {arm ? (
        <Slider
          label={words.armLength}
          shown={words.mm(arm.lengthMm)}
          value={arm.lengthMm}
          min={40}
          max={200}
          step={5}
          onChange={(armLengthMm) => set({ armLengthMm })}
          testID="slide-arm"
        />
      ) : null}
      <Slider
        label={phaseA === undefined ? words.torqueShare : words.current}
        shown={`${phaseA === undefined ? words.percent(100 * plan.share) : words.amps(phaseA * plan.share)} · ${words.nm(input.peakTorqueNm)}`}
        value={Math.round(100 * plan.share)}
        min={30}
        max={100}
        step={1}
        onChange={(percent) => set({ share: percent / 100 })}
        testID="slide-current"
      />
      {changed ? <Button label={words.back} onPress={reset} className="mx-4 self-start" /> : null}
    </View>
  );
  return (
    <Screen title={`${words.title} · ${state.wheel!.code}`} tag={record.bike.tag} backTo={bikePath(bikeId)}>
      <View className={wide ? 'flex-row' : ''}>
        <View style={wide ? { width: column } : undefined}>
          <View className="border-y-2 border-ink bg-sheet py-2" testID="balance">
            <BalanceDrawing
              result={result}
              plainNm={input.peakTorqueNm}
              factoredNm={factor * input.peakTorqueNm}
              leastTight={least}
              width={column}
            />
          </View>
          <View className="flex-row items-center gap-2 px-4 pt-3" aria-live="polite" testID="lock-verdict">
            <Mark verdict={result.verdict} size={30} />
            <Txt size="title" bold tone={result.verdict}>
              {verdictWords[result.verdict]}
            </Txt>
            <Txt figure bold size="lead">{`${times(result.safety)} · ${times(result.safetySlack)}`}</Txt>
          </View>
          <Txt size="label" tone="soft" className="px-4">
            {`${words.tight} ${words.asked(times(least))} · ${words.slack} ${words.asked(times(limits.safetySlack))}`}
          </Txt>
          {sliders}
        </View>
        <View className="min-w-0 flex-1">
          <View className="border-y-2 border-ink bg-sheet" role="img" aria-label={words.side}>
            <ArmDrawing
              arm={arm ? placement : null}
              facts={state.facts}
              lengthMm={arm?.lengthMm ?? 90}
              clampN={result.clampForceN[0] ?? null}
              width={wide ? width - 300 - column : width}
            />
          </View>
          {result.remedies.length > 0 ? (
            <View className="px-4 py-3">
              <Txt bold heading={2}>
                {words.remedies}
              </Txt>
              {result.remedies.map(({ actions, safety, safetySlack }) => (
                <View key={actions.map(say).join()} className="border-b border-rule py-2">
                  <Txt>{actions.map(say).join(' ')}</Txt>
                  <Txt size="label" figure tone="soft">
                    {words.remedy(safety.toFixed(2), safetySlack.toFixed(2))}
                  </Txt>
                </View>
              ))}
            </View>
          ) : null}
          {result.findings.map((finding) => (
            <FindingRow
              key={`${finding.id}-${finding.verdict}`}
              finding={finding}
              openAtFirst={finding.verdict === 'stop'}
              ways={state.wheel ? waysOn(finding, whenceOf(record, end, state.wheel)) : []}
            />
          ))}
          <Pressable
            role="button"
            aria-expanded={how}
            onPress={() => setHow(!how)}
            className="min-h-[48px] justify-center px-4"
          >
            <Txt className="underline">{words.how}</Txt>
          </Pressable>
          {how ? (
            <View className="gap-1 px-4 pb-2">
              {words.howLines.map((line) => (
                <Txt key={line}>{line}</Txt>
              ))}
            </View>
          ) : null}
          <Txt size="label" tone="soft" className="px-4 py-2">
            {words.estimate}
          </Txt>
        </View>
      </View>
    </Screen>
  );
}

function times(value: number): string {
  return `${value >= 100 ? '> 99' : value.toFixed(2)} ×`;
}
