import { InputError, readInput } from '@cricket/core/input';
import { JobFile, largestJob } from '@cricket/core/job-file';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { Txt } from '../../ui/txt';
import { readBytes } from './table';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { say } from '../../ui/say';

/** Reads a job from its file: the bike with everything recorded of it, or nothing. */
export function JobIn() {
  const router = useRouter();
  const { importJob } = useWrites();
  const refusal = useRefusal<never>();
  const [job, setJob] = useState<JobFile | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const pick = async (file: File | undefined) => {
    setJob(null);
    setProblem(null);
    refusal.clear();
    if (!file) return;
    const bytes = readBytes(await file.arrayBuffer(), largestJob);
    if ('refused' in bytes) return setProblem(bytes.refused);
    try {
      setJob(readInput(JobFile, JSON.parse(bytes.text)));
    } catch (error) {
      if (error instanceof SyntaxError) setProblem(words.badJson(error.message));
      else if (error instanceof InputError) setProblem(say(error.says));
      else throw error;
    }
  };
  const take = async ({ record }: JobFile) => {
    const outcome = await importJob(record.bike.id, { format: job!.format, record });
    await refusal.settle(outcome);
    if (outcome.kind !== 'refused') router.navigate(bikePath(record.bike.id));
  };
  return (
    <View className="gap-2">
      <Txt tone="soft">{words.jobNote}</Txt>
      <input
        type="file"
        accept=".json,application/json"
        aria-label={words.choose}
        data-testid="choose-job"
        onChange={({ target }) => void pick(target.files?.[0])}
        className="min-h-[56px] w-full rounded-lg border-2 border-ink bg-sheet p-3 font-text text-body text-ink"
      />
      {problem ? (
        <Txt role="alert" tone="stop" bold>
          {problem}
        </Txt>
      ) : null}
      {refusal.messages.map((message) => (
        <Txt key={message} role="alert" tone="stop">
          {message}
        </Txt>
      ))}
      {job ? (
        <>
          <Txt bold>{words.jobPreview(job.record.bike.tag, job.record.bike.name, job.record.readings.length)}</Txt>
          <RoleButton
            needs="work"
            label={words.readJob}
            look="do"
            onPress={() => void take(job)}
            className="self-start"
            testID="job-in"
          />
        </>
      ) : null}
    </View>
  );
}
