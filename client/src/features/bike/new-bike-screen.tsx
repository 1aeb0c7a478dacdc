import { useRouter } from 'expo-router';
import { useState } from 'react';

import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { DraftNotice } from '../../ui/draft-notice';
import { NotKept } from '../../ui/not-kept';
import { Screen } from '../../ui/screen';
import { BikeFormFields, bodyOf, useBikeForm } from './bike-form';
import { words } from './words';
import { bikePath } from '../../ui/pages';

/** Brings a bike in: a tag and a name, the rest may wait. */
export function NewBikeScreen() {
  const router = useRouter();
  const { form, draft } = useBikeForm();
  const { bringBikeIn } = useWrites();
  const [bikeId] = useState(() => crypto.randomUUID());
  const [sent, setSent] = useState(false);
  const keep = form.handleSubmit((fields) => {
    if (sent) return;
    setSent(true);
    draft.done();
    // Kept in the browser at once; the page of the bike shows it whether or not the server answers.
    void bringBikeIn(bikeId, bodyOf(fields));
    router.replace(bikePath(bikeId));
  });
  return (
    <Screen
      title={words.newTitle}
      backTo="/"
      footer={
        <>
          <NotKept control={form.control} />
          <RoleButton needs="work" label={words.saveNew} look="do" onPress={() => void keep()} />
        </>
      }
    >
      <DraftNotice draft={draft} />
      <BikeFormFields form={form} />
    </Screen>
  );
}
