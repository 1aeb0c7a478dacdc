import { said, sentences } from '../said';
import { InputError, readInput } from '../input';
import { withLimits } from '../limits';
import { worstFirst, worstOf, type Verdict } from '../verdict';
import { balanceOf, clampForces } from './balance';
import { TorqueReactionInput, type TorqueReactionResult } from './contract';
import { ruleFindings } from './judge';
import { holds, torqueRemedies } from './remedies';

/**
 * Does the axle stay where it is when the motor pulls, with tight nuts and with slack ones?
 *
 * Friction T_f = 2·µ·F·r per side with F = 0.7·T_nut/(0.20·d); slot T_s = σ·l_e²·t/4; arm T_a = the smaller of its hole's
 * moment and its clamps'. Safety n = (ΣT_f + ΣT_s + ΣT_a)/(k·T) with k 1.5, braking motors 2.0; slack nuts
 * n0 = (ΣT_s + ΣT_a)/T. What bears more than 2° later than the first is left out. A sum that does not hold is `work` when
 * one or two actions mend it, else `stop`. An estimate for ranking and explaining: a maker's figure always wins.
 *
 * @param input - motor torque, axle, both sides with nuts, plates and arms
 * @returns verdict, findings, the shares and what would help
 * @throws InputError for values out of range, flats not under the thread, or a face not over it
 *
 * @example
 * torqueReaction({ end: 'front', peakTorqueNm: 35, regen: false, axle: { threadMm: 12, flatsMm: 10 }, sides: … })
 * // steel, plates 4.5, nuts 40 N·m, no arm: { verdict: 'work', safety: 1.34, safetySlack: 0.71, … }
 */
export function torqueReaction(input: TorqueReactionInput): TorqueReactionResult {
  const read = readInput(TorqueReactionInput, input);
  refuseContradictions(read);
  const limits = withLimits(read.limits);
  const balance = balanceOf(read, limits);
  const rules = ruleFindings(read, balance, limits);
  const stopped = rules.some(({ verdict }) => verdict === 'stop');
  const nowHolds = !stopped && holds(read, limits);
  const worst = worstOf(rules.map(({ verdict }) => verdict));
  const remedies = stopped || worst === 'goes' ? [] : torqueRemedies(read, limits);
  const verdict: Verdict = stopped || (!nowHolds && remedies.length === 0) ? 'stop' : worst;
  // A sum that no remedy mends is the reason to stop.
  const findings = rules.map((rule) => {
    if (rule.verdict !== 'work' || !mended.has(rule.id)) return rule;
    // Nothing holds as long as something else stops it: what stops comes first.
    if (stopped) return { ...rule, verdict, remedies: [said('torque-reaction.mend-what-stops-it-first-then')] };
    return verdict === 'stop'
      ? {
          ...rule,
          verdict,
          remedies: [said('torque-reaction.take-motor-with-less-torque'), said('shared.fit-motor-at-other-end')],
        }
      : { ...rule, remedies: remedies.slice(0, mostShown).map(({ actions }) => sentences(actions)) };
  });
  return {
    verdict,
    findings: worstFirst(findings),
    ...balance,
    clampForceN: clampForces(read, balance),
    remedies,
  };
}

/** Findings that arms, nuts or current would have to mend. */
const mended = new Set(['safety', 'safety-slack', 'two-arms']);

/** How many of the sets that help stand beside a sum that does not hold. */
const mostShown = 3;

function refuseContradictions({ axle, sides }: TorqueReactionInput): void {
  if (axle.throughMm === undefined && axle.flatsMm >= axle.threadMm) {
    throw new InputError('axle.flatsMm', axle.flatsMm, said('shared.smaller-than-thread', { threadMm: axle.threadMm }));
  }
  for (const side of ['left', 'right'] as const) {
    const { faceDiameterMm } = sides[side];
    if (faceDiameterMm <= axle.threadMm) {
      throw new InputError(
        `sides.${side}.faceDiameterMm`,
        faceDiameterMm,
        said('torque-reaction.larger-than-thread', { threadMm: axle.threadMm }),
      );
    }
  }
}
