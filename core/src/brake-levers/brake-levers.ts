import { listed, said, sentences } from '../said';
import { runOn } from '../handlebar';
import { InputError, readInput } from '../input';
import { dust, finding, told, worstFirst, worstOf, type Finding, type Verdict } from '../verdict';
import { BrakeLeversInput, ends, type BrakeEnd, type BrakeLeversResult, type LeverWay } from './contract';
import { waysAt } from './ways';

const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;

/**
 * Brake levers as a job of their own: kept, kept with a switch, or replaced by the kit's?
 *
 * A lever must pull what its brake needs; a lever for a cable never serves a hydraulic brake; what is one piece with a shifter is
 * never altered. With a throttle at least one brake cuts the motor, or the owner signs against it. The two ends are chosen
 * together: each lever and each switch is there once.
 *
 * @param input - both brakes, the levers on the bike, what the kit brings, switches that are at hand
 * @returns every way at each end with its steps, tools and minutes, and the best of both together
 * @throws InputError for two levers at one end, a hand lever where there is no brake or a foot works it, or doubled ids
 *
 * @example
 * brakeLevers({ brakes: { front: { kind: 'rim', pull: 'long' }, … }, levers: [ … ], kit: [], switches: [{ id: 's', kind: 'in-line' }], throttle: true })
 * // chosen: [{ end: 'front', do: 'switch', switch: 's', … }, { end: 'rear', do: 'keep', … }]
 */
export function brakeLevers(input: BrakeLeversInput): BrakeLeversResult {
  const read = readInput(BrakeLeversInput, input);
  refuseContradictions(read);
  const ways = { front: waysAt('front', read), rear: waysAt('rear', read) };
  const chosen = bestOf(ways, read);
  const cutsMotor = cutBy(chosen);
  const runOnM = read.drive && runOn(read.drive);
  const findings = [
    ...ends.flatMap((end) => noBrake(end, read)),
    ...chosen.flatMap(wayFindings),
    cutOffFinding(read, chosen, cutsMotor, runOnM),
    ...movedFindings(chosen),
  ].filter((each): each is Finding => each !== null);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    ways,
    chosen,
    cutsMotor,
    ...(runOnM !== undefined && { runOnM }),
  };
}

/** Both ends together: the verdict with the cut-off that it brings, then the less work, then what stands first. */
function bestOf({ front, rear }: Record<BrakeEnd, LeverWay[]>, input: BrakeLeversInput): LeverWay[] {
  const none: (LeverWay | null)[] = [null];
  const both = (front.length > 0 ? front : none).flatMap((one) =>
    (rear.length > 0 ? rear : none).map((other) => [one, other].filter((each): each is LeverWay => each !== null)),
  );
  const free = both.filter((pair) => {
    const parts = pair.flatMap(({ lever, switch: added }) => lever ?? added ?? []);
    return new Set(parts).size === parts.length;
  });
  const cost = (pair: readonly LeverWay[]) => ({
    verdict: rank[worstOf([...pair.map(({ verdict }) => verdict), cutVerdict(input, cutBy(pair)), 'goes'])],
    minutes: pair.reduce((sum, { minutes }) => sum + minutes, 0),
  });
  return free.reduce((best, next) => {
    const [a, b] = [cost(best), cost(next)];
    return b.verdict - a.verdict < 0 || (b.verdict === a.verdict && b.minutes < a.minutes - dust) ? next : best;
  });
}

function cutBy(chosen: readonly LeverWay[]): boolean | null {
  if (chosen.some(({ cutOff }) => cutOff === true)) return true;
  return chosen.some(({ cutOff }) => cutOff === null) ? null : false;
}

function cutVerdict({ throttle }: BrakeLeversInput, cuts: boolean | null): Verdict {
  if (cuts === true || !throttle) return 'goes';
  return cuts === null ? 'unknown' : 'stop';
}

