import type { EndJob } from './contract';
import { atEnd, confirm, final, measure, photo, type StepDefinition } from './define';

/** A derailleur works here: one sprocket needs none. */
const geared = ({ sprockets, chainTension }: EndJob) => sprockets !== 'none' && !chainTension;

/** Brakes and gears once the axle is tight. */
export const stepsBrakes: readonly StepDefinition[] = [
  atEnd(
    'brakes',
    'caliper-shim',
    ({ end }) => `Caliper shims, ${end.caliperShimMm} mm`,
    'They move the caliper to the rotor.',
    {
      when: ({ end }) =>
        end.brake === 'disc' && end.caliperShimMm > 0 ? 'because the rotor would not meet the caliper' : null,
      after: ['axle-tight'],
      typical: 4,
      parts: ({ end }) => [`Caliper shims ${end.caliperShimMm} mm`],
    },
  ),
  atEnd('brakes', 'caliper-centre', 'Centre the caliper with the lever held', 'Pads that drag heat and wear.', {
    when: ({ end }) => (end.brake === 'disc' ? 'because this end has a disc' : null),
    after: ['axle-tight', 'clamp-tight', 'caliper-shim'],
    typical: 6,
    safety: true,
    tools: ['Torque wrench 2–15 N·m'],
    checks: ({ end, torque }) => [
      confirm('spacer-out', 'The pad spacer is out'),
      final(
        'caliper',
        end.caliperBoltMm === null ? 'Caliper bolts' : `Caliper bolts ${end.caliperBoltMm} mm`,
        torque.caliper,
      ),
    ],
  }),
  atEnd('brakes', 'rotor-spin', 'Spin: no rub at the pads', 'Listen close to the caliper.', {
    when: ({ end }) => (end.brake === 'disc' ? 'because this end has a disc' : null),
    after: ['caliper-centre'],
    typical: 2,
    checks: ({ gap }) => [
      confirm('no-rub', 'No rub over a whole turn'),
      measure('pad-gap', 'Gap between cover and caliper body', gap.coverMm, null),
    ],
  }),
  atEnd('brakes', 'rim-instead', 'Fit rim brakes to the bosses', 'The old brake has no place on this wheel.', {
    when: ({ end }) => (end.rimInstead ? 'because the hub takes no rotor and the bike has bosses' : null),
    after: ['old-wheel-out'],
    typical: 25,
    safety: true,
    tools: ['Cable cutter'],
    checks: [
      confirm('pivots', 'Arms turn free on their bosses, springs equal'),
      confirm('lever', 'The lever pulls as much as this brake needs'),
    ],
  }),
  atEnd('brakes', 'rim-pads', 'Pads back on the track', 'Over the edge they cut the tyre, below it they dive.', {
    when: ({ end }) => (end.brake === 'rim' ? 'because this end brakes on the rim' : null),
    after: ['axle-tight', 'rim-instead'],
    typical: 1.5,
    safety: true,
    checks: [
      confirm('on-track', 'Both pads meet the track over their whole length'),
      confirm('quick', 'Quick release closed'),
    ],
  }),
  atEnd('brakes', 'rim-spin', 'Spin between the pads', 'A motor wheel is seldom as true as the old one.', {
    when: ({ end }) => (end.brake === 'rim' ? 'because this end brakes on the rim' : null),
    after: ['rim-pads'],
    typical: 0.5,
    checks: [measure('pad-room', 'Smallest room at a pad', 1, 6)],
  }),
  atEnd('brakes', 'other-brake', 'Set the hub’s own brake, or fit another', 'Two working brakes, always.', {
    when: ({ end }) => (end.brake === 'other' || end.brake === 'none' ? 'because this end brakes otherwise' : null),
    after: ['axle-tight'],
    typical: 10,
    safety: true,
    checks: [confirm('two-brakes', 'The bike has two working brakes')],
  }),
  atEnd('gears', 'chain-on', 'Chain onto the sprockets, hanger straight', 'A bent hanger cannot be indexed away.', {
    when: ({ end }) => (geared(end) ? 'because the wheel has sprockets' : null),
    after: ['axle-tight', 'chain-off'],
    typical: 3,
  }),
  atEnd('gears', 'limits-set', 'Set the derailleur’s limits', 'One click too far is a chain in the spokes.', {
    when: ({ end }) => (geared(end) ? 'because the wheel has sprockets' : null),
    after: ['chain-on'],
    typical: 5,
    safety: true,
    checks: [confirm('high', 'Smallest sprocket: no further'), confirm('low', 'Largest sprocket: no further')],
  }),
  atEnd('gears', 'index', 'Index the gears', 'Fewer sprockets than clicks leave some of them idle.', {
    when: ({ end }) => (geared(end) ? 'because the wheel has sprockets' : null),
    after: ['limits-set'],
    typical: 8,
    checks: ({ end }) => [
      confirm('shifts', end.gearsOff ? 'It shifts as well as the chart said' : 'Every gear comes at once'),
    ],
  }),
  atEnd('gears', 'sprocket-clear', 'Smallest sprocket clear of the stay', 'Chain and stay meet under load.', {
    when: ({ end }) => (geared(end) ? 'because the wheel has sprockets' : null),
    after: ['index'],
    typical: 2,
    checks: [measure('stay-gap', 'Chain on the smallest sprocket to the stay', 2, null)],
  }),
  atEnd('brakes', 'brake-photo', 'Photograph the brake', 'Pads, bolts and shims as left.', {
    when: ({ end }) => (end.brake === 'disc' || end.brake === 'rim' ? '' : null),
    after: ['rotor-spin', 'rim-spin', 'other-brake'],
    typical: 0.5,
    checks: [photo('brake', 'Brake from the side')],
  }),
];
