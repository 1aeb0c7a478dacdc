import type { RoomStation } from '@cricket/core/whole-bike';

export const words = {
  title: 'Everything besides the axles',
  lead: 'Bar, levers, cranks, battery, power and cables compete for room: here each by itself, and where two want the same thing.',
  working: 'Holding everything against everything…',
  joint: 'Two want the same thing',
  noJoint: 'Nothing that is written down wants what something else has.',
  toGet: 'To get for it',
  stations: 'Each by itself',
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
  notYet: 'not written down yet',
  open: (count: number) => (count === 1 ? '1 thing open' : `${count} things open`),
};
