import { isCarbon, needsApproval, type EndFacts } from '../end-facts';
import { withLimits, type LimitsInput } from '../limits';
import type { Wheel } from '../parts';
import { finding, told, type Finding } from '../verdict';

/** What is judged of the end itself, whatever wheel goes in: condition, faces, the maker's word. */
export function endFindings(facts: EndFacts, wheel: Wheel, own: LimitsInput | undefined): Finding[] {
  if (isCarbon(facts)) return [];
  return [
    condition(facts),
    approval(facts),
    faces(facts, withLimits(own).faceAngleDeg),
    brake(facts, wheel),
    gears(facts, wheel),
  ].filter((finding): finding is Finding => finding !== null);
}

function condition({ condition: seen }: EndFacts): Finding | null {
  switch (seen) {
    case 'sound':
      return told('condition', 'goes', 'No cracks, bends or play were found.');
    case 'surface-rust':
      return told('condition', 'work', 'There is rust on the surface.', [
        'Clean to bright metal, look again for cracks, protect.',
      ]);
    case 'bent':
      return told('condition', 'stop', 'The end is bent.', [
        'Replace the fork or have the frame straightened by a frame builder.',
      ]);
    case 'cracked':
      return told('condition', 'stop', 'The end is cracked.', [
        'Replace the fork or frame; a crack grows under a motor.',
      ]);
    case 'play':
      return told('condition', 'stop', 'There is play in the fork or its bearings.', [
        'Set or renew the bearings, then look again.',
      ]);
    case 'unsure':
      return told('condition', 'unknown', 'Nobody is sure about the condition.', [
        'Clean it and look again in good light, or ask a frame builder.',
      ]);
    default:
      return null;
  }
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

function faces({ faceAngleDeg }: EndFacts, limitDeg: number): Finding | null {
  if (faceAngleDeg === null) return null;
  const goes = faceAngleDeg <= limitDeg + 1e-9;
  const angle = Number(faceAngleDeg.toFixed(2));
  return finding(
    'faces-parallel',
    goes ? 'goes' : 'work',
    goes
      ? `The dropout faces stand ${angle}° to each other.`
      : `The dropout faces stand ${angle}° to each other: nuts would bend the axle.`,
    { measured: faceAngleDeg, limit: limitDeg, margin: limitDeg - faceAngleDeg, unit: '°' },
    goes ? [] : ['Have the dropouts aligned before the wheel goes in.'],
  );
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
