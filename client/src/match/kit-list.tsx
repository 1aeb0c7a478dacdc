import type { End } from '@cricket/core/features';
import { Pressable, View } from 'react-native';

import { Mark, verdictWords } from '../ui/mark';
import { Txt } from '../ui/txt';
import { hours, money } from './figures';
import type { MatchLine } from './match-line';
import { words } from './words';

export interface KitListProps {
  lines: readonly MatchLine[];
  chosenAt: (end: End) => string | null;
  onOpen: (at: number) => void;
}

/** Every kit in one line of two: verdict, what decides, cost, days. A touch opens one. */
export function KitList({ lines, chosenAt, onOpen }: KitListProps) {
  return (
    <View role="list" testID="kit-list">
      {lines.map((line, at) => (
        <Pressable
          key={`${line.wheelId}${line.end}`}
          role="listitem"
          onPress={() => onOpen(at)}
          aria-label={`${line.code} ${words.at[line.end]}: ${verdictWords[line.verdict]}`}
          testID={`kit-${line.code}-${line.end}`}
          className={`min-h-[64px] flex-row items-center gap-3 border-b border-rule px-4 py-2 ${
            chosenAt(line.end) === line.wheelId ? 'bg-sheet' : ''
          }`}
        >
          <Mark verdict={line.verdict} size={24} />
          <View className="min-w-0 flex-1">
            <Txt bold>{`${line.code} · ${words.at[line.end]}`}</Txt>
            <Txt size="label" numberOfLines={2} tone={line.verdict}>
              {line.findings[0]?.because ?? words.allGoes}
            </Txt>
          </View>
          <View className="items-end">
            <Txt figure bold>
              {money(line.cost)}
            </Txt>
            <Txt size="label" figure tone="soft">
              {`${words.days(line.leadDays)} · ${hours(line.minutes)}`}
            </Txt>
          </View>
        </Pressable>
      ))}
    </View>
  );
}
