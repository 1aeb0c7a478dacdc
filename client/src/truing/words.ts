import type { TruingReading } from './truing-draft';

/** Words of the truing page. */
export const words = {
  title: 'True the wheel',
  chart: 'Once round the wheel: each spoke against the mean of its kind',
  chartSpoken: (spoke: number, count: number) => `Readings of ${count} spokes; spoke ${spoke} in hand`,
  kinds: { lateralMm: 'Side to side', radialMm: 'Height', tensionN: 'Tension' } satisfies Record<TruingReading, string>,
  how: {
    lateralMm: 'Rim against a fixed point, + to the rider’s right, mm',
    radialMm: 'Rim against a fixed point, + outwards, mm',
    tensionN: 'Spoke tension, N',
  } satisfies Record<TruingReading, string>,
  kind: 'What is read',
  spoke: (number: number, count: number, side: string) => `Spoke ${number} of ${count}, ${side}`,
  sides: { left: 'left', right: 'right' },
  range: (text: string, range: string) => `"${text}" is out of range; enter a figure from ${range}.`,
  ranges: { lateralMm: '-20 to 20 mm', radialMm: '-20 to 20 mm', tensionN: '0 to 3000 N' } satisfies Record<
    TruingReading,
    string
  >,
  keepNext: 'Keep, next spoke',
  back: 'One back',
  spokes: 'Spokes',
  dish: 'Rim off the middle, + to the right, mm',
  record: 'Record this round',
  earlier: 'Recorded rounds',
  round: (when: string, person: string) => `${when}, ${person}`,
  turnFirst: (list: string) => `Turn first: spokes ${list}.`,
  mean: (left: string, right: string) => `Mean tension: left ${left}, right ${right}`,
  none: '–',
};
