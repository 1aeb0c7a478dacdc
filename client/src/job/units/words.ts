import { phrase } from '../../ui/say';

/** Words of the units that a shop reads and types in. */
export const words = {
  kinds: {
    length: phrase('units.kinds.length'),
    torque: phrase('units.kinds.torque'),
    speed: phrase('units.kinds.speed'),
    mass: phrase('units.kinds.mass'),
    pressure: phrase('units.kinds.pressure'),
  },
  lengthNote: phrase('units.lengthNote'),
  all: phrase('units.all'),
  sets: { metric: phrase('units.sets.metric'), imperial: phrase('units.sets.imperial') },
  decimals: phrase('units.decimals'),
  marks: { browser: phrase('units.marks.browser'), point: '1.5', comma: '1,5' },
  decimalsNote: phrase('units.decimalsNote'),
};
