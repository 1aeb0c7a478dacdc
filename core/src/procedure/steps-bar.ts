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

/** From the brake's bite until the throttle has let go, in s [J]. */
const letGoS = 0.8;

/** How far the motor pushes on without a cut-off. */
function runOnM(kmh: number | null): string {
  return kmh === null ? 'how far is not known' : `${((kmh / 3.6) * letGoS).toFixed(1)} m`;
}

/** Handlebar and pedal sensor. */
export const stepsBar: readonly StepDefinition[] = [
  onBike('bar', 'bar-before', 'Photograph the bar as it is', 'Everything competes for the same 150 mm.', {
    after: ['on-the-stand'],
    typical: 0.5,
    checks: [photo('bar-before', 'Bar from above')],
  }),
  onBike('bar', 'grips-off', 'Grips off with air or alcohol', 'A cut grip comes off once, an aired one goes back.', {
    when: ({ job }) => (job.throttle !== 'none' || job.cutOff ? 'because parts go on under the grip' : null),
    after: ['bar-before'],
    typical: 2,
    checks: [confirm('bar-ends', 'Bolts and plugs in the bar’s ends are out first')],
  }),
  onBike('bar', 'levers-trial', 'Order of parts on the bar, clamped for a trial', 'Reach first, then beauty.', {
    after: ['bar-before', 'grips-off'],
    typical: 3.5,
    checks: ({ torque }) => [
      trial('levers', 'Lever clamps, snug', Math.min(2, torque.lever.nm)),
      confirm('reach', 'Every lever and button is reached without letting go'),
    ],
  }),
  onBike(
    'bar',
    'cut-off',
    'Brake cut-off on at least one lever',
    'A motor that pulls while one brakes throws one off.',
    {
      when: ({ job }) => (job.cutOff ? 'because a brake cut-off is fitted' : null),
      after: ['levers-trial'],
      typical: 2.5,
      safety: true,
      checks: [confirm('cut', 'The switch clicks before the brake bites')],
      school: {
        chosen: 'At least one brake cuts the motor.',
        other: 'Levers that are better brakes stay: a separate switch, or the owner’s signed reason.',
      },
    },
  ),
  onBike(
    'bar',
    'no-cut-off',
    'No brake cuts the motor: the owner signs',
    ({ job }) =>
      `Until the throttle has let go the motor pushes on: ${runOnM(job.assistedKmh)} at full speed, with ${letGoS} s to let go.`,
    {
      when: ({ job }) =>
        !job.cutOff && job.throttle !== 'none' ? 'because there is a throttle and no brake cut-off' : null,
      after: ['levers-trial'],
      typical: 0.5,
      safety: true,
      signed: true,
      cautions: ['A motor that pulls while one brakes throws one off: fit a switch where one can be fitted.'],
    },
  ),
  onBike(
    'bar',
    'throttle-on',
    ({ job }) => `Throttle on the ${job.throttleSide}`,
    'A twist shifter and a twist throttle do not share a side.',
    {
      when: throttle,
      school: ({ job }) =>
        job.throttleSide === 'left'
          ? { chosen: 'Left: clear of the rear shifter, a hand free to signal.', other: 'Right: out of habit.' }
          : { chosen: 'Right: out of habit.', other: 'Left: clear of the rear shifter, a hand free to signal.' },
      after: ['grips-off', 'levers-trial'],
      typical: 2.5,
      safety: true,
      checks: [
        confirm('returns', 'It springs back from everywhere by itself'),
        confirm('not-held', 'Nothing can hold it: no cable, no grip, no lever'),
      ],
    },
  ),
  onBike('bar', 'display-on', 'Display and its buttons', 'Upside down it is read upside down.', {
    when: ({ job }) => (job.display ? 'because the kit has a display' : null),
    after: ['levers-trial'],
    typical: 2,
    checks: [confirm('way-up', 'It reads the right way up from the saddle')],
  }),
  onBike('bar', 'bar-final', 'Clamps to their torque', 'What was snug for the trial is made fast now.', {
    after: ['levers-trial', 'cut-off', 'no-cut-off', 'throttle-on', 'display-on'],
    typical: 1.5,
    safety: true,
    tools: ['Torque wrench 2–15 N·m'],
    checks: ({ job, torque }) => [
      final('levers', 'Lever clamps', torque.lever),
      final('shifter', 'Shifter clamps', torque.shifter),
      ...(job.throttle === 'none' ? [] : [final('throttle', 'Throttle clamp', torque.throttle)]),
      photo('bar-after', 'Bar from above, as it is built'),
    ],
  }),
  onBike('bar', 'grips-on', 'Grips on, overhang at most 8 mm', 'Beyond that they are cut, not too far.', {
    when: ({ job }) => (job.throttle !== 'none' || job.cutOff ? 'because they were off' : null),
    after: ['bar-final'],
    typical: 1.5,
    waitMinutes: 15,
    checks: [measure('overhang', 'Overhang of the grip', 0, 8)],
  }),
  onBike('bar', 'bar-turn', 'Turn the bar lock to lock', 'Nothing may pull, catch or press the throttle.', {
    after: ['bar-final', 'grips-on'],
    typical: 0.5,
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
        confirm('swarf', 'Swarf caught, edges broken'),
        photo('drilled', 'The hole'),
      ],
      irreversible: [{ what: 'drilled', where: 'bottom bracket shell' }],
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
        final('cups', 'Cups', torque.cup),
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
      typical: 0.5,
      checks: ({ job }) => [measure('room', 'Room beside the shell', job.sensorRoomMm ?? 7, null)],
    },
  ),
  onBike('sensor', 'ring-on', 'Ring on, face to the sensor', 'Backwards it assists backwards, or not at all.', {
    when: ({ job }) =>
      job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' || job.sensor === 'sealed' ? '' : null,
    after: ['ring-room'],
    typical: 2.5,
    drawing: 'rotation',
    checks: [confirm('face', 'Marked face towards the sensor, arrow with the crank')],
  }),
  onBike('sensor', 'sensor-gap', 'Set the sensor’s gap', 'Too wide it sleeps, too near it scrapes.', {
    when: ({ job }) => (job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' ? '' : null),
    after: ['ring-on'],
    typical: 1.5,
    checks: ({ job }) => [
      measure('gap', 'Gap from ring to sensor', job.sensorGap?.minMm ?? 0.5, job.sensorGap?.maxMm ?? 3),
    ],
  }),
  onBike('sensor', 'crank-on', 'Crank on, to its torque', 'A loose crank eats its taper.', {
    when: underCrank,
    after: ['crank-off', 'ring-on', 'cups-tight', 'sensor-gap'],
    typical: 6,
    tools: ['Torque wrench 20–80 N·m'],
    checks: ({ torque }) => [final('crank', 'Crank bolts', torque.crank)],
  }),
  onBike('sensor', 'sensor-turn', 'Turn the cranks both ways', 'Nothing scrapes, the cable stays put.', {
    when: sensor,
    after: ['crank-on', 'sensor-gap', 'ring-on', 'cups-tight'],
    typical: 0.5,
    checks: [confirm('free', 'Cranks turn free; ring and sensor do not touch')],
  }),
];
