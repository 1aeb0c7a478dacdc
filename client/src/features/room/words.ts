import type { KitOutfit } from '@cricket/core/kit';
import { phrase } from '../../ui/say';

export const words = {
  title: phrase('room.title'),
  lead: phrase('room.lead'),
  working: phrase('room.working'),
  joint: phrase('room.joint'),
  noJoint: phrase('room.noJoint'),
  toGet: phrase('room.toGet'),
  stations: phrase('room.stations'),
  ways: phrase('room.ways'),
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
