import { conditionRule, facesRule } from '../bike-checks';
import { isCarbon, needsApproval, type EndFacts } from '../end-facts';
import { withLimits, type LimitsInput } from '../limits';
import type { Wheel } from '../parts';
import { told, type Finding } from '../verdict';

/** What is judged of the end itself, whatever wheel goes in: condition, faces, the maker's word. */
export function endFindings(facts: EndFacts, wheel: Wheel, own: LimitsInput | undefined): Finding[] {
  if (isCarbon(facts)) return [];
  const { condition } = facts;
  return [
    condition === null ? null : conditionRule(condition),
    approval(facts),
    facts.faceAngleDeg === null ? null : facesRule(facts.faceAngleDeg, withLimits(own).faceAngleDeg),
    brake(facts, wheel),
    gears(facts, wheel),
  ].filter((finding): finding is Finding => finding !== null);
}

function approval(facts: EndFacts): Finding | null {
  if (!needsApproval(facts)) return null;
  const what = facts.suspension ? 'a suspension fork' : 'a cast or magnesium fork end';
  if (facts.makerApproval === null) {
    return told('maker-approval', 'unknown', `Whether its maker allows a motor in ${what} is not recorded.`, [
      'Ask the maker; get it in writing.',
    ]);
  }
  return facts.makerApproval
    ? told('maker-approval', 'work', `The maker allows a motor in ${what}, in writing.`, [
        'Keep the document with the job.',
      ])
    : told('maker-approval', 'stop', `A motor in ${what} needs its maker's word in writing.`, [
        'Change to a rigid steel fork.',
        'Fit the motor at the rear.',
      ]);
}

function brake({ brake: kind }: EndFacts, wheel: Wheel): Finding | null {
  if (kind === 'none') return told('brake', 'stop', 'This end has no brake.', ['Fit a brake before a motor.']);
  if (kind !== 'disc' || wheel.rotorFaceMm !== null) return null;
  return told('brake', 'stop', 'The bike brakes with a rotor; this hub has no place for one.', [
    'Take a wheel with a rotor mount.',
  ]);
}

function gears({ end, speeds }: EndFacts, wheel: Wheel): Finding | null {
  if (end !== 'rear' || !speeds || wheel.smallSprocketMm !== null) return null;
  return told('gears', 'stop', 'The bike needs sprockets here; this hub has no place for them.', [
    'Take a wheel with sprockets.',
  ]);
}
