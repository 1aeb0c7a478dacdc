import { View } from 'react-native';

import { words as costWords } from '../../job/cost/words';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { Txt } from '../../ui/txt';
import { useEscape } from '../../ui/use-escape';
import { hours, money } from '../../ui/figures';
import type { MatchLine } from '../../workers/match-line';
import { RoomLine } from './room-of-kit';
import { verdictName } from './verdict-name';
import { words } from './words';
import { say } from '../../ui/say';

export interface ComparedProps {
  pair: readonly MatchLine[];
  onTake: (line: MatchLine) => void;
  onClose: () => void;
}

/** Two kits side by side, figure by figure. */
export function Compared({ pair, onTake, onClose }: ComparedProps) {
  const rows: readonly (readonly [string, (line: MatchLine) => string])[] = [
    [words.together, ({ costs }) => money(Math.round(costs.total))],
    [costWords.goods, ({ costs }) => money(costs.goods)],
    [words.lead, ({ leadDays }) => words.days(leadDays)],
    [words.time, ({ costs }) => costWords.range(hours(costs.minutes), hours(costs.slowMinutes))],
    [words.torque, ({ peakTorqueNm }) => (peakTorqueNm === null ? '—' : `${Math.round(peakTorqueNm)} N·m`)],
    [words.held, ({ safety }) => (safety === null ? '—' : `${safety.toFixed(2)} ×`)],
    [words.first, ({ firstTimeRight }) => (firstTimeRight === null ? '—' : `${Math.round(100 * firstTimeRight)} %`)],
    [words.toGet, ({ toGet }) => String(toGet)],
  ];
  useEscape(onClose);
  return (
    <View className="max-w-[900px]" testID="compared">
      <View className="flex-row border-b-2 border-ink px-4 py-2">
        <View className="w-24" />
        {pair.map((line) => (
          <View key={`${line.code}${line.end}`} className="min-w-0 flex-1 gap-1 pr-2">
            <Txt size="title" bold heading={2}>
              {`${line.code} · ${words.at[line.end]}`}
            </Txt>
            <View className="flex-row items-center gap-1">
              <Mark verdict={line.verdict} size={20} />
              <Txt tone={line.verdict}>{verdictName(line)}</Txt>
            </View>
          </View>
        ))}
      </View>
      {rows.map(([name, value]) => (
        <View key={name} className="min-h-[44px] flex-row items-center border-b border-rule px-4">
          <Txt size="label" figure tone="soft" className="w-24">
            {name}
          </Txt>
          {pair.map((line) => (
            <Txt key={`${line.code}${line.end}`} figure bold size="lead" className="min-w-0 flex-1">
              {value(line)}
            </Txt>
          ))}
        </View>
      ))}
      <View className="flex-row px-4 py-2">
        <Txt size="label" figure tone="soft" className="w-24">
          {words.decides}
        </Txt>
        {pair.map((line) => (
          <View key={`${line.code}${line.end}`} className="min-w-0 flex-1 gap-1 pr-2">
            <RoomLine room={line.room} />
            {line.findings.length === 0 ? <Txt>{words.allGoes}</Txt> : null}
            {line.findings.slice(0, 4).map(({ id, because }) => (
              <Txt key={id}>{say(because)}</Txt>
            ))}
            <RoleButton
              needs="work"
              label={words.take(line.code, words.at[line.end])}
              look="do"
              onPress={() => onTake(line)}
              className="mt-2"
            />
          </View>
        ))}
      </View>
      <Button label={words.close} onPress={onClose} className="mx-4 self-start" />
    </View>
  );
}
