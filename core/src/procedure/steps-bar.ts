import { confirm, final, measure, onBike, photo, trial, type StepDefinition } from './define';
import type { StepContext } from './contract';

const throttle = ({ job }: StepContext) => (job.throttle === 'none' ? null : 'because the rider gets a throttle');
const sensor = ({ job }: StepContext) => (job.sensor === 'none' ? null : '');
const shell = ({ job }: StepContext) =>
  job.sensor === 'torque-shell' ? 'because the sensor sits in the bottom bracket’s shell' : null;
const underCrank = ({ job }: StepContext) =>
  job.sensor === 'ring-under-crank' || job.sensor === 'under-cup' || job.sensor === 'torque-shell'
    ? 'because the crank must come off for this sensor'
    : null;

/** Handlebar and pedal sensor. */
export const stepsBar: readonly StepDefinition[] = [
  onBike('bar', 'bar-before', 'Photograph the bar as it is', 'Everything competes for the same 150 mm.', {
    after: ['on-the-stand'],
    typical: 1,
    checks: [photo('bar-before', 'Bar from above')],
  }),
  onBike('bar', 'grips-off', 'Grips off with air or alcohol', 'A cut grip comes off once, an aired one goes back.', {
    when: ({ job }) => (job.throttle !== 'none' || job.cutOff ? 'because parts go on under the grip' : null),
    after: ['bar-before'],
    typical: 6,
  }),
  onBike('bar', 'levers-trial', 'Order of parts on the bar, clamped for a trial', 'Reach first, then beauty.', {
    after: ['bar-before', 'grips-off'],
    typical: 10,
    checks: ({ torque }) => [
      trial('levers', 'Lever clamps, snug', Math.min(2, torque.leverNm)),
      confirm('reach', 'Every lever and button is reached without letting go'),
    ],
  }),
  onBike(
    'bar',
    'cut-off',
    'Brake cut-off on at least one lever',
    'A motor that pulls while one brakes throws one off.',
    {
      when: ({ job }) =>
        job.cutOff
          ? 'because a brake cut-off is fitted'
          : job.throttle === 'none'
            ? null
            : 'because there is a throttle',
      after: ['levers-trial'],
      typical: 12,
      safety: true,
      checks: [confirm('cut', 'The switch clicks before the brake bites')],
      // Whatever the shop asks elsewhere.
      second: ({ job }) =>
        job.cutOff ? null : { what: 'A throttle without cut-off: the owner has signed the reason', from: 'none' },
    },
  ),
  onBike('bar', 'throttle-on', 'Throttle on, away from the rear shifter', 'Shifter and throttle do not share a side.', {
    when: throttle,
    after: ['grips-off', 'levers-trial'],
    typical: 8,
    safety: true,
    checks: [
      confirm('returns', 'It springs back from everywhere by itself'),
      confirm('not-held', 'Nothing can hold it: no cable, no grip, no lever'),
    ],
  }),
  onBike('bar', 'display-on', 'Display and its buttons', 'Upside down it is read upside down.', {
    when: ({ job }) => (job.display ? 'because the kit has a display' : null),
    after: ['levers-trial'],
    typical: 6,
    checks: [confirm('way-up', 'It reads the right way up from the saddle')],
  }),
  onBike('bar', 'bar-final', 'Clamps to their torque', 'What was snug for the trial is made fast now.', {
    after: ['levers-trial', 'cut-off', 'throttle-on', 'display-on'],
    typical: 5,
    safety: true,
    tools: ['Torque wrench 2–15 N·m'],
    checks: ({ job, torque }) => [
      final('levers', 'Lever clamps', torque.leverNm),
      final('shifter', 'Shifter clamps', torque.shifterNm),
      ...(job.throttle === 'none' ? [] : [final('throttle', 'Throttle clamp', torque.throttleNm)]),
    ],
  }),
  onBike('bar', 'grips-on', 'Grips on, overhang at most 8 mm', 'Beyond that they are cut, not too far.', {
    when: ({ job }) => (job.throttle !== 'none' || job.cutOff ? 'because they were off' : null),
    after: ['bar-final'],
    typical: 4,
    waitMinutes: 15,
    checks: [measure('overhang', 'Overhang of the grip', 0, 8)],
  }),
  onBike('bar', 'bar-turn', 'Turn the bar lock to lock', 'Nothing may pull, catch or press the throttle.', {
    after: ['bar-final', 'grips-on'],
    typical: 2,
    safety: true,
    checks: [confirm('locks', 'Both locks reached, nothing pulls')],
  }),
  onBike('sensor', 'crank-off', 'Crank off with its puller', 'A crank hammered off never sits true again.', {
    when: underCrank,
    after: ['on-the-stand'],
    typical: 8,
    tools: ['Crank puller'],
  }),
  onBike('sensor', 'cups-out', 'Cups and old bottom bracket out', 'Mind which side has the left-hand thread.', {
    when: ({ job }) =>
      job.sensor === 'under-cup' ? 'because the sensor sits under a cup' : shell({ job } as StepContext),
    after: ['crank-off'],
    typical: 12,
    tools: ['Cup tool'],
  }),
  onBike(
    'sensor',
    'shell-drill',
    'Drill the shell for the sensor’s cable',
    'Only where the maker says, and only so large.',
    {
      when: shell,
      after: ['cups-out'],
      typical: 12,
      safety: true,
      checks: [
        confirm('maker-says', 'The maker of the sensor asks for this hole; the frame’s maker allows it'),
        photo('drilled', 'The hole'),
      ],
      cautions: ['This cannot be taken back.', 'Never drill carbon.', 'Eyes: glasses.'],
    },
  ),
  onBike('sensor', 'shell-deburr', 'Deburr the hole, chase the threads', 'A burr cuts the cable within a week.', {
    when: shell,
    after: ['shell-drill'],
    typical: 8,
    checks: [confirm('smooth', 'A finger finds no edge'), confirm('centred', 'The hole is in the middle of the shell')],
  }),
  onBike(
    'sensor',
    'cups-tight',
    'Sensor and cups in, to their torque',
    'Left-hand thread on the drive side of most frames.',
    {
      when: ({ job }) =>
        job.sensor === 'under-cup' || job.sensor === 'torque-shell' ? 'because the sensor sits in the shell' : null,
      after: ['cups-out', 'shell-deburr'],
      typical: 14,
      tools: ['Cup tool', 'Torque wrench 20–80 N·m'],
      checks: ({ torque }) => [
        final('cups', 'Cups', torque.cupNm),
        confirm('cable-straight', 'The cable leaves without a kink'),
      ],
    },
  ),
  onBike(
    'sensor',
    'ring-room',
    'Measure the room for ring and sensor',
    'Between chainring and frame it is often short.',
    {
      when: ({ job }) =>
        job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' || job.sensor === 'sealed' ? '' : null,
      after: ['on-the-stand', 'crank-off'],
      typical: 2,
      checks: [measure('room', 'Room beside the shell', 7, null)],
    },
  ),
  onBike('sensor', 'ring-on', 'Ring on, face to the sensor', 'Backwards it assists backwards, or not at all.', {
    when: ({ job }) =>
      job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' || job.sensor === 'sealed' ? '' : null,
    after: ['ring-room'],
    typical: 8,
    drawing: 'rotation',
    checks: [confirm('face', 'Marked face towards the sensor, arrow with the crank')],
  }),
  onBike('sensor', 'sensor-gap', 'Set the sensor’s gap', 'Too wide it sleeps, too near it scrapes.', {
    when: ({ job }) => (job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' ? '' : null),
    after: ['ring-on'],
    typical: 5,
    checks: [measure('gap', 'Gap from ring to sensor', 0.5, 3)],
  }),
  onBike('sensor', 'crank-on', 'Crank on, to its torque', 'A loose crank eats its taper.', {
    when: underCrank,
    after: ['crank-off', 'ring-on', 'cups-tight', 'sensor-gap'],
    typical: 6,
    tools: ['Torque wrench 20–80 N·m'],
    checks: ({ torque }) => [final('crank', 'Crank bolts', torque.crankNm)],
  }),
  onBike('sensor', 'sensor-turn', 'Turn the cranks both ways', 'Nothing scrapes, the cable stays put.', {
    when: sensor,
    after: ['crank-on', 'sensor-gap', 'ring-on', 'cups-tight'],
    typical: 1,
    checks: [confirm('free', 'Cranks turn free; ring and sensor do not touch')],
  }),
];
