import { factsOf, fit, type FitInput } from '@cricket/core/fit';
import { match, type MatchInput } from '@cricket/core/match';
import { matchExample } from '../core/calc/examples';

import { medianMs } from './median';

const ms = (value: number) => `${value < 10 ? value.toFixed(1) : value.toFixed(0)} ms`;
const print = (line: string) => process.stdout.write(`${line}\n`);

const { ends, bike, wheels, stores } = matchExample;
const [wheel] = wheels;
const facts = factsOf('front', ends.front!);
const washers = (kinds: number) =>
  Array.from({ length: kinds }, (_, index) => ({
    ...stores[0]!,
    id: `w${index}`,
    thicknessMm: Number((0.5 + 0.25 * index).toFixed(2)),
    count: 6,
  }));
const input = (kinds: number): FitInput => ({
  facts,
  bike,
  wheel: wheel!,
  stores: [...stores, ...washers(kinds)],
  delivered: null,
});

const base = medianMs(40, () => fit(input(4)));
print(`fit, 4 kinds of washer: ${ms(base)} median`);
for (const kinds of [8, 12, 18]) {
  const here = medianMs(20, () => fit(input(kinds)));
  print(`  ${kinds} kinds: ${ms(here)}   ${(here / base).toFixed(1)} × of 4 kinds`);
}

/** Kits of which a third fits well, a third badly and a third not at all. */
const kits = (count: number): MatchInput['wheels'] =>
  Array.from({ length: count }, (_, index) => ({
    ...wheel!,
    id: `k${index}`,
    code: `K-${index}`,
    shoulderWidthMm: [92, 96 + (index % 5), 127][index % 3]!,
  }));
const catalogue = (count: number): MatchInput => ({
  ends: { front: facts, rear: { ...facts, end: 'rear' } },
  bike,
  stores: [...stores, ...washers(8)],
  delivered: null,
  wheels: kits(count),
});
const one = medianMs(5, () => match(catalogue(6))) / 12;
for (const count of [6, 20, 60]) {
  const whole = medianMs(3, () => match(catalogue(count)));
  print(`match, ${count} kits × 2 ends: ${ms(whole)}   ${(whole / (2 * count) / one).toFixed(2)} × per row of 6 kits`);
}
