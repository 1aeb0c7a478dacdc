import type { AxleStackInput } from '@cricket/core/axle-stack';

/** Steel's limits, as the ends of this bench have them. */
const spreadMm = 3;
const pinchMm = 1;

/**
 * The same model as a mixed-integer linear program in LP format: counts of each washer a side, shims as yes or no, and each
 * squared term as the upper envelope of its chords between grid points, which is exact on the grid.
 */
export function asLinearProgram(input: AxleStackInput): { text: string; constant: number } {
  const { hub, want, washers, rotorShims } = input;
  const caliperShims = want?.caliperShimsMm ?? [];
  const grid = 0.01;
  const left = washers.map((washer, k) => `${washer.thicknessMm} l${k}`);
  const right = washers.map((washer, k) => `${washer.thicknessMm} r${k}`);
  const plus = (terms: readonly string[]) => terms.join(' + ');
  const room = input.spacingMm - hub.shoulderWidthMm;
  const middle = hub.rimOffsetMm + (input.frameOffsetMm ?? 0);
  const rotor = hub.rotorFaceMm! - want!.rotorFaceMm!;
  const adjust = want?.rotorAdjustMm ?? 1.5;
  const past = (side: 'left' | 'right') =>
    input.plateMm[side] + input.outside[side].reduce((sum, part) => sum + part.thicknessMm, 0);
  const rows: string[] = [];
  const row = (text: string) => rows.push(` c${rows.length}: ${text}`);
  const kinds = (kind: string, side: string) =>
    washers.flatMap((washer, k) => (washer.kind === kind ? [`${side}${k}`] : []));

  for (const side of ['l', 'r']) {
    row(`${plus(washers.map((_, k) => `${side}${k}`))} <= 5`);
    row(`${plus(kinds('tabbed', side))} = 1`);
  }
  washers.forEach((washer, k) => row(`l${k} + r${k} <= ${washer.count}`));
  row(`s - ${plus([...left, ...right]).replaceAll(' + ', ' - ')} = ${-room}`);
  row(`o - ${plus(left.map(half)).replaceAll(' + ', ' - ')} + ${plus(right.map(half))} = ${middle}`);
  row(
    `e - ${plus(left).replaceAll(' + ', ' - ')} + ${plus([...rotorShims.map((q, k) => `${q} q${k}`), ...caliperShims.map((p, k) => `${p} p${k}`)])} = ${rotor}`,
  );
  row(`${plus(rotorShims.map((_, k) => `q${k}`))} <= 2`);
  row(`${plus(caliperShims.map((_, k) => `p${k}`))} <= 2`);
  row(`${plus(right)} >= ${(want?.sprocketGapMinMm ?? 4) - hub.smallSprocketMm!}`);
  for (const [side, terms] of [
    ['left', left],
    ['right', right],
  ] as const) {
    row(`${plus(terms)} <= ${hub.axleMm[side] - past(side) - input.nutMm}`);
    row(`${plus(terms)} >= ${(hub.threadFromMm?.[side] ?? 0) - past(side)}`);
  }
  chords('o', 'to', -2, 2, grid / 2, (value) => 4 * value ** 2);
  chords('e', 'te', -adjust, adjust, grid, (value) => 2 * value ** 2);
  chords('s', 'ts', -pinchMm, spreadMm, grid, (value) => 2 * (value / (value >= 0 ? spreadMm : pinchMm)) ** 2);

  const counts = washers.flatMap((_, k) => [`l${k}`, `r${k}`]);
  const shims = [...rotorShims.map((_, k) => `q${k}`), ...caliperShims.map((_, k) => `p${k}`)];
  const objective = plus([
    'to',
    'te',
    'ts',
    ...counts.map((name) => `0.15 ${name}`),
    ...shims.map((name) => `0.5 ${name}`),
  ]);
  const text = [
    'Minimize',
    ` obj: ${objective}`,
    'Subject To',
    ...rows,
    'Bounds',
    ` -2 <= o <= 2`,
    ` ${-adjust} <= e <= ${adjust}`,
    ` ${-pinchMm} <= s <= ${spreadMm}`,
    ...counts.map((name) => ` 0 <= ${name} <= 5`),
    'General',
    ` ${counts.join(' ')}`,
    'Binary',
    ` ${shims.join(' ')}`,
    'End',
  ].join('\n');
  return { text: text.replaceAll('- -', '+ ').replaceAll('+ -', '- '), constant: 0 };

  function half(term: string): string {
    const [figure, name] = term.split(' ') as [string, string];
    return `${Number(figure) / 2} ${name}`;
  }

  function chords(
    variable: string,
    above: string,
    from: number,
    to: number,
    step: number,
    value: (at: number) => number,
  ): void {
    const steps = Math.round((to - from) / step);
    for (let n = 0; n < steps; n++) {
      const a = from + n * step;
      const b = a + step;
      const slope = (value(b) - value(a)) / step;
      const start = value(a) - slope * a;
      row(`${above} ${slope >= 0 ? '-' : '+'} ${Math.abs(slope).toFixed(12)} ${variable} >= ${start.toFixed(12)}`);
    }
  }
}
