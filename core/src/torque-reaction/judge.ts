import type { Limits } from '../limits';
import { materialWords, type Material } from '../materials';
import { finding, told, type Finding } from '../verdict';
import type { Balance } from './balance';
import type { TorqueReactionInput } from './contract';
import { nutAimNm, nutMostNm } from './nut';

const sides = ['left', 'right'] as const;

/** What is judged besides the sums: each rule yields findings or nothing. */
export function ruleFindings(input: TorqueReactionInput, balance: Balance, limits: Limits): Finding[] {
  return [
    ...materialRule(input),
    ...approvalRule(input),
    ...capRule(input, limits),
    ...regenRule(input),
    ...nutRule(input, limits),
    ...bearingRule(balance, limits),
    ...planeRule(input, limits),
    ...twoArmsRule(input, balance, limits),
    ...sumRules(input, balance, limits),
    loosening(input),
  ];
}

/** Dropouts and blades or stays: the motor's reaction goes through both. */
function materialsOf({ sides: both }: TorqueReactionInput): Material[] {
  return [...new Set(sides.flatMap((side) => sideMaterials(both[side])))];
}

function sideMaterials({ material, bladeMaterial }: TorqueReactionInput['sides']['left']): Material[] {
  return bladeMaterial === undefined ? [material] : [material, bladeMaterial];
}

function materialRule(input: TorqueReactionInput): Finding[] {
  if (!materialsOf(input).includes('carbon')) return [];
  return [
    told('carbon', 'stop', 'A carbon end takes no motor: the reaction crushes and splits it.', [
      'Fit the motor at the other end if that is metal.',
      'Otherwise a mid drive.',
    ]),
  ];
}

/**
 * At the front a cast, magnesium or sprung end takes a motor only with its maker's word. Forged aluminium takes one unfiled,
 * with the maker asked all the same; once filed it needs the word, too.
 */
function approvalRule(input: TorqueReactionInput): Finding[] {
  if (input.end !== 'front') return [];
  const both = sides.map((side) => input.sides[side]);
  const doubtful = both.filter(
    (side) =>
      side.suspension ||
      sideMaterials(side).some((metal) => metal === 'cast-aluminium' || metal === 'magnesium') ||
      (side.filedMm > 0 && sideMaterials(side).includes('forged-aluminium')),
  );
  const forged = both.filter((side) => sideMaterials(side).includes('forged-aluminium'));
  const asked = doubtful.length > 0 ? doubtful : forged;
  if (asked.length === 0) return [];
  const approvals = asked.map(({ approval }) => approval);
  const what = whatNeedsWord(asked);
  const [first] = approvals;
  if (first && approvals.every(Boolean)) {
    return [
      told(
        'approval',
        doubtful.length > 0 ? 'work' : 'goes',
        `The maker allows a motor in ${what}: ${first.by}, ${first.date}, ${first.document}.`,
        doubtful.length > 0 ? ['Keep the document with the job.'] : [],
      ),
    ];
  }
  if (doubtful.length === 0) {
    return [
      told('approval', 'work', `Nobody has written down what the maker says of a motor in ${what}.`, [
        'Ask its maker and write down who said it, when, and in which document; two arms all the same.',
      ]),
    ];
  }
  return [
    told('approval', 'stop', `A motor in ${what} needs its maker's word in writing.`, [
      'Ask its maker; write down who said it, when, and in which document.',
      'Change to a rigid steel fork.',
      'Fit the motor at the rear.',
    ]),
  ];
}

function whatNeedsWord(asked: readonly TorqueReactionInput['sides']['left'][]): string {
  if (asked.some(({ suspension }) => suspension)) return 'a suspension fork';
  const metals = asked.flatMap(sideMaterials);
  if (metals.some((metal) => metal === 'cast-aluminium' || metal === 'magnesium'))
    return 'a cast or magnesium fork end';
  return asked.some(({ filedMm }) => filedMm > 0) ? 'a filed aluminium fork end' : 'an aluminium fork end';
}

/** The weaker material of both sides sets the cap. */
export function capsNm(input: TorqueReactionInput, limits: Limits): { goesNm: number; workNm: number } {
  const [goes, work] =
    input.end === 'front'
      ? [limits.capFrontGoesNm, limits.capFrontWorkNm]
      : [limits.capRearGoesNm, limits.capRearWorkNm];
  const least = (table: typeof goes) => Math.min(...materialsOf(input).map((material) => table[material]));
  return { goesNm: least(goes), workNm: Math.max(least(goes), least(work)) };
}

