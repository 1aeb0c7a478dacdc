import type { Carried, JoinedPin, Repinned, WiringAdapter, WiringPlug } from './contract';

type Half = Pick<WiringPlug, 'family' | 'gender' | 'key'> & { pins: number };

export const halfOf = (plug: WiringPlug): Half => ({
  family: plug.family,
  gender: plug.gender,
  ...(plug.key !== undefined && { key: plug.key }),
  pins: plug.pins.length,
});

/** Whether two halves go into each other; null: one has a key, and nobody has looked whether the other has it. */
export function mates(one: Half, other: Half): boolean | null {
  if (one.family !== other.family || one.gender === other.gender || one.pins !== other.pins) return false;
  if (one.key === other.key) return true;
  return one.key === undefined || other.key === undefined ? null : false;
}

/** Both ways of talking meet crosswise, all else meets its like. */
const opposite = (carries: Carried): Carried =>
  carries === 'data-in' ? 'data-out' : carries === 'data-out' ? 'data-in' : carries;

/** What brings voltage. */
const powered: ReadonlySet<Carried> = new Set([
  'battery-plus',
  'phase-a',
  'phase-b',
  'phase-c',
  'supply',
  'lock',
  'light-plus',
]);

export interface Contacts {
  pins: JoinedPin[];
  /** Contacts that meet what they must not. */
  wrong: number;
  /** One of those brings voltage. */
  harm: boolean;
  /** Of which nobody knows what they carry. */
  unknown: number;
  /** What ends at an empty contact. */
  lost: Carried[];
}

/** How the contacts of two plugs meet. @param through - contact of `b` by contact of `a`; left out: number by number */
export function contactsOf(a: WiringPlug, b: WiringPlug, through: ReadonlyMap<number, number> | null): Contacts {
  const out: Contacts = { pins: [], wrong: 0, harm: false, unknown: 0, lost: [] };
  const reached = new Set<number>();
  for (const { n, carries } of a.pins) {
    const at = through ? through.get(n) : n;
    const met = b.pins.find((pin) => pin.n === at);
    if (met) reached.add(met.n);
    out.pins.push({ a: n, b: met?.n ?? null, carries: carries ?? null });
    if (carries === undefined || (met && met.carries === undefined)) {
      out.unknown += 1;
      continue;
    }
    const other = met?.carries ?? 'none';
    if (carries === 'none' && other === 'none') continue;
    if (carries === 'none' || other === 'none') {
      out.lost.push(carries === 'none' ? other : carries);
      continue;
    }
    if (other === opposite(carries)) continue;
    out.wrong += 1;
    if (powered.has(carries) || powered.has(other)) out.harm = true;
  }
  for (const { n, carries } of b.pins) {
    if (!reached.has(n) && carries !== undefined && carries !== 'none') out.lost.push(carries);
  }
  return out;
}

/** Contact by contact through adapters, one after the other. */
export function throughAll(maps: readonly ReadonlyMap<number, number>[], pins: readonly number[]): Map<number, number> {
  const out = new Map<number, number>();
  for (const pin of pins) {
    const end = maps.reduce<number | undefined>((at, map) => (at === undefined ? undefined : map.get(at)), pin);
    if (end !== undefined) out.set(pin, end);
  }
  return out;
}

/** An adapter that goes onto a half, either way round: its contacts, and the half that it then offers. */
export function onto(half: Half, adapter: WiringAdapter): { sure: boolean; map: Map<number, number>; half: Half }[] {
  const forth = { near: adapter.from, far: adapter.to, map: new Map(adapter.map) };
  const back = { near: adapter.to, far: adapter.from, map: new Map(adapter.map.map(([one, other]) => [other, one])) };
  return [forth, back].flatMap(({ near, far, map }) => {
    const fits = mates(half, near);
    return fits === false ? [] : [{ sure: fits === true, map, half: far }];
  });
}

/** In which places the contacts of `b` would have to sit so that all meet their like; null where that cannot be. */
export function repinned(a: WiringPlug, b: WiringPlug): Repinned[] | null {
  const free = new Map(b.pins.map((pin) => [pin.n, pin]));
  const moves: Repinned[] = [];
  for (const { n, carries } of a.pins) {
    if (carries === undefined) return null;
    if (carries === 'none') continue;
    const match = [...free.values()].find((pin) => pin.carries === opposite(carries));
    if (!match) return null;
    free.delete(match.n);
    if (match.n !== n) {
      moves.push({ pin: match.n, to: n, carries: match.carries!, ...(match.wire && { wire: match.wire }) });
    }
  }
  return [...free.values()].every(({ carries }) => carries === 'none') ? moves : null;
}
