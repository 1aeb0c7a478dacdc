import type { KitFacts } from '../../kit';
import type { WantedPart } from '../../parts';
import { said } from '../../said';
import { told, type Finding } from '../../verdict';
import type { FitInput } from '../contract';
import { judging, type Judge, type ToolAsked, type Wanted } from './judge';
import type { Solved } from './solved';

/** The kit as such: what it is, and everything that is bought because it is chosen. */
export const kitJudge: Judge = judging('kit', [], ({ input }) => kitFindings(input), {
  shopping: ({ input }) => [...kitWanted(input), ...wheelWanted(input), ...partsWanted(input)],
  tools: kitTools,
});

/** The kit as such: nobody has recorded it, or nobody has checked it; it comes without a rim. */
function kitFindings({ wheel }: FitInput): Finding[] {
  const { kit } = wheel;
  if (!kit) {
    return [
      told('kit-unknown', 'unknown', said('fit.of-only-wheel-is-recorded', { code: wheel.code }), [
        said('fit.record-motor-controller-and-hub-of'),
      ]),
    ];
  }
  return [
    ...(kit.verified
      ? []
      : [
          told('kit-unverified', 'work', said('fit.is-entered-from-own-measurements', { code: wheel.code }), [
            said('fit.measure-again-on-part-itself-before'),
          ]),
        ]),
    ...patternFindings(wheel.code, kit),
    ...rimFindings(kit),
    ...(kit.battery === undefined
      ? [
          told('kit-battery', 'unknown', said('fit.whether-comes-with-battery-is-not', { code: wheel.code }), [
            said('fit.record-its-battery-or-that-none'),
          ]),
        ]
      : []),
    ...(kit.battery && kit.battery.cost === undefined
      ? [told('battery-cost', 'unknown', said('fit.what-battery-costs-is-not-known'), [said('fit.ask-supplier')])]
      : []),
  ];
}

/** A figure of a pattern says nothing about the wheel on the bench. */
function patternFindings(code: string, { unmeasured = [] }: KitFacts): Finding[] {
  if (unmeasured.length === 0) return [];
  return [
    told(
      'kit-pattern',
      'unknown',
      said('fit.of-pattern-not-measured', {
        figures: unmeasured.length,
        code,
      }),
      [said('fit.measure-them-on-wheel-its-page')],
    ),
  ];
}

function rimFindings({ rim }: KitFacts): Finding[] {
  if (rim) return [];
  if (rim === undefined) {
    return [
      told('kit-rim', 'unknown', said('fit.whether-kit-comes-with-rim-is'), [said('fit.record-rim-or-that-hub-comes')]),
    ];
  }
  return [told('lacing', 'work', said('fit.hub-comes-without-rim'), [said('fit.lace-it-see-lacing-page-for')])];
}

function kitWanted({ wheel: { kit, code }, bike: { job } }: FitInput): Wanted[] {
  if (!kit) return [];
  const { cost, leadDays, battery } = kit;
  const whole: Wanted = {
    group: 'kit',
    part: { kind: 'kit', spec: { code } },
    count: 1,
    reason: said('fit.conversion'),
    costEach: cost,
    leadDays,
  };
  // A pack that the rider has is not bought.
  if (!battery || job?.pack === 'reused') return [whole];
  // A substitute is named by its cells: of equal Wh there are many.
  const pack = job?.pack === 'substitute' ? job.packInstead : undefined;
  const named = pack && { cells: pack.cells, chemistry: pack.chemistry.toUpperCase() };
  const part: WantedPart = { kind: 'battery', spec: { Wh: battery.Wh, ...named } };
  const reason = said('fit.kit-draws-from-it');
  const cells: Wanted = { group: 'battery', part, count: 1, reason, costEach: battery.cost ?? 0 };
  return [whole, { ...cells, leadDays: job?.packInstead?.leadDays ?? leadDays }];
}

/** A motor wheel comes bare; the bike's own tube moves over with its tyre only. */
function wheelWanted({ wheel: { kit }, bike }: FitInput): Wanted[] {
  if (!kit) return [];
  const tape: WantedPart = { kind: 'rim-tape', spec: {} };
  const liner: WantedPart = { kind: 'liner', spec: {} };
  return [
    { part: tape, count: 1, reason: said('fit.new-rim-spoke-holes-are-bare') },
    ...(bike.job?.liner === 'left-out'
      ? []
      : [{ part: liner, count: 1, reason: said('fit.to-take-this-wheel-out-means') }]),
  ];
}

/** What the rider has instead of a part of the kit. */
function partsWanted({ bike }: FitInput): Wanted[] {
  return (bike.job?.parts ?? []).flatMap(({ part, use, by }) =>
    use === 'replaced' && by
      ? [{ part: { kind: 'other' as const, spec: { name: by } }, count: 1, reason: said('fit.in-place-of', { part }) }]
      : [],
  );
}

function kitTools({ input: { wheel } }: Solved): ToolAsked[] {
  return [
    { tool: 'Tyre levers and pump with gauge', reason: said('fit.for-tyre') },
    ...(wheel.kit && !wheel.kit.rim
      ? [{ tool: 'Spoke key and tension gauge' as const, reason: said('fit.to-lace-and-true') }]
      : []),
    { tool: 'Multimeter', reason: said('fit.to-measure-pack-before-anything-is') },
  ];
}
