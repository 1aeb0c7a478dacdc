import { Pressable, View } from 'react-native';

import { Txt } from './txt';

export interface SegmentsProps<T extends string> {
  label: string;
  options: readonly (readonly [value: T, name: string])[];
  value: T | undefined;
  onChange: (value: T) => void;
  /** Names are shown as they are: where the units themselves are chosen. */
  verbatim?: boolean;
}

/** One answer out of a few, all of them in sight, one tap. */
export function Segments<T extends string>({ label, options, value, onChange, verbatim }: SegmentsProps<T>) {
  return (
    <View role="radiogroup" aria-label={label} className="max-w-full flex-row flex-wrap gap-2">
      {options.map(([option, name]) => (
        <Pressable
          key={option}
          role="radio"
          aria-checked={value === option}
          onPress={() => onChange(option)}
          className={`min-h-[48px] max-w-full justify-center rounded-md border-2 border-ink px-3 ${value === option ? 'bg-ink' : 'bg-sheet'}`}
        >
          <Txt bold={value === option} verbatim={verbatim} className={value === option ? '!text-paper' : ''}>
            {name}
          </Txt>
        </Pressable>
      ))}
    </View>
  );
}
