import { conditionRule, facesRule } from '../bike-checks';
import { isCarbon, needsApproval, type EndFacts } from '../end-facts';
import { inMm } from '../figures';
import { withLimits } from '../limits';
import type { Wheel } from '../parts';
import { finding, told, type Finding } from '../verdict';
import type { EndFitInput } from './contract';

/** What is judged of the end itself, whatever wheel goes in: condition, faces, the maker's word, brake and chain. */
export function endFindings({ facts, wheel, approval, limits: own }: EndFitInput): Finding[] {
  if (isCarbon(facts)) return [];
  const { condition } = facts;
  return [
    condition === null ? null : conditionRule(condition),
    aluminiumKind(facts),
    makerApproval(facts, approval),
    facts.faceAngleDeg === null ? null : facesRule(facts.faceAngleDeg, withLimits(own).faceAngleDeg),
    ...brakeRules(facts, wheel),
    rotorReadings(facts),
    sprocketSeat(facts, wheel),
  ].filter((item): item is Finding => item !== null);
}

/** "Aluminium, not sure which" goes on as cast: the weaker of the two. */
function aluminiumKind({ aluminiumUnsure }: EndFacts): Finding | null {
  if (!aluminiumUnsure) return null;
  return told('aluminium-kind', 'work', 'Which aluminium it is nobody could say: it counts as cast.', [
    'Ask the maker whether it is forged; then answer again.',
  ]);
}

function makerApproval(facts: EndFacts, approval: EndFitInput['approval']): Finding | null {
  if (!needsApproval(facts)) return null;
  const metals = [facts.material, facts.bladeMaterial];
  const weak = facts.suspension === true || metals.includes('cast-aluminium') || metals.includes('magnesium');
  const filed = facts.sides.left.filedMm > 0 || facts.sides.right.filedMm > 0;
  const what = facts.suspension
    ? 'a suspension fork'
    : weak
      ? 'a cast or magnesium fork end'
      : filed
        ? 'a filed aluminium fork end'
        : 'an aluminium fork end';
  const write = 'Ask the maker; write down who said it, when, and in which document.';
  if (facts.makerApproval === null) {
    return told('maker-approval', 'unknown', `Whether its maker allows a motor in ${what} is not recorded.`, [write]);
  }
  if (!facts.makerApproval) {
    return weak || filed
      ? told('maker-approval', 'stop', `A motor in ${what} needs its maker's word in writing.`, [
          write,
          'Change to a rigid steel fork.',
          'Fit the motor at the rear.',
        ])
      : told('maker-approval', 'work', `The maker of ${what} has not been asked, or says nothing.`, [
          `${write} Two arms all the same.`,
        ]);
  }
  // That there is a document is not enough: somebody says whose, from when, and which.
  if (!approval) {
    return told('maker-approval', 'unknown', `The maker allows a motor in ${what}, it is said: by whom, when, where?`, [
      'Write down who allowed it, when, and which document says so.',
    ]);
  }
  const { by, date, document } = approval;
  return told(
    'maker-approval',
    weak || filed ? 'work' : 'goes',
    `The maker allows a motor in ${what}: ${by}, ${date}, ${document}.`,
    weak || filed ? ['Keep the document with the job.'] : [],
  );
}

const atRim = 'Brake on the rim instead: fit rim brakes to the bosses.';

/**
 * What brakes this end once the motor wheel is in. A hub brake goes with the old hub; a rotor needs a place on the new one.
 * A rim brake takes over where fork or frame has its bosses and the new rim a track.
 */
function brakeRules(facts: EndFacts, wheel: Wheel): Finding[] {
  const { brake, end } = facts;
  if (brake === 'none') return [told('brake', 'stop', 'This end has no brake.', ['Fit a brake before a motor.'])];
  if (brake === null || brake === 'rim') return [];
  const lost = brake === 'other';
  if (!lost && wheel.rotorFaceMm !== null) return [];
  const why = lost
    ? `The ${end} brake sits in the old hub and goes with it.`
    : 'The bike brakes with a rotor; this hub has no place for one.';
  const bosses = facts.words.get('rim-bosses');
  const track = wheel.kit?.rim?.brakeTrack;
  const other = lost ? 'Fit another brake at this end before the motor.' : 'Take a wheel with a rotor mount.';
  if (bosses === undefined) {
    return [told('brake', 'unknown', `${why} Whether rim brakes can be fitted is not recorded.`, ['Look for bosses.'])];
  }
  if (bosses !== 'bosses' || track === false) {
    return [
      told(
        'brake',
        'stop',
        `${why} ${bosses === 'bosses' ? 'Its rim has no brake track.' : 'There are no bosses for a rim brake.'}`,
        [
          bosses === 'bosses' ? 'Take a wheel whose rim has a brake track.' : 'Take a wheel with a rotor mount.',
          'Fit the motor at the other end.',
        ],
      ),
    ];
  }
  if (track === undefined) {
    return [told('brake', 'unknown', `${why} Whether the new rim has a brake track is not known.`, [other])];
  }
  return [told('brake', 'work', `${why} There are bosses, and the new rim has a track.`, [atRim, other])];
}

/** Two ways to read the rotor's place that do not agree, in mm [J]. */
const rotorApartMm = 0.5;

function rotorReadings({ brake, lengths }: EndFacts): Finding | null {
  const inboard = lengths.get('rotor-inboard')?.valueMm ?? null;
  const outer = lengths.get('rotor-outer')?.valueMm ?? null;
  const thickness = lengths.get('rotor-thickness')?.valueMm ?? null;
  if (brake !== 'disc' || inboard === null || outer === null || thickness === null) return null;
  const apart = Math.abs(outer + thickness - inboard);
  if (apart <= rotorApartMm + 1e-9) return null;
  return finding(
    'rotor-readings',
    'unknown',
    `To its inner face the rotor reads ${inMm(inboard)}; outer face and thickness say ${inMm(outer + thickness)}.`,
    { measured: apart, limit: rotorApartMm, margin: rotorApartMm - apart },
    ['Measure the rotor again and take back the reading that is wrong.'],
  );
}

/** A chain needs a sprocket, with one speed or with many. */
function sprocketSeat({ chain }: EndFacts, wheel: Wheel): Finding | null {
  if (chain !== true) return null;
  const takes = wheel.kit?.hub.takes;
  if (wheel.smallSprocketMm !== null && takes !== 'none') return null;
  return told('gears', 'stop', 'The chain needs a sprocket here; this hub has no place for one.', [
    'Take a wheel with sprockets.',
  ]);
}
