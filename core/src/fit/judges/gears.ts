import { said } from '../../said';
import { gearIndex, type GearIndexResult } from '../../gear-index';
import { withLimits } from '../../limits';
import { dust, finding, notRecorded, told, type Finding } from '../../verdict';
import { wheelRadiusM } from '../../wheel-radius';
import { clusterAfter } from './cluster';
import type { EndFit } from '../../end-fit';
import type { FitInput } from '../contract';
import { lengthOf } from './readings';
import { judging, type Amiss, type Judge, type ToolAsked, type Wanted } from './judge';
import type { Solved } from './solved';

/** Shifter and sprockets with this wheel; null at the front, without gears, or until they are recorded. */
export function gearsWith({ facts, wheel, limits }: FitInput, fit: EndFit): GearIndexResult | null {
  const { kit } = wheel;
  if (facts.end !== 'rear' || !kit || !facts.speeds) return null;
  const clicks = facts.words.get('clicks');
  const own = facts.words.get('cluster') as 'freewheel' | 'cassette' | undefined;
  if (clicks === undefined || own === undefined) return null;
  const after = clusterAfter(facts, wheel);
  const oldGapMm = lengthOf(facts, 'sprocket-gap');
  const newGapMm = fit.stack?.stacks[0]?.sprocketGapMm;
  // The thickness that was read is the old cassette's; a new one is measured when it comes.
  const stackMm = after?.from === 'bike' ? lengthOf(facts, 'cassette-stack') : null;
  const { bodyMm } = kit.hub;
  return gearIndex({
    shifterSpeeds: clicks === 'friction' ? 0 : Number(clicks),
    sprockets: after?.sprockets ?? facts.speeds,
    cluster: after?.kind ?? own,
    hubTakes: kit.hub.takes,
    ...(oldGapMm !== null && newGapMm !== undefined && { oldGapMm, newGapMm }),
    ...(stackMm !== null && bodyMm !== undefined && { body: { lengthMm: bodyMm, stackMm } }),
    ...(limits && { limits }),
  });
}

/** Where the sprockets come from, when they are not the bike's own. */
function clusterFindings({ facts, wheel }: FitInput): Finding[] {
  const after = clusterAfter(facts, wheel);
  if (facts.end !== 'rear' || !after || after.from === 'bike') return [];
  const own = { speeds: facts.speeds ?? 0, cluster: facts.words.get('cluster') ?? '' };
  if (after.from === 'kit') {
    return [
      told('cluster-new', 'goes', said('fit.kit-brings-its-own-stays-on', { sprockets: after.sprockets, ...own })),
    ];
  }
  return [
    told('cluster-new', 'work', said('fit.bike-does-not-go-onto-this', own), [
      said('fit.get-with', { kind: after.kind, sprockets: after.sprockets }),
    ]),
  ];
}

/** Largest chainring that a shop can get, in teeth [J]. */
const largestRing = 60;

/**
 * How fast the legs must turn at the assisted speed on the smallest sprocket; null until chainring and sprocket are counted.
 * A bike whose gear is too short for the motor's speed is pedalled in the air.
 */
function cadenceFindings({ facts, wheel, bike, limits: own }: FitInput): Finding[] {
  const { kit } = wheel;
  const smallest = (facts.end === 'rear' ? clusterAfter(facts, wheel)?.teeth?.[0] : undefined) ?? bike.smallestTeeth;
  if (!kit || bike.chainringTeeth === undefined || smallest === undefined) return [];
  const { cadenceRpm } = withLimits(own);
  const circumferenceMm = 2000 * Math.PI * wheelRadiusM(wheel.beadSeatMm);
  const rpm = (kit.assistedKmh * 1e6) / 60 / ((circumferenceMm * bike.chainringTeeth) / smallest);
  const goes = rpm <= cadenceRpm + dust;
  const ring = Math.round(((kit.assistedKmh * 1e6) / 60 / 85) * (smallest / circumferenceMm));
  return [
    finding(
      'cadence',
      goes ? 'goes' : 'work',
      said('fit.at-on-teeth-legs-turn-at', {
        assistedKmh: kit.assistedKmh,
        chainringTeeth: bike.chainringTeeth,
        smallest,
        rpm: Math.round(rpm),
      }),
      { measured: rpm, limit: cadenceRpm, margin: cadenceRpm - rpm, unit: 'rpm' },
      goes
        ? []
        : ring <= largestRing
          ? [said('fit.fit-chainring-of-teeth-or-one', { ring })]
          : [said('fit.set-lower-assisted-speed-or-tell')],
    ),
  ];
}

/** What the rear motor ends, also without a derailleur, and what is not known of its body. */
function hubFindings({ facts, wheel }: FitInput): Finding[] {
  if (facts.end !== 'rear') return [];
  const old = facts.words.get('old-hub');
  const findings: Finding[] = [];
  if (old === 'coaster' || old === 'drum') {
    findings.push(
      told('hub-lost', 'work', said('fit.with-old-hub-goes-its-brake', { old }), [
        said('shared.fit-another-rear-brake-before-motor'),
        said('fit.or-fit-motor-at-front'),
      ]),
    );
  }
  if (old === 'gear-hub') {
    findings.push(
      told('hub-lost', 'work', said('fit.with-old-hub-go-gears-inside'), [
        said('fit.fit-derailleur-and-hanger-or-ride'),
        said('fit.or-fit-motor-at-front'),
      ]),
    );
  }
  const after = clusterAfter(facts, wheel);
  if (after?.kind === 'cassette' && after.from !== 'kit' && wheel.kit?.hub.bodyMm === undefined) {
    findings.push(notRecorded('cassette-spacer', said('fit.length-of-hub-splined-body')));
  }
  return findings;
}

/** Sprockets, shifting, and what the old hub takes along. */
export const gearJudges: readonly Judge[] = [
  judging('gears', ['gears'], ({ gears }) => gears.findings.filter(({ id }) => id !== 'hub-lost'), {
    shopping: spacerWanted,
  }),
  judging('gears', [], ({ input }) => clusterFindings(input), { shopping: clusterWanted, tools: clusterTools }),
  judging('gears', [], ({ input }) => hubFindings(input)),
  judging('gears', [], ({ input }) => cadenceFindings(input)),
];

function spacerWanted({ input: { stores }, gears }: Solved): Wanted[] {
  const thicknessMm = gears?.spacerMm;
  if (!thicknessMm) return [];
  const onHand = stores.some(
    (item) => item.kind === 'cassette-spacer' && item.count > 0 && Math.abs(item.thicknessMm - thicknessMm) < 0.01,
  );
  if (onHand) return [];
  const reason = said('fit.without-it-sprockets-stay-loose');
  return [{ part: { kind: 'cassette-spacer', spec: { thicknessMm } }, count: 1, reason }];
}

function clusterWanted({ input }: Solved, amiss: Amiss): Wanted[] {
  const rule = amiss('cluster-new');
  const after = rule && clusterAfter(input.facts, input.wheel);
  if (!after) return [];
  const { kind: takes, sprockets } = after;
  return [{ part: { kind: 'cluster', spec: { takes, sprockets } }, count: 1, reason: rule.because }];
}

function clusterTools({ input: { facts } }: Solved): ToolAsked[] {
  const reason = said('fit.to-move-sprockets-over');
  switch (facts.words.get('cluster')) {
    case 'freewheel':
      return [{ tool: 'Freewheel remover', reason }];
    case 'cassette':
      return [{ tool: 'Chain whip and lock-ring tool', reason }];
    default:
      return [];
  }
}
