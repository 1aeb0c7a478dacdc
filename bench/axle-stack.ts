import highsLoader from 'highs';

import { axleStack, type AxleStackInput } from '@cricket/core/axle-stack';

import { medianMs } from './median';
import { asLinearProgram } from './stack-as-program';
import { endToFill } from './stack-cases';

const ms = (value: number) => `${value < 10 ? value.toFixed(2) : value.toFixed(0)} ms`;
const print = (line: string) => process.stdout.write(`${line}\n`);

const highs = await highsLoader();
print('axle-stack, 12 kinds × 6, 4 rotor shims, at most 5 a side, best 5 against a general MIP solver’s best 1');
const ratios: number[] = [];
for (const seed of [1, 2, 3, 4, 5]) {
  const input = endToFill({ kinds: 12, count: 6, gridMm: 0.05, seed });
  const ours = axleStack(input).stacks[0];
  const program = asLinearProgram(input);
  const from = performance.now();
  const solved = highs.solve(program.text);
  const theirsMs = performance.now() - from;
  const theirs = solved.ObjectiveValue + program.constant;
  const oursMs = medianMs(15, () => axleStack(input));
  if (!ours || solved.Status !== 'Optimal') throw new Error(`seed ${seed}: no optimum (${solved.Status})`);
  const gap = Math.abs(theirs - ours.cost);
  // The solver stops within its own tolerance; a gap beyond it would be a wrong answer.
  if (gap > 2e-3) throw new Error(`seed ${seed}: optima differ, ${ours.cost} against ${theirs}`);
  ratios.push(theirsMs / oursMs);
  print(
    `  end ${seed}: J ${ours.cost.toFixed(4)} (solver ${theirs.toFixed(4)})   ours ${ms(oursMs)}   solver ${ms(theirsMs)}   ratio ${(theirsMs / oursMs).toFixed(0)} ×`,
  );
}
ratios.sort((a, b) => a - b);
print(`  median ratio ${ratios[2]!.toFixed(0)} ×`);

print('cost by grid, 12 kinds × 6 (worst of 8 ends)');
for (const gridMm of [0.05, 0.01]) {
  const worst = Math.max(
    ...[11, 12, 13, 14, 15, 16, 17, 18].map((seed) => timed(endToFill({ kinds: 12, count: 6, gridMm, seed }))),
  );
  print(`  grid ${gridMm} mm: ${ms(worst)}`);
}

print('growth (median of 4 ends, grid 0.05 mm)');
for (const [kinds, count] of [
  [3, 6],
  [6, 6],
  [12, 2],
  [12, 6],
  [12, 20],
  [18, 6],
  [24, 6],
] as const) {
  const times = [21, 22, 23, 24]
    .map((seed) => timed(endToFill({ kinds, count, gridMm: 0.05, seed })))
    .sort((a, b) => a - b);
  print(`  ${kinds} kinds × ${count}: ${ms(times[1]!)}`);
}

function timed(input: AxleStackInput): number {
  return medianMs(9, () => axleStack(input));
}
