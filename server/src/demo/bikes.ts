import type { RoomStation } from '@cricket/core/whole-bike';
import type { Bike } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';

import type { BikeFacts } from '@cricket/core/bike-facts';
import { exampleLawClasses } from '@cricket/core/law';

import { diamondFrame, ownController, railPack } from './diamond-frame';
import { flatBar } from './flat-bar';
import { longtailCables } from './longtail-cables';
import { longtailLevers, longtailWiring } from './longtail-wiring';
import { longtailPower } from './power-path';
import { squareCranks } from './square-cranks';
import { bothSides, slot, smooth, type MeasuredEnd } from './measured-end';
import { blade, discLengths, discWords, rearLengths, rearWords } from './rest-of-end';

export interface DemoBike {
  bike: Pick<Bike, 'tag' | 'name' | 'kind' | 'riderInitials' | 'beadSeatMm' | 'wheelbaseMm' | 'chainStayMm'>;
  ends: MeasuredEnd[];
  wheels: Partial<Record<End, string>>;
  activeEnd: End;
  /** Accept the best stack at the active end. */
  accept?: boolean;
  /** What is taken besides the axles. */
  takes?: readonly RoomStation[];
  /** Every step is done, and the bike is back with its rider; goes with `accept`. */
  finished?: true;
  /** Where its kit is; not asked for yet when left out. */
  kitIs?: 'ordered' | 'received';
  /** When it came in; two days ago when left out. */
  daysAgo?: number;
  /** From take-in; nothing yet when left out. */
  facts?: BikeFacts;
}

const law = exampleLawClasses[0]!;
const rimBrakes = { front: { kind: 'rim' as const }, rear: { kind: 'rim' as const } };
const cableDiscs = {
  front: { kind: 'rotor' as const, rotorMm: 180, leverPull: 'short' as const, caliperPull: 'short' as const },
  rear: { kind: 'rotor' as const, rotorMm: 160, leverPull: 'short' as const, caliperPull: 'short' as const },
};
const discBrakes = { front: { kind: 'rotor' as const, rotorMm: 180 }, rear: { kind: 'rotor' as const, rotorMm: 160 } };

/** What the riders of the demo told. */
const rider = (
  bikeKg: number,
  riderKg: number,
  loadKg: number,
  gradePercent: number,
  more: BikeFacts = {},
): BikeFacts => ({
  bikeKg,
  riderKg,
  loadKg,
  loadAt: 'rear',
  speedKmh: 23,
  climb: { gradePercent, minutes: 6, speedKmh: 13 },
  descentPercent: gradePercent,
  surface: 'dry',
  ratings: [],
  law,
  brakes: rimBrakes,
  ...more,
});

const steel = {
  material: 'steel',
  'blade-material': 'steel',
  suspension: 'none',
  condition: 'sound',
  'axle-extras': 'none',
};

/** A rear end on which a screw-on wheel goes as it is. */
const simpleRear: MeasuredEnd = {
  end: 'rear',
  words: { ...steel, ...smooth, seat: 'open-flat', brake: 'rim', gears: '8', ...rearWords('freewheel', '8') },
  lengths: {
    ...bothSides('rim-to-dropout', 54),
    'spacing.front': [135.1, 135],
    'spacing.back': [135, 135.1],
    ...slot('left', 10.14, 10.12, 10.1),
    ...slot('right', 10.16, 10.12, 10.1),
    ...bothSides('slot-depth', 16),
    ...bothSides('plate', 5),
    ...blade,
    'bead-seat': [406],
    ...rearLengths(4.2),
    'old-axle': [10],
  },
};

