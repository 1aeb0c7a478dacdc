import type { RoomStation } from '@cricket/core/whole-bike';

import { phrase } from '../../ui/say';

/** Words of the stations besides the axles, and of taking how they are built. */
export const words = {
  names: {
    bar: phrase('room.names.bar'),
    levers: phrase('room.names.levers'),
    cranks: phrase('room.names.cranks'),
    bay: phrase('room.names.bay'),
    rack: phrase('room.names.rack'),
    controller: phrase('room.names.controller'),
    power: phrase('room.names.power'),
    cables: phrase('room.names.cables'),
    wiring: phrase('room.names.wiring'),
  } satisfies Record<RoomStation, string>,
  taking: {
    take: phrase('room.taking.take'),
    anew: phrase('room.taking.anew'),
    taken: (when: string, person: string) => phrase('room.taking.taken', { when, person }),
    otherwise: (when: string, person: string) => phrase('room.taking.otherwise', { when, person }),
    notYet: (count: number) =>
      phrase('room.taking.notYet', {
        countPart:
          count === 1
            ? phrase('room.taking.notYet-one-thing-stops')
            : phrase('room.taking.notYet-things-stop-or', { count }),
      }),
    waits: phrase('room.taking.waits'),
    sign: phrase('room.taking.sign'),
    because: phrase('room.taking.because'),
    signed: phrase('room.taking.signed'),
  },
};
