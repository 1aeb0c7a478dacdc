import { said } from '../said';
import { InputError, readInput } from '../input';
import { withLimits, type Limits } from '../limits';
import { dust, finding, graded, told, worstFirst, worstOf, type Finding } from '../verdict';
import { WheelLacingInput, type LacingSide, type WheelLacingResult } from './contract';

const sides = ['left', 'right'] as const;
type Side = (typeof sides)[number];

/**
 * Spoke lengths, the angle at the rim, and how the two sides share tension.
 *
 * α = lead·720/spokes; L = sqrt(R² + r² + w² − 2Rr·cos α) − hole/2 with w = flange offset − rim hole offset;
 * angle at the rim β = atan2(r·sin α, R − r·cos α). Past cos α = r/R the spoke would cross the hub: `stop`.
 * Sideways balance: tension·w/L is equal on both sides. Motor load per spoke T/(spokes·r·sin(α + β)).
 *
 * @param input - rim, flanges, pattern, torque, lengths in the stores
 * @returns verdict, findings and the length on each side
 * @throws InputError for values out of range, or a flange that does not fit inside the rim
 *
 * @example
 * wheelLacing({ erdMm: 540, spokes: 36, pattern: 'crossed', lead: 1,
 *   left: { flangeDiameterMm: 180, flangeOffsetMm: 28, holeMm: 2.6 },
 *   right: { flangeDiameterMm: 180, flangeOffsetMm: 20, holeMm: 2.6 } })
 * // { verdict: 'work', left: { lengthMm: 188.7, rimAngleDeg: 9.4 }, right: { lengthMm: 187.7, rimAngleDeg: 9.4 }, … }
 */
export function wheelLacing(input: WheelLacingInput): WheelLacingResult {
  const read = readInput(WheelLacingInput, input);
  refuseContradictions(read);
  const limits = withLimits(read.limits);
  const shapes = { left: shapeOf(read, 'left'), right: shapeOf(read, 'right') };
  const perTension = (side: Side) => shapes[side].w / shapes[side].straightMm;
  const [weak, strong] = [
    Math.max(perTension('left'), perTension('right')),
    Math.min(perTension('left'), perTension('right')),
  ];
  const tensionRatio = weak > 0 && strong > 0 ? strong / weak : 0;
  const weakerSide =
    Math.abs(perTension('left') - perTension('right')) < dust
      ? 'none'
      : perTension('left') > perTension('right')
        ? 'left'
        : 'right';
  const spokeLoadN = loadPerSpoke(read, shapes);
  const findings = [
    ...sides.flatMap((side) => sideRules(read, side, shapes[side], limits)),
    ...leanRule(read),
    radialRule(read),
    tensionRule(tensionRatio, weakerSide, limits),
    loadRule(spokeLoadN, limits),
  ].filter((item): item is Finding => item !== null);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    left: sideResult(read, shapes.left, limits),
    right: sideResult(read, shapes.right, limits),
    tensionRatio,
    weakerSide,
    ...(spokeLoadN !== null && { spokeLoadN }),
  };
}

interface Shape {
  /** Between rim seat and flange hole. */
  straightMm: number;
  lengthMm: number;
  /** Lean of the spoke around the hub, rad. */
  alpha: number;
  beta: number;
  /** Sideways distance that the spoke spans. */
  w: number;
  pastTangent: boolean;
}

function shapeOf({ erdMm, spokes, lead, ...read }: WheelLacingInput, side: Side): Shape {
  const { flangeDiameterMm, flangeOffsetMm, holeMm, rimHoleOffsetMm = 0 } = read[side];
  const rim = erdMm / 2;
  const flange = flangeDiameterMm / 2;
  const w = flangeOffsetMm - rimHoleOffsetMm;
  const alpha = (lead * 4 * Math.PI) / spokes;
  const straightMm = Math.sqrt(rim ** 2 + flange ** 2 + w ** 2 - 2 * rim * flange * Math.cos(alpha));
  return {
    straightMm,
    lengthMm: straightMm - holeMm / 2,
    alpha,
    beta: Math.atan2(flange * Math.sin(alpha), rim - flange * Math.cos(alpha)),
    w,
    pastTangent: Math.cos(alpha) < flange / rim - dust,
  };
}