function noBrake(end: BrakeEnd, { brakes, levers }: BrakeLeversInput): Finding[] {
  const { kind } = brakes[end];
  if (kind === 'none') {
    return [
      told(`no-brake.${end}`, 'stop', said('shared.there-is-no-brake', { end }), [
        said('shared.fit-brake-at-both-ends-before'),
      ]),
    ];
  }
  if (kind === 'coaster' || levers.some((lever) => lever.end === end)) return [];
  return [
    told(`lever.${end}`, 'unknown', said('brake-levers.nobody-has-written-down-which-lever', { end }), [
      said('brake-levers.look-at-it-and-write-it'),
    ]),
  ];
}

function wayFindings(way: LeverWay): Finding[] {
  const { end, verdict, because } = way;
  const says = sentences([said('brake-levers.what-is-done', { end, way: way.do }), ...because]);
  return [
    told(`lever.${end}`, verdict, says, verdict === 'stop' ? [said('brake-levers.get-lever-whose-pull-is-brake')] : []),
  ];
}

function cutOffFinding(
  input: BrakeLeversInput,
  chosen: readonly LeverWay[],
  cuts: boolean | null,
  runOnM: number | undefined,
): Finding | null {
  const runOn = runOnM === undefined ? '' : said('brake-levers.it-runs-on', { runOnM: Number(runOnM.toFixed(1)) });
  if (cuts === true) return told('cut-off', 'goes', said('brake-levers.brake-cuts-motor'));
  if (!input.throttle)
    return runOnM === undefined ? null : told('run-on', 'goes', said('brake-levers.no-brake-cuts-motor', { runOn }));
  const verdict = cutVerdict(input, cuts);
  const figures = { measured: runOnM ?? null, unit: runOnM === undefined ? '' : 'm' };
  return verdict === 'unknown'
    ? finding('cut-off', 'unknown', said('brake-levers.it-is-not-known-whether-brake', { runOn }), figures, [
        said('shared.look-for-cable-at-lever-or'),
      ])
    : finding('cut-off', 'stop', said('brake-levers.there-is-throttle-and-no-brake', { runOn }), figures, [
        ...(chosen.length > 0 ? [said('shared.fit-separate-brake-switch-or-levers')] : []),
        said('brake-levers.or-owner-signs-against-it-with'),
      ]);
}

/** Whatever was moved: both brakes hold before any power. */
function movedFindings(chosen: readonly LeverWay[]): Finding[] {
  const moved = chosen.filter(({ steps }) => steps.includes('hold'));
  if (moved.length === 0) return [];
  const bled = moved.filter(({ bleed }) => bleed).map(({ end }) => end);
  return [
    told(
      'moved',
      'work',
      said('brake-levers.lever-is-moved-or-changed', { moved: listed(moved.map(({ end }) => said(`end.${end}`))) }),
      [
        ...(bled.length > 0
          ? [
              said('brake-levers.bleed-brake-as-its-maker-says', {
                bled: listed(bled.map((end) => said(`end.${end}`))),
              }),
            ]
          : []),
        said('brake-levers.hold-each-brake-by-itself-against'),
      ],
    ),
  ];
}

function refuseContradictions({ brakes, levers, kit, switches }: BrakeLeversInput): void {
  for (const [at, { end }] of levers.entries()) {
    if (levers.findIndex((lever) => lever.end === end) < at) {
      throw new InputError(`levers.${at}.end`, end, said('brake-levers.end-that-no-other-lever-works'));
    }
    const { kind } = brakes[end];
    if (kind === 'none' || kind === 'coaster') {
      throw new InputError(`levers.${at}.end`, end, said('brake-levers.end-with-brake-that-hand-works', { kind }));
    }
  }
  const ids = [...kit, ...switches].map(({ id }) => id);
  const twice = ids.findIndex((id, at) => ids.indexOf(id) < at);
  if (twice >= 0) {
    const path = twice < kit.length ? `kit.${twice}.id` : `switches.${twice - kit.length}.id`;
    throw new InputError(path, ids[twice], said('shared.another-one-than-those-before-it'));
  }
}
