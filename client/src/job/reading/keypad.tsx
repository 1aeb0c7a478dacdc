import { memo } from 'react';
import { Pressable, View } from 'react-native';

import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/txt';
import { words } from './words';

const rows = [
  ['7', '8', '9'],
  ['4', '5', '6'],
  ['1', '2', '3'],
  ['.', '0', 'erase'],
] as const;

export interface KeypadProps {
  onKey: (key: string) => void;
  signed?: boolean;
}

/** Keys big enough for a glove. Not drawn anew for each of them: a slow phone is to follow the thumb. */
export const Keypad = memo(function Keypad({ onKey, signed = false }: KeypadProps) {
  const keys = signed ? [...rows.slice(0, 3), ['.', '0', '±', 'erase'] as const] : rows;
  return (
    <View className="screen-only max-w-[520px] gap-1.5 px-3" testID="keypad">
      {keys.map((row) => (
        <View key={row[0]} className="flex-row gap-1.5">
          {row.map((key) => (
            <Pressable
              key={key}
              role="button"
              aria-label={key === 'erase' ? words.erase : key === '±' ? words.sign : key}
              onPress={() => onKey(key)}
              className="min-h-[54px] flex-1 items-center justify-center border-2 border-ink bg-sheet active:bg-lime"
            >
              {key === 'erase' ? (
                <Icon name="erase" size={30} />
              ) : (
                <Txt size="stand" figure bold>
                  {key}
                </Txt>
              )}
            </Pressable>
          ))}
        </View>
      ))}
    </View>
  );
});
