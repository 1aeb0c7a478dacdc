import { partKinds, type PartKind } from '@cricket/core/part-kinds';
import { useController, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';

import { kindNames } from '../../job/shelf/words';
import { Select } from '../../ui/select';
import { Txt } from '../../ui/txt';
import { kitWords } from './kit-words';
import { partsIn } from './packed-lines';
import type { WheelFields } from './wheel-form';

const options: readonly (readonly [PartKind | '', string])[] = [
  ['', kitWords.packedAs.open],
  ...partKinds.map((kind) => [kind, kindNames[kind]] as const),
];

/** What each packed part is in the shop's catalogue: so that one that is left over can go on the shelf with its figures. */
export function PackedKinds({ control }: { control: Control<WheelFields> }) {
  const text = useWatch({ control, name: 'kit.packing' });
  const { field } = useController({ control, name: 'packedAs' });
  const parts = partsIn(text);
  if (parts.length === 0) return null;
  return (
    <View className="gap-3" testID="packed-kinds">
      <Txt>
        <Txt bold>{kitWords.packedAs.title}</Txt>
        <Txt tone="soft">{`  ${kitWords.packedAs.hint}`}</Txt>
      </Txt>
      {parts.map((part) => (
        <Select
          key={part}
          label={part}
          options={options}
          value={field.value[part] ?? ''}
          onChange={(kind) => field.onChange({ ...field.value, [part]: kind })}
        />
      ))}
    </View>
  );
}
