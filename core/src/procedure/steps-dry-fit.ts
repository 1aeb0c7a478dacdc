import { atSpot } from '../job-events';
import { said, saidAgain, type Said } from '../said';
import { washerName } from '../part-names';
import type { StepContext } from './contract';
import { atEnd, confirm, measure, measured, onSides, photo, type StepDefinition } from './define';

const sides = ['left', 'right'] as const;

const swarf = said('procedure.glasses-on-catch-swarf-with-magnet');
const filing = ({ end }: StepContext) =>
  end.fileMm.left > 0 || end.fileMm.right > 0 ? said('procedure.because-slots-are-narrower-than-flats') : false;

/** Twice as far as the rim runs off the middle; positive to the rider's right. */
export const rimBetweenBlades = (id: string, offMm: number) =>
  measure(id, said('procedure.rim-nearer-to-right-blade-or'), -2 * offMm, 2 * offMm);

/** Why a hub gets extenders and caps. */
export const becauseBuiltUp = ({ adapterOrder, closed }: StepContext['end']): Said | false =>
  adapterOrder.length === 0
    ? false
    : closed
      ? said('procedure.because-end-takes-through-axle')
      : said('procedure.because-hub-is-narrower-than-this');

/** What tyre, rotor and sprockets wait for where the bare wheel is tried first. */
export const afterDryFit = ({ job }: StepContext): string[] => (job.tyreFirst ? [] : ['dry-out']);

/**
 * The ends are made ready and the bare motor wheel is tried in them, before tyre, rotor bolts and thread-lock: what is found
 * here changes the stack here.
 */
