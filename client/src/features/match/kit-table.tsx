import type { End } from '@cricket/core/features';
import { Pressable, View } from 'react-native';

import { RoleButton } from '../../session/role-button';
import { Mark } from '../../ui/mark';
import { Txt } from '../../ui/txt';
import { hours, money } from '../../ui/figures';
import { decides, ForAll, sharedFindings } from './for-all';
import type { MatchLine } from '../../workers/match-line';
import { RoomLine } from './room-of-kit';
import { verdictName } from './verdict-name';
import { words } from './words';
import { say } from '../../ui/say';

export interface KitTableProps {
  /** Those that are shown. */
  lines: readonly MatchLine[];
  all: readonly MatchLine[];
  pair: readonly MatchLine[];
  chosenAt: (end: End) => string | null;
  onTake: (line: MatchLine) => void;
  onMark: (line: MatchLine) => void;
}

/** Kits as rows: verdict, what decides, cost, lead time, hours. */
export function KitTable({ lines, all, pair, chosenAt, onTake, onMark }: KitTableProps) {
  const shared = sharedFindings(all);
  return (
    <>
      <ForAll shared={shared} />
      <View role="table" aria-label={words.title} testID="kit-table">
        <View role="row" className="flex-row gap-3 border-b-2 border-ink px-4 py-2">
          <Head text={words.kit} className="w-[140px]" />
          <Head text={words.decides} className="min-w-0 flex-1" />
          <Head text={words.together} className="w-20 items-end" />
          <Head text={words.lead} className="w-14 items-end" />
          <Head text={words.time} className="w-16 items-end" />
          <View className="w-[186px]" role="columnheader" aria-label={words.compare} />
        </View>
        {lines.map((line) => {
          const chosen = chosenAt(line.end) === line.wheelId;
          const first = decides(line, shared);
          return (
            <View
              key={`${line.wheelId}${line.end}`}
              role="row"
              className={`min-h-[60px] flex-row items-center gap-3 border-b border-rule px-4 py-2 ${chosen ? 'bg-sheet' : ''}`}
            >
              <View role="cell" className="w-[140px]">
                <Txt bold>{`${line.code} · ${words.at[line.end]}`}</Txt>
                <View className="flex-row items-center gap-1">
                  <Mark verdict={line.verdict} size={18} />
                  <Txt size="label" tone={line.verdict}>
                    {verdictName(line)}
                  </Txt>
                </View>
              </View>
              <View role="cell" className="min-w-0 flex-1">
                <Txt numberOfLines={3}>
                  {say(
                    line.couldStop
                      ? words.couldStop(line.couldStop.length)
                      : (first?.because ?? (line.findings.length > 0 ? words.nothingElse : words.allGoes)),
                  )}
                </Txt>
                <RoomLine room={line.room} />
              </View>
              <Cell text={money(Math.round(line.costs.total))} className="w-20" />
              <Cell text={words.days(line.leadDays)} className="w-14" />
              <Cell text={hours(line.costs.minutes)} className="w-16" />
              <View role="cell" className="w-[186px] flex-row justify-end gap-2">
                <Pressable
                  role="checkbox"
                  aria-checked={pair.includes(line)}
                  onPress={() => onMark(line)}
                  className={`min-h-[48px] justify-center border-2 border-ink px-2 ${pair.includes(line) ? 'bg-ink' : ''}`}
                >
                  <Txt className={pair.includes(line) ? '!text-paper' : ''}>{words.compare}</Txt>
                </Pressable>
                <RoleButton
                  needs="work"
                  label={chosen ? words.chosen : line.code}
                  look={!chosen && mayBeTaken(line) ? 'do' : 'other'}
                  onPress={() => onTake(line)}
                  low
                  className="w-24"
                  spoken={words.take(line.code, words.at[line.end])}
                />
              </View>
            </View>
          );
        })}
      </View>
    </>
  );
}

/** Nothing stops it or is open at the axle, and nothing stops it besides. */
function mayBeTaken({ verdict, room }: MatchLine): boolean {
  return (verdict === 'goes' || verdict === 'work') && room.every((each) => each.verdict !== 'stop');
}

function Head({ text, className }: { text: string; className: string }) {
  return (
    <View role="columnheader" className={className}>
      <Txt size="label" figure tone="soft">
        {text}
      </Txt>
    </View>
  );
}

function Cell({ text, className }: { text: string; className: string }) {
  return (
    <View role="cell" className={`${className} items-end`}>
      <Txt figure size="lead">
        {text}
      </Txt>
    </View>
  );
}
