import type { BikeRecord } from '@cricket/contract/shapes';
import { barPartKinds } from '@cricket/core/handlebar';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { TakeOff } from '../../job/bike/take-off';
import { useFormDraft } from '../../data/use-form-draft';
import { useTell } from '../../data/use-tell';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { DraftNotice } from '../../ui/draft-notice';
import { Choices, Field } from '../../ui/field';
import { NotKept } from '../../ui/not-kept';
import { NotThere } from '../../ui/not-there';
import { barPath } from '../../ui/pages';
import { Screen } from '../../ui/screen';
import { asksOf, checkPart, fieldsToPart, freeName, partToFields, type PartFields } from './bar-forms';
import { partKinds, words } from './words';

/** One part on the bar, changed or new. */
export function PartForm({ record, of }: { record: BikeRecord; of: string }) {
  const { bike } = record;
  const router = useRouter();
  const { tell, messages } = useTell(record);
  // As the list was when the page was opened: the part that has just been kept is not in its own way.
  const [parts] = useState(() => bike.facts.bar?.parts ?? []);
  const index = of === 'new' ? parts.length : parts.findIndex(({ id }) => id === of);
  const part = parts[index];
  const taken = parts.filter((_, at) => at !== index).map(({ id }) => id);
  const { form, draft } = useFormDraft<PartFields>(`bar-part/${bike.id}/${of}`, {
    mode: 'onTouched',
    defaultValues: partToFields(part, taken),
    resolver: checkPart(taken),
  });
  const { control, handleSubmit, setValue, getValues } = form;
  const kind = useWatch({ control, name: 'kind' });
  const named = useRef(kind);
  useEffect(() => {
    // A name that nobody typed follows the kind.
    if (getValues('id') === freeName(named.current, taken)) setValue('id', freeName(kind, taken));
    named.current = kind;
    // oxlint-disable-next-line react/exhaustive-deps
  }, [kind]);
  if (index < 0) {
    return (
      <NotThere
        title={words.gone}
        backTo={barPath(bike.id)}
        asked={[]}
        gone={{ title: words.gone, to: { label: words.title, path: barPath(bike.id) } }}
      />
    );
  }
  const back = () => router.navigate(barPath(bike.id));
  const keepAll = async (next: typeof parts) => {
    if (!(await tell({ bar: { ...bike.facts.bar, parts: next } }))) return;
    draft.done();
    back();
  };
  const submit = handleSubmit((fields) =>
    keepAll([...parts.slice(0, index), fieldsToPart(fields), ...parts.slice(index + 1)]),
  );
  const asks = asksOf(kind);
  const yesNo = Object.entries(words.yesNo);
  return (
    <Screen
      title={part ? words.partTitle : words.newPart}
      tag={bike.tag}
      backTo={barPath(bike.id)}
      footer={
        <>
          <NotKept control={control} />
          <RoleButton needs="work" label={words.keep} look="do" onPress={() => void submit()} testID="keep-part" />
        </>
      }
    >
      <DraftNotice draft={draft} />
      <Alerts messages={messages} />
      <View className="max-w-[640px] gap-5 px-4 py-2">
        <Choices
          control={control}
          name="kind"
          label={words.fields.kind}
          options={barPartKinds.map((each) => [each, partKinds[each]] as const)}
        />
        <Field control={control} name="widthMm" label={words.fields.widthMm} numeric />
        <Choices control={control} name="side" label={words.fields.side} options={Object.entries(words.sideNames)} />
        {asks.clamp ? (
          <Field control={control} name="clampMm" label={words.fields.clampMm} hint={words.optional} numeric />
        ) : null}
        {asks.cut ? (
          <Field control={control} name="minWidthMm" label={words.fields.minWidthMm} hint={words.grips} numeric />
        ) : null}
        {asks.sweep ? (
          <Field control={control} name="sweepMm" label={words.fields.sweepMm} hint={words.optional} numeric />
        ) : null}
        {asks.cutOff ? <Choices control={control} name="cutOff" label={words.fields.cutOff} options={yesNo} /> : null}
        {asks.rear ? <Choices control={control} name="rear" label={words.fields.rear} options={yesNo} /> : null}
        <Choices
          control={control}
          name="nowSide"
          label={words.fields.nowSide}
          options={Object.entries(words.nowNames)}
        />
        <Field control={control} name="id" label={words.fields.id} />
        {part ? <TakeOff onTakeOff={() => void keepAll(parts.filter((_, at) => at !== index))} /> : null}
      </View>
    </Screen>
  );
}
