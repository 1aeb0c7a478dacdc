import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { LimitsInput } from '@cricket/core/limits';
import type { EndState } from '@cricket/core/next-action';
import type { JobEventData } from '@cricket/core/job-events';
import { isEnded, type JobFacts, type StepState } from '@cricket/core/procedure';
import { useRef, useState, type ReactNode } from 'react';
import { useWindowDimensions, View } from 'react-native';

import { useDraft } from '../../data/use-draft';
import { changeSettings, useSettings } from '../../settings/settings';
import { WorkButton } from '../../session/role-button';
import { useMe } from '../../data/use-session';
import { dateText } from '../../ui/date-text';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { AskBecause } from './ask-because';
import { CheckRow } from './check-row';
import { notReady, toCheck } from './not-ready';
import { asRecorded, mayBeDone, missingParts, withFigure, withTick, type CheckValues } from './check-values';
import { FirstComes } from './first-comes';
import { Meanwhile } from './meanwhile';
import { countedBefore } from './parcel-panel';
import { RefusedHere } from './refused-here';
import { SecondPerson } from './second-person';
import { StandIn } from './stand-in';
import { StoodInList } from '../../job/steps/stood-in-list';
import { stepAloud } from './step-aloud';
import { StepExtras } from './step-extras';
import { StepDrawing } from './step-drawing';
import { useEnding } from './use-ending';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { say } from '../../ui/say';
import { words as vouchWords } from '../../job/vouch/words';

export interface StepPageProps {
  record: BikeRecord;
  job: JobFacts;
  states: Partial<Record<End, EndState>>;
  steps: readonly StepState[];
  current: StepState;
  limits: LimitsInput | undefined;
  fixed: ReactNode;
  onGo: (stepId: string | null) => void;
  onWait: (stepId: string, what: string, minutes: number) => void;
}

/** Rotor bolts in a star, where the fit says nothing else. */
const usualStar = [1, 4, 2, 5, 3, 6];

