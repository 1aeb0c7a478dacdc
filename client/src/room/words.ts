import type { KitOutfit } from '@cricket/core/kit';
import type { RoomStation } from '@cricket/core/whole-bike';

export const words = {
  title: 'Everything besides the axles',
  lead: 'Bar, levers, cranks, battery, power and cables compete for room: here each by itself, and where two want the same thing.',
  working: 'Holding everything against everything…',
  joint: 'Two want the same thing',
  noJoint: 'Nothing that is written down wants what something else has.',
  toGet: 'To get for it',
  stations: 'Each by itself',
  ways: 'The three best ways to build the whole bike',
  names: {
    bar: 'Handlebar',
    levers: 'Brake levers',
    cranks: 'Cranks and sensor',
    bay: 'Battery in the frame',
    rack: 'Battery on the rack',
    controller: 'Controller',
    power: 'Power',
    cables: 'Cables',
    wiring: 'Plugs',
  } satisfies Record<RoomStation, string>,
  taking: {
    take: 'Take it so',
    anew: 'Take it as it is now',
    taken: (when: string, person: string) => `Taken so on ${when} by ${person}.`,
    otherwise: (when: string, person: string) => `Taken on ${when} by ${person}; what it hangs on has changed since.`,
    notYet: (count: number) =>
      `Not to be taken yet: ${count === 1 ? 'one thing stops it or is' : `${count} things stop it or are`} not known.`,
    waits: 'Taken here; it is on its way to the server.',
    sign: 'The owner answers for it',
    because: 'Why no brake has to cut the motor, as it will be read in a year',
    signed: 'I answer for it',
  },
  takeAll: (count: number) => (count === 1 ? 'Take the one that goes' : `Take all ${count} that go`),
  takeAllLead: 'What is taken is printed on the job sheet as it is now, whatever is changed later.',
  takenShort: 'taken',
  takenOtherwise: 'changed since it was taken',
  kit: {
    title: (code: string) => `Parts of kit ${code}`,
    toKeep: (parts: readonly string[]) =>
      `Measured on this bike, and not in the kit’s record, or otherwise there: ${parts.join(', ')}. Kept with it they serve every bike that gets this kit.`,
    keep: (code: string) => `Keep with kit ${code}`,
    toTake: (names: readonly string[]) =>
      `In the kit’s record, and not told of this bike: ${names.join(', ')}. Hold it against the parts when they are here.`,
    take: 'Take it from the record',
    same: (parts: readonly string[]) => `Its record says the same as this bike: ${parts.join(', ')}.`,
    parts: {
      pack: 'pack and rail',
      cells: 'voltage and current of the pack',
      current: 'settings of the controller',
      charger: 'charger',
      chain: 'leads, plugs and fuses',
      bar: 'throttle and display',
      sensor: 'ring and pedal sensor',
      box: 'size and heat of the controller',
      plugs: 'plugs',
    } satisfies Record<keyof KitOutfit, string>,
  },
  notYet: 'not written down yet',
  open: (count: number) => (count === 1 ? '1 thing open' : `${count} things open`),
};
