import type { Control } from 'react-hook-form';
import { View } from 'react-native';

import { Choices, Field } from '../../ui/field';
import { Txt } from '../../ui/txt';
import { kitFields, type KitFieldName } from './kit-form';
import { kitWords } from './kit-words';
import { PackedKinds } from './packed-kinds';
import type { WheelFields } from './wheel-form';

const groups: readonly (readonly [title: string, names: readonly KitFieldName[]])[] = (
  Object.entries(kitWords.groups) as [string, string][]
).map(([group, title]) => [
  title,
  (Object.keys(kitFields) as KitFieldName[]).filter((name) => kitWords.groupOf(name) === group),
]);

/** Everything of the kit besides its wheel: motor, controller, battery, hub, rim, price, packing list. */
export function KitFields({ control }: { control: Control<WheelFields> }) {
  return (
    <View className="gap-5">
      {groups.map(([title, names]) => (
        <View key={title} className="gap-4">
          <Txt size="lead" bold heading={2} className="border-b-2 border-ink">
            {title}
          </Txt>
          {names.map((name) => (
            <KitField key={name} name={name} control={control} />
          ))}
        </View>
      ))}
    </View>
  );
}

function KitField({ name, control }: { name: KitFieldName; control: Control<WheelFields> }) {
  const field = kitFields[name];
  const label = kitWords.fields[name];
  const path = `kit.${name}` as const;
  if (field.how === 'word') {
    const options = field.options.map((option) => [option, kitWords.options[option] ?? option] as const);
    return <Choices control={control} name={path} label={label} options={options} />;
  }
  if (field.how === 'yes-no') {
    return (
      <Choices
        control={control}
        name={path}
        label={label}
        options={[
          ['no', kitWords.no],
          ['yes', kitWords.yes],
        ]}
      />
    );
  }
  if (field.how === 'figure') {
    return <Field control={control} name={path} label={field.unit ? `${label}, ${field.unit}` : label} numeric />;
  }
  return (
    <>
      <Field control={control} name={path} label={label} hint={kitWords.hints[field.how]} lines={3} />
      {field.how === 'packing' ? <PackedKinds control={control} /> : null}
    </>
  );
}
