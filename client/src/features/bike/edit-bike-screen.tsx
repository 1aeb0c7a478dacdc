import type { Bike } from '@cricket/contract/shapes';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { routes } from '@cricket/contract/routes';
import { read, UnreachableError } from '../../data/api';
import { useBike } from '../../data/use-bikes';
import { useOutbox } from '../../data/use-outbox';
import { useWrites } from '../../data/use-writes';
import { outbox } from '../../data/shared-outbox';
import { saveFile } from '../../ui/save-file';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { DraftNotice } from '../../ui/draft-notice';
import { NotKept } from '../../ui/not-kept';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { BikeFormFields, bodyOf, fieldsOf, useBikeForm } from './bike-form';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** Changes a bike's own facts, or takes it out of the shop. */
export function EditBikeScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  return <EditForm key={bikeId} bike={record.bike} />;
}

function EditForm({ bike }: { bike: Bike }) {
  const router = useRouter();
  const { form, draft } = useBikeForm(bike);
  const { changeBike, takeBikeOut } = useWrites();
  const { writes } = useOutbox();
  const [version, setVersion] = useState(bike.version);
  const [theirs, setTheirs] = useState<Bike | null>(null);
  const [leaving, setLeaving] = useState(false);
  const [jobFailed, setJobFailed] = useState(false);
  const saveJob = async () => {
    try {
      const job = await read<object>(routes.job(bike.id));
      saveFile(`${bike.tag}-job.json`, 'application/json', `${JSON.stringify(job, null, 2)}\n`);
      setJobFailed(false);
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
      setJobFailed(true);
    }
  };
  const back = () => router.navigate(bikePath(bike.id));

  const keep = form.handleSubmit(async (fields) => {
    const outcome = await changeBike(bike.id, { ...bodyOf(fields), version });
    if (outcome.kind !== 'refused') {
      draft.done();
      return back();
    }
    await forgetRefused();
    if (outcome.problem.code === 'version-conflict') {
      const current = outcome.problem.current as Bike;
      setTheirs(current);
      setVersion(current.version);
    } else form.setError('tag', { message: outcome.problem.title });
  });
  /** What was refused is shown here, so it need not wait in the outbox. */
  const forgetRefused = async () => {
    for (const { seq, about } of outbox.snapshot().writes.filter(({ refused }) => refused)) {
      if (about.kind === 'bike-changed' && about.bikeId === bike.id) await outbox.discard(seq);
    }
  };
  const waits = writes.some(({ about }) => about.kind === 'bike-changed' && about.bikeId === bike.id);
  return (
    <Screen
      title={words.editTitle}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={
        <>
          <NotKept control={form.control} />
          <RoleButton
            needs="work"
            label={theirs ? words.keepMine : words.save}
            look="do"
            disabled={waits}
            onPress={() => void keep()}
          />
        </>
      }
    >
      <DraftNotice draft={draft} />
      {theirs ? (
        <View role="alert" className="mx-4 mb-4 gap-2 border-2 border-stop bg-sheet p-3">
          <Txt bold>{words.conflict}</Txt>
          <Txt>{words.conflictWhy(`${theirs.tag}, ${theirs.name}`)}</Txt>
          <Button
            label={words.takeTheirs}
            onPress={() => {
              form.reset(fieldsOf(theirs));
              setTheirs(null);
            }}
          />
        </View>
      ) : null}
      <BikeFormFields form={form} />
      <View className="max-w-[640px] gap-3 px-4 pt-6">
        <Button label={words.jobFile} onPress={() => void saveJob()} />
        {jobFailed ? <Txt tone="stop">{words.jobFailed}</Txt> : null}
        <RoleButton
          needs="work"
          label={leaving ? words.takeOutSure : words.takeOut}
          look="stop"
          onPress={() => {
            if (!leaving) return setLeaving(true);
            void takeBikeOut(bike.id);
            router.navigate('/');
          }}
        />
      </View>
    </Screen>
  );
}
