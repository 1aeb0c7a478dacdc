import { listed, said, type Said } from '../said';
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
    told('carbon', 'stop', said('torque-reaction.carbon-end-takes-no-motor-reaction'), [
      said('shared.fit-motor-at-other-end-if'),
      said('shared.otherwise-mid-drive'),
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
        said('shared.maker-allows-motor-in', {
          what,
          by: first.by,
          date: first.date,
          document: first.document,
        }),
        doubtful.length > 0 ? [said('shared.keep-document-with-job')] : [],
      ),
    ];
  }
  if (doubtful.length === 0) {
    return [
      told('approval', 'work', said('torque-reaction.nobody-has-written-down-what-maker', { what }), [
        said('torque-reaction.ask-its-maker-and-write-down'),
      ]),
    ];
  }
  return [
    told('approval', 'stop', said('shared.motor-in-needs-its-maker-word', { what }), [
      said('torque-reaction.ask-its-maker-write-down-who'),
      said('shared.change-to-rigid-steel-fork'),
      said('shared.fit-motor-at-rear'),
    ]),
  ];
}

function whatNeedsWord(asked: readonly TorqueReactionInput['sides']['left'][]): Said {
  if (asked.some(({ suspension }) => suspension)) return said('shared.suspension-fork');
  const metals = asked.flatMap(sideMaterials);
  if (metals.some((metal) => metal === 'cast-aluminium' || metal === 'magnesium'))
    return said('shared.cast-or-magnesium-fork-end');
  return asked.some(({ filedMm }) => filedMm > 0)
    ? said('shared.filed-aluminium-fork-end')
    : said('shared.aluminium-fork-end');
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
  const metal = listed(materialsOf(input).map((material) => materialWords[material]));
  const figures = (limit: number) => ({ measured: torque, limit, margin: limit - torque, unit: 'N·m' });
  const nm = torque;
  if (torque > workNm + 1e-9) {
    return [
      finding(
        'torque-cap',
        'stop',
        said('torque-reaction.at-is-over-that-may-get', { nm, end: input.end, workNm: workNm, metal }),
        figures(workNm),
        [
          said('torque-reaction.take-motor-with-less-torque-or'),
          ...(input.end === 'front' ? [said('shared.fit-motor-at-rear')] : [said('shared.otherwise-mid-drive')]),
        ],
      ),
    ];
  }
  if (torque > goesNm + 1e-9) {
    return [
      finding(
        'torque-cap',
        'work',
        said('torque-reaction.is-strong-for-at-up-to', { nm, metal, end: input.end, goesNm: goesNm }),
        figures(goesNm),
        [said('torque-reaction.turn-phase-current-down'), said('torque-reaction.check-dropouts-and-arms-again-after')],
      ),
    ];
  }
  return [
    finding(
      'torque-cap',
      'goes',
      said('torque-reaction.is-within-what-takes-at', { nm, metal, end: input.end }),
      figures(goesNm),
    ),
  ];
}

const weakInFront = new Set<Material>(['forged-aluminium', 'cast-aluminium', 'magnesium']);

function regenRule(input: TorqueReactionInput): Finding[] {
  if (!input.regen || input.end !== 'front') return [];
  const weak = sides.some(
    (side) => input.sides[side].suspension || sideMaterials(input.sides[side]).some((metal) => weakInFront.has(metal)),
  );
  if (!weak) return [];
  return [
    told('regen-front', 'stop', said('torque-reaction.motor-that-brakes-turns-axle-to'), [
      said('torque-reaction.switch-braking-off-for-good-and'),
      said('shared.fit-motor-at-rear'),
    ]),
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
    const whose = statedNm === undefined ? 'shop' : 'maker';
    if (nutTorqueNm > most + 1e-9) {
      return finding(
        `nut-torque.${side}`,
        'stop',
        said('torque-reaction.nut-is-over-tightened-strips-or', {
          side,
          nutTorqueNm: nutTorqueNm,
          most: most,
          whose,
        }),
        { measured: nutTorqueNm, limit: most, margin: most - nutTorqueNm, unit: 'N·m' },
        [said('torque-reaction.tighten-to-at-most-renew-nut', { most: most })],
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
        said('torque-reaction.nut-at-stays-within', {
          side,
          nutTorqueNm: nutTorqueNm,
          most: most,
          whose,
        }),
        { measured: nutTorqueNm, limit: most, margin: most - nutTorqueNm, unit: 'N·m' },
      );
    }
    return finding(
      `nut-torque.${side}`,
      verdict,
      said('torque-reaction.nut-at-is-too-slack-to', {
        side,
        nutTorqueNm: nutTorqueNm,
        least: least,
        aim: aim,
      }),
      { measured: nutTorqueNm, limit: least, margin: nutTorqueNm - least, unit: 'N·m' },
      [said('torque-reaction.tighten-nuts-to', { aim: aim })],
    );
  });
}

