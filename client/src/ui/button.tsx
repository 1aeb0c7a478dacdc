import { inUnits } from '@cricket/core/units';
import { Pressable } from 'react-native';

import { useShopUnits } from './shop-units';
import { Txt } from './txt';

const looks = {
  do: { box: 'bg-lime border-2 border-lime', text: 'on-lime' },
  other: { box: 'bg-paper border-2 border-ink', text: 'ink' },
  quiet: { box: 'bg-transparent border-2 border-transparent', text: 'ink' },
  stop: { box: 'bg-paper border-2 border-stop', text: 'stop' },
} as const;

export interface ButtonProps {
  label: string;
  onPress: () => void;
  /** `do` is the one lime action of a screen. */
  look?: keyof typeof looks;
  disabled?: boolean;
  /** For a header: not higher than the header. */
  low?: boolean;
  className?: string;
  testID?: string;
  /** Said instead of the label by a screen reader. */
  spoken?: string;
}

/** A button as high as a gloved thumb needs. */
export function Button({ label, onPress, look = 'other', disabled, low, className = '', testID, spoken }: ButtonProps) {
  const { units } = useShopUnits();
  return (
    <Pressable
      role="button"
      aria-label={spoken && inUnits(spoken, units)}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      testID={testID}
      className={`${low ? 'min-h-[48px]' : 'min-h-[56px]'} max-w-full flex-row items-center justify-center gap-2 rounded-lg px-4 py-2 ${looks[look].box} ${disabled ? 'opacity-60' : 'active:opacity-80'} ${className}`}
    >
      <Txt size="lead" bold tone={looks[look].text} className="min-w-0 shrink text-center">
        {label}
      </Txt>
    </Pressable>
  );
}
