import type { BikeRecord } from '@cricket/contract/shapes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import type { FieldValues, Resolver, UseFormReturn } from 'react-hook-form';
import { View } from 'react-native';

import { useFormDraft } from '../../data/use-form-draft';
import { useTell } from '../../data/use-tell';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { DraftNotice } from '../../ui/draft-notice';
import { NotKept } from '../../ui/not-kept';
import type { Page } from '../../ui/pages';
import { Screen } from '../../ui/screen';
import { words } from './words';

export interface ToldFormProps<T extends FieldValues> {
  record: BikeRecord;
  title: string;
  /** Names the form: what was typed and not kept waits under it. */
  about: string;
  backTo: Page;
  defaultValues: T;
  check: Resolver<T>;
  /** What of the bike's facts becomes another one. */
  change: (fields: T) => Partial<BikeFacts>;
  keepId: string;
  /** @param keep - tells something else than what the fields say, and leaves */
  children: (form: UseFormReturn<T>, keep: (change: Partial<BikeFacts>) => Promise<void>) => ReactNode;
}

/** A page of figures of one bike: kept as told facts, with and without network, and back to where it came from. */
export function ToldForm<T extends FieldValues>({
  record,
  title,
  about,
  backTo,
  defaultValues,
  check,
  change,
  keepId,
  children,
}: ToldFormProps<T>) {
  const { bike } = record;
  const router = useRouter();
  const { tell, messages } = useTell(record);
  const { form, draft } = useFormDraft<T>(`${about}/${bike.id}`, { mode: 'onTouched', defaultValues, resolver: check });
  const keep = async (told: Partial<BikeFacts>) => {
    if (!(await tell(told))) return;
    draft.done();
    router.navigate(backTo);
  };
  const submit = form.handleSubmit((fields) => keep(change(fields as T)));
  return (
    <Screen
      title={title}
      tag={bike.tag}
      backTo={backTo}
      footer={
        <>
          <NotKept control={form.control} />
          <RoleButton needs="work" label={words.save} look="do" onPress={() => void submit()} testID={keepId} />
        </>
      }
    >
      <DraftNotice draft={draft} />
      <Alerts messages={messages} />
      <View className="max-w-[640px] gap-5 px-4 py-2">{children(form, keep)}</View>
    </Screen>
  );
}
