/** Words of the gears page. */
export const words = {
  title: 'Gears',
  none: 'No gears at this end',
  noneWhy: 'Sprockets are judged at the rear, once shifter and sprockets are recorded.',
  toMeasure: 'Measure now',
  chart: 'Off the click, smallest sprocket first',
  chartNote: (goes: string, work: string) => `within ${goes} it shifts cleanly, within ${work} it still shifts`,
  cadence: 'Cadence and speed on the smallest sprocket',
  chainring: 'Chainring',
  sprocket: 'Smallest sprocket',
  teeth: (count: number) => `${count} teeth`,
  assisted: (kmh: number) => `assisted to ${kmh} km/h`,
  at: (rpm: number) => `${Math.round(rpm)} rpm there`,
  best: (teeth: number) => `${teeth} teeth would give 85 rpm`,
  rpm: 'rpm',
  kmh: 'km/h',
};
