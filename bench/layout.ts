import { batteryBayExample } from '../core/calc/examples';
import { calculators } from '../core/calc/calculators';

import { openBay } from '../core/src/battery-bay';

import { medianMs } from './median';

/** What competes for room, each on the example of its page, against one whole fit on this machine. */
const names = [
  'handlebar',
  'pedal-sensor',
  'battery-bay',
  'cable-runs',
  'power-path',
  'brake-levers',
  'connections',
  'controllers',
  'racks',
] as const;

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

// A battery that is pushed: the room is worked out once, every frame after that is one place in it.
const bay = openBay(batteryBayExample);
let at = 0;
const pushMs = medianMs(200, () => bay.laidAt((at = (at + 7.3) % 300)));
process.stdout.write(
  `one place ${pushMs.toFixed(3)} ms ${(timeOf('battery-bay') / pushMs).toFixed(0).padStart(5)} × quicker than its bay\n`,
);
