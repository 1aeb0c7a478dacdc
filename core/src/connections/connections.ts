import { listed, said, sentences, type Said } from '../said';
import { InputError, readInput } from '../input';
import { told, worstFirst, worstOf, type Finding } from '../verdict';
import { ConnectionsInput, type ConnectionsResult, type PlugJoin, type WiringPlug } from './contract';
import { assigned, costOf, joinOf } from './joins';
import { contactsOf, halfOf, mates } from './mate';

/** So many plugs between two parts are paired exactly. */
const mostAlike = 12;

/**
 * Which plug of a loom meets which: what goes together, what needs an adapter or its contacts put elsewhere, what stays open and is
 * capped, and what goes together and must not.
 *
 * Two plugs belong together when each is for the other's part. They go together by shape, key and number of contacts, one with pins
 * and one with sockets; then every contact must meet its like. Several alike are paired so that all of them together are best.
 *
 * @param input - every plug with what its contacts carry, adapters at hand, whether contacts may be moved
 * @returns joins, what is capped, adapters that are missing, what could be confused
 * @throws InputError for values out of range, doubled ids or contacts, an adapter that names contacts it does not have
 *
 * @example
 * connections({ plugs: [{ id: 'motor', on: 'motor', to: 'controller', family: 'round nine', gender: 'pin', pins: [ … ] }, … ], adapters: [], repin: false })
 * // joins: [{ a: 'controller motor', b: 'motor', way: 'straight', verdict: 'goes', pins: [ … ] }]
 */
export function connections(input: ConnectionsInput): ConnectionsResult {
  const read = readInput(ConnectionsInput, input);
  refuseContradictions(read);
  const pairs = pairsOfParts(read.plugs).flatMap(([ones, others]) => paired(ones, others, read));
  const joins = withAdaptersOnce(pairs, read);
  const joined = new Set(joins.filter(({ way }) => way !== 'none').flatMap(({ a, b }) => [a, b]));
  const asked = new Set(joins.flatMap(({ a, b }) => [a, b]));
  const unused = read.plugs
    .filter(({ id, to }) => to !== undefined && !asked.has(id))
    .map(({ id, on, live }) => ({ id, on, live: live ?? false }));
  const byId = new Map(read.plugs.map((plug) => [plug.id, plug]));
  const missing = joins
    .filter(({ way }) => way === 'none')
    .map(({ a, b }) => ({ a, b, from: opposed(byId.get(a)!), to: opposed(byId.get(b)!) }));
  const confusable = confusions(read.plugs, joins);
  const findings = [
    ...joins.map(joinFinding),
    ...read.plugs.filter(({ to }) => to === undefined).map(unclear),
    ...read.plugs.filter(({ live, gender }) => live && gender === 'pin').map(livePins),
    ...unused.map(capped),
    ...confusable.filter(({ harm }) => harm).map(confused),
  ];
  return {
    verdict: worstOf([...findings.map(({ verdict }) => verdict), ...(joined.size > 0 ? (['goes'] as const) : [])]),
    findings: worstFirst(findings),
    joins,
    unused,
    missing,
    confusable,
  };
}

/** The plugs between each two parts, those of the part first that comes first by name. */
function pairsOfParts(plugs: readonly WiringPlug[]): [WiringPlug[], WiringPlug[]][] {
  const pairs = new Map<string, [WiringPlug[], WiringPlug[]]>();
  for (const plug of plugs) {
    if (plug.to === undefined) continue;
    const parts = [plug.on, plug.to].sort();
    const key = JSON.stringify(parts);
    const pair = pairs.get(key) ?? [[], []];
    pair[plug.on === parts[0] ? 0 : 1].push(plug);
    pairs.set(key, pair);
  }
  return [...pairs.keys()].sort().map((key) => pairs.get(key)!);
}

type PlugPair = [a: WiringPlug, b: WiringPlug];

/** As many pairs as the part with fewer plugs has; those that are over stay unused. */
function paired(ones: readonly WiringPlug[], others: readonly WiringPlug[], input: ConnectionsInput): PlugPair[] {
  const [rows, columns] = ones.length <= others.length ? [ones, others] : [others, ones];
  if (rows.length === 0) return [];
  const picks = assigned(rows.map((a) => columns.map((b) => costOf(joinOf(a, b, input)))));
  return rows.map((a, row) => [a, columns[picks[row]!]!]);
}

/** An adapter is one piece: what one join takes is not there for the next. */
function withAdaptersOnce(pairs: readonly PlugPair[], input: ConnectionsInput): PlugJoin[] {
  let there = input.adapters;
  return pairs.map(([a, b]) => {
    const join = joinOf(a, b, { ...input, adapters: there });
    there = there.filter(({ id }) => !join.adapters.includes(id));
    return join;
  });
}

