import { Pressable, View } from 'react-native';

import { Icon } from '../ui/icons';
import { Txt } from '../ui/txt';
import { words } from './words';

const rows = [
  ['7', '8', '9'],
  ['4', '5', '6'],
  ['1', '2', '3'],
  ['.', '0', 'erase'],
] as const;

/** Keys big enough for a glove. */
export function Keypad({ onKey, signed = false }: { onKey: (key: string) => void; signed?: boolean }) {
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
              className="h-[54px] flex-1 items-center justify-center border-2 border-ink bg-sheet active:bg-lime"
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
}
