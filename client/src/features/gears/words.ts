import { phrase } from '../../ui/say';

/** Words of the gears page. */
export const words = {
  title: phrase('gears.title'),
  none: phrase('gears.none'),
  noneWhy: phrase('gears.noneWhy'),
  toMeasure: phrase('gears.toMeasure'),
  chart: phrase('gears.chart'),
  chartNote: (goes: string, work: string) => phrase('gears.chartNote', { goes, work }),
  cadence: phrase('gears.cadence'),
  ownTeeth: phrase('gears.ownTeeth'),
  usualTeeth: phrase('gears.usualTeeth'),
  chainring: phrase('gears.chainring'),
  sprocket: phrase('gears.sprocket'),
  teeth: (count: number) => phrase('gears.teeth', { count }),
  assisted: (kmh: number) => phrase('gears.assisted', { kmh }),
  at: (rpm: number) => phrase('gears.at', { rpm: Math.round(rpm) }),
  best: (teeth: number) => phrase('gears.best', { teeth }),
  rpm: 'rpm',
  kmh: 'km/h',
};
