import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';

import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { PhotoStrip } from '../../job/photos/photo-strip';
import { RoleButton } from '../../session/role-button';
import { Field } from '../../ui/field';
import { Txt } from '../../ui/txt';
import { words as all } from './words';

const words = all.approval;

interface ApprovalFields {
  by: string;
  date: string;
  document: string;
}

const longest: Record<keyof ApprovalFields, number> = { by: 200, date: 40, document: 400 };
const fields = ['by', 'date', 'document'] as const;

function check(values: ApprovalFields) {
  const errors: Partial<Record<keyof ApprovalFields, { type: string; message: string }>> = {};
  for (const name of fields) {
    const text = values[name].trim();
    if (text === '') errors[name] = { type: 'value', message: words.missing };
    else if (text.length > longest[name]) errors[name] = { type: 'value', message: words.long(longest[name]) };
  }
  return Object.keys(errors).length ? { values: {}, errors } : { values, errors: {} };
}

/** The maker's word that a motor may go into this end: whose, from when, in which document. Nothing is filled in beforehand. */
export function ApprovalForm({ record, end }: { record: BikeRecord; end: End }) {
  const { bike } = record;
  const known = bike.facts.approvals?.[end];
  const { takeIn } = useWrites();
  const refusal = useRefusal<never>();
  const { control, handleSubmit } = useForm<ApprovalFields>({
    mode: 'onTouched',
    defaultValues: known ?? { by: '', date: '', document: '' },
    resolver: check,
  });
  const keep = handleSubmit(async (values) => {
    const approval = { by: values.by.trim(), date: values.date.trim(), document: values.document.trim() };
    await refusal.settle(await takeIn(bike.id, [{ feature: `approvals.${end}`, is: approval }]));
  });
  return (
    <View className="max-w-[720px] gap-4 px-4 py-4" testID="approval">
      <Txt size="lead" bold heading={2}>
        {words.title}
      </Txt>
      {known ? <Txt tone="work">{words.kept(known.by, known.date, known.document)}</Txt> : null}
      {refusal.messages.length > 0 ? (
        <View role="alert" className="border-2 border-stop bg-sheet p-3">
          <Txt bold>{refusal.messages.join(' ')}</Txt>
        </View>
      ) : null}
      {fields.map((name) => (
        <Field key={name} control={control} name={name} label={words[name]} />
      ))}
      <RoleButton needs="work" label={words.keep} look="do" onPress={() => void keep()} testID="keep-approval" />
      <PhotoStrip record={record} about={`approval.${end}`} title={words.photo} hint={words.photoHint} />
    </View>
  );
}
