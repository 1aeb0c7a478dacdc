import { useId } from 'react';
import { View } from 'react-native';

import { Txt } from './txt';

export interface SelectProps<T extends string> {
  label: string;
  options: readonly (readonly [value: T, name: string])[];
  value: T;
  onChange: (value: T) => void;
  testID?: string;
}

/** One answer out of many: too many to have all of them in sight. */
export function Select<T extends string>({ label, options, value, onChange, testID }: SelectProps<T>) {
  const id = useId();
  return (
    <View className="min-w-0 gap-1">
      <Txt nativeID={id} bold>
        {label}
      </Txt>
      <select
        aria-labelledby={id}
        data-testid={testID}
        value={value}
        onChange={({ target }) => onChange(target.value as T)}
        className="h-14 w-full min-w-0 rounded-md border-2 border-ink bg-sheet px-3 font-text text-lead text-ink"
      >
        {options.map(([option, name]) => (
          <option key={option} value={option}>
            {name}
          </option>
        ))}
      </select>
    </View>
  );
}
