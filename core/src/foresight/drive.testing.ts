import { on, both, few, bare, type Surprise } from './cases.testing';

/** Gears, thread, what else lives on the axle. */
export const driveSurprises: readonly Surprise[] = [
  {
    number: 19,
    title: 'Freewheel against cassette',
    cases: [
      on(
        'splined cassette, threaded hub',
        { end: 'rear', words: { cluster: 'cassette' }, lengths: { 'cassette-stack': 34 } },
        'cluster-new',
        'work',
        /Get a freewheel with 7 sprockets/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 20,
    title: 'Cassette loose without its spacer',
    cases: [
      on(
        'sprockets 34 mm on a 35 mm body',
        {
          end: 'rear',
          words: { cluster: 'cassette' },
          lengths: { 'cassette-stack': 34 },
          hub: { takes: 'cassette', bodyMm: 35 },
        },
        'cassette-spacer',
        'work',
        /1.85 mm spacer/,
        {
          end: 'rear',
          words: { cluster: 'cassette' },
          lengths: { 'cassette-stack': 36 },
          hub: { takes: 'cassette', bodyMm: 35 },
        },
      ),
    ],
  },
  {
    number: 21,
    title: 'Fewer sprockets than clicks',
    cases: [
      on('8 clicks, 7 sprockets', { end: 'rear', words: { clicks: '8' } }, 'index', 'work', /off by up to 0.6 mm/, {
        end: 'rear',
      }),
      on(
        '8 clicks, 7 sprockets: one click over',
        { end: 'rear', words: { clicks: '8' } },
        'clicks',
        'work',
        /1 of 8 clicks/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 22,
    title: 'Smallest sprocket against the stay; derailleur limits',
    cases: [
      on(
        'sprocket 6 mm outboard of the shoulder, few washers',
        { end: 'rear', wheel: { smallSprocketMm: -6, delivered: bare }, stores: few([[1, 4]]) },
        'sprocket-gap',
        'stop',
        undefined,
        { end: 'rear' },
      ),
      on(
        'sprocket 3.4 mm farther inboard',
        { end: 'rear', wheel: { smallSprocketMm: 3.8 } },
        'sprocket-moved',
        'work',
        /limits and cable anew/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 23,
    title: 'Hanger intrudes into the seat',
    cases: [
      on(
        'the hanger stands 1.2 mm into the seat',
        { end: 'rear', words: { hanger: 'in-seat' }, lengths: { 'hanger-in-seat': 1.2 } },
        'hanger',
        'stop',
        /hanger of another shape/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 24,
    title: 'Too little thread; nut would bottom',
    cases: [
      on(
        'axle ends 17 mm out of the shoulders',
        {
          wheel: {
            axle: { threadMm: 12, flatsMm: 10, leftMm: 17, rightMm: 17, threadFromLeftMm: 5, threadFromRightMm: 5 },
          },
        },
        'thread-left',
        'stop',
        /too short/,
      ),
      on(
        'thread begins 30 mm out',
        {
          wheel: {
            axle: { threadMm: 12, flatsMm: 10, leftMm: 60, rightMm: 60, threadFromLeftMm: 30, threadFromRightMm: 30 },
          },
        },
        'nut-bottoms-left',
        'stop',
        /would bottom/,
      ),
    ],
  },
  {
    number: 25,
    title: 'Rack stay, kickstand plate, hitch on the axle',
    cases: [
      on(
        'rack stays of 3 mm on a 9 mm axle',
        { words: { 'axle-extras': 'stays' }, lengths: { ...both('extra', 3), 'old-axle': 9 } },
        'axle-extra',
        'work',
        /Open its hole/,
      ),
    ],
  },
];
