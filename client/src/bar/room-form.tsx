import type { BikeRecord } from '@cricket/contract/shapes';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useFormDraft } from '../data/use-form-draft';
import { useTell } from '../data/use-tell';
import { RoleButton } from '../session/role-button';
import { Alerts } from '../ui/alerts';
import { DraftNotice } from '../ui/draft-notice';
import { Field } from '../ui/field';
import { NotKept } from '../ui/not-kept';
import { barPath } from '../ui/pages';
import { Screen } from '../ui/screen';
import { Txt } from '../ui/txt';
import { checkRoom, fieldsToRoom, roomFields, roomToFields, type RoomFields } from './bar-forms';
import { words } from './words';

const optional = ['gripDiameterMm', 'centreDiameterMm'];

/** Lengths and diameters of the bar itself. */
export function RoomForm({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const router = useRouter();
  const { tell, messages } = useTell(record);
  const { form, draft } = useFormDraft<RoomFields>(`bar-room/${bike.id}`, {
    mode: 'onTouched',
    defaultValues: roomToFields(bike.facts.bar?.room),
    resolver: checkRoom,
  });
  const { control, handleSubmit } = form;
  const submit = handleSubmit(async (fields) => {
    if (!(await tell({ bar: { ...bike.facts.bar, room: fieldsToRoom(fields) } }))) return;
    draft.done();
    router.navigate(barPath(bike.id));
  });
  return (
    <Screen
      title={words.room}
      tag={bike.tag}
      backTo={barPath(bike.id)}
      footer={
        <>
          <NotKept control={control} />
          <RoleButton needs="work" label={words.keep} look="do" onPress={() => void submit()} testID="keep-room" />
        </>
      }
    >
      <DraftNotice draft={draft} />
      <Alerts messages={messages} />
      <View className="max-w-[640px] gap-5 px-4 py-2">
        <Txt>{words.roomWhy}</Txt>
        {roomFields.map((name, index) => (
          <Field
            key={name}
            control={control}
            name={name}
            label={words.fields[name]}
            hint={optional.includes(name) ? words.optional : undefined}
            numeric
            autoFocus={index === 0}
          />
        ))}
      </View>
    </Screen>
  );
}
