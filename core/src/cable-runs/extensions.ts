import type { CableRunsInput, CableToRun } from './contract';

/** What the connectors at both ends of a piece need beside them. */
export const tailsMm = 80;
/** A limit just met is kept. */
export const dustMm = 1e-6;

type Extension = CableRunsInput['extensions'][number];

/**
 * The fewest extensions, one or two, that make up for what a cable is short of; then the shortest together, then by their ids.
 *
 * @param shortMm - so much is missing
 * @returns null when none is enough
 */
export function extended(
  { plug }: Pick<CableToRun, 'plug'>,
  shortMm: number,
  there: readonly Extension[],
): Extension[] | null {
  const fitting = there.filter((extension) => extension.plug === plug).sort((a, b) => byCode(a.id, b.id));
  const singles = fitting.map((one) => [one]);
  const pairs = fitting.flatMap((one, at) => fitting.slice(at + 1).map((other) => [one, other]));
  for (const choices of [singles, pairs]) {
    const enough = choices
      .filter((choice) => gainedMm(choice) >= shortMm - dustMm)
      .sort((a, b) => gainedMm(a) - gainedMm(b) || byCode(idsOf(a), idsOf(b)));
    if (enough[0]) return enough[0];
  }
  return null;
}

/** Each brings its length and takes the tails of its own connectors. */
export function gainedMm(choice: readonly Extension[]): number {
  return choice.reduce((sum, { lengthMm }) => sum + lengthMm - tailsMm, 0);
}

const idsOf = (choice: readonly Extension[]) => choice.map(({ id }) => id).join(' ');
const byCode = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