/** What never bears, and arms that bear too late to help. */
function bearingRule({ shares }: Balance, limits: Limits): Finding[] {
  const positive = shares.filter(({ element }) => element !== 'friction');
  if (positive.every(({ bearsAtDeg }) => bearsAtDeg === null)) {
    return [
      told('spins', 'stop', said('torque-reaction.nothing-bears-on-flats-axle-is'), [
        said('torque-reaction.take-axle-whose-flats-fit-slot'),
        said('shared.fit-arm-that-is-close-on'),
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
          ? said('torque-reaction.arm-on-never-bears-on-flats', { side })
          : said('torque-reaction.arm-on-bears-after-first-by', { side, late: Number(late.toFixed(1)) }),
        {
          measured: late,
          limit: limits.bearsWithinDeg,
          margin: late === null ? null : limits.bearsWithinDeg - late,
          unit: '°',
        },
        [said('torque-reaction.take-arm-that-is-closer-on')],
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
          said('torque-reaction.arm-and-clamp-on-are-out', { side, clampOffsetMm: Number(clampOffsetMm.toFixed(1)) }),
          { measured: clampOffsetMm, limit: limits.armPlaneMm, margin: limits.armPlaneMm - clampOffsetMm },
          [said('torque-reaction.space-arm-or-clamp-until-both')],
        ),
      ),
  );
}

/** Why two arms are asked for; empty when one or none is enough. */
export function twoArmsReasons(input: TorqueReactionInput, limits: Limits): Said[] {
  const chord = Math.sqrt(Math.max(0, input.axle.threadMm ** 2 - input.axle.flatsMm ** 2));
  const both = sides.map((side) => input.sides[side]);
  const aluminium = both
    .flatMap(sideMaterials)
    .some((metal) => metal === 'forged-aluminium' || metal === 'cast-aluminium');
  return [
    ...(both.some(({ filedMm }) => filedMm > 0) ? [said('torque-reaction.slot-is-filed')] : []),
    ...(input.end === 'front' && aluminium ? [said('torque-reaction.fork-end-is-aluminium')] : []),
    ...(input.regen ? [said('torque-reaction.motor-brakes')] : []),
    ...(both.some(({ flatEngagedMm }) => flatEngagedMm !== undefined && flatEngagedMm < chord - 1e-6)
      ? [said('torque-reaction.flats-are-only-partly-in-slot')]
      : []),
    ...(input.peakTorqueNm > limits.twoArmsFromNm + 1e-9
      ? [said('torque-reaction.motor-has-more-than', { twoArmsFromNm: limits.twoArmsFromNm })]
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
      said('torque-reaction.two-arms-are-asked-for-because', {
        reasons: listed(reasons),
        armsPart:
          arms === 0
            ? said('torque-reaction.none-bears')
            : arms === 1
              ? said('torque-reaction.one-bears')
              : said('torque-reaction.bear', { arms }),
      }),
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
      said('torque-reaction.with-tight-nuts-axle-is-held', {
        safety: times(safety),
        least: times(least),
        end: input.end,
      }),
      { measured: safety, limit: least, margin: safety - least, unit: '×' },
    ),
    finding(
      'safety-slack',
      safetySlack >= limits.safetySlack - 1e-9 ? 'goes' : 'work',
      said('torque-reaction.should-nuts-work-loose-slots-and', {
        safetySlack: times(safetySlack),
        safetySlack2: times(limits.safetySlack),
      }),
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
      ? said('torque-reaction.driving-tends-to-loosen-left-nut')
      : said('torque-reaction.driving-tends-to-loosen-left-nut-check'),
  );
}

function times(value: number): Said {
  return value >= 100
    ? said('torque-reaction.many-times')
    : said('torque-reaction.times', { value: Number(value.toFixed(2)) });
}
