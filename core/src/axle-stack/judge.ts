import { said, type Said } from '../said';
import { withLimits, type Limits } from '../limits';
import type { Finding, Verdict } from '../verdict';
import type { AxleStackInput, Stack } from './contract';
import { chanceWithin } from './normal';
import { allowedSpread, beyondStackMm, hundredths } from './problem';

/** How readings usually scatter, in mm. */
export const usualSigma = { spacingMm: 0.15, shoulderMm: 0.05, rimMm: 0.2, rotorMm: 0.1, sprocketMm: 0.1 };

/** The washers and shims of one arrangement, whoever chose them. */
export interface Arrangement {
  left: readonly string[];
  right: readonly string[];
  rotorShimsMm: readonly number[];
  caliperShimsMm: readonly number[];
  /** Washers of one side measured together, where that is known; else the sum of their thicknesses counts. */
  measuredMm?: { left?: number | undefined; right?: number | undefined } | undefined;
}

/**
 * Works out every figure of one arrangement, also of one that was put together by hand and breaks limits.
 *
 * @param input - the end, the hub and the stores
 * @param arrangement - washer ids from the hub outwards on each side, and shims
 * @param thicknessMm - thickness of a washer by id
 */
export function judgeStack(
  input: AxleStackInput,
  arrangement: Arrangement,
  thicknessMm: (id: string) => number,
): Stack {
  const limits = withLimits(input.limits);
  const { hub, want } = input;
  const total = (ids: readonly string[]) => ids.reduce((sum, id) => sum + hundredths(thicknessMm(id)), 0) / 100;
  const sum = (pieces: readonly number[]) => pieces.reduce((all, piece) => all + hundredths(piece), 0) / 100;
  const { measuredMm } = arrangement;
  const a = measuredMm?.left === undefined ? total(arrangement.left) : hundredths(measuredMm.left) / 100;
  const b = measuredMm?.right === undefined ? total(arrangement.right) : hundredths(measuredMm.right) / 100;
  const rotorShimMm = sum(arrangement.rotorShimsMm);
  const caliperShimMm = sum(arrangement.caliperShimsMm);
  const hasRotor = hub.rotorFaceMm !== undefined && want?.rotorFaceMm !== undefined;
  const spreadMm = cut(hub.shoulderWidthMm + a + b - input.spacingMm);
  const rimOffsetMm = cut(hub.rimOffsetMm + (a - b) / 2 + (input.frameOffsetMm ?? 0));
  const rotorErrorMm = hasRotor ? cut(hub.rotorFaceMm! - rotorShimMm + a - (want!.rotorFaceMm! + caliperShimMm)) : 0;
  const sprocketGapMm = hub.smallSprocketMm === undefined ? undefined : cut(hub.smallSprocketMm + b);
  const washerCount = arrangement.left.length + arrangement.right.length;
  const threadLeft = (side: 'left' | 'right', stackMm: number) =>
    cut(hub.axleMm[side] - stackMm - beyondStackMm(input, side) - input.nutMm);
  const { spreadMm: most, pinchMm } = allowedSpread(input, limits);
  const figures = {
    spreadMm,
    rimOffsetMm,
    rotorErrorMm,
    ...(sprocketGapMm !== undefined && { sprocketGapMm }),
  };
  const shims = arrangement.rotorShimsMm.length + arrangement.caliperShimsMm.length;
  return {
    cost:
      4 * rimOffsetMm ** 2 +
      2 * rotorErrorMm ** 2 +
      2 * (spreadMm / Math.max(0.01, spreadMm >= 0 ? most : pinchMm)) ** 2 +
      0.15 * washerCount +
      0.5 * shims,
    left: { inside: [...arrangement.left], totalMm: a },
    right: { inside: [...arrangement.right], totalMm: b },
    rotorShimMm,
    caliperShimMm,
    rotorShimsMm: [...arrangement.rotorShimsMm],
    caliperShimsMm: [...arrangement.caliperShimsMm],
    ...figures,
    threadLeftMm: { left: threadLeft('left', a), right: threadLeft('right', b) },
    washerCount,
    firstTimeRight: firstTimeRight(input, limits, figures, hasRotor),
    verdict: simplyGoes(input, limits, figures) ? 'goes' : 'work',
  };
}

