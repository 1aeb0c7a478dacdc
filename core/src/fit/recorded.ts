import { said, type SaidParam } from '../said';
import { withoutFeatures } from '../end-facts';
import { InputError } from '../input';
import { told, worstFirst, worstOf } from '../verdict';
import type { FitFinding, FitInput, FitReport } from './contract';
import { fit } from './fit';
import { answered } from './judges/readings';

/** One thing that was recorded and may be left out by itself. */
interface Recorded {
  kind: 'reading' | 'bike' | 'stores' | 'delivered' | 'kit' | 'limits';
  /** Feature, field or id. */
  id: string;
}

/**
 * The fit of what is recorded, whatever is recorded. A value that no calculator can work with takes neither the bike nor the
 * list down: what it stands in is left out, the rest is judged, and a finding says which one it is and why. As long as it
 * stands there is no verdict.
 */
export function fitOfRecord(input: FitInput): FitReport {
  const asked = answered(() => fit(input));
  if ('result' in asked) return asked.result;
  const culprits = culpritsOf(input, asked.contradiction);
  const report = fit(leftOut(input, culprits));
  const findings = worstFirst([
    ...report.findings,
    ...culprits.map((culprit): FitFinding => refused(input, culprits, culprit, asked.contradiction)),
  ]) as FitFinding[];
  return { ...report, findings, verdict: worstOf(findings.map(({ verdict }) => verdict)) };
}

/** What a figure that a calculator is given was worked out from, where it is not read as it is. */
const workedOutFrom: Readonly<Record<string, readonly string[]>> = {
  frameOffsetMm: ['rim-to-dropout.left', 'rim-to-dropout.right'],
  spacingMm: ['spacing.front', 'spacing.back'],
  faceAngleDeg: ['spacing.front', 'spacing.back'],
  rotorFaceMm: ['rotor-inboard', 'rotor-outer', 'rotor-thickness'],
  massKg: ['loadKg', 'riderKg', 'bikeKg'],
};

/** Everything that may be left out, what the error speaks of first. */
function recordedIn(input: FitInput, { path, value }: InputError): Recorded[] {
  const { facts, bike, stores, delivered, wheel, limits } = input;
  const of = (kind: Recorded['kind'], ids: Iterable<string>) => [...ids].map((id): Recorded => ({ kind, id }));
  const shelves = stores.map(({ id }) => id);
  const all = [
    ...of('reading', facts.lengths.keys()),
    ...(delivered ? of('delivered', ['delivered']) : []),
    ...of('stores', shelves),
    ...of('bike', Object.keys(bike)),
    ...(limits ? of('limits', Object.keys(limits)) : []),
    ...of('reading', [...facts.words.keys(), ...facts.parts.keys()]),
    ...(wheel.kit ? of('kit', ['kit']) : []),
  ];
  const sources = path.split('.').flatMap((name) => workedOutFrom[name] ?? []);
  const rank = ({ kind, id }: Recorded) => {
    if (kind === 'reading' && facts.lengths.get(id)?.valueMm === value) return 0;
    const item = kind === 'stores' ? stores.find((each) => each.id === id) : undefined;
    if (item && [item.thicknessMm, item.boreMm, item.outerMm, item.details?.lengthMm].includes(value as number))
      return 0;
    return sources.includes(id) ? 1 : 2;
  };
  return all
    .map((item, at) => ({ item, at, rank: rank(item) }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ item }) => item);
}

/** What cannot stay beside the rest: one thing if one will do; else what is left when all else is put back. */
function culpritsOf(input: FitInput, error: InputError): Recorded[] {
  const ranked = recordedIn(input, error);
  const heals = (items: readonly Recorded[]) => 'result' in answered(() => fit(leftOut(input, items)));
  // Where a whole kind of things left out does not help, none of them does by itself.
  const kinds = new Set(ranked.map(({ kind }) => kind));
  const worthTrying = new Set([...kinds].filter((kind) => heals(ranked.filter((item) => item.kind === kind))));
  const one = ranked.find((item) => worthTrying.has(item.kind) && heals([item]));
  if (one) return [one];
  // What the error speaks of comes back last.
  const all = [...ranked].reverse();
  let out = [...all];
  const culprits: Recorded[] = [];
  const holds = (without: readonly Recorded[]) => 'result' in answered(() => fit(leftOut(input, without)));
  const putBack = (items: readonly Recorded[]): void => {
    if (items.length === 0) return;
    const rest = out.filter((item) => !items.includes(item));
    if (holds(rest)) {
      out = rest;
      return;
    }
    if (items.length === 1) {
      culprits.push(items[0]!);
      return;
    }
    const half = Math.ceil(items.length / 2);
    putBack(items.slice(0, half));
    putBack(items.slice(half));
  };
  putBack(all);
  return culprits;
}

function leftOut(input: FitInput, without: readonly Recorded[]): FitInput {
  const of = (kind: Recorded['kind']) => new Set(without.flatMap((item) => (item.kind === kind ? [item.id] : [])));
  const [bike, stores, limits] = [of('bike'), of('stores'), of('limits')];
  const kept = <T extends object>(record: T, ids: ReadonlySet<string>) =>
    Object.fromEntries(Object.entries(record).filter(([key]) => !ids.has(key))) as T;
  const { limits: own, ...rest } = input;
  return {
    ...rest,
    facts: withoutFeatures(input.facts, of('reading')),
    bike: kept(input.bike, bike),
    stores: input.stores.filter(({ id }) => !stores.has(id)),
    delivered: of('delivered').size ? null : input.delivered,
    wheel: of('kit').size ? { ...input.wheel, kit: null } : input.wheel,
    ...(own && { limits: kept(own, limits) }),
  };
}

/** What is said of one of them: why, by the calculator that refuses it when only it comes back. */
function refused(input: FitInput, culprits: readonly Recorded[], culprit: Recorded, first: InputError): FitFinding {
  const asked = answered(() =>
    fit(
      leftOut(
        input,
        culprits.filter((item) => item !== culprit),
      ),
    ),
  );
  const { says } = 'contradiction' in asked ? asked.contradiction : first;
  const { kind, id } = culprit;
  const name = kind === 'stores' ? nameOf(input, id) : id;
  return {
    ...told(`left-out.${kind}.${id}`, 'unknown', said('fit.what-is-recorded-cannot-be', { name, message: says }), [
      kind === 'reading' || kind === 'delivered'
        ? said('fit.take-reading-back-and-measure-again')
        : said('fit.put-it-right-where-it-is'),
    ]),
    area: 'kit',
  };
}

function nameOf({ stores }: FitInput, id: string): SaidParam {
  const item = stores.find((each) => each.id === id);
  return item ? (item.details?.label ?? said(`stores.${item.kind}`, { thicknessMm: item.thicknessMm })) : id;
}
