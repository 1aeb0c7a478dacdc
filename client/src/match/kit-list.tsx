import type { End } from '@cricket/core/features';
import type { FitFinding } from '@cricket/core/fit';
import { Pressable, View } from 'react-native';

import { Mark, verdictWords } from '../ui/mark';
import { Txt } from '../ui/txt';
import { hours, money } from './figures';
import type { MatchLine } from './match-line';
import { words } from './words';

/** Two kits say the same of the bike. */
const same = (one: FitFinding, other: FitFinding) =>
  one.id === other.id && one.verdict === other.verdict && one.because === other.because;

/** What every kit says alike: the bike's own trouble, told once. */
export function sharedFindings(lines: readonly MatchLine[]): FitFinding[] {
  const [first, ...rest] = lines;
  if (!first || rest.length === 0) return [];
  return first.findings.filter((item) => rest.every(({ findings }) => findings.some((other) => same(item, other))));
}

export interface KitListProps {
  lines: readonly MatchLine[];
  chosenAt: (end: End) => string | null;
  onOpen: (at: number) => void;
}

/** Every kit in one line of two: verdict, what decides, cost, days. A touch opens one. */
export function KitList({ lines, chosenAt, onOpen }: KitListProps) {
  const shared = sharedFindings(lines);
  const decides = ({ findings }: MatchLine) => findings.find((item) => !shared.some((one) => same(one, item)));
  return (
    <View role="list" testID="kit-list">
      {shared.length > 0 ? (
        <View className="gap-1 border-b-2 border-ink px-4 py-2" testID="shared">
          <Txt size="label" figure tone="soft">
            {words.forAll}
          </Txt>
          {shared.map((item) => (
            <Txt key={item.id} tone={item.verdict}>
              {item.because}
            </Txt>
          ))}
        </View>
      ) : null}
      {lines.map((line, at) => (
        <Pressable
          key={`${line.wheelId}${line.end}`}
          role="listitem"
          onPress={() => onOpen(at)}
          aria-label={`${line.code} ${words.at[line.end]}: ${line.couldStop ? words.mayGo : verdictWords[line.verdict]}`}
          testID={`kit-${line.code}-${line.end}`}
          className={`min-h-[64px] flex-row items-center gap-3 border-b border-rule px-4 py-2 ${
            chosenAt(line.end) === line.wheelId ? 'bg-sheet' : ''
          }`}
        >
          <Mark verdict={line.verdict} size={24} />
          <View className="min-w-0 flex-1">
            <View className="flex-row items-baseline gap-2">
              <Txt bold>{`${line.code} · ${words.at[line.end]}`}</Txt>
              <Txt size="label" tone={line.verdict}>
                {line.couldStop ? words.mayGo : verdictWords[line.verdict]}
              </Txt>
            </View>
            <Txt size="label" numberOfLines={2}>
              {line.couldStop
                ? words.couldStop(line.couldStop.length)
                : (decides(line)?.because ?? (line.findings.length > 0 ? words.nothingElse : words.allGoes))}
            </Txt>
            {line.unmeasured > 0 ? (
              <Txt size="label" tone="unknown">
                {words.pattern(line.unmeasured)}
              </Txt>
            ) : null}
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