interface Figures {
  spreadMm: number;
  rimOffsetMm: number;
  rotorErrorMm: number;
  sprocketGapMm?: number;
}

function simplyGoes(input: AxleStackInput, limits: Limits, { spreadMm, rimOffsetMm, rotorErrorMm }: Figures): boolean {
  const { spreadMm: most, pinchMm } = allowedSpread(input, limits);
  const dust = 1e-9;
  return (
    Math.abs(rimOffsetMm) <= limits.rimOffsetGoesMm + dust &&
    Math.abs(spreadMm) <= (spreadMm >= 0 ? most : pinchMm) / 2 + dust &&
    Math.abs(rotorErrorMm) <= limits.rotorErrorGoesMm + dust
  );
}

function firstTimeRight(input: AxleStackInput, limits: Limits, figures: Figures, hasRotor: boolean): number {
  const sigma = { ...usualSigma, ...defined(input.sigma) };
  const { spreadMm: most, pinchMm } = allowedSpread(input, limits);
  const adjust = input.want?.rotorAdjustMm ?? 1.5;
  const spreads = chanceWithin(figures.spreadMm, Math.hypot(sigma.spacingMm, sigma.shoulderMm), -pinchMm, most);
  const rim = chanceWithin(figures.rimOffsetMm, sigma.rimMm, -limits.rimOffsetMm, limits.rimOffsetMm);
  const rotor = hasRotor ? chanceWithin(figures.rotorErrorMm, Math.SQRT2 * sigma.rotorMm, -adjust, adjust) : 1;
  const sprocket =
    figures.sprocketGapMm === undefined
      ? 1
      : chanceWithin(figures.sprocketGapMm, sigma.sprocketMm, input.want?.sprocketGapMinMm ?? 4, Infinity);
  return spreads * rim * rotor * sprocket;
}