function capRule(input: TorqueReactionInput, limits: Limits): Finding[] {
  const { goesNm, workNm } = capsNm(input, limits);
  const torque = input.peakTorqueNm;
  const metal = materialsOf(input)
    .map((material) => materialWords[material])
    .join(' and ');
  const figures = (limit: number) => ({ measured: torque, limit, margin: limit - torque, unit: 'N·m' });
  const nm = inNm(torque);
  if (torque > workNm + 1e-9) {
    return [
      finding(
        'torque-cap',
        'stop',
        `${nm} at the ${input.end} is over the ${inNm(workNm)} that ${metal} may get.`,
        figures(workNm),
        [
          'Take a motor with less torque, or turn its phase current down for good.',
          ...(input.end === 'front' ? ['Fit the motor at the rear.'] : ['Otherwise a mid drive.']),
        ],
      ),
    ];
  }
  if (torque > goesNm + 1e-9) {
    return [
      finding(
        'torque-cap',
        'work',
        `${nm} is strong for ${metal} at the ${input.end}: up to ${inNm(goesNm)} goes.`,
        figures(goesNm),
        ['Turn the phase current down.', 'Check dropouts and arms again after the first ride.'],
      ),
    ];
  }
  return [finding('torque-cap', 'goes', `${nm} is within what ${metal} takes at the ${input.end}.`, figures(goesNm))];
}

const weakInFront = new Set<Material>(['forged-aluminium', 'cast-aluminium', 'magnesium']);

function regenRule(input: TorqueReactionInput): Finding[] {
  if (!input.regen || input.end !== 'front') return [];
  const weak = sides.some(
    (side) => input.sides[side].suspension || sideMaterials(input.sides[side]).some((metal) => weakInFront.has(metal)),
  );
  if (!weak) return [];
  return [
    told(
      'regen-front',
      'stop',
      'A motor that brakes turns the axle to and fro: not in an aluminium, magnesium or sprung front end.',
      ['Switch braking off for good and record it.', 'Fit the motor at the rear.'],
    ),
  ];
}

function nutRule(input: TorqueReactionInput, limits: Limits): Finding[] {
  // A through axle has a torque of its own, which its maker states.
  if (input.axle.throughMm !== undefined) return [];
  return sides.map((side) => {
    const here = input.sides[side];
    const { nutTorqueNm, statedNm } = here;
    const most = nutMostNm(input.axle.threadMm, here, limits);
    const aim = nutAimNm(input.axle.threadMm, here);
    const whose = statedNm === undefined ? '' : ' that its maker states';
    if (nutTorqueNm > most + 1e-9) {
      return finding(
        `nut-torque.${side}`,
        'stop',
        `The ${side} nut is over-tightened: ${inNm(nutTorqueNm)} strips or bends what takes ${inNm(most)}${whose}.`,
        { measured: nutTorqueNm, limit: most, margin: most - nutTorqueNm, unit: 'N·m' },
        [`Tighten to ${inNm(most)} at most; renew nut and washer.`],
      );
    }
    const least = limits.nutLeastGoesShare * aim;
    const verdict =
      nutTorqueNm >= least - 1e-9
        ? 'goes'
        : nutTorqueNm >= Math.min(limits.nutLeastWorkShare, limits.nutLeastGoesShare) * aim - 1e-9
          ? 'work'
          : 'stop';
    if (verdict === 'goes') {
      return finding(
        `nut-torque.${side}`,
        'goes',
        `The ${side} nut at ${inNm(nutTorqueNm)} stays within the ${inNm(most)}${whose || ' it may get'}.`,
        { measured: nutTorqueNm, limit: most, margin: most - nutTorqueNm, unit: 'N·m' },
      );
    }
    return finding(
      `nut-torque.${side}`,
      verdict,
      `The ${side} nut at ${inNm(nutTorqueNm)} is too slack to hold the wheel: at least ${inNm(least)}, better ${inNm(aim)}.`,
      { measured: nutTorqueNm, limit: least, margin: nutTorqueNm - least, unit: 'N·m' },
      [`Tighten the nuts to ${inNm(aim)}.`],
    );
  });
}

/** What never bears, and arms that bear too late to help. */
function bearingRule({ shares }: Balance, limits: Limits): Finding[] {
  const positive = shares.filter(({ element }) => element !== 'friction');
  if (positive.every(({ bearsAtDeg }) => bearsAtDeg === null)) {
    return [
      told('spins', 'stop', 'Nothing bears on the flats: the axle is free to spin.', [
        'Take an axle whose flats fit the slot.',
        'Fit an arm that is close on the flats.',
      ]),
    ];
  }
  const first = Math.min(...positive.map(({ bearsAtDeg }) => bearsAtDeg ?? Infinity));
  return positive
    .filter(({ element, takesPart }) => element === 'arm' && !takesPart)
    .map(({ side, bearsAtDeg }) => {
      const late = bearsAtDeg === null ? null : bearsAtDeg - first;
      return finding(
        `arm-late.${side}`,
        'work',
        late === null
          ? `The arm on the ${side} never bears on the flats.`
          : `The arm on the ${side} bears ${inDeg(late)} after the first: by then that one has given way.`,
        {
          measured: late,
          limit: limits.bearsWithinDeg,
          margin: late === null ? null : limits.bearsWithinDeg - late,
          unit: '°',
        },
        ['Take an arm that is closer on the flats.'],
      );
    });
}