function sideResult({ lengthsMm }: WheelLacingInput, { lengthMm, beta }: Shape, limits: Limits): LacingSide {
  const stockMm = stockFor(lengthMm, lengthsMm ?? [], limits);
  return {
    lengthMm,
    ...(stockMm !== null && { stockMm }),
    rimAngleDeg: (beta * 180) / Math.PI,
  };
}

/** The nearest length that is at most 1.0 mm shorter and 0.5 mm longer. */
function stockFor(lengthMm: number, lengthsMm: readonly number[], limits: Limits): number | null {
  const off = (mm: number) => Math.abs(mm - lengthMm);
  const fitting = lengthsMm.filter(
    (mm) => mm >= lengthMm - limits.stockShorterMm - dust && mm <= lengthMm + limits.stockLongerMm + dust,
  );
  return fitting.sort((a, b) => off(a) - off(b) || a - b)[0] ?? null;
}

function sideRules(read: WheelLacingInput, side: Side, shape: Shape, limits: Limits): Finding[] {
  const angle = (shape.beta * 180) / Math.PI;
  const rules: Finding[] = [];
  if (shape.pastTangent) {
    const most = Math.floor((Math.acos(read[side].flangeDiameterMm / read.erdMm) * read.spokes) / (4 * Math.PI));
    rules.push(
      told(
        `past-tangent.${side}`,
        'stop',
        said('wheel-lacing.lead-on-runs-past-tangent-spoke', { lead: read.lead, side }),
        [said('wheel-lacing.lace-with-lead-at-most', { most })],
      ),
    );
  }
  const verdict = graded(limits.rimAngleGoesDeg - angle, limits.rimAngleWorkDeg - angle);
  rules.push(
    finding(
      `rim-angle.${side}`,
      verdict,
      said('wheel-lacing.spokes-on-reach-rim-at', { side, angle: Number(angle.toFixed(1)) }),
      { measured: angle, limit: limits.rimAngleGoesDeg, margin: limits.rimAngleGoesDeg - angle, unit: '°' },
      {
        goes: [],
        work: [said('wheel-lacing.take-rim-with-angled-holes')],
        stop: [said('wheel-lacing.lace-with-less-lead')],
      }[verdict],
    ),
  );
  if (shape.w <= dust) {
    rules.push(
      told(`no-bracing.${side}`, 'stop', said('wheel-lacing.flange-lies-on-or-past-rim', { side }), [
        said('wheel-lacing.take-rim-with-offset-holes-or'),
      ]),
    );
  }
  const play = read[side].holeMm - (read.spokeMm ?? 2);
  if (play < -dust) {
    rules.push(
      finding(
        `spoke-hole.${side}`,
        'stop',
        said('wheel-lacing.spoke-does-not-pass-hole-on', {
          spokeMm: read.spokeMm ?? 2,
          holeMm: read[side].holeMm,
          side,
        }),
        { measured: play, limit: 0, margin: play },
        [said('wheel-lacing.take-thinner-spokes')],
      ),
    );
  } else if (play > limits.spokeHolePlayMm + dust) {
    rules.push(
      finding(
        `spoke-hole.${side}`,
        'work',
        said('wheel-lacing.spokes-have-play-in-holes-on', { play, side }),
        {
          measured: play,
          limit: limits.spokeHolePlayMm,
          margin: limits.spokeHolePlayMm - play,
        },
        [said('wheel-lacing.put-washers-under-spoke-heads-or')],
      ),
    );
  }
  if (read.lengthsMm && stockFor(shape.lengthMm, read.lengthsMm, limits) === null) {
    rules.push(
      finding(
        `spoke-stock.${side}`,
        'work',
        said('wheel-lacing.stores-have-no-spoke-for-on', { lengthMm: Number(shape.lengthMm.toFixed(1)), side }),
        { measured: shape.lengthMm, limit: null },
        [said('wheel-lacing.get-spokes-of', { spokes: read.spokes / 2, lengthMm: Math.round(shape.lengthMm) })],
      ),
    );
  }
  return rules;
}

