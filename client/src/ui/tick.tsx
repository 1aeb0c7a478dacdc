import { Pressable, View } from 'react-native';

import { Txt } from './txt';

export interface TickProps {
  label: string;
  about?: string;
  ticked: boolean;
  disabled?: boolean;
  onTick: (ticked: boolean) => void;
}

/** A line to be ticked, as large as a glove needs. */
export function Tick({ label, about, ticked, disabled, onTick }: TickProps) {
  return (
    <Pressable
      role="checkbox"
      aria-checked={ticked}
      disabled={disabled}
      onPress={() => onTick(!ticked)}
      className="min-h-[60px] flex-row items-center gap-3 border-b border-rule px-4 py-2"
    >
      <View
        className={`h-9 w-9 items-center justify-center border-2 border-ink ${ticked ? 'bg-ink' : 'bg-sheet'}`}
        aria-hidden
      >
        {ticked ? <Txt className="!text-paper">✓</Txt> : null}
      </View>
      <View className="min-w-0 flex-1">
        <Txt size="lead">{label}</Txt>
        {about ? <Txt tone="soft">{about}</Txt> : null}
      </View>
    </Pressable>
  );
}
