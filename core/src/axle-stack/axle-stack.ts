import type { Finding } from '../verdict';
import { partName } from '../part-names';
import { listed, said } from '../said';
import { InputError, readInput } from '../input';
import { told, worstFirst } from '../verdict';
import { AxleStackInput, type AxleStackResult } from './contract';
import { carbonEnd, whyImpossible } from './impossible';
import { judgeStack, stackFindings } from './judge';
import { hundredths, problemOf, type Problem } from './problem';
import { cheapestStacks } from './search';

/** Whether this left stack may go with these shims under rotor and caliper, all in mm. */
export type AllowsShims = (leftMm: number, rotorShimMm: number, caliperShimMm: number) => boolean;

/**
 * Which washers go where, on both sides, so that the hub fills the spacing, the rim runs in the middle, the rotor is in
 * the caliper, the sprocket clears the frame and the nuts have thread?
 *
 * Every choice of at most five washers a side from the stores is covered, with one or two rotor and caliper shims; the
 * cheapest by J = 4·O² + 2·R² + 2·(S/limit)² + 0.15·washers + 0.5·shims come back, exactly. Works in whole 0.01 mm.
 *
 * @param input - dropouts, hub, wishes, stores and limits; lateral figures positive toward the drive side
 * @returns the best stacks, or the limit that forbids all of them and the cheapest purchase
 * @param allows - which shims may go with a left stack, where bolts, caliper and fork leg forbid some
 * @throws InputError for values out of range or unknown fields
 *
 * @example
 * axleStack({
 *   spacingMm: 100, material: 'steel', plateMm: { left: 5, right: 5 },
 *   hub: { shoulderWidthMm: 96, rimOffsetMm: 0, axleMm: { left: 40, right: 40 }, threadMm: 12 },
 *   outside: { left: [], right: [] }, nutMm: 9, tabs: { left: false, right: false },
 *   washers: [{ id: 'w2', kind: 'plain', thicknessMm: 2, count: 4 }], rotorShims: [],
 * }).stacks[0]
 * // { cost: 0.3, left: { inside: ['w2'], totalMm: 2 }, right: { inside: ['w2'], totalMm: 2 }, spreadMm: 0, … }
 */
export function axleStack(input: AxleStackInput, allows?: AllowsShims): AxleStackResult {
  const read = toHundredths(readInput(AxleStackInput, input));
  refuseDoubleIds(read);
  if (read.material === 'carbon') return carbonResult();
  const problem = problemWith(read, allows);
  const possible = judged(read, problem);
  if (possible) return possible;
  const impossible = whyImpossible(read, problem);
  return { verdict: 'stop', findings: [impossibleFinding(impossible)], stacks: [], impossible };
}

/**
 * The same, for trying many ways: null where no stack is possible, without asking why, which takes far longer.
 */
export function possibleStacks(input: AxleStackInput, allows?: AllowsShims): AxleStackResult | null {
  const read = toHundredths(readInput(AxleStackInput, input));
  refuseDoubleIds(read);
  return read.material === 'carbon' ? null : judged(read, problemWith(read, allows));
}

function problemWith(read: AxleStackInput, allows: AllowsShims | undefined): Problem {
  const problem = problemOf(read);
  if (!allows) return problem;
  return { ...problem, allows: (left, rotor, caliper) => allows(left / 100, rotor / 100, caliper / 100) };
}

function judged(read: AxleStackInput, problem: Problem): AxleStackResult | null {
  const found = cheapestStacks(problem, read.top ?? 5);
  if (found.length === 0) return null;
  const thickness = new Map(read.washers.map((washer) => [washer.id, washer.thicknessMm]));
  const stacks = found.map((candidate) =>
    judgeStack(
      read,
      {
        left: candidate.left.map((index) => problem.washers[index]!.id),
        right: candidate.right.map((index) => problem.washers[index]!.id),
        rotorShimsMm: candidate.shims.rotorShims.map((shim) => shim / 100),
        caliperShimsMm: candidate.shims.caliperShims.map((shim) => shim / 100),
      },
      (id) => thickness.get(id)!,
    ),
  );
  return { verdict: stacks[0]!.verdict, findings: worstFirst(stackFindings(read, stacks[0]!)), stacks };
}

function carbonResult(): AxleStackResult {
  const impossible = carbonEnd();
  const remedies = [said('shared.fit-motor-at-other-end-if'), said('shared.otherwise-mid-drive')];
  return { verdict: 'stop', findings: [told('carbon', 'stop', impossible.because, remedies)], stacks: [], impossible };
}

function refuseDoubleIds({ washers }: AxleStackInput): void {
  const seen = new Set<string>();
  washers.forEach(({ id }, index) => {
    if (seen.has(id)) throw new InputError(`washers.${index}.id`, id, said('shared.different-from-every-other-id'));
    seen.add(id);
  });
}

function impossibleFinding(impossible: NonNullable<AxleStackResult['impossible']>): Finding {
  const bought = impossible.purchase?.map(({ kind, thicknessMm, count }) =>
    said('axle-stack.so-many-of', { count, part: partName(kind, thicknessMm) }),
  );
  return {
    id: impossible.limit,
    verdict: 'stop' as const,
    measured: null,
    limit: null,
    margin: null,
    unit: 'mm',
    because: impossible.because,
    remedies: [
      bought ? said('axle-stack.get', { parts: listed(bought, 'comma') }) : said('axle-stack.take-another-wheel'),
    ],
  };
}

/** Lengths on the 0.01 mm grid, so that search and judgement see the same figures. */
function toHundredths(input: AxleStackInput): AxleStackInput {
  const on = (value: number) => hundredths(value) / 100;
  const onMaybe = (value: number | undefined) => (value === undefined ? undefined : on(value));
  const both = (pair: { left: number; right: number }) => ({ left: on(pair.left), right: on(pair.right) });
  const parts = (list: AxleStackInput['outside']['left']) =>
    list.map((part) => ({ ...part, thicknessMm: on(part.thicknessMm) }));
  const { hub, want } = input;
  return {
    ...input,
    spacingMm: on(input.spacingMm),
    frameOffsetMm: on(input.frameOffsetMm ?? 0),
    plateMm: both(input.plateMm),
    hub: {
      ...hub,
      shoulderWidthMm: on(hub.shoulderWidthMm),
      rimOffsetMm: on(hub.rimOffsetMm),
      axleMm: both(hub.axleMm),
      threadFromMm: hub.threadFromMm && both(hub.threadFromMm),
      rotorFaceMm: onMaybe(hub.rotorFaceMm),
      smallSprocketMm: onMaybe(hub.smallSprocketMm),
    },
    want: want && {
      rotorFaceMm: onMaybe(want.rotorFaceMm),
      rotorAdjustMm: onMaybe(want.rotorAdjustMm),
      caliperShimsMm: want.caliperShimsMm?.map(on),
      sprocketGapMinMm: onMaybe(want.sprocketGapMinMm),
    },
    outside: { left: parts(input.outside.left), right: parts(input.outside.right) },
    nutMm: on(input.nutMm),
    washers: input.washers.map((washer) => ({ ...washer, thicknessMm: on(washer.thicknessMm) })),
    rotorShims: input.rotorShims.map(on),
  };
}
