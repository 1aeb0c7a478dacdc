import type { CostTable, GoodsGroup } from '@cricket/core/job-cost';
import { View } from 'react-native';

import { hours, money } from '../../ui/figures';
import { Txt } from '../../ui/txt';
import { words } from './words';

type Sums = Omit<CostTable, 'lines'>;

/** What a conversion costs, sum by sum: goods, hours with their range, and all of it. */
export function CostSums({ costs, className = 'max-w-[640px] px-4 py-2' }: { costs: Sums; className?: string }) {
  const { sums, labour, total, slowTotal } = costs;
  const groups = (Object.keys(words.groups) as GoodsGroup[]).filter((group) => sums[group] > 0);
  return (
    <View className={className} role="table" aria-label={words.title} testID="cost-sums">
      {groups.map((group) => (
        <Line key={group} name={words.groups[group]} value={money(sums[group])} />
      ))}
      <Line name={workLine(costs)} value={money(labour)} />
      <Line name={words.total} value={money(total)} about={words.slow(money(slowTotal))} bold />
    </View>
  );
}

interface LineProps {
  name: string;
  value: string;
  about?: string;
  bold?: boolean;
}

/** One sum and what it is for. */
export function Line({ name, value, about, bold = false }: LineProps) {
  return (
    <View role="row" className="flex-row items-baseline justify-between gap-4 border-b border-rule py-1">
      <View role="cell" className="min-w-0 flex-1">
        <Txt bold={bold}>{name}</Txt>
      </View>
      <View role="cell" className="items-end">
        <Txt figure bold={bold} size={bold ? 'lead' : 'body'}>
          {value}
        </Txt>
        {about ? (
          <Txt size="label" figure tone="soft">
            {about}
          </Txt>
        ) : null}
      </View>
    </View>
  );
}

/** Hours with their range, and what an hour costs. */
export function workLine({ minutes, slowMinutes, hourlyRate }: Sums): string {
  return words.work(words.range(hours(minutes), hours(slowMinutes)), money(hourlyRate));
}

/** Money and hours in one line. */
export function costLine({ minutes, slowMinutes, total }: Sums): string {
  return words.line(money(total), words.range(hours(minutes), hours(slowMinutes)));
}
