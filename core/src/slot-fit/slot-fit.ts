import { said } from '../said';
import { InputError, readInput } from '../input';
import { withLimits, type Limits } from '../limits';
import { finding, notMeasured, worstFirst, worstOf, type Finding } from '../verdict';
import { SlotFitInput, type SlotFitResult } from './contract';
import type { SlotFacts } from './facts';
import { flatChordMm } from './geometry';
import {
  carbonRule,
  depthRule,
  engagement,
  filingPlateRule,
  lipRule,
  materialRule,
  playRule,
  rock,
  shiftRule,
  widthRule,
} from './rules';

/** Added to the flats when a slot is filed, so that the axle drops in by hand, in mm. */
const filingPlayMm = 0.05;

/**
 * Does this axle sit in this dropout, and how?
 *
 * Chord l = sqrt(D² − w²). A slot narrower than the flats is filed by w − s + 0.05 where material and plate allow.
 * In a round seat the corners of the flats hold the axle up: centre yc = max(D/2, l/2 + s/2 − ½·sqrt(s² − w²)); the
 * flat engaged is min(l, depth − mouth − (yc − l/2)). A part over a retaining lip needs a C-washer.
 * Carbon is `stop` before anything is measured; a missing reading is `unknown`, never `goes`.
 *
 * @param input - axle, one side of the end, C-washers in the stores, the workshop's limits
 * @returns verdict, findings (worst first) and the figures that decide
 * @throws InputError for values out of range, flats not smaller than the thread, or slotMax under slotMin
 *
 * @example
 * slotFit({
 *   axle: { threadMm: 12, flatsMm: 10 },
 *   side: { kind: 'open', slotMinMm: 10.05, slotMaxMm: 10.1, depthMm: 14, plateMm: 5, material: 'steel', oldAxleMm: 9 },
 * })
 * // { verdict: 'work', axleShiftMm: 3.34, axleCentreMm: 7.84, depthNeededMm: 12.16, … }
 */
export function slotFit(input: SlotFitInput): SlotFitResult {
  const read = readInput(SlotFitInput, input);
  const { axle, side } = read;
  refuseContradictions(axle, side);
  const carbon = carbonRule(side);
  if (side.kind === 'closed' || axle.throughMm !== undefined) {
    return withoutFigures([...(carbon ? [carbon] : []), throughRule(axle, side, withLimits(read.limits))]);
  }
  const facts = slotFacts(read);
  const { centreMm, engagedMm } = engagement(facts);
  const shiftMm = centreMm === null || side.oldAxleMm === undefined ? null : centreMm - side.oldAxleMm / 2;
  const lip = lipRule(facts, shiftMm);
  const findings = worstFirst(
    [
      carbon,
      materialRule(facts),
      widthRule(facts),
      filingPlateRule(facts),
      playRule(facts),
      depthRule(facts, centreMm, engagedMm),
      shiftRule(facts, shiftMm),
      lip?.finding ?? null,
    ].filter((item): item is Finding => item !== null),
  );
  const partly = engagedMm !== null && engagedMm < facts.chordMm - 1e-9;
  return {
    verdict: carbon ? 'stop' : worstOf(findings.map((item) => item.verdict)),
    findings,
    chordMm: facts.chordMm,
    clearanceMm: side.slotMinMm === undefined ? null : clean(side.slotMinMm - axle.flatsMm),
    fileMm: facts.fileMm,
    filedMm: facts.filedMm,
    rockDeg: rock(facts),
    axleCentreMm: centreMm,
    depthNeededMm: centreMm === null ? null : centreMm + facts.chordMm / 2 + facts.limits.slotMouthMm,
    flatEngagedMm: engagedMm,
    axleShiftMm: shiftMm,
    cWasher: lip?.cWasher ?? null,
    twoArms: (facts.fileMm ?? 0) + facts.filedMm > 0 || partly,
  };
}

function slotFacts({ axle, side, cWashers = [], regen = false, limits }: SlotFitInput): SlotFacts {
  const { slotMinMm, slotMaxMm } = side;
  const clearance = slotMinMm === undefined ? null : slotMinMm - axle.flatsMm;
  const fileMm = clearance === null ? null : clearance < 0 ? clean(filingPlayMm - clearance) : 0;
  const filedMinMm = slotMinMm === undefined || fileMm === null ? null : slotMinMm + fileMm;
  return {
    axle,
    side,
    limits: withLimits(limits),
    regen,
    cWashers,
    uncertaintyMm: side.uncertaintyMm ?? 0,
    chordMm: flatChordMm(axle.threadMm, axle.flatsMm),
    fileMm,
    filedMm: side.filedMm ?? 0,
    filedMinMm,
    filedMaxMm: slotMaxMm === undefined || filedMinMm === null ? null : Math.max(slotMaxMm, filedMinMm),
  };
}

function throughRule(axle: SlotFitInput['axle'], side: SlotFitInput['side'], { throughPlayMm }: Limits): Finding {
  if (side.kind === 'open') {
    return finding('through-axle', 'stop', said('slot-fit.hub-is-made-for-through-axle'), { unit: '' }, [
      said('slot-fit.take-hub-with-flats'),
    ]);
  }
  if (side.holeMm === undefined) return notMeasured('through-axle', said('slot-fit.hole'));
  const other = [said('shared.fit-motor-at-other-end'), said('shared.otherwise-mid-drive')];
  if (axle.throughMm === undefined) {
    return finding(
      'through-axle',
      'stop',
      said('slot-fit.end-is-closed-hole-this-axle', { holeMm: side.holeMm }),
      { measured: side.holeMm, limit: null, margin: null },
      other,
    );
  }
  const difference = Math.abs(side.holeMm - axle.throughMm);
  const figures = { measured: side.holeMm, limit: axle.throughMm, margin: throughPlayMm - difference };
  return difference <= throughPlayMm + 1e-9
    ? finding(
        'through-axle',
        'goes',
        said('slot-fit.hub-is-made-for-this-hole', { throughMm: axle.throughMm }),
        figures,
      )
    : finding(
        'through-axle',
        'stop',
        said('slot-fit.hub-is-made-for-hole-not', { throughMm: axle.throughMm, holeMm: side.holeMm }),
        figures,
        other,
      );
}

function withoutFigures(findings: Finding[]): SlotFitResult {
  return {
    verdict: worstOf(findings.map((item) => item.verdict)),
    findings: worstFirst(findings),
    chordMm: null,
    clearanceMm: null,
    fileMm: null,
    filedMm: 0,
    rockDeg: null,
    axleCentreMm: null,
    depthNeededMm: null,
    flatEngagedMm: null,
    axleShiftMm: null,
    cWasher: null,
    twoArms: false,
  };
}

function refuseContradictions(axle: SlotFitInput['axle'], side: SlotFitInput['side']): void {
  if (axle.throughMm === undefined && axle.flatsMm >= axle.threadMm) {
    throw new InputError('axle.flatsMm', axle.flatsMm, said('shared.smaller-than-thread', { threadMm: axle.threadMm }));
  }
  if (side.slotMinMm !== undefined && side.slotMaxMm !== undefined && side.slotMaxMm < side.slotMinMm) {
    throw new InputError(
      'side.slotMaxMm',
      side.slotMaxMm,
      said('slot-fit.at-least-slotminmm', { slotMinMm: side.slotMinMm }),
    );
  }
}

/** Rid of binary dust, so that 10.05 − 10 is 0.05. */
function clean(value: number): number {
  return Number(value.toFixed(9));
}
