import { said, sentences, type Said } from '../said';
import { InputError, readInput } from '../input';
import { withLimits } from '../limits';
import { finding, told, worstFirst, worstOf, type Finding } from '../verdict';
import { ArmFitInput, type ArmFitResult, type ArmPlacement } from './contract';
import { placementsOf } from './placements';

const sides = ['left', 'right'] as const;
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;

/**
 * Which torque arms can be put on, where, and which way round?
 *
 * The flats set the direction of a rigid arm; a second link or splines give it more. Its end must lie on the blade where it
 * can be clamped, within the diameters of its clamp, in one plane with it, clear of rotor, caliper and cable, and the nut
 * must keep its thread. Preferred: what goes without spacers, is pressed to the blade under drive, lies on the side with
 * most thread and away from the cable, and reaches far.
 *
 * @param input - both sides with slot and blade directions, arms in the stores, how many are needed
 * @returns every placement, judged, best first, and the ones to use
 * @throws InputError for values out of range, a clampable range or band that ends before it begins, or doubled arm ids
 *
 * @example
 * armFit({ sides: { left: { slotDeg: 270, bladeDeg: 80, … }, right: … }, arms: [{ id: 'a', kind: 'rigid', lengthMm: 90, … }] })
 * // rigid along the slot points to 90°: at 90 mm its end is 15.6 mm beside the blade's middle: 'stop'
 */
export function armFit(input: ArmFitInput): ArmFitResult {
  const read = readInput(ArmFitInput, input);
  refuseContradictions(read);
  const limits = withLimits(read.limits);
  const needed = read.needed ?? 1;
  const placements = sides
    .flatMap((side) => read.arms.flatMap((arm) => placementsOf(arm, side, read.sides[side], limits)))
    .sort(preferred(read));
  const chosen = chooseArms(placements, needed);
  const findings = judge(read, placements, chosen, needed);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    placements,
    chosen,
  };
}

function preferred({ sides: both, regen }: ArmFitInput) {
  const cost = (placement: ArmPlacement) => {
    const side = both[placement.side];
    return (
      10 * rank[placement.verdict] +
      (side.cable ? 3 : 0) +
      // A braking motor loads the arm both ways: then neither way round is better.
      (placement.underDrive === 'band' && !regen ? 1 : 0) -
      0.1 * Math.min(20, side.threadLeftMm ?? 0) -
      0.005 * placement.clampAtMm
    );
  };
  return (a: ArmPlacement, b: ArmPlacement) =>
    cost(a) - cost(b) || a.armId.localeCompare(b.armId) || Number(a.flipped) - Number(b.flipped);
}

/** The best placement, and for a second arm the best on the other side; each arm in the stores is one piece. */
export function chooseArms(placements: readonly ArmPlacement[], needed: number): ArmPlacement[] {
  const usable = placements.filter(({ verdict }) => verdict !== 'stop');
  const [first] = usable;
  if (!first || needed === 1) return first ? [first] : [];
  for (const one of usable) {
    const other = usable.find(({ side, armId }) => side !== one.side && armId !== one.armId);
    if (other) return one.side === 'left' ? [one, other] : [other, one];
  }
  return [first];
}

function judge(
  read: ArmFitInput,
  placements: readonly ArmPlacement[],
  chosen: readonly ArmPlacement[],
  needed: number,
): Finding[] {
  if (read.arms.length === 0) {
    return [
      told('arms', 'work', said('arm-fit.stores-have-no-arm-for-this'), [
        said('arm-fit.get-adjustable-arm-for-these-flats'),
      ]),
    ];
  }
  const missing = needed - chosen.length;
  const findings: Finding[] = chosen.map((placement) => placementFinding(placement));
  if (missing > 0) {
    const near = placements.find(
      ({ verdict, side }) => verdict === 'stop' && chosen.every((used) => used.side !== side),
    );
    findings.push(
      finding(
        'arms',
        'work',
        chosen.length === 0
          ? said('arm-fit.no-arm-in-stores-can-be', {
              nearPart: near
                ? said('arm-fit.nearest-on', { armId: near.armId, side: near.side, because: sentences(near.because) })
                : '',
            })
          : said('arm-fit.two-arms-are-asked-for-stores'),
        { measured: chosen.length, limit: needed, margin: -missing, unit: '' },
        [remedyFor(near)],
      ),
    );
  }
  return findings;
}

/** What an arm lacks, by what is said of it. */
const reach = ['arm-fit.it-points-away-from-blade', 'arm-fit.its-end-lies-beside-blade-middle'];
const clamp = ['arm-fit.its-clamp-takes-to-blade-is'];
const thread = ['arm-fit.nut-would-lack-of-thread'];
const lacks = (near: ArmPlacement | undefined, what: readonly string[]) =>
  near?.because.some(({ said: code }) => what.includes(code)) ?? false;

function remedyFor(near: ArmPlacement | undefined): Said {
  if (lacks(near, reach)) {
    return said('arm-fit.get-adjustable-arm-its-second-link');
  }
  if (near && lacks(near, clamp)) return said('arm-fit.get-clamp-for', { bladeMm: near.bladeMm });
  if (lacks(near, thread)) return said('arm-fit.get-thinner-arm-or-take-washer');
  return said('arm-fit.get-arm-that-reaches-clampable-place');
}

/** What is said of an arm that goes on. */
export function placementFinding(placement: ArmPlacement): Finding {
  const { armId, side, spacerMm, clampSpacerMm, underDrive, verdict, clampAtMm } = placement;
  const remedies: Said[] = [
    ...(spacerMm > 0 ? [said('arm-fit.put-of-spacer-under-arm-at', { spacerMm })] : []),
    ...(clampSpacerMm > 0 ? [said('arm-fit.put-of-spacer-under-its-clamp', { clampSpacerMm })] : []),
  ];
  return finding(
    `arm.${side}`,
    verdict,
    said('arm-fit.arm-on-is-clamped-from-axle', { armId, side, clampAtMm, underDrive }),
    { measured: clampAtMm, limit: null },
    remedies,
  );
}

function refuseContradictions({ sides: both, arms }: ArmFitInput): void {
  for (const side of sides) {
    both[side].clampable.forEach(({ fromMm, toMm }, at) => {
      if (toMm < fromMm)
        throw new InputError(`sides.${side}.clampable.${at}.toMm`, toMm, said('arm-fit.at-least-frommm', { fromMm }));
    });
  }
  const seen = new Set<string>();
  arms.forEach(({ id, band, kind, linkMm }, at) => {
    if (seen.has(id)) throw new InputError(`arms.${at}.id`, id, said('shared.different-from-every-other-id'));
    seen.add(id);
    if (band.toMm < band.fromMm)
      throw new InputError(`arms.${at}.band.toMm`, band.toMm, said('arm-fit.at-least-frommm', { fromMm: band.fromMm }));
    if (kind === 'adjustable' && linkMm === undefined)
      throw new InputError(`arms.${at}.linkMm`, linkMm, said('arm-fit.given-for-adjustable-arm'));
  });
}