/** The bikes of the demo shop, each in another state. */
export const demoBikes: DemoBike[] = [
  {
    // Half measured: the left slot is next.
    bike: {
      tag: 'MQ-31',
      name: 'Bakery box bike',
      kind: 'box-bike',
      riderInitials: 'OB',
      beadSeatMm: 559,
      wheelbaseMm: 1480,
      chainStayMm: 450,
    },
    facts: rider(31, 70, 40, 3, { loadAt: 'front', budget: 1300 }),
    activeEnd: 'front',
    wheels: { front: 'FW-1' },
    ends: [
      {
        end: 'front',
        words: { ...steel, seat: 'open-round', brake: 'rim' },
        lengths: {
          ...bothSides('rim-to-dropout', 37.5),
          'spacing.front': [100.3, 100.4, 100.4],
          'spacing.back': [100.4, 100.4],
          'slot-width.left.mouth': [9.66],
          'slot-width.left.middle': [9.6],
        },
      },
    ],
  },
  {
    // Needs filing, then two arms.
    bike: {
      tag: 'MQ-28',
      name: 'Nurse step-through',
      kind: 'step-through',
      riderInitials: 'DN',
      beadSeatMm: 622,
      wheelbaseMm: 1090,
      chainStayMm: 445,
    },
    facts: rider(18, 64, 8, 6, { brakes: discBrakes }),
    activeEnd: 'rear',
    wheels: { rear: 'RW-2' },
    kitIs: 'ordered',
    daysAgo: 9,
    ends: [
      {
        end: 'rear',
        words: {
          ...steel,
          ...smooth,
          seat: 'open-flat',
          brake: 'disc',
          ...discWords,
          gears: '8',
          ...rearWords('cassette', '8'),
        },
        lengths: {
          ...bothSides('rim-to-dropout', 54),
          'rotor-inboard': [15.3],
          'spacing.front': [135.2, 135.3, 135.2],
          'spacing.back': [135.2, 135.2],
          ...slot('left', 9.9, 9.86, 9.8),
          ...slot('right', 9.92, 9.88, 9.82),
          ...bothSides('slot-depth', 15),
          ...bothSides('plate', 5),
          ...blade,
          'bead-seat': [622],
          ...discLengths,
          ...rearLengths(4, 36),
          'old-axle': [10],
        },
        parts: {
          'washers-found.left': [{ kind: 'plain', thicknessMm: 2 }],
          'washers-found.right': [{ kind: 'plain', thicknessMm: 2 }],
        },
      },
    ],
  },
  {
    // Accepted: washers to go in.
    bike: {
      tag: 'MQ-33',
      name: 'School-run longtail',
      kind: 'longtail',
      riderInitials: 'SR',
      beadSeatMm: 559,
      wheelbaseMm: 1320,
      chainStayMm: 640,
    },
    facts: rider(27, 78, 30, 5, {
      brakes: cableDiscs,
      ratings: [{ part: 'rack', ratedKg: 60, loadKg: 30 }],
      bar: flatBar,
      cranks: squareCranks,
      frame: diamondFrame,
      bay: railPack,
      controller: ownController,
      power: longtailPower,
      cables: longtailCables,
      levers: longtailLevers,
      wiring: longtailWiring,
    }),
    activeEnd: 'rear',
    wheels: { rear: 'RW-3' },
    accept: true,
    takes: ['bar', 'bay', 'power'],
    ends: [
      {
        end: 'rear',
        words: {
          ...steel,
          ...smooth,
          seat: 'open-relieved',
          brake: 'disc',
          ...discWords,
          gears: '9',
          ...rearWords('cassette', '9'),
        },
        lengths: {
          'rim-to-dropout.left': [54.5],
          'rim-to-dropout.right': [54],
          'rotor-inboard': [15.4],
          'spacing.front': [135.1, 135, 135.1],
          'spacing.back': [135, 135.1],
          ...slot('left', 10.06, 10.04, 10.02),
          ...slot('right', 10.05, 10.05, 10.02),
          ...bothSides('slot-depth', 18),
          ...bothSides('plate', 6),
          ...blade,
          'bead-seat': [559],
          ...discLengths,
          ...rearLengths(3.8, 35.8),
          'old-axle': [12],
        },
      },
    ],
  },
  {
    // Lips: C-washers fill them.
    bike: {
      tag: 'MQ-35',
      name: 'Drop-bar tourer',
      kind: 'drop-bar',
      riderInitials: 'HL',
      beadSeatMm: 559,
      wheelbaseMm: 1050,
      chainStayMm: 440,
    },
    facts: rider(13, 74, 12, 4),
    activeEnd: 'front',
    wheels: { front: 'FW-1' },
    ends: [
      {
        end: 'front',
        words: { ...steel, seat: 'open-round', brake: 'rim', 'lip.left': 'lip', 'lip.right': 'lip' },
        lengths: {
          'rim-to-dropout.left': [37],
          'rim-to-dropout.right': [37.5],
          'spacing.front': [100.1, 100.1],
          'spacing.back': [100, 100.1],
          ...slot('left', 10.2, 10.14, 10.1),
          ...slot('right', 10.2, 10.16, 10.12),
          ...bothSides('slot-depth', 13.5),
          ...bothSides('plate', 4.6),
          ...bothSides('lip-diameter', 24),
          ...bothSides('lip-depth', 1.6),
          ...blade,
          'bead-seat': [559],
          'old-axle': [9],
        },
      },
    ],
  },
  {
    // Carbon: refused at the front.
    bike: {
      tag: 'MQ-34',
      name: 'Carbon gravel bike',
      kind: 'drop-bar',
      riderInitials: 'TV',
      beadSeatMm: 622,
      wheelbaseMm: 1040,
      chainStayMm: 430,
    },
    facts: rider(9, 77, 2, 8),
    activeEnd: 'front',
    wheels: {},
    ends: [{ end: 'front', words: { material: 'carbon', 'blade-material': 'carbon' }, lengths: {} }],
  },
  {
    // Impossible with what is there: washers to buy.
    bike: {
      tag: 'MQ-29',
      name: 'Club tandem',
      kind: 'tandem',
      riderInitials: 'BR',
      beadSeatMm: 622,
      wheelbaseMm: 1740,
      chainStayMm: 450,
    },
    facts: rider(24, 120, 4, 4, { brakes: { front: { kind: 'rotor', rotorMm: 203 }, rear: { kind: 'rim' } } }),
    activeEnd: 'rear',
    wheels: { rear: 'RW-10' },
    ends: [
      {
        end: 'rear',
        words: { ...steel, ...smooth, seat: 'open-relieved', brake: 'rim', gears: '8', ...rearWords('cassette', '8') },
        lengths: {
          'rim-to-dropout.left': [59.5],
          'rim-to-dropout.right': [59.5],
          'spacing.front': [145.4, 145.5],
          'spacing.back': [145.4, 145.4],
          ...slot('left', 10.2, 10.18, 10.16),
          ...slot('right', 10.2, 10.2, 10.18),
          ...bothSides('slot-depth', 20),
          ...bothSides('plate', 7),
          ...blade,
          'bead-seat': [622],
          ...rearLengths(9.5, 36),
          'old-axle': [12],
        },
      },
    ],
  },
  {
    // Simply goes.
    bike: {
      tag: 'MQ-36',
      name: 'Recumbent trike',
      kind: 'trike',
      riderInitials: 'PW',
      beadSeatMm: 406,
      wheelbaseMm: 1080,
      chainStayMm: 420,
    },
    facts: rider(17, 68, 6, 3),
    activeEnd: 'rear',
    wheels: { rear: 'RW-4' },
    ends: [simpleRear],
  },
  {
    // Finished six weeks ago, in care.
    bike: {
      tag: 'MQ-21',
      name: 'Milk round bike',
      kind: 'upright',
      riderInitials: 'EG',
      beadSeatMm: 559,
      wheelbaseMm: 1120,
      chainStayMm: 460,
    },
    facts: rider(19, 71, 12, 3),
    activeEnd: 'front',
    wheels: { front: 'FW-1' },
    accept: true,
    kitIs: 'received',
    finished: true,
    daysAgo: 44,
    ends: [
      {
        end: 'front',
        words: { ...steel, ...smooth, seat: 'open-flat', brake: 'rim' },
        lengths: {
          ...bothSides('rim-to-dropout', 37.5),
          'spacing.front': [100.1, 100.1],
          'spacing.back': [100.1, 100],
          ...slot('left', 10.16, 10.14, 10.1),
          ...slot('right', 10.16, 10.12, 10.1),
          ...bothSides('slot-depth', 14),
          ...bothSides('plate', 5),
          ...blade,
          'bead-seat': [559],
          'old-axle': [11.5],
        },
      },
    ],
  },
  {
    // Finished three weeks ago, in care.
    bike: {
      tag: 'MQ-25',
      name: 'Harbour trike',
      kind: 'trike',
      riderInitials: 'SK',
      beadSeatMm: 406,
      wheelbaseMm: 1100,
      chainStayMm: 420,
    },
    facts: rider(18, 63, 10, 3),
    activeEnd: 'rear',
    wheels: { rear: 'RW-4' },
    accept: true,
    kitIs: 'received',
    finished: true,
    daysAgo: 23,
    ends: [simpleRear],
  },
];