/** One step: what to do, why, what to look at, and the thumb's three answers. */
export function StepPage({ record, job, states, steps, current, limits, fixed, onGo, onWait }: StepPageProps) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const { stands } = useSettings();
  const me = useMe();
  const place = `cricket-step/${record.bike.id}/${current.step.id}/${me.id}`;
  const draft = useDraft<CheckValues>(place, startOf(current, record));
  const values = draft.value;
  const atEnd = useRef<(() => void) | null>(null);
  const [asking, setAsking] = useState<'skipped' | 'problem' | 'stood-in' | null>(null);
  // From opening the step to its end.
  const [began] = useState(() => Date.now());
  const { step, how, waitsFor } = current;
  const endJob = job.ends.find(({ end }) => end === step.end) ?? job.ends[0]!;
  const bikeId = record.bike.id;
  const ended = isEnded(current);
  const base = step.id.split('.')[0]!;
  const at = steps.indexOf(current);
  // On a wide screen what to do stands left, what to check right of it.
  const column = wide ? Math.max(360, Math.min(520, (width - 480) / 2)) : width;
  const fit = states[endJob.end]?.fit ?? null;

  const ending = useEnding(record, job, onWait);
  // Somebody else has ended the step while it was open here.
  const [wasEnded, setWasEnded] = useState(ended);
  const meanwhile = ended && !wasEnded;
  // What was put in here and overtaken stays aside: an ended step shows what is recorded of it.
  const shown = ended ? startOf(current, record) : values;
  const tell = (how: JobEventData<'step'>['how'], more: object = {}) => {
    setWasEnded(how !== 'undone');
    ending.tell(step, how, more);
  };
  const onwards = () => onGo(steps[at + 1]?.step.id ?? null);
  const done = () => {
    setWasEnded(true);
    atEnd.current?.();
    ending.done(step, values, (Date.now() - began) / 60_000);
    draft.drop();
    // What the next step covers up is looked at here, before it.
    if (step.checks.some((check) => check.kind === 'second-person' && check.atOnce)) onGo(step.id);
    else onwards();
  };
  const noted = (as: 'skipped' | 'problem' | 'stood-in', because: string) => {
    atEnd.current?.();
    tell(as, { because });
    setAsking(null);
    // A problem stays in sight until it is put right.
    if (as === 'problem') onGo(step.id);
    else onwards();
  };
  // Where safety hangs on a step a learner's word is not enough.
  const Done = step.safety ? WorkButton : Button;
  const [firstWaited] = waitsFor.flatMap((id) => steps.filter((other) => other.step.id === id));
  const ready = mayBeDone(step, values);
  const missing = missingParts(step, values);
  const missingSaid = how === 'problem' && current.because === words.parcel.missing(missing);
  const undo = () => {
    // What was entered is put right, not entered anew.
    draft.change(shown);
    tell('undone');
  };
  const footer = ended ? (
    <View className="flex-row gap-2">
      <Button label={words.undo} onPress={undo} className="flex-1" />
      <Button label={words.next} look="do" onPress={onwards} className="flex-1" testID="next-step" />
    </View>
  ) : (
    <View className="gap-2">
      <View className="flex-row gap-2">
        <Button label={words.problem} onPress={() => setAsking('problem')} className="flex-1" />
        {step.signed ? null : (
          <Button
            label={step.safety ? words.standIn.button : words.skip}
            onPress={() => setAsking(step.safety ? 'stood-in' : 'skipped')}
            className="flex-1"
            testID="step-skip"
          />
        )}
      </View>
      {firstWaited ? (
        <Button
          label={words.waitsFirst(say(firstWaited.step.title))}
          look="do"
          onPress={() => onGo(firstWaited.step.id)}
          className="min-h-[72px]"
          testID="go-first"
        />
      ) : step.signed ? null : missing.length > 0 ? (
        <Button
          label={missingSaid ? words.parcel.waits : words.parcel.short}
          look="do"
          disabled={missingSaid}
          onPress={() => noted('problem', words.parcel.missing(missing))}
          className="min-h-[72px]"
          testID="record-missing"
        />
      ) : (
        <Done
          label={notReady(ready) ?? (step.checks.length > 0 ? words.doneAll : words.done)}
          look={ready.may ? 'do' : 'other'}
          onPress={ready.may ? done : () => toCheck(step.id, ready)}
          className="min-h-[72px]"
          testID="step-done"
        />
      )}
    </View>
  );
  return (
    <Screen
      title={words.stations[step.station]}
      tag={record.bike.tag}
      backTo={bikePath(bikeId)}
      fixed={fixed}
      footer={footer}
    >
      <View className={wide ? 'flex-row items-start gap-6' : ''} testID="step" aria-live="polite">
        <View style={{ width: column }}>
          <StepDrawing
            bike={record.bike}
            step={step}
            end={endJob}
            turned={stands === 'upside-down'}
            width={column}
            boltOrder={fit?.rotor?.tighteningOrder.length ? fit.rotor.tighteningOrder : usualStar}
          />
          <View className="gap-2 px-4 py-3">
            <Txt begins size="stand" bold heading={2} testID="step-title">
              {say(step.title)}
            </Txt>
            <Txt size="lead">{say(step.why)}</Txt>
            {step.because || job.ends.length > 1 ? (
              <Txt tone="soft">
                {[...(step.end ? [words.ends[step.end]] : []), ...(step.because ? [step.because] : [])]
                  .map(say)
                  .join(' · ')}
              </Txt>
            ) : null}
            {step.school ? (
              <Txt tone="soft">{words.school(say(step.school.chosen), say(step.school.other))}</Txt>
            ) : null}
            {step.tools.length > 0 ? <Txt>{`${words.tools}: ${step.tools.map(say).join(', ')}`}</Txt> : null}
            {step.parts.length > 0 ? <Txt>{`${words.parts}: ${step.parts.map(say).join(', ')}`}</Txt> : null}
          </View>
          {waitsFor.length > 0 && !ended ? (
            <FirstComes bikeId={bikeId} others={steps.filter((other) => waitsFor.includes(other.step.id))} />
          ) : null}
          {step.cautions.length > 0 ? (
            <View className="mx-4 mb-2 gap-1 border-l-8 border-stop bg-sheet px-3 py-2">
              {step.cautions.map((caution) => (
                <Txt key={say(caution)} bold>
                  {say(caution)}
                </Txt>
              ))}
            </View>
          ) : null}
        </View>
        <View className={wide ? 'min-w-0 flex-1 border-l border-rule' : ''}>
          {how === 'open' || how === 'problem' ? null : (
            <View className="px-4 py-2">
              <Txt bold verbatim tone={how === 'done' ? 'goes' : 'work'} testID="step-ended">
                {[words.endedBy[how], ...(current.person ? [words.by(current.person)] : []), current.because]
                  .filter(Boolean)
                  .join(' · ')}
              </Txt>
              {current.confirmedBy ? <Txt>{words.confirmedBy(current.confirmedBy)}</Txt> : null}
            </View>
          )}
          {meanwhile ? <Meanwhile current={current} mine={values} /> : null}
          <RefusedHere bikeId={bikeId} step={step} />
          {current.elsewhere && how === 'open' ? (
            <Txt bold tone="work" className="px-4 py-2" testID="elsewhere">
              {vouchWords.elsewhere(current.elsewhere.person, dateText(new Date(current.elsewhere.at), 'd MMM yyyy'))}
            </Txt>
          ) : null}
          {how === 'problem' ? (
            <Txt bold verbatim tone="stop" role="alert" className="px-4 py-2">
              {`${words.endedBy.problem} · ${current.because ?? ''}`}
            </Txt>
          ) : null}
          {current.awaitsSecond ? (
            <SecondPerson doneBy={current.person ?? ''} onConfirm={() => tell('confirmed')} />
          ) : null}
          {asking === 'stood-in' || (step.signed && !ended && waitsFor.length === 0) ? (
            <StandIn
              signed={step.signed}
              onKeep={(because) => noted('stood-in', because)}
              onCancel={step.signed ? null : () => setAsking(null)}
            />
          ) : null}
          {asking === 'skipped' || asking === 'problem' ? (
            <AskBecause
              key={asking}
              ending={asking}
              onKeep={(because) => noted(asking, because)}
              onCancel={() => setAsking(null)}
            />
          ) : null}
          {step.checks.map((check) => (
            <CheckRow
              key={check.id}
              check={check}
              record={record}
              stepId={step.id}
              values={shown}
              replaced={current.replaced.filter((old) => old.check === check.id)}
              disabled={ended}
              onTick={(id, ticked) => draft.change(withTick(values, id, ticked))}
              onFigure={(id, value) => draft.change(withFigure(values, id, value))}
            />
          ))}
          {step.station === 'hand-over' || step.station === 'ride' ? <StoodInList steps={steps} /> : null}
          <StepExtras
            record={record}
            job={job}
            end={endJob}
            state={states[endJob.end]!}
            base={base}
            values={shown}
            place={place}
            byItself={ended || waitsFor.length > 0}
            atEnd={atEnd}
            against={!ended && ready.against.length > 0}
            limits={limits}
            onGo={onGo}
          />
          <View className="flex-row flex-wrap items-end gap-3 px-4 py-4">
            <Button label={words.aloud} onPress={() => stepAloud(step)} />
            {at > 0 ? <Button label={words.before} onPress={() => onGo(steps[at - 1]!.step.id)} /> : null}
            <View className="max-w-full gap-1">
              <Txt size="label" tone="soft">
                {words.stands}
              </Txt>
              <Segments
                label={words.stands}
                options={Object.entries(words.standsOptions) as ['wheels-down' | 'upside-down', string][]}
                value={stands}
                onChange={(next) => changeSettings({ stands: next })}
              />
            </View>
          </View>
        </View>
      </View>
    </Screen>
  );
}

/** A step as it is recorded: how it ended, and what was counted of a parcel also where that was a problem. */
function startOf(current: StepState, record: BikeRecord): CheckValues {
  const { ticked, figures } = asRecorded(current);
  const { id, end } = current.step;
  const counted = id.startsWith('parcel-count') && end ? countedBefore(record, end) : {};
  return { ticked, figures: { ...counted, ...figures } };
}
