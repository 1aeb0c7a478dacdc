import type { TruingReading } from './truing-draft';
import { phrase } from '../../ui/say';

/** Words of the truing page. */
export const words = {
  title: phrase('truing.title'),
  chart: phrase('truing.chart'),
  chartSpoken: (spoke: number, count: number) => phrase('truing.chartSpoken', { count, spoke }),
  kinds: {
    lateralMm: phrase('truing.kinds.lateralMm'),
    radialMm: phrase('truing.kinds.radialMm'),
    tensionN: phrase('truing.kinds.tensionN'),
  } satisfies Record<TruingReading, string>,
  how: {
    lateralMm: phrase('truing.how.lateralMm'),
    radialMm: phrase('truing.how.radialMm'),
    tensionN: phrase('truing.how.tensionN'),
  } satisfies Record<TruingReading, string>,
  kind: phrase('truing.kind'),
  spoke: (number: number, count: number, side: string) => phrase('truing.spoke', { number, count, side }),
  sides: { left: phrase('truing.sides.left'), right: phrase('truing.sides.right') },
  range: (text: string, range: string) => phrase('truing.range', { text, range }),
  ranges: {
    lateralMm: phrase('truing.ranges.lateralMm'),
    radialMm: phrase('truing.ranges.radialMm'),
    tensionN: phrase('truing.ranges.tensionN'),
  } satisfies Record<TruingReading, string>,
  keepNext: phrase('truing.keepNext'),
  back: phrase('truing.back'),
  spokes: phrase('truing.spokes'),
  dish: phrase('truing.dish'),
  record: phrase('truing.record'),
  earlier: phrase('truing.earlier'),
  round: (when: string, person: string) => `${when}, ${person}`,
  turnFirst: (list: string) => phrase('truing.turnFirst', { list }),
  mean: (left: string, right: string) => phrase('truing.mean', { left, right }),
  none: '–',
};
