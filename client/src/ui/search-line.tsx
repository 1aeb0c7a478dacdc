import { useId } from 'react';
import { TextInput, View } from 'react-native';

import { Txt } from './txt';

export interface SearchLineProps {
  /** What is looked for; it stays in sight while one types. */
  label: string;
  value: string;
  onChange: (text: string) => void;
  testID?: string;
}

/** One line to search by. */
export function SearchLine({ label, value, onChange, testID }: SearchLineProps) {
  const id = useId();
  return (
    <View className="min-w-0 flex-1">
      <Txt nativeID={id} size="label" tone="soft">
        {label}
      </Txt>
      <TextInput
        value={value}
        onChangeText={onChange}
        aria-labelledby={id}
        testID={testID}
        className="h-14 min-w-0 rounded-md border-2 border-ink bg-sheet px-3 font-text text-lead text-ink"
      />
    </View>
  );
}
