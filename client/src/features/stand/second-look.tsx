import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { JobFacts, StepState } from '@cricket/core/procedure';
import { axleAt } from '@cricket/core/model';
import { useState } from 'react';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { useWrites } from '../../data/use-writes';
import { PhotoStrip } from '../../job/photos/photo-strip';
import { HandOver } from '../../session/hand-over';
import { RoleButton } from '../../session/role-button';
import { useMe } from '../../data/use-session';
import { Button } from '../../ui/button';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { AskBecause } from './ask-because';
import { looks } from './second-person';
import { words } from './words';
import { standPath } from '../../ui/pages';
import { say } from '../../ui/say';

export interface SecondLookProps {
  record: BikeRecord;
  job: JobFacts;
  steps: readonly StepState[];
}

/** Everything of one bike that waits for a second person, looked at in one go. */
export function SecondLook({ record, job, steps }: SecondLookProps) {
  const me = useMe();
  const waiting = steps.filter(({ awaitsSecond }) => awaitsSecond);
  const mine = waiting.filter(({ person }) => person === me.name);
  return (
    <Screen title={words.secondLook.title} tag={record.bike.tag} backTo={standPath(record.bike.id)}>
      <View className="max-w-[640px]">
        {waiting.length > 0 ? <Txt className="px-4 py-2">{words.secondLook.lead}</Txt> : null}
        {waiting.length === 0 ? <Notice title={words.secondLook.none} because={words.secondLook.noneWhy} /> : null}
        {mine.length > 0 ? (
          <View className="mx-4 my-2 border-2 border-ink p-3">
            <HandOver title={words.secondTakes} to={looks} />
          </View>
        ) : null}
        {waiting.map((state) => (
          <ToBeSeen
            key={state.step.id}
            record={record}
            atEnd={job.ends[0]!.end}
            state={state}
            own={state.person === me.name}
          />
        ))}
      </View>
    </Screen>
  );
}

interface ToBeSeenProps {
  record: BikeRecord;
  /** The end that steps of the whole job are recorded under. */
  atEnd: End;
  state: StepState;
  /** Done by who is at this phone. */
  own: boolean;
}

/** One step as it was done, and the second person's two answers. */
function ToBeSeen({ record, atEnd, state, own }: ToBeSeenProps) {
  const { step, person, readings } = state;
  const { addEvent } = useWrites();
  const [asking, setAsking] = useState(false);
  const tell = (how: 'confirmed' | 'problem', more: object = {}) =>
    void addEvent(record.bike.id, 'step', axleAt(step.end ?? atEnd), { stepId: step.id, how, ...more });
  const found = new Map(readings.map(({ check, value }) => [check, value]));
  return (
    <View className="gap-1 border-b-2 border-ink px-4 py-3" testID={`look-${step.id}`}>
      <ToPage
        aria-label={`${words.secondLook.toStep}: ${say(step.title)}`}
        to={standPath(record.bike.id, step.id)}
        className="min-h-[48px] justify-center"
      >
        <Txt size="lead" bold className="underline">
          {say(step.end ? `${say(step.title)} · ${words.ends[step.end]}` : step.title)}
        </Txt>
      </ToPage>
      {step.checks.map((check) => {
        const value = found.get(check.id);
        if (check.kind === 'second-person') return null;
        if (check.kind === 'photo') {
          return <PhotoStrip key={check.id} record={record} about={check.about} title={say(check.what)} />;
        }
        const unit = check.kind === 'torque' ? 'N·m' : check.kind === 'measure' ? check.unit : '';
        return (
          <View key={check.id} className="flex-row justify-between gap-3">
            <Txt className="min-w-0 flex-1">{say(check.what)}</Txt>
            {value === undefined ? null : <Txt figure bold>{`${figure(value)} ${unit}`}</Txt>}
          </View>
        );
      })}
      {step.checks.map((check) =>
        check.kind === 'second-person' && check.atOnce ? (
          <Txt key={check.id} bold>
            {say(check.what)}
          </Txt>
        ) : null,
      )}
      <Txt size="label" tone="soft">
        {words.doneBy(person ?? '')}
      </Txt>
      {own ? null : asking ? (
        <AskBecause
          ending="problem"
          onKeep={(because) => {
            tell('problem', { because });
            setAsking(false);
          }}
          onCancel={() => setAsking(false)}
        />
      ) : (
        <View className="flex-row gap-2 pt-2">
          <Button label={words.secondLook.notRight} onPress={() => setAsking(true)} className="flex-1" />
          <RoleButton
            needs="work"
            label={words.confirmSecond}
            look="do"
            onPress={() => tell('confirmed')}
            className="flex-1"
            testID={`confirm-${step.id}`}
          />
        </View>
      )}
    </View>
  );
}
