import type { LimitArea, LimitRow } from '@cricket/core/limits';

/** Words of the limits page. */
export const words = {
  title: 'Limits',
  lead: 'Every limit with its default. Your own figure holds from the next look at any bike.',
  areas: {
    slot: 'Slot',
    stack: 'Axle stack',
    torque: 'Torque',
    arm: 'Arms',
    brake: 'Rotor and caliper',
    gears: 'Gears',
    wheel: 'Spokes',
    tyre: 'Tyre',
    bike: 'Bike',
    cost: 'Prices and waiting',
    time: 'Minutes of work',
    fasteners: 'Fasteners',
    'take-in': 'Front, rear or mid',
  } satisfies Record<LimitArea, string>,
  sources: {
    judgement: 'our judgement: change it with reason',
    'standard practice': 'usual practice',
    geometry: 'geometry',
  } satisfies Record<LimitRow['source'], string>,
  preset: (value: string) => `default ${value}`,
  own: 'your own',
  reset: 'Back to the default',
  carbon: 'Carbon stays at 0.',
  keep: 'Keep',
  sizesHint: 'figures with commas',
  badSizes: (text: string, range: string) => `"${text}" is not a list of figures ${range}.`,
  conflict: 'Someone else changed the limits meanwhile. Keep again to write over theirs.',
  note: 'Limits never make carbon, negative thread, flats out of the slot or an axle that spins go.',
};