function planeRule(input: TorqueReactionInput, limits: Limits): Finding[] {
  return sides.flatMap((side) =>
    input.sides[side].arms
      .filter(({ clampOffsetMm }) => clampOffsetMm > limits.armPlaneMm + 1e-9)
      .map(({ clampOffsetMm }) =>
        finding(
          `arm-plane.${side}`,
          'work',
          `Arm and clamp on the ${side} are ${Number(clampOffsetMm.toFixed(1))} mm out of one plane: the clamp is pulled sideways.`,
          { measured: clampOffsetMm, limit: limits.armPlaneMm, margin: limits.armPlaneMm - clampOffsetMm },
          ['Space the arm or the clamp until both lie in one plane.'],
        ),
      ),
  );
}

/** Why two arms are asked for; empty when one or none is enough. */
export function twoArmsReasons(input: TorqueReactionInput, limits: Limits): string[] {
  const chord = Math.sqrt(Math.max(0, input.axle.threadMm ** 2 - input.axle.flatsMm ** 2));
  const both = sides.map((side) => input.sides[side]);
  const aluminium = both
    .flatMap(sideMaterials)
    .some((metal) => metal === 'forged-aluminium' || metal === 'cast-aluminium');
  return [
    ...(both.some(({ filedMm }) => filedMm > 0) ? ['the slot is filed'] : []),
    ...(input.end === 'front' && aluminium ? ['the fork end is aluminium'] : []),
    ...(input.regen ? ['the motor brakes'] : []),
    ...(both.some(({ flatEngagedMm }) => flatEngagedMm !== undefined && flatEngagedMm < chord - 1e-6)
      ? ['the flats are only partly in the slot']
      : []),
    ...(input.peakTorqueNm > limits.twoArmsFromNm + 1e-9
      ? [`the motor has more than ${inNm(limits.twoArmsFromNm)}`]
      : []),
  ];
}

function twoArmsRule(input: TorqueReactionInput, { shares }: Balance, limits: Limits): Finding[] {
  const reasons = twoArmsReasons(input, limits);
  if (reasons.length === 0) return [];
  const arms = shares.filter(({ element, takesPart }) => element === 'arm' && takesPart).length;
  return [
    finding(
      'two-arms',
      arms >= 2 ? 'goes' : 'work',
      `Two arms are asked for because ${reasons.join(' and ')}; ${arms === 0 ? 'none bears' : arms === 1 ? 'one bears' : `${arms} bear`}.`,
      { measured: arms, limit: 2, margin: arms - 2, unit: '' },
    ),
  ];
}

function sumRules(input: TorqueReactionInput, { safety, safetySlack }: Balance, limits: Limits): Finding[] {
  const least = input.end === 'front' ? limits.safetyFront : limits.safetyRear;
  return [
    finding(
      'safety',
      safety >= least - 1e-9 ? 'goes' : 'work',
      `With tight nuts the axle is held ${times(safety)}; ${times(least)} is asked for at the ${input.end}.`,
      { measured: safety, limit: least, margin: safety - least, unit: '×' },
    ),
    finding(
      'safety-slack',
      safetySlack >= limits.safetySlack - 1e-9 ? 'goes' : 'work',
      `Should the nuts work loose, slots and arms hold ${times(safetySlack)}; ${times(limits.safetySlack)} is asked for.`,
      {
        measured: safetySlack,
        limit: limits.safetySlack,
        margin: safetySlack - limits.safetySlack,
        unit: '×',
      },
    ),
  ];
}

function loosening({ regen }: TorqueReactionInput): Finding {
  return told(
    'loosening',
    'goes',
    regen
      ? 'Driving tends to loosen the left nut, braking the right: check both after the first ride.'
      : 'Driving tends to loosen the left nut: check it after the first ride.',
  );
}

export function inNm(value: number): string {
  return `${Number(value.toFixed(1))} N·m`;
}

function inDeg(value: number): string {
  return `${Number(value.toFixed(1))}°`;
}

function times(value: number): string {
  return value >= 100 ? 'many times' : `${Number(value.toFixed(2))} times`;
}
