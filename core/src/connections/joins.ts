import { listed, said, type Said } from '../said';
import { severity, type Verdict } from '../verdict';
import type { ConnectionsInput, PlugJoin, WiringAdapter, WiringPlug } from './contract';
import { contactsOf, halfOf, mates, onto, repinned, throughAll, type Contacts } from './mate';

/** More pieces in a row make more contacts than any loom bears. */
const mostAdapters = 2;

/** The best way to join two plugs that belong together. */
export function joinOf(a: WiringPlug, b: WiringPlug, { adapters, repin }: ConnectionsInput): PlugJoin {
  const ways = [straight(a, b), ...adapted(a, b, adapters), ...(repin ? [byRepinning(a, b)] : [])].filter(
    (way): way is PlugJoin => way !== null,
  );
  const none: PlugJoin = {
    a: a.id,
    b: b.id,
    way: 'none',
    adapters: [],
    verdict: 'stop',
    pins: [],
    because: [said('connections.and-do-not-go-together', { id: a.id, id2: b.id })],
  };
  return ways.reduce((best, next) => (costOf(next) < costOf(best) ? next : best), none);
}

const wayCost = { straight: 0, adapter: 2, repin: 5, none: 9 } as const;

/** By verdict, then by what it takes. */
export function costOf({ verdict, way, adapters }: PlugJoin): number {
  return 100 * severity[verdict] + 10 * adapters.length + wayCost[way];
}

function straight(a: WiringPlug, b: WiringPlug): PlugJoin | null {
  const fits = mates(halfOf(a), halfOf(b));
  if (fits === false) return null;
  const contacts = contactsOf(a, b, null);
  const judged = judge(a, b, contacts, fits === null);
  return { a: a.id, b: b.id, way: 'straight', adapters: [], pins: contacts.pins, ...judged };
}

function adapted(a: WiringPlug, b: WiringPlug, adapters: readonly WiringAdapter[]): PlugJoin[] {
  const chains = (
    half: Parameters<typeof onto>[0],
    maps: readonly ReadonlyMap<number, number>[],
    used: readonly WiringAdapter[],
    isSure: boolean,
  ): PlugJoin[] =>
    adapters
      .filter((adapter) => !used.includes(adapter))
      .flatMap((adapter) =>
        onto(half, adapter).flatMap(({ sure, map, half: far }) => {
          const row = [...used, adapter];
          const all = [...maps, map];
          const fits = mates(far, halfOf(b));
          const longer = row.length < mostAdapters ? chains(far, all, row, isSure && sure) : [];
          if (fits === false) return longer;
          const contacts = contactsOf(
            a,
            b,
            throughAll(
              all,
              a.pins.map(({ n }) => n),
            ),
          );
          const judged = judge(a, b, contacts, !isSure || !sure || fits === null);
          const join: PlugJoin = {
            a: a.id,
            b: b.id,
            way: 'adapter',
            adapters: row.map(({ id }) => id),
            pins: contacts.pins,
            ...judged,
            // Every piece between is one more contact that can come loose.
            verdict: judged.verdict === 'goes' ? 'work' : judged.verdict,
          };
          return [join, ...longer];
        }),
      );
  return chains(halfOf(a), [], [], true);
}

function byRepinning(a: WiringPlug, b: WiringPlug): PlugJoin | null {
  const fits = mates(halfOf(a), halfOf(b));
  const table = fits === false ? null : repinned(a, b);
  if (!table || table.length === 0) return null;
  const moved = new Map(table.map(({ pin, to }) => [pin, to]));
  const after: WiringPlug = { ...b, pins: b.pins.map((pin) => ({ ...pin, n: moved.get(pin.n) ?? pin.n })) };
  return {
    a: a.id,
    b: b.id,
    way: 'repin',
    adapters: [],
    verdict: fits === null ? 'unknown' : 'work',
    pins: contactsOf(a, after, null).pins,
    table,
    because: [said('connections.contacts-of-sit-in-other-places', { id: b.id })],
  };
}

function judge(
  a: WiringPlug,
  b: WiringPlug,
  contacts: Contacts,
  isKeyOpen: boolean,
): { verdict: Verdict; because: Said[] } {
  const { wrong, harm, unknown, lost } = contacts;
  if (wrong > 0) {
    const meets = said('connections.contacts-meet-what-they-must-not', {
      a: a.id,
      b: b.id,
      wrong,
      harm: harm ? 'yes' : 'no',
    });
    return { verdict: 'stop', because: [meets] };
  }
  if (unknown > 0 || isKeyOpen) {
    return {
      verdict: 'unknown',
      because: [
        ...(unknown > 0 ? [said('connections.nobody-knows-every-contact', { a: a.id, b: b.id })] : []),
        ...(isKeyOpen ? [said('connections.nobody-looked-at-key')] : []),
      ],
    };
  }
  return lost.length > 0
    ? { verdict: 'work', because: [said('connections.nothing-answers', { lost: listed(lost, 'comma') })] }
    : { verdict: 'goes', because: [] };
}

/**
 * Which plug of the one part meets which of the other, so that all of them together are joined best: exact, over every way to pair
 * them.
 *
 * @param costs - by row and column; rows are no more than columns
 * @returns the column of each row
 */
export function assigned(costs: readonly (readonly number[])[]): number[] {
  const columns = costs[0]?.length ?? 0;
  const best = new Map<number, { cost: number; picks: number[] }>([[0, { cost: 0, picks: [] }]]);
  let front = best;
  for (const row of costs) {
    const next = new Map<number, { cost: number; picks: number[] }>();
    for (const [taken, { cost, picks }] of front) {
      for (let column = 0; column < columns; column++) {
        if (taken & (1 << column)) continue;
        const key = taken | (1 << column);
        const sum = cost + row[column]!;
        const known = next.get(key);
        if (!known || sum < known.cost) next.set(key, { cost: sum, picks: [...picks, column] });
      }
    }
    front = next;
  }
  return [...front.values()].reduce((least, each) => (each.cost < least.cost ? each : least)).picks;
}
