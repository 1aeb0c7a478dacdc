import type { JobEventData } from '@cricket/core/job-events';
import type { Step } from '@cricket/core/procedure';
import type { Place } from '@cricket/core/model';
import { View } from 'react-native';

import type { PendingWrite } from '../../data/outbox-store';
import { words as stepWords } from '../../job/steps/words';
import { outbox } from '../../data/shared-outbox';
import { useOutbox } from '../../data/use-outbox';
import { useWrites } from '../../data/use-writes';
import { dateText } from '../../ui/date-text';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import { words as all } from './words';
import { say } from '../../ui/say';

const words = all.refusedHere;

interface RefusedStep {
  write: PendingWrite;
  place: Place;
  data: JobEventData<'step'>;
}

/** What was entered at this step, perhaps without network, and the server did not take: a question, where it can be answered. */
export function RefusedHere({ bikeId, step }: { bikeId: string; step: Step }) {
  const { writes } = useOutbox();
  const { addEvent } = useWrites();
  const refused = writes.flatMap((write) => refusedAt(write, bikeId, step.id));
  // What was done stays what happened, whatever the step is now.
  const lookAgain = async ({ write, place, data }: RefusedStep) => {
    await addEvent(bikeId, 'note', place, { words: happened(write, data, step) });
    await outbox.discard(write.seq);
  };
  return (
    <>
      {refused.map(({ write, place, data }) => (
        <View key={write.seq} className="mx-4 my-2 gap-2 border-2 border-stop p-3" role="alert" testID="refused-here">
          <Txt bold>{words.title}</Txt>
          <Txt verbatim>{happened(write, data, step)}</Txt>
          <Txt tone="stop" bold>
            {write.refused!.title}
          </Txt>
          {write.refused!.errors.map(({ path, messages }) => (
            <Txt key={path}>{messages.join(', ')}</Txt>
          ))}
          <View className="flex-row gap-2">
            <Button label={words.again} onPress={() => void outbox.sendAgain(write.seq)} className="flex-1" />
            <Button
              label={words.look}
              look="do"
              onPress={() => void lookAgain({ write, place, data })}
              className="flex-1"
              testID="look-again"
            />
          </View>
        </View>
      ))}
    </>
  );
}

function refusedAt(write: PendingWrite, bikeId: string, stepId: string): RefusedStep[] {
  if (!write.refused || write.about.kind !== 'event' || write.about.bikeId !== bikeId) return [];
  const { kind, place, data } = write.body as { kind: string; place: Place; data?: JobEventData<'step'> };
  return kind === 'step' && data?.stepId === stepId ? [{ write, place, data }] : [];
}

/** What was entered, in words that stay readable as a note. */
function happened(
  { person, madeAt }: PendingWrite,
  { how, because, readings = [] }: JobEventData<'step'>,
  { title, checks }: Step,
): string {
  const figures = readings.map(({ check, value }) => {
    const asked = checks.find(({ id }) => id === check);
    return `${say(asked && 'what' in asked ? asked.what : check)} ${value}`;
  });
  const parts = [stepWords.endings[how], because, ...figures].filter(Boolean).join(' · ');
  return words.happened(person, dateText(new Date(madeAt), 'd MMM HH:mm'), say(title), parts).slice(0, 1000);
}
