import type { Finding } from '../verdict';

/** A `stop` against which the owner lets a kit go on. */
export interface Override {
  findingId: string;
  because: string;
  /** Who answers for it. */
  person: string;
  at: string;
}

/**
 * Rules that nobody overrides: carbon; the flats do not go into the slot, or do not hold in it; too little thread; an axle
 * that would turn; a part that is cracked; no brake; a wheel that may leave the fork; a damaged pack,
 * a voltage that the controller is not made for, a charger for another pack; and whatever takes its maker's word,
 * which is the maker's to give and not the shop's.
 */
const never = new Set([
  'carbon',
  'material',
  'slot-width',
  'slot-play',
  'slot-depth',
  'filing-plate',
  'through-axle',
  'thread-left',
  'thread-right',
  'nut-bottoms-left',
  'nut-bottoms-right',
  'spins',
  'safety',
  'nut-torque',
  'condition',
  'approval',
  'maker-approval',
  'brake',
  'no-brake',
  'brake-track',
  'ejection',
  'wheel-size',
  'bead-seat',
  'rating',
  'lip',
  'pack-condition',
  'controller-voltage',
  'charger',
]);

/**
 * Whether a finding may be overridden at all, by the owner and with a reason. What is not measured may not: it is measured.
 *
 * @example mayOverride({ id: 'law-power', verdict: 'stop', … }) // true
 * @example mayOverride({ id: 'carbon', verdict: 'stop', … }) // false
 */
export function mayOverride({ id, verdict }: Pick<Finding, 'id' | 'verdict'>): boolean {
  return verdict === 'stop' && !never.has(id.split('.')[0]!);
}

/**
 * The findings as they stand with the owner's overrides: an overridden `stop` becomes `work`, keeps its figures and reason,
 * and says who answers for it and why. Nothing else changes.
 */
export function withOverrides<F extends Finding>(findings: readonly F[], overrides: readonly Override[] = []): F[] {
  return findings.map((finding) => {
    const override = overrides.find(({ findingId }) => findingId === finding.id);
    if (!override || !mayOverride(finding)) return finding;
    const { person, because } = override;
    return { ...finding, verdict: 'work' as const, overridden: { person, because } };
  });
}