/** What an adapter must have to go onto a plug. */
function opposed(plug: WiringPlug): ConnectionsResult['missing'][number]['from'] {
  const { gender, ...half } = halfOf(plug);
  return { ...half, gender: gender === 'pin' ? 'socket' : 'pin' };
}

function confusions(plugs: readonly WiringPlug[], joins: readonly PlugJoin[]): ConnectionsResult['confusable'] {
  const together = new Set(joins.map(({ a, b }) => JSON.stringify([a, b].sort())));
  return plugs.flatMap((one, at) =>
    plugs.slice(at + 1).flatMap((other) => {
      const isWanted = together.has(JSON.stringify([one.id, other.id].sort()));
      if (isWanted || one.on === other.on || mates(halfOf(one), halfOf(other)) === false) return [];
      const { wrong, harm, lost } = contactsOf(one, other, null);
      // Two that are alike in every contact may be taken for each other.
      return wrong > 0 || lost.length > 0 ? [{ a: one.id, b: other.id, harm }] : [];
    }),
  );
}

function joinFinding({ a, b, way, adapters, verdict, because }: PlugJoin): Finding {
  const says =
    because.length > 0
      ? sentences(because)
      : said('connections.goes', { a, b, way, count: adapters.length, adapters: listed(adapters, 'comma') });
  return told(`join.${a}`, verdict, says, remediesFor(way, verdict, because));
}

function remediesFor(way: PlugJoin['way'], verdict: PlugJoin['verdict'], because: readonly Said[]): Said[] {
  if (verdict === 'goes') return [];
  if (verdict === 'unknown') return [said('connections.look-into-both-plugs-and-write')];
  if (verdict === 'stop') {
    return way === 'none'
      ? [said('connections.get-adapter-with-these-two-ends')]
      : [said('connections.never-push-it-in-get-adapter')];
  }
  if (way === 'repin') return [said('connections.move-contacts-by-table-one-at')];
  if (way === 'adapter') return [said('connections.put-adapter-in-and-tie-both')];
  return because.length > 0 ? [said('connections.ask-maker-which-function-needs-it')] : [];
}

const unclear = ({ id }: WiringPlug): Finding =>
  told(`unclear.${id}`, 'unknown', said('connections.nobody-knows-which-part-is-for', { id }), [
    said('connections.follow-its-cable-or-ask-maker'),
  ]);

const livePins = ({ id }: WiringPlug): Finding =>
  told(`live-pins.${id}`, 'stop', said('connections.has-voltage-on-pins-that-can', { id }), [
    said('connections.have-sockets-on-side-with-voltage'),
  ]);

const capped = ({ id, live }: ConnectionsResult['unused'][number]): Finding =>
  told(`unused.${id}`, live ? 'work' : 'goes', said('connections.stays-open', { id }), [
    said('connections.cap-it-and-tie-it-where'),
  ]);

const confused = ({ a, b }: ConnectionsResult['confusable'][number]): Finding =>
  told(`confusable.${a}`, 'work', said('connections.also-goes-into-and-something-would', { a, b }), [
    said('connections.mark-both-of-each-pair-with'),
  ]);

function refuseContradictions({ plugs, adapters }: ConnectionsInput): void {
  const twice = (path: string, ids: readonly (string | number)[], field: string) => {
    const at = ids.findIndex((id, index) => ids.indexOf(id) < index);
    if (at >= 0)
      throw new InputError(`${path}.${at}.${field}`, ids[at], said('shared.another-one-than-those-before-it'));
  };
  twice(
    'plugs',
    plugs.map(({ id }) => id),
    'id',
  );
  twice(
    'adapters',
    adapters.map(({ id }) => id),
    'id',
  );
  for (const [at, { on, to, pins }] of plugs.entries()) {
    if (to === on) throw new InputError(`plugs.${at}.to`, to, said('connections.another-part-than-one-that-it'));
    twice(
      `plugs.${at}.pins`,
      pins.map(({ n }) => n),
      'n',
    );
  }
  for (const [at, { from, to, map }] of adapters.entries()) {
    for (const [step, [one, other]] of map.entries()) {
      if (one > from.pins)
        throw new InputError(
          `adapters.${at}.map.${step}.0`,
          one,
          said('connections.contact-of-1-to', { pins: from.pins }),
        );
      if (other > to.pins)
        throw new InputError(
          `adapters.${at}.map.${step}.1`,
          other,
          said('connections.contact-of-1-to', { pins: to.pins }),
        );
    }
  }
  const counts = new Map<string, number>();
  for (const [at, { on, to }] of plugs.entries()) {
    const key = JSON.stringify([on, to]);
    const count = (counts.get(key) ?? 0) + 1;
    counts.set(key, count);
    if (to !== undefined && count > mostAlike) {
      throw new InputError(`plugs.${at}.to`, to, said('connections.part-of-at-most-plugs-of', { mostAlike }));
    }
  }
}