/** Judges one arrangement figure by figure. Beyond a limit is `stop`. */
export function stackFindings(input: AxleStackInput, stack: Stack): Finding[] {
  const limits = withLimits(input.limits);
  const { spreadMm: most, pinchMm } = allowedSpread(input, limits);
  const { hub, want } = input;
  const findings: Finding[] = [];
  const add = (
    id: string,
    verdict: Verdict,
    measured: number,
    limit: number,
    margin: number,
    because: Said,
    remedies: Said[] = [],
  ) => findings.push({ id, verdict, measured, limit, margin: cut(margin), unit: 'mm', because, remedies });
  const graded = (size: number, goes: number, limit: number): Verdict =>
    size <= goes + 1e-9 ? 'goes' : size <= limit + 1e-9 ? 'work' : 'stop';

  const wide = stack.spreadMm >= 0;
  const spreadLimit = wide ? most : pinchMm;
  const spreadSize = Math.abs(stack.spreadMm);
  add(
    wide ? 'spread' : 'pinch',
    graded(spreadSize, spreadLimit / 2, spreadLimit),
    stack.spreadMm,
    spreadLimit,
    spreadLimit - spreadSize,
    spreadSize < 0.005
      ? said('axle-stack.stack-fills-spacing-exactly')
      : said('axle-stack.stack-is-than-frame-it-may', {
          spreadSize,
          isWide: wide ? 'yes' : 'no',
          spreadLimit,
        }),
    spreadSize > spreadLimit / 2
      ? [
          said('axle-stack.end-by-hand-never-with-nuts', {
            isWide: wide ? 'yes' : 'no',
          }),
        ]
      : [],
  );
  const rim = Math.abs(stack.rimOffsetMm);
  add(
    'rim-offset',
    graded(rim, limits.rimOffsetGoesMm, limits.rimOffsetMm),
    stack.rimOffsetMm,
    limits.rimOffsetMm,
    limits.rimOffsetMm - rim,
    rim < 0.005
      ? said('axle-stack.rim-runs-in-middle-of-bike')
      : said('axle-stack.rim-runs-to-rider-of-middle', {
          rim,
          isRimOffsetMm: stack.rimOffsetMm > 0 ? 'yes' : 'no',
        }),
    rim > limits.rimOffsetGoesMm ? [said('axle-stack.pull-rim-over-by-its-spokes')] : [],
  );
  if (hub.rotorFaceMm !== undefined && want?.rotorFaceMm !== undefined) {
    const adjust = want.rotorAdjustMm ?? 1.5;
    const error = Math.abs(stack.rotorErrorMm);
    add(
      'rotor-error',
      graded(error, limits.rotorErrorGoesMm, adjust),
      stack.rotorErrorMm,
      adjust,
      adjust - error,
      error < 0.005
        ? said('axle-stack.rotor-runs-where-old-one-ran')
        : said('axle-stack.rotor-runs-of-caliper-it-adjusts', {
            error,
            isRotorErrorMm: stack.rotorErrorMm > 0 ? 'yes' : 'no',
            adjust,
          }),
      error > limits.rotorErrorGoesMm ? [said('axle-stack.re-centre-caliper-shim-it-if')] : [],
    );
  }
  if (stack.sprocketGapMm !== undefined) {
    const least = want?.sprocketGapMinMm ?? 4;
    const margin = stack.sprocketGapMm - least;
    add(
      'sprocket-gap',
      margin >= -1e-9 ? 'goes' : 'stop',
      stack.sprocketGapMm,
      least,
      margin,
      said('axle-stack.smallest-sprocket-runs-from-dropout-chain', { sprocketGapMm: stack.sprocketGapMm, least }),
      margin < -1e-9 ? [said('axle-stack.add-washer-inside-on-right')] : [],
    );
  }
  for (const side of ['left', 'right'] as const) {
    const thread = stack.threadLeftMm[side];
    add(
      `thread-${side}`,
      thread >= -1e-9 ? 'goes' : 'stop',
      thread,
      0,
      thread,
      thread >= -1e-9
        ? said('axle-stack.on-of-thread-stand-out-of', { side, thread })
        : said('axle-stack.on-nut-lacks-of-thread', { side, thread: -thread }),
      thread < -1e-9 ? [said('axle-stack.take-washers-or-arm-off-that')] : [],
    );
    const from = hub.threadFromMm?.[side];
    if (from === undefined) continue;
    const reach = stack[side].totalMm + beyondStackMm(input, side) - from;
    add(
      `nut-bottoms-${side}`,
      reach >= -1e-9 ? 'goes' : 'stop',
      cut(stack[side].totalMm + beyondStackMm(input, side)),
      from,
      reach,
      reach >= -1e-9
        ? said('axle-stack.on-nut-clears-end-of-thread', { side, reach })
        : said('axle-stack.on-nut-would-bottom-on-end', { side, reach: -reach }),
      reach < -1e-9 ? [said('axle-stack.add-washer-under-that-nut')] : [],
    );
  }
  return [...findings, ...tabFindings(input, stack)];
}

/** A side that needs a tabbed washer has exactly one, next to the dropout; a side that does not has none. */
function tabFindings({ tabs, washers }: AxleStackInput, stack: Stack): Finding[] {
  const tabbed = new Set(washers.filter(({ kind }) => kind === 'tabbed').map(({ id }) => id));
  return (['left', 'right'] as const).flatMap((side): Finding[] => {
    const { inside } = stack[side];
    const measured = inside.filter((id) => tabbed.has(id)).length;
    const limit = tabs[side] ? 1 : 0;
    const last = inside[inside.length - 1];
    const inPlace = !tabs[side] || (last !== undefined && tabbed.has(last));
    if (measured === limit && inPlace) return [];
    return [
      {
        id: `tab-${side}`,
        verdict: 'stop' as const,
        measured,
        limit,
        margin: null,
        unit: '',
        because: tabs[side]
          ? said('axle-stack.on-exactly-one-tabbed-washer-must', { side })
          : said('axle-stack.on-there-is-no-slot-for', { side }),
        remedies: [
          measured < limit
            ? said('axle-stack.add-tabbed-washer-on', { side })
            : said('axle-stack.put-tabbed-washer-right-on', { side }),
        ],
      },
    ];
  });
}

/** Rid of binary dust; also turns −0 into 0. */
function cut(value: number): number {
  return Number(value.toFixed(6)) + 0;
}

function defined<T extends object>(value: T | undefined): { [K in keyof T]: NonNullable<T[K]> } | object {
  if (!value) return {};
  return Object.fromEntries(Object.entries(value).filter(([, item]) => item !== undefined));
}
