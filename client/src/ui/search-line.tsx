import { TextInput } from 'react-native';

import { useTones } from './tones';

export interface SearchLineProps {
  /** What is looked for: shown while nothing is typed, and read out. */
  label: string;
  value: string;
  onChange: (text: string) => void;
  testID?: string;
}

/** One line to search by. */
export function SearchLine({ label, value, onChange, testID }: SearchLineProps) {
  const tones = useTones();
  return (
    <TextInput
      value={value}
      onChangeText={onChange}
      placeholder={label}
      placeholderTextColor={tones.soft}
      aria-label={label}
      testID={testID}
      className="h-14 min-w-0 flex-1 rounded-md border-2 border-ink bg-sheet px-3 font-text text-lead text-ink"
    />
  );
}
