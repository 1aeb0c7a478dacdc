import type { BikeRecord } from '@cricket/contract/shapes';
import { briefPlan, isEnded, type BriefBlock, type JobFacts, type Step, type StepState } from '@cricket/core/procedure';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { WorkButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { CheckRow } from './check-row';
import {
  mayBeDone,
  missingParts,
  noValues,
  withFigure,
  withTick,
  type CheckValues,
  type Readiness,
} from './check-values';
import { notReady, toCheck } from './not-ready';
import { useEnding } from './use-ending';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { say } from '../../ui/say';

export interface BriefPageProps {
  record: BikeRecord;
  job: JobFacts;
  steps: readonly StepState[];
  fixed: ReactNode;
  /** Leads to one step by itself: problems, reasons, drawings and what else belongs to it stand there. */
  onStep: (stepId: string) => void;
  onWait: (stepId: string, what: string, minutes: number) => void;
}

/** The plan as cards for practised hands: the steps of a station together, safety steps each with their own end. */
export function BriefPage({ record, job, steps, fixed, onStep, onWait }: BriefPageProps) {
  const states = new Map(steps.map((state) => [state.step.id, state]));
  const cards = briefPlan(steps.map(({ step }) => step));
  const open = (block: BriefBlock) => block.steps.some(({ id }) => !isEnded(states.get(id)!));
  const first = cards.findIndex(({ blocks }) => blocks.some(open));
  // Only what was ended here moves the page on, never what another phone ends meanwhile.
  const [stays, setAt] = useState(first < 0 ? cards.length - 1 : first);
  const [endedHere, setEndedHere] = useState(false);
  const at = Math.min(stays, cards.length - 1);
  const card = cards[at]!;
  const finished = !card.blocks.some(open);
  if (endedHere && finished && first >= 0) {
    setEndedHere(false);
    setAt(first);
  }
  return (
    <Screen
      title={words.stations[card.station]}
      tag={record.bike.tag}
      backTo={bikePath(record.bike.id)}
      fixed={fixed}
      footer={
        <View className="flex-row gap-2">
          <Button label="‹" spoken={words.before} disabled={at === 0} onPress={() => setAt(at - 1)} className="w-16" />
          <Button
            label={words.next}
            look={finished ? 'do' : 'other'}
            disabled={at === cards.length - 1}
            onPress={() => {
              setEndedHere(false);
              setAt(at + 1);
            }}
            className="min-h-[64px] flex-1"
            testID="next-card"
          />
        </View>
      }
    >
      <Txt size="label" figure tone="soft" className="px-4" testID="card-place">
        {words.brief.card(at + 1, cards.length)}
      </Txt>
      {card.blocks.map((block) => (
        <Block
          key={block.steps[0]!.id}
          block={block}
          states={states}
          record={record}
          job={job}
          onStep={onStep}
          onWait={onWait}
          onEnded={() => setEndedHere(true)}
        />
      ))}
    </Screen>
  );
}

interface BlockProps {
  block: BriefBlock;
  states: ReadonlyMap<string, StepState>;
  record: BikeRecord;
  job: JobFacts;
  onStep: (stepId: string) => void;
  onWait: BriefPageProps['onWait'];
  onEnded: () => void;
}

/** What is ended with one touch: its steps with their checks as one list. */
function Block({ block, states, record, job, onStep, onWait, onEnded }: BlockProps) {
  const ending = useEnding(record, job, onWait);
  const [values, setValues] = useState<Readonly<Record<string, CheckValues>>>({});
  const [began] = useState(() => Date.now());
  const of = (id: string) => values[id] ?? noValues;
  const change = (id: string, next: CheckValues) => setValues({ ...values, [id]: next });
  const left = block.steps.filter(({ id }) => !isEnded(states.get(id)!));
  const inBlock = new Set(block.steps.map(({ id }) => id));
  const first = left.flatMap(({ id }) => states.get(id)!.waitsFor).find((id) => !inBlock.has(id));
  // A safety step stands by itself here: its one touch says that all of it was looked at. Figures are entered each.
  const ready = left.map((step) => mayBeDone(step, of(step.id), 'with-the-step'));
  const waitsAt = ready.findIndex(({ may }) => !may);
  const all: Readiness = {
    may: waitsAt < 0,
    open: ready.flatMap((one) => one.open),
    against: ready.flatMap((one) => one.against),
  };
  const signed = left.find((step) => step.signed);
  const short = left.find((step) => missingParts(step, of(step.id)).length > 0);
  const Done = left.some(({ safety }) => safety) ? WorkButton : Button;
  const done = () => {
    // The time of the card is shared by its steps as they usually share it.
    const usual = left.reduce((sum, { minutes }) => sum + minutes.typical, 0);
    const spent = (Date.now() - began) / 60_000;
    for (const step of left) ending.done(step, of(step.id), (spent * step.minutes.typical) / usual);
    onEnded();
  };
  return (
    <View
      className={`my-2 border-b-2 border-ink ${block.safety ? 'border-l-8 border-l-stop' : ''}`}
      testID={`block-${block.steps[0]!.id}`}
    >
      {block.steps.map((step) => (
        <StepLines
          key={step.id}
          step={step}
          state={states.get(step.id)!}
          values={of(step.id)}
          record={record}
          onChange={(next) => change(step.id, next)}
          onStep={() => onStep(step.id)}
        />
      ))}
      {left.length === 0 ? null : (
        <View className="px-4 py-3">
          {first ? (
            <Button
              label={words.waitsFirst(say(states.get(first)?.step.title ?? first))}
              onPress={() => onStep(first)}
              className="min-h-[60px]"
            />
          ) : signed ? (
            <Button label={words.standIn.signed} onPress={() => onStep(signed.id)} className="min-h-[60px]" />
          ) : short ? (
            <Button
              label={words.parcel.short}
              look="do"
              onPress={() => {
                ending.short(short, of(short.id));
                onStep(short.id);
              }}
              className="min-h-[60px]"
              testID={`short-${short.id}`}
            />
          ) : (
            <Done
              label={notReady(all) ?? (left.length > 1 ? words.brief.allDone : doneWords(left[0]!))}
              look={all.may ? 'do' : 'other'}
              onPress={all.may ? done : () => toCheck(left[waitsAt]!.id, ready[waitsAt]!)}
              className="min-h-[60px]"
              testID={`done-${block.steps[0]!.id}`}
            />
          )}
        </View>
      )}
    </View>
  );
}

/** What the one touch says: of a safety step how many looks it stands for. */
function doneWords({ safety, checks }: Step): string {
  const looks = checks.filter(({ kind }) => kind === 'confirm').length;
  return safety && looks > 0 ? words.brief.held(looks) : words.brief.blockDone;
}

function StepLines({
  step,
  state,
  values,
  record,
  onChange,
  onStep,
}: {
  step: Step;
  state: StepState;
  values: CheckValues;
  record: BikeRecord;
  onChange: (next: CheckValues) => void;
  onStep: () => void;
}) {
  const ended = isEnded(state);
  return (
    <View>
      <Pressable
        role="link"
        onPress={onStep}
        aria-label={`${words.brief.toStep}: ${say(step.title)}`}
        className="min-h-[48px] flex-row items-center gap-2 px-4 pt-1"
      >
        {ended ? <Mark verdict={state.how === 'done' ? 'goes' : 'work'} size={22} /> : null}
        <Txt size="lead" bold={!ended} tone={ended ? 'soft' : 'ink'} className="min-w-0 flex-1">
          {say(step.end ? `${say(step.title)} · ${words.ends[step.end]}` : step.title)}
        </Txt>
        <Txt aria-hidden>›</Txt>
      </Pressable>
      {ended ? null : (
        <>
          {step.parts.length > 0 ? <Txt className="px-4">{step.parts.map(say).join(', ')}</Txt> : null}
          {step.cautions.map((caution) => (
            <Txt key={say(caution)} bold tone="stop" className="px-4">
              {say(caution)}
            </Txt>
          ))}
          {step.checks.map((check) => (
            <CheckRow
              key={check.id}
              check={check}
              record={record}
              stepId={step.id}
              values={values}
              disabled={false}
              onTick={(id, ticked) => onChange(withTick(values, id, ticked))}
              onFigure={(id, value) => onChange(withFigure(values, id, value))}
            />
          ))}
        </>
      )}
    </View>
  );
}
