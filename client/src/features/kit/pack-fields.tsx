import type { Control } from 'react-hook-form';
import { View } from 'react-native';

import { Choices, Field } from '../../ui/field';
import { Txt } from '../../ui/txt';
import type { RiderFields } from './rider-form';
import { words } from './words';

const rows = [
  ['cells', 'Wh'],
  ['massKg', 'continuousA'],
  ['cutoffVPerCell', 'chargerV'],
  ['length', 'width', 'height'],
  ['controllerMinV', 'controllerMaxV'],
  ['cost', 'leadDays'],
] as const;

/** Another pack than the kit's: everything that its voltage, mass and charger touch is judged with it. */
export function PackFields({ control }: { control: Control<RiderFields> }) {
  return (
    <View className="gap-4 border-l-4 border-ink pl-3">
      <Txt>{words.packWhy}</Txt>
      <Choices
        control={control}
        name="packInstead.chemistry"
        label={words.chemistry.label}
        hint={words.chemistryWhy}
        options={[
          ['nmc', words.chemistry.nmc],
          ['lfp', words.chemistry.lfp],
        ]}
      />
      {rows.map((names) => (
        <View key={names[0]} className="flex-row items-end gap-3">
          {names.map((name) => (
            <View key={name} className="min-w-0 flex-1">
              <Field control={control} name={`packInstead.${name}`} label={words.pack[name]} numeric />
            </View>
          ))}
        </View>
      ))}
      <Choices
        control={control}
        name="packInstead.condition"
        label={words.condition.label}
        options={[
          ['new', words.condition.new],
          ['used-sound', words.condition['used-sound']],
          ['damaged', words.condition.damaged],
        ]}
      />
    </View>
  );
}
