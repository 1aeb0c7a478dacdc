import type { KitOutfit } from '@cricket/core/kit';
import type { RoomStation } from '@cricket/core/whole-bike';
import { phrase } from '../ui/say';

export const words = {
  title: phrase('room.title'),
  lead: phrase('room.lead'),
  working: phrase('room.working'),
  joint: phrase('room.joint'),
  noJoint: phrase('room.noJoint'),
  toGet: phrase('room.toGet'),
  stations: phrase('room.stations'),
  ways: phrase('room.ways'),
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
  takeAll: (count: number) =>
    count === 1 ? phrase('room.takeAll-take-one-that') : phrase('room.takeAll-take-all-that', { count }),
  takeAllLead: phrase('room.takeAllLead'),
  takenShort: phrase('room.takenShort'),
  takenOtherwise: phrase('room.takenOtherwise'),
  kit: {
    title: (code: string) => phrase('room.kit.title', { code }),
    toKeep: (parts: readonly string[]) => phrase('room.kit.toKeep', { parts: parts.join(', ') }),
    keep: (code: string) => phrase('room.kit.keep', { code }),
    toTake: (names: readonly string[]) => phrase('room.kit.toTake', { names: names.join(', ') }),
    take: phrase('room.kit.take'),
    same: (parts: readonly string[]) => phrase('room.kit.same', { parts: parts.join(', ') }),
    parts: {
      pack: phrase('room.kit.parts.pack'),
      cells: phrase('room.kit.parts.cells'),
      current: phrase('room.kit.parts.current'),
      charger: phrase('room.kit.parts.charger'),
      chain: phrase('room.kit.parts.chain'),
      bar: phrase('room.kit.parts.bar'),
      sensor: phrase('room.kit.parts.sensor'),
      box: phrase('room.kit.parts.box'),
      plugs: phrase('room.kit.parts.plugs'),
    } satisfies Record<keyof KitOutfit, string>,
  },
  notYet: phrase('room.notYet'),
  open: (count: number) =>
    count === 1 ? phrase('room.open-1-thing-open') : phrase('room.open-things-open', { count }),
};
