import type { End } from '@cricket/core/features';
import { costTable } from '@cricket/core/job-cost';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Pressable, View } from 'react-native';

import { inHundred } from '../../ui/figure-text';
import { costLine } from '../../job/cost/cost-sums';
import { useHourlyRate } from '../../data/use-workshop';
import { nextSentence, purchaseWords } from '../../job/next/next-words';
import { useBikeEnd } from '../../job/bike/use-bike-end';
import type { AxlePart } from '@cricket/core/axle-scene';
import { featureWords } from '../../job/reading/feature-words';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Mark, verdictWords } from '../../ui/mark';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { useEscape } from '../../ui/use-escape';
import { useWide } from '../../ui/use-wide';
import { AnsweredFor } from './answered-for';
import { arrangementOf } from '../../job/stack/arrangement';
import { AxleDrawing } from './axle-drawing';
import { axleLineOf } from '@cricket/core/axle-scene';
import { BuiltUp } from './built-up';
import { FindingRow } from '../../job/findings/finding-row';
import { WayLink, WayLinks } from '../../job/findings/way-links';
import { waysOn, waysOut, whenceOf } from '../../job/findings/ways-out';
import { HandPanel } from '../../job/stack/hand-panel';
import { Holding } from './holding';
import { OverridePanel } from './override-panel';
import { StackList } from './stack-figures';
import { useAccept } from '../../job/stack/use-accept';
import { useFitChoice } from './use-fit-choice';
import { useOverriding } from './use-overriding';
import { words } from './words';
import { Working } from './working';
import { bikePath, endPath, measurePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { say } from '../../ui/say';

/** Whether the axle sits, and which washers go where: drawn, compared, changed by hand, taken. */
export function FitScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const wide = useWide();
  const hourlyRate = useHourlyRate();
  const { record, state, isPending, refetch } = useBikeEnd(bikeId, end);
  const fit = state?.fit ?? null;
  const choice = useFitChoice(state, `${bikeId}/${end}`);
  const accept = useAccept(bikeId, end, choice.key, () => {
    // It is recorded now.
    choice.dropHand();
    router.navigate(endPath(bikeId, end, 'stack'));
  });
  const overriding = useOverriding(record, end, state?.wheel?.id);
  const [part, setPart] = useState<AxlePart | null>(null);
  const [others, setOthers] = useState(false);
  const [working, setWorking] = useState(false);
  useArrowKeys(choice.show, choice.index);
  useEscape(others ? () => setOthers(false) : null);

  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const { wheel } = state;
  if (!wheel || !fit) {
    const refused = state.next.kind === 'refused' ? nextSentence(state.next) : null;
    return (
      <Screen title={refused ? refused.action : words.noWheel} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        {refused ? (
          <Notice title={verdictWords.stop} because={refused.because} />
        ) : (
          <Notice
            title={words.noWheel}
            because={words.noWheelWhy}
            action={{
              label: words.chooseWheel,
              onPress: () => router.navigate(endPath(bikeId, end, 'match')),
            }}
          />
        )}
      </Screen>
    );
  }
  const { stack, verdict, findings } = choice;
  const input = fit.stackInput;
  const data = axleLineOf(state, stack);
  const deciding = findings.filter(({ verdict: how }) => how !== 'goes');
  const impossible = fit.stack?.impossible;
  const whence = whenceOf(record, end, wheel);
  // Once everything is read: the reading whose repeat is worth most.
  const again = fit.measureNext.find(({ state: how }) => how === 'again') ?? null;
  const mayTake = stack !== null && (verdict === 'goes' || verdict === 'work');
  const [worst] = findings;
  const word = verdict === 'work' ? findings.find(({ overridden }) => overridden) : undefined;
  const headline =
    verdict === 'goes'
      ? words.goesAsIs
      : word
        ? words.onWordOf(word.overridden!.person, say(word.because))
        : (worst?.remedies[0] ?? worst?.because ?? '');
  const buttons = (
    <View className="flex-row gap-2">
      {choice.count > 1 ? (
        <Button
          label={others ? words.hideOthers : words.others(choice.count - 1)}
          onPress={() => setOthers(!others)}
          low={wide}
          className={wide ? 'w-44' : 'min-w-[132px]'}
        />
      ) : null}
      {stack ? (
        <RoleButton
          needs="work"
          label={accept.busy ? words.taking : words.take}
          look="do"
          disabled={!mayTake}
          low={wide}
          onPress={() => void accept.take(wheel.id, stack, choice.byHand)}
          className={wide ? 'w-56' : 'flex-1'}
          testID="take"
        />
      ) : null}
      {!stack && impossible ? (
        <Button
          label={words.otherWheel}
          onPress={() => router.navigate(endPath(bikeId, end, 'match'))}
          className="flex-1"
        />
      ) : null}
      {!stack && impossible?.purchase ? (
        <Button label={words.toStores} look="do" onPress={() => router.navigate('/stores')} className="flex-1" />
      ) : null}
      {!stack && !impossible ? (
        <Button
          label={words.toMeasure}
          look="do"
          onPress={() => router.navigate(measurePath(bikeId, end))}
          className="flex-1"
        />
      ) : null}
    </View>
  );
  const list = (
    <View>
      {deciding.map((finding, index) => (
        <FindingRow
          key={`${finding.id}-${finding.verdict}`}
          finding={finding}
          openAtFirst={finding.verdict === 'stop' || index === 0}
          ways={waysOn(finding, whence)}
        >
          <OverridePanel finding={finding} overriding={overriding} />
        </FindingRow>
      ))}
      <Holding findings={findings.filter(({ verdict: how }) => how === 'goes')} />
      <View className="flex-row flex-wrap gap-x-5 px-4 py-2">
        {fit.torque ? <WayLink label={words.toLock} path={endPath(bikeId, end, 'lock')} /> : null}
        {fit.gears ? <WayLink label={words.toGears} path={endPath(bikeId, end, 'gears')} /> : null}
        <WayLink label={words.toTemplate} path={endPath(bikeId, end, 'template')} />
        <WayLink label={words.toOrder} path={endPath(bikeId, end, 'order')} />
        {stack && input ? (
          <Pressable
            role="button"
            aria-expanded={working}
            onPress={() => setWorking(!working)}
            className="min-h-[48px] justify-center"
          >
            <Txt className="underline">{working ? words.howHide : words.howTitle}</Txt>
          </Pressable>
        ) : null}
      </View>
      {fit.adapter?.build ? <BuiltUp adapter={fit.adapter} /> : null}
      {working && stack && input ? <Working fit={fit} stack={stack} input={input} /> : null}
      <Txt size="label" tone="soft" className="px-4 py-2">
        {words.note}
      </Txt>
    </View>
  );
  return (
    <Screen
      title={words.title(end, wheel.code)}
      tag={wide ? undefined : record.bike.tag}
      backTo={bikePath(bikeId)}
      action={wide ? buttons : undefined}
      footer={wide ? undefined : buttons}
    >
      {accept.refused ? (
        <View role="alert" className="mx-4 mb-2 gap-1 border-2 border-stop bg-sheet p-3">
          <Txt bold>{words.refused}</Txt>
          {accept.refused.errors
            .flatMap(({ messages }) => messages)
            .map((message) => (
              <Txt key={message}>{message}</Txt>
            ))}
        </View>
      ) : null}
      <AnsweredFor record={record} />
      {data ? (
        <AxleDrawing
          data={data}
          end={end}
          selected={part?.key ?? null}
          onPick={(picked) => setPart(picked.key === part?.key ? null : picked)}
          onSwipe={(by) => choice.show(choice.index + by)}
        />
      ) : null}
      {part && stack && input ? (
        <HandPanel
          part={part}
          arrangement={arrangementOf(stack)}
          input={input}
          onChange={choice.change}
          onDone={() => setPart(null)}
        />
      ) : null}
      <View className={wide && others ? 'flex-row' : ''}>
        <View className="min-w-0 flex-1">
          <View className="gap-1 px-4 py-3" aria-live="polite" testID="verdict">
            <View className="flex-row items-center gap-2">
              <Mark verdict={verdict} size={30} />
              <Txt size="title" bold heading={2} tone={verdict}>
                {verdictWords[verdict]}
              </Txt>
            </View>
            <Txt size="lead" bold>
              {say(impossible?.purchase ? words.buy(purchaseWords(impossible.purchase)) : headline)}
            </Txt>
            {stack ? <Txt tone="soft">{words.firstTime(cap(inHundred(stack.firstTimeRight)))}</Txt> : null}
            {stack ? (
              <Txt size="label" figure tone="soft">
                {choice.byHand ? words.byHand : `${words.nth(choice.index + 1, choice.count)} · ${words.tapHint}`}
              </Txt>
            ) : null}
            {again ? (
              <WayLink
                label={words.worthAgain(featureWords(again.feature.id).title, say(again.because))}
                path={measurePath(bikeId, end, again.feature.id)}
              />
            ) : null}
            <WayLinks ways={waysOut(deciding, whence)} />
            {fit.minutes > 0 ? <Txt testID="costs">{costLine(costTable([fit], fit, hourlyRate))}</Txt> : null}
            {choice.byHand ? <Button label={words.dropHand} onPress={choice.dropHand} className="self-start" /> : null}
          </View>
          {others && !wide ? (
            <StackList
              stacks={fit.stack?.stacks ?? []}
              index={choice.byHand ? -1 : choice.index}
              onShow={choice.show}
            />
          ) : null}
          {list}
        </View>
        {others && wide ? (
          <View className="w-[420px] border-l border-rule">
            <StackList
              stacks={fit.stack?.stacks ?? []}
              index={choice.byHand ? -1 : choice.index}
              onShow={choice.show}
            />
          </View>
        ) : null}
      </View>
    </Screen>
  );
}

/** Arrow keys go through the stacks. */
function useArrowKeys(show: (index: number) => void, index: number): void {
  const latest = useRef({ show, index });
  useEffect(() => {
    latest.current = { show, index };
  });
  useEffect(() => {
    const onKey = ({ key, target }: KeyboardEvent) => {
      if ((target as HTMLElement | null)?.matches('input, textarea')) return;
      if (key === 'ArrowRight') latest.current.show(latest.current.index + 1);
      if (key === 'ArrowLeft') latest.current.show(latest.current.index - 1);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
