import type { BikeRecord } from '@cricket/contract/shapes';
import type { Carried } from '@cricket/core/connections';
import { Controller, useFieldArray, type Control } from 'react-hook-form';
import { View } from 'react-native';

import { ToldForm } from '../../job/bike/told-form';
import { useOneOf } from '../../job/bike/one-of-list';
import { Button } from '../../ui/button';
import { Choices, Field } from '../../ui/field';
import { NotThere } from '../../ui/not-there';
import { wiringPath } from '../../ui/pages';
import { Select } from '../../ui/select';
import { TakeOff } from '../../job/bike/take-off';
import { Txt } from '../../ui/txt';
import {
  adapterToFields,
  checkAdapter,
  checkPlug,
  fieldsToAdapter,
  fieldsToPlug,
  mostContacts,
  plugToFields,
  type PlugFields,
} from './wiring-forms';
import { words } from './words';

interface OneFormProps {
  record: BikeRecord;
  /** The name of what is changed; left out: a new one. */
  of: string | undefined;
}

export function PlugForm({ record, of }: OneFormProps) {
  const { id, facts } = record.bike;
  const { wiring } = facts;
  const one = useOneOf(wiring?.plugs ?? [], of);
  if (one.isGone) return <Gone bikeId={id} />;
  const { fields } = words;
  return (
    <ToldForm
      record={record}
      title={one.item ? words.plugTitle : words.newPlug}
      about={`wiring-plug/${of ?? ''}`}
      backTo={wiringPath(id)}
      defaultValues={plugToFields(one.item)}
      check={checkPlug(one.taken)}
      change={(typed) => ({ wiring: { ...wiring, plugs: one.with(fieldsToPlug(typed)) } })}
      keepId="keep-plug"
    >
      {({ control }, keep) => (
        <>
          <Field control={control} name="id" label={fields.id} />
          <Field control={control} name="on" label={fields.on} />
          <Field control={control} name="to" label={fields.to} hint={words.toHint} />
          <Field control={control} name="family" label={fields.family} hint={words.familyHint} />
          <Choices control={control} name="gender" label={fields.gender} options={Object.entries(words.genders)} />
          <Field control={control} name="key" label={fields.key} hint={words.optional} />
          <Field control={control} name="colour" label={fields.colour} hint={words.optional} />
          <Choices control={control} name="live" label={fields.live} options={Object.entries(words.yesNo)} />
          <Contacts control={control} />
          {one.item ? <TakeOff onTakeOff={() => void keep({ wiring: { ...wiring, plugs: one.others } })} /> : null}
        </>
      )}
    </ToldForm>
  );
}

const carriedOptions = Object.entries(words.carries) as [Carried, string][];

function Contacts({ control }: { control: Control<PlugFields> }) {
  const { fields: pins, append, remove } = useFieldArray({ control, name: 'pins' });
  return (
    <View className="gap-4">
      <Txt size="title" bold heading={2}>
        {words.fields.contacts}
      </Txt>
      {pins.map((pin, index) => (
        <View key={pin.id} className="flex-row items-end gap-3">
          <View className="min-w-0 flex-1">
            <Controller
              control={control}
              name={`pins.${index}.carries`}
              render={({ field }) => (
                <Select
                  label={words.contactNumber(index + 1)}
                  options={[['', words.notLooked] as const, ...carriedOptions]}
                  value={field.value}
                  onChange={field.onChange}
                  testID={`carries-${index + 1}`}
                />
              )}
            />
          </View>
          <View className="w-32">
            <Field control={control} name={`pins.${index}.wire`} label={words.contactWire(index + 1)} />
          </View>
        </View>
      ))}
      <View className="flex-row flex-wrap gap-3">
        {pins.length < mostContacts ? (
          <Button label={words.more} onPress={() => append({ carries: '', wire: '' })} testID="more-contacts" />
        ) : null}
        {pins.length > 1 ? (
          <Button label={words.less} onPress={() => remove(pins.length - 1)} testID="less-contacts" />
        ) : null}
      </View>
    </View>
  );
}

export function AdapterForm({ record, of }: OneFormProps) {
  const { id, facts } = record.bike;
  const { wiring } = facts;
  const one = useOneOf(wiring?.adapters ?? [], of);
  if (one.isGone) return <Gone bikeId={id} />;
  const { fields } = words;
  return (
    <ToldForm
      record={record}
      title={one.item ? words.adapterTitle : words.newAdapter}
      about={`wiring-adapter/${of ?? ''}`}
      backTo={wiringPath(id)}
      defaultValues={adapterToFields(one.item)}
      check={checkAdapter(one.taken)}
      change={(typed) => ({ wiring: { ...wiring, adapters: one.with(fieldsToAdapter(typed)) } })}
      keepId="keep-adapter"
    >
      {({ control }, keep) => (
        <>
          <Field control={control} name="id" label={fields.id} />
          {(['from', 'to'] as const).map((end) => (
            <View key={end} className="gap-5">
              <Field control={control} name={`${end}Family`} label={fields[`${end}Family`]} hint={words.familyHint} />
              <Choices
                control={control}
                name={`${end}Gender`}
                label={fields[`${end}Gender`]}
                options={Object.entries(words.genders)}
              />
              <Field control={control} name={`${end}Key`} label={fields[`${end}Key`]} hint={words.optional} />
              <Field control={control} name={`${end}Pins`} label={fields[`${end}Pins`]} numeric />
            </View>
          ))}
          <Field control={control} name="map" label={fields.map} hint={words.mapHint} />
          {one.item ? <TakeOff onTakeOff={() => void keep({ wiring: { ...wiring, adapters: one.others } })} /> : null}
        </>
      )}
    </ToldForm>
  );
}

function Gone({ bikeId }: { bikeId: string }) {
  const gone = { title: words.gone, to: { label: words.title, path: wiringPath(bikeId) } };
  return <NotThere title={words.gone} backTo={wiringPath(bikeId)} asked={[]} gone={gone} />;
}
