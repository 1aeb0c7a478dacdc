import { useController, type Control } from 'react-hook-form';
import { Pressable, View } from 'react-native';

import { ToldForm } from '../../job/bike/told-form';
import { Choices, Field } from '../../ui/field';
import { useFieldLabel } from '../../ui/field-labels';
import { cablesPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import { cableToFields, checkCable, fieldsToCable, type CableFields } from './cable-forms';
import { useOneOf } from '../../job/bike/one-of-list';
import { Gone, type OneFormProps } from './place-forms';
import { TakeOff } from '../../job/bike/take-off';
import { words } from './words';

/** One cable: its length, its plug, and the places that it runs over. */
export function CableForm({ record, of }: OneFormProps) {
  const { id, facts } = record.bike;
  const { anchors = [], runs = [] } = facts.cables ?? {};
  const one = useOneOf(runs, of);
  if (one.isGone) return <Gone bikeId={id} />;
  return (
    <ToldForm
      record={record}
      title={one.item ? words.cableTitle : words.newCable}
      about={`cables-cable/${of ?? ''}`}
      backTo={cablesPath(id)}
      defaultValues={cableToFields(one.item)}
      check={checkCable(one.taken)}
      change={(fields) => ({ cables: { ...facts.cables, runs: one.with(fieldsToCable(fields)) } })}
      keepId="keep-cable"
    >
      {({ control }, keep) => (
        <>
          <Field control={control} name="id" label={words.fields.id} />
          <Path control={control} places={anchors.map((anchor) => anchor.id)} />
          <Field control={control} name="suppliedMm" label={words.fields.suppliedMm} numeric />
          <Field control={control} name="plug" label={words.fields.plug} hint={words.optional} />
          <Field
            control={control}
            name="minBendMm"
            label={words.fields.minBendMm}
            hint={words.empty('25 mm')}
            numeric
          />
          <Choices
            control={control}
            name="dripLoop"
            label={words.fields.dripLoop}
            options={Object.entries(words.yesNo)}
          />
          {one.item ? <TakeOff onTakeOff={() => void keep({ cables: { ...facts.cables, runs: one.others } })} /> : null}
        </>
      )}
    </ToldForm>
  );
}

/** The places in the order in which they are tapped. */
function Path({ control, places }: { control: Control<CableFields>; places: readonly string[] }) {
  const { field, fieldState } = useController({ control, name: 'path' });
  useFieldLabel(control, 'path', words.fields.path);
  const path = field.value;
  return (
    <View className="gap-2" testID="field-path">
      <Txt bold>{words.fields.path}</Txt>
      <Txt tone={path.length > 0 ? 'ink' : 'soft'} testID="path-so-far">
        {path.length > 0 ? path.join(' → ') : words.noPath}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        {places.map((place) => (
          <Pressable
            key={place}
            role="button"
            aria-pressed={path.includes(place)}
            onPress={() => field.onChange([...path, place])}
            className={`min-h-[48px] max-w-full justify-center rounded-md border-2 border-ink px-3 ${path.includes(place) ? 'bg-metal' : 'bg-sheet'}`}
          >
            <Txt>{place}</Txt>
          </Pressable>
        ))}
      </View>
      {path.length > 0 ? (
        <Pressable
          role="button"
          onPress={() => field.onChange(path.slice(0, -1))}
          className="min-h-[48px] justify-center"
        >
          <Txt className="underline">{words.takeLast}</Txt>
        </Pressable>
      ) : null}
      {fieldState.error?.message ? (
        <Txt tone="stop" role="alert">
          {fieldState.error.message}
        </Txt>
      ) : null}
    </View>
  );
}