export const stepsDryFit: readonly StepDefinition[] = [
  atEnd('dry-fit', 'file-mark', said('procedure.mark-and-mask-slots'), said('procedure.filing-dust-in-bearing-or-on'), {
    when: filing,
    after: ['old-wheel-out'],
    typical: 1,
  }),
  atEnd(
    'dry-fit',
    'file-slots',
    ({ end }) => said('procedure.file-slots-left-right-in-all', { left: end.fileMm.left, right: end.fileMm.right }),
    said('procedure.half-on-each-wall-little-at'),
    {
      when: filing,
      after: ['file-mark'],
      typical: 15,
      tools: [said('procedure.flat-file'), said('tools.calipers'), said('procedure.slot-gauge')],
      safety: true,
      checks: [
        confirm('even', said('procedure.both-walls-filed-evenly')),
        confirm('edges', said('procedure.edges-broken-swarf-caught')),
        photo('filed', said('procedure.filed-slots')),
      ],
      irreversible: ({ end }) =>
        sides
          .filter((side) => end.fileMm[side] > 0)
          .map((side) => ({
            what: 'filed' as const,
            ...atSpot(`${side}-slot`),
            amountMm: end.fileMm[side],
            feature: `filed.${side}`,
          })),
      second: { what: said('procedure.metal-taken-off-evenly-and-no'), from: 'telling' },
      cautions: [said('procedure.structural-work-frame-or-fork-maker'), swarf],
    },
  ),
  atEnd(
    'dry-fit',
    'seat-relieve',
    said('procedure.relieve-seats-file-them-to-axle'),
    said('procedure.then-axle-sits-as-deep-as'),
    {
      when: ({ end }) => (end.relieveSeat ? said('procedure.because-axle-would-sit-too-high') : false),
      after: ['old-wheel-out', 'file-slots'],
      typical: 14,
      tools: [said('procedure.round-file'), said('tools.calipers')],
      safety: true,
      checks: [
        confirm('even', said('procedure.both-seats-alike-edges-broken-swarf')),
        measure('seat-depth', said('procedure.slot-depth-afterwards'), 4, 45),
        photo('relieved', said('procedure.both-seats')),
      ],
      irreversible: [
        { what: 'filed', ...atSpot('left-seat') },
        { what: 'filed', ...atSpot('right-seat') },
      ],
      second: { what: said('procedure.seats-filed-to-round-and-no'), from: 'telling' },
      cautions: [said('procedure.structural-work-frame-or-fork-maker'), swarf],
    },
  ),
  atEnd(
    'dry-fit',
    'hanger-dress',
    said('procedure.grind-hanger-back-until-axle-sits'),
    said('procedure.axle-must-rest-on-frame'),
    {
      when: ({ end }) => (end.dressHanger ? said('procedure.because-hanger-stands-into-seat') : false),
      after: ['old-wheel-out'],
      typical: 8,
      safety: true,
      checks: [
        confirm('edges', said('procedure.edges-broken-swarf-caught')),
        measure('hanger-left', said('procedure.what-of-hanger-still-stands-into'), 0, 0),
      ],
      irreversible: [{ what: 'filed', ...atSpot('hanger') }],
      cautions: [swarf],
    },
  ),
  atEnd(
    'dry-fit',
    'faces-clean',
    said('procedure.clean-dropout-faces-paint-off-where'),
    said('procedure.nuts-that-sit-on-paint-work'),
    {
      after: ['old-wheel-out', 'file-slots', 'hanger-dress', 'seat-relieve'],
      typical: 0.5,
    },
  ),
  atEnd(
    'dry-fit',
    'repin',
    said('procedure.take-plug-pins-out-mark-their'),
    said('procedure.plug-is-larger-than-what-must'),
    {
      when: ({ end }) => (end.repin ? said('procedure.because-plug-does-not-pass-washers') : false),
      after: ['as-delivered'],
      typical: 12,
      checks: [photo('pins', said('procedure.colours-and-places-of-pins'))],
    },
  ),
  atEnd(
    'dry-fit',
    'adapters',
    said('procedure.build-hub-up-for-this-end'),
    said('procedure.order-decides-which-screw-is-still'),
    {
      when: ({ end }) => becauseBuiltUp(end),
      after: ['as-delivered'],
      typical: 8,
      parts: ({ end }) => end.adapterOrder.map(saidAgain),
      drawing: 'axle',
      checks: [confirm('built', said('procedure.everything-of-list-sits-as-listed'))],
    },
  ),
  atEnd(
    'dry-fit',
    'rotor-try',
    ({ end }) =>
      said('procedure.one-rotor-bolt-in-turn-motor', {
        rotorBoltMmPart: end.rotorBoltMm === null ? '' : said('procedure.of', { rotorBoltMm: end.rotorBoltMm }),
      }),
    said('procedure.bolt-that-is-too-long-touches'),
    {
      when: ({ end }) => (end.brake === 'disc' ? said('procedure.because-this-end-has-disc') : false),
      after: ['keep-parts', 'spokes-stressed', 'adapters'],
      typical: 2,
      safety: true,
      drawing: 'bolt-star',
      parts: ({ end }) => (end.rotorShimMm > 0 ? [said('procedure.rotor-shim', { rotorShimMm: end.rotorShimMm })] : []),
      checks: [confirm('turns', said('procedure.with-bolt-home-through-rotor-and'))],
    },
  ),
  atEnd(
    'dry-fit',
    'inside-washers',
    said('procedure.thread-inside-washers-hub-outwards'),
    said('procedure.this-is-stack-that-was-worked'),
    {
      after: ['as-delivered', 'repin', 'faces-clean', 'rotor-try', 'adapters', 'spokes-stressed'],
      typical: 0.5,
      drawing: 'axle',
      parts: ({ end }) =>
        sides.flatMap((side) =>
          end.inside[side].map((id) => said('procedure.washer-on-side', { side, washer: washerName(id) })),
        ),
      checks: [
        confirm('as-planned', said('procedure.washers-on-axle-as-shown')),
        measured('stack-left', said('procedure.washers-on-left-together')),
        measured('stack-right', said('procedure.washers-on-right-together')),
      ],
    },
  ),
  atEnd(
    'dry-fit',
    'tabs-in',
    ({ end }) => said('procedure.tabbed-washers-tab-into-slot', { sides: onSides(end.tabs) }),
    said('procedure.tab-keeps-washer-from-turning-with'),
    {
      when: ({ end }) => (end.tabs.length && !end.closed ? said('procedure.because-stack-has-tabbed-washers') : false),
      after: ['inside-washers'],
      typical: 0.5,
      drawing: 'tab',
      checks: [confirm('tab-way', said('procedure.each-tab-points-into-slot'))],
      school: ({ end }) => ({
        chosen: end.tabsOutside.length
          ? said('procedure.one-tab-inside-one-outside')
          : said('procedure.tabs-inside-on-both-sides'),
        other: said('procedure.outside-one-of-each-or-lock'),
      }),
    },
  ),
  atEnd(
    'dry-fit',
    'dry-fit',
    ({ job }) =>
      job.tyreFirst ? said('procedure.dry-fit-wheel-in-nuts-by') : said('procedure.dry-fit-bare-motor-wheel-in'),
    said('procedure.nothing-may-be-forced-frame-not'),
    {
      after: ({ job }) => ['inside-washers', 'tabs-in', ...(job.tyreFirst ? ['wheel-photo'] : [])],
      typical: 1.5,
      drawing: 'axle',
      checks: ({ end }) => [
        ...(end.end === 'rear' && end.sprockets !== 'none'
          ? [confirm('chain-round', said('procedure.chain-lies-round-axle-while-wheel'))]
          : []),
        confirm('drops-in', said('procedure.axle-drops-in-by-hand')),
        confirm('not-forced', said('procedure.frame-is-not-spread-or-pinched')),
      ],
      cautions: [said('procedure.cable-clear-of-axle-and-dropout')],
      school: ({ job }) =>
        job.tyreFirst
          ? {
              chosen: said('procedure.tyre-rotor-and-sprockets-first'),
              other: said('procedure.bare-wheel-first-less-to-undo'),
            }
          : {
              chosen: said('procedure.bare-wheel-first-less-to-undo'),
              other: said('procedure.tyre-rotor-and-sprockets-first'),
            },
    },
  ),
  atEnd(
    'dry-fit',
    'middle',
    said('procedure.look-whether-rim-runs-in-middle'),
    said('procedure.off-it-bike-steers-to-one'),
    {
      after: ['dry-fit'],
      typical: 0.5,
      tools: [said('procedure.ruler')],
      checks: ({ gap }) => [rimBetweenBlades('rim-left-right', gap.rimOffMm)],
    },
  ),
  atEnd(
    'dry-fit',
    'running-clearance',
    said('procedure.turn-wheel-feel-all-round'),
    said('procedure.leg-caliper-stay-and-chainstay-each'),
    {
      after: ['dry-fit'],
      typical: 0.5,
      safety: true,
      checks: ({ end, gap }) => [
        measure('gap', said('procedure.smallest-gap-of-motor-rotor-bolt'), gap.runningMm, null),
        ...(end.brake === 'disc' ? [confirm('caliper', said('procedure.caliper-clears-motor-cover-all-round'))] : []),
      ],
    },
  ),
  atEnd(
    'dry-fit',
    'dry-out',
    said('procedure.wheel-out-again-washers-kept-in'),
    said('procedure.what-dry-fit-found-is-settled'),
    {
      when: ({ job }) => (job.tyreFirst ? false : true),
      after: ['middle', 'running-clearance'],
      typical: 0.5,
      checks: [confirm('settled', said('procedure.what-rubbed-or-forced-is-changed'))],
    },
  ),
];