function leanRule({ pattern, lead, left, right }: WheelLacingInput): (Finding | null)[] {
  if (pattern !== 'oneway' || lead === 0) return [];
  if (!left.lean || !right.lean) {
    return [
      told('lean', 'unknown', said('wheel-lacing.which-way-spokes-of-each-flange'), [
        said('wheel-lacing.give-lean-of-both-flanges'),
      ]),
    ];
  }
  if (left.lean === right.lean) {
    return [
      told('lean', 'stop', said('wheel-lacing.both-flanges-lean-same-way-tension'), [
        said('wheel-lacing.lace-one-flange-leaning-forward-other'),
      ]),
    ];
  }
  const driving: Side = left.lean === -1 ? 'left' : 'right';
  return [told('lean', 'goes', said('wheel-lacing.flange-pulls-under-drive-under-braking', { driving }))];
}

function radialRule({ lead, peakTorqueNm }: WheelLacingInput): Finding | null {
  if (lead > 0 || peakTorqueNm === undefined || peakTorqueNm <= 0) return null;
  return told('radial', 'work', said('wheel-lacing.radial-spokes-carry-motor-torque-only'), [
    said('wheel-lacing.lace-with-one-cross-or-accept'),
  ]);
}

function tensionRule(ratio: number, weaker: 'left' | 'right' | 'none', limits: Limits): Finding {
  const figures = { measured: ratio, limit: limits.tensionRatioMin, margin: ratio - limits.tensionRatioMin, unit: '' };
  const percent = Math.round(ratio * 100);
  if (weaker === 'none')
    return finding('tension-ratio', 'goes', said('wheel-lacing.both-sides-carry-same-tension'), figures);
  return ratio >= limits.tensionRatioMin - dust
    ? finding(
        'tension-ratio',
        'goes',
        said('wheel-lacing.spokes-carry-of-other-side-tension', { weaker, percent }),
        figures,
      )
    : finding(
        'tension-ratio',
        'work',
        said('wheel-lacing.spokes-carry-only-of-other-side', { weaker, percent }),
        figures,
        [said('wheel-lacing.take-thinner-spokes-on-that-side')],
      );
}

/** With different flanges the smaller lever counts: it loads its spokes most. */
function loadPerSpoke(
  { peakTorqueNm, spokes, lead, ...read }: WheelLacingInput,
  shapes: Record<Side, Shape>,
): number | null {
  if (peakTorqueNm === undefined || lead === 0) return null;
  const levers = sides.map(
    (side) => (read[side].flangeDiameterMm / 2000) * Math.sin(shapes[side].alpha + shapes[side].beta),
  );
  const lever = Math.min(...levers);
  return lever > dust ? peakTorqueNm / (spokes * lever) : null;
}

function loadRule(loadN: number | null, limits: Limits): Finding | null {
  if (loadN === null) return null;
  const over = loadN > limits.spokeLoadN + dust;
  return finding(
    'spoke-load',
    over ? 'work' : 'goes',
    said('wheel-lacing.motor-loads-each-spoke-with', { loadN: Math.round(loadN) }),
    { measured: loadN, limit: limits.spokeLoadN, margin: limits.spokeLoadN - loadN, unit: 'N' },
    over ? [said('wheel-lacing.take-more-or-thicker-spokes-or')] : [],
  );
}

function refuseContradictions(read: WheelLacingInput): void {
  if (read.spokes % 4 !== 0)
    throw new InputError('spokes', read.spokes, said('wheel-lacing.multiple-of-4-half-of-them'));
  for (const side of sides) {
    if (read[side].flangeDiameterMm >= read.erdMm) {
      throw new InputError(
        `${side}.flangeDiameterMm`,
        read[side].flangeDiameterMm,
        said('wheel-lacing.smaller-than-rim', { erdMm: read.erdMm }),
      );
    }
    if (read[side].lean === 0) throw new InputError(`${side}.lean`, 0, said('wheel-lacing.1-or-1'));
  }
}
