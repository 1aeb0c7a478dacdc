import { calculators } from '../core/calc/calculators';

import { medianMs } from './median';

/** What competes for room, each on the example of its page, against one whole fit on this machine. */
const names = ['handlebar', 'pedal-sensor', 'battery-bay', 'cable-runs', 'power-path'] as const;

const timeOf = (name: string): number => {
  const { run, example } = calculators[name]!;
  return medianMs(40, () => run(example as never));
};

const fitMs = timeOf('fit');
process.stdout.write(`fit ${fitMs.toFixed(1)} ms\n`);
for (const name of names) {
  const ms = timeOf(name);
  process.stdout.write(
    `${name.padEnd(14)}${ms.toFixed(1).padStart(8)} ms ${(ms / fitMs).toFixed(1).padStart(7)} × a fit\n`,
  );
}
