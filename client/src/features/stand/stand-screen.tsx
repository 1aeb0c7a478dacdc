import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { routes } from '@cricket/contract/routes';
import { isEnded, jobTime, stepInHand } from '@cricket/core/procedure';

import { HandOver } from '../../session/hand-over';
import { useMe } from '../../data/use-session';
import { changeSettings, useSettings } from '../../settings/settings';
import { SheetLinks } from '../../ui/sheet-links';
import { Segments } from '../../ui/segments';
import { hours } from '../../ui/figures';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useEscape } from '../../ui/use-escape';
import { useGoneTo } from '../../ui/use-gone-to';
import { BriefPage } from './brief-page';
import { SecondLook } from './second-look';
import { StationStrip } from './station-strip';
import { StepList } from './step-list';
import { StoodInList } from '../../job/steps/stood-in-list';
import { StepPage } from './step-page';
import { nextRetorqueOf } from './next-retorque';
import { useStand } from '../../job/steps/use-stand';
import { Vouch } from '../../job/vouch/vouch';
import { leftText, useWaits } from './use-waits';
import { useWakeLock } from './use-wake-lock';
import { words } from './words';
import { bikePath, endPath, secondLookPath, standPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** One step at a time, for one thumb; or all of them as a list. */
export function StandScreen() {
  const { bikeId, step: inAddress, look } = useLocalSearchParams<{ bikeId: string; step?: string; look?: string }>();
  const router = useRouter();
  const { at: asked, go } = useGoneTo(inAddress);
  const stand = useStand(bikeId);
  const waits = useWaits(bikeId);
  const [all, setAll] = useState(false);
  const [handing, setHanding] = useState(false);
  const me = useMe();
  useEscape(handing ? () => setHanding(false) : all ? () => setAll(false) : null);
  // The step at which the page stands: what another phone ends meanwhile does not move it away under the thumb.
  const [stays, setStays] = useState<string | null>(null);
  const { plan } = useSettings();
  useWakeLock();
  const { record, states, job, steps, limits, logged, isPending, refetch } = stand;
  if (!record || !states) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  if (!job) {
    return (
      <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice
          title={words.noWheel}
          because={words.noWheelWhy}
          action={{ label: words.toFit, onPress: () => router.navigate(endPath(bikeId, 'front', 'fit')) }}
        />
      </Screen>
    );
  }
  if (look === 'second') return <SecondLook record={record} job={job} steps={steps} />;
  const inHand = stepInHand(steps);
  // Cards hold their own place.
  if (stays === null && inHand && plan === 'led') setStays(inHand.step.id);
  const current = steps.find(({ step }) => step.id === (asked ?? stays)) ?? inHand;
  const unseen = steps.filter(({ awaitsSecond }) => awaitsSecond).length;
  const open = steps.filter((state) => !isEnded(state));
  const { p50, p90 } = jobTime(
    open.map(({ step }) => step),
    logged,
  );
  const goTo = (stepId: string | null) => {
    setAll(false);
    setStays(null);
    go(stepId ?? undefined, () => router.replace(standPath(bikeId, stepId ?? undefined)));
  };
  const at = current ? steps.indexOf(current) : steps.length;
  const fixed = (
    <View className="gap-1 px-4 pb-1">
      <StationStrip steps={steps} current={current?.step.id ?? null} />
      <View className="flex-row items-center justify-between">
        <Txt size="label" figure tone="soft">
          {[words.place(Math.min(at + 1, steps.length), steps.length), words.left(hours(p50), hours(p90))].join(' · ')}
        </Txt>
        <Pressable
          role="button"
          aria-expanded={handing}
          aria-label={words.handOver(me.name)}
          onPress={() => setHanding(!handing)}
          className="min-h-[48px] justify-center px-2"
          testID="hand-over"
        >
          <Txt bold className="underline">
            {me.name}
          </Txt>
        </Pressable>
        <Pressable
          role="button"
          onPress={() => setAll(!all)}
          className="min-h-[48px] justify-center"
          testID="all-steps"
        >
          <Txt className="underline">{all ? words.hideAll : words.all}</Txt>
        </Pressable>
      </View>
      {handing ? <HandOver onTaken={() => setHanding(false)} /> : null}
      {unseen > 0 ? (
        <ToPage
          to={secondLookPath(bikeId)}
          className="min-h-[48px] justify-center border-t border-rule"
          testID="to-second-look"
        >
          <Txt bold className="underline">
            {words.secondLook.waiting(unseen)}
          </Txt>
        </ToPage>
      ) : null}
      {waits.waits.map((wait) => (
        <View key={wait.stepId} className="flex-row items-center justify-between border-t border-rule" role="timer">
          <Txt bold>{words.waits(wait.what, leftText(wait.until, waits.now) ?? words.waitOver)}</Txt>
          <Pressable role="button" onPress={() => waits.stop(wait.stepId)} className="min-h-[48px] justify-center px-2">
            <Txt className="underline">{words.stopWait}</Txt>
          </Pressable>
        </View>
      ))}
    </View>
  );
  if (!all && plan === 'brief' && !asked && inHand) {
    return <BriefPage record={record} job={job} steps={steps} fixed={fixed} onStep={goTo} onWait={waits.start} />;
  }
  if (all || !current) {
    const left = steps.filter(({ how }) => how === 'skipped' || how === 'problem').length;
    return (
      <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)} fixed={fixed}>
        <Vouch record={record} />
        <StoodInList steps={steps} />
        {current ? null : (
          <Notice title={words.allDone} because={left ? words.notYet(left) : words.allDoneWhy(nextRetorqueOf(steps))} />
        )}
        <View className="px-4 pb-2">
          <Segments
            label={words.title}
            options={[
              ['led', words.brief.led],
              ['brief', words.brief.cards],
            ]}
            value={plan}
            onChange={(next) => {
              changeSettings({ plan: next });
              goTo(null);
            }}
          />
        </View>
        <View className="mx-4 mb-2 flex-row flex-wrap gap-2">
          <SheetLinks label={words.sheet} href={routes.jobSheet(bikeId)} />
        </View>
        <StepList steps={steps} current={current?.step.id ?? null} onPick={goTo} />
      </Screen>
    );
  }
  return (
    <StepPage
      key={current.step.id}
      record={record}
      job={job}
      states={states}
      steps={steps}
      current={current}
      limits={limits}
      fixed={fixed}
      onGo={goTo}
      onWait={waits.start}
    />
  );
}
