import type { End } from '@cricket/core/features';
import { Pressable, View } from 'react-native';

import { Mark } from '../../ui/mark';
import { Txt } from '../../ui/txt';
import { hours, money } from '../../ui/figures';
import { decides, ForAll, sharedFindings } from './for-all';
import type { MatchLine } from '../../workers/match-line';
import { RoomLine } from './room-of-kit';
import { verdictName } from './verdict-name';
import { words } from './words';
import { say } from '../../ui/say';

export interface KitListProps {
  /** Those that are shown. */
  lines: readonly MatchLine[];
  /** Every kit: what all of them say does not change with what is shown. */
  all: readonly MatchLine[];
  chosenAt: (end: End) => string | null;
  onOpen: (at: number) => void;
}

/** Every kit in one line of two: verdict, what decides, cost, days. A touch opens one. */
export function KitList({ lines, all, chosenAt, onOpen }: KitListProps) {
  const shared = sharedFindings(all);
  return (
    <View role="list" testID="kit-list">
      <ForAll shared={shared} />
      {lines.map((line, at) => (
        <Pressable
          key={`${line.wheelId}${line.end}`}
          role="listitem"
          onPress={() => onOpen(at)}
          aria-label={`${line.code} ${words.at[line.end]}: ${verdictName(line)}`}
          testID={`kit-${line.code}-${line.end}`}
          className={`min-h-[64px] flex-row items-center gap-3 border-b border-rule px-4 py-2 ${
            chosenAt(line.end) === line.wheelId ? 'bg-sheet' : ''
          }`}
        >
          <Mark verdict={line.verdict} size={24} />
          <View className="min-w-0 flex-1">
            <View className="flex-row flex-wrap items-baseline gap-x-2">
              <Txt bold className="shrink-0">{`${line.code} · ${words.at[line.end]}`}</Txt>
              <Txt size="label" tone={line.verdict}>
                {verdictName(line)}
              </Txt>
            </View>
            <Txt size="label" numberOfLines={2}>
              {say(
                line.couldStop
                  ? words.couldStop(line.couldStop.length)
                  : (decides(line, shared)?.because ?? (line.findings.length > 0 ? words.nothingElse : words.allGoes)),
              )}
            </Txt>
            <RoomLine room={line.room} />
            {line.unmeasured > 0 ? (
              <Txt size="label" tone="unknown">
                {words.pattern(line.unmeasured)}
              </Txt>
            ) : null}
          </View>
          <View className="items-end">
            <Txt figure bold>
              {money(Math.round(line.costs.total))}
            </Txt>
            <Txt size="label" figure tone="soft">
              {`${words.days(line.leadDays)} · ${hours(line.costs.minutes)}`}
            </Txt>
          </View>
        </Pressable>
      ))}
    </View>
  );
}
