import { endFacts, type EndFacts } from '../end-facts';
import type { StoreItem } from '../parts';
import type { Said } from '../said';
import { getCWasher, relieveSeat } from '../slot-fit';
import type { Finding } from '../verdict';
import type { FitInput } from './contract';
import { packWith, readingsBehind } from './drawn.testing';
import { readingsOf } from './invented.testing';

type Figures = NonNullable<Said['with']>;
type Applies = (input: FitInput, told: Figures, finding: Finding) => FitInput[];
type Kit = NonNullable<FitInput['wheel']['kit']>;

const num = (figure: Figures[string] | undefined) => Number(figure);

const blank = { boreMm: null, outerMm: null, tabWidthMm: null, tabDepthMm: null };

const kitWith = (input: FitInput, change: (kit: Kit) => Kit): FitInput => ({
  ...input,
  wheel: { ...input.wheel, kit: change(input.wheel.kit!) },
});

const onShelf = (input: FitInput, ...items: Partial<StoreItem>[]): FitInput => ({
  ...input,
  stores: [
    ...input.stores,
    ...items.map((item, at): StoreItem => ({
      ...blank,
      id: `got-${at}-${item.kind}-${item.thicknessMm}`,
      kind: 'plain',
      thicknessMm: 1,
      count: 12,
      ...item,
    })),
  ],
});

const assisted = (input: FitInput, kmh: Figures[string] | undefined): FitInput =>
  kitWith(input, (kit) => ({ ...kit, assistedKmh: num(kmh) }));

const rotorOf = (input: FitInput, mm: Figures[string] | undefined): FitInput => ({
  ...input,
  facts: read(input.facts, {}, { 'rotor-diameter': num(mm) }),
});

const onRim = (input: FitInput): FitInput[] => [{ ...input, facts: read(input.facts, { brake: 'rim' }) }];

function read(facts: EndFacts, words: Record<string, string>, lengths: Record<string, number> = {}): EndFacts {
  const kept = readingsBehind(facts).filter(({ feature }) => !(feature in words) && !(feature in lengths));
  return endFacts(facts.end, [...kept, ...readingsOf(facts.end, words, lengths)]);
}

const tyre = (input: FitInput, widthMm: number, loadKg = 200): FitInput => ({
  ...onShelf(input, {
    kind: 'tyre',
    details: {
      tyre: {
        beadSeatMm: input.wheel.beadSeatMm,
        widthMm,
        minBar: null,
        maxBar: 10,
        loadKg,
        speedKmh: 100,
        directional: false,
      },
    },
  }),
});

const withoutTyres = (input: FitInput): FitInput => ({
  ...input,
  stores: input.stores.filter(({ kind }) => kind !== 'tyre'),
});

/** What each remedy means when it is done, by its code: what it is told with, and the inputs afterwards. */
const actions: Readonly<Record<string, Applies>> = {
  'torque-reaction.tighten-nuts-to': (input, { aim }) => [{ ...input, nutTorqueNm: num(aim) }],
  'bike-checks.tighten-nuts-to': (input, { nutSpecNm }) => [{ ...input, nutTorqueNm: num(nutSpecNm) }],
  'torque-reaction.tighten-to-at-most-renew-nut': (input, { most }) => [{ ...input, nutTorqueNm: num(most) }],
  'bike-checks.set-assisted-speed-to-at-most': (input, { slower }) => [assisted(input, slower)],
  'bike-checks.or-set-assisted-speed-to-at': (input, { discBothKmh }) => [assisted(input, discBothKmh)],
  'law.set-limit-to-and-read-it': (input, { assistedKmh }) => [assisted(input, assistedKmh)],
  'torque-reaction.turn-phase-current-down-to-2': (input, { share }) => [
    kitWith(input, (kit) => ({ ...kit, controller: { ...kit.controller, phaseA: num(share) } })),
  ],
  'bike-checks.take-larger-rotor': (input, { larger }) => [rotorOf(input, larger)],
  'rotor-fit.take-rotor-with-its-adapter-caliper': (input, { larger }) => [rotorOf(input, larger)],
  'rotor-fit.get': (input, { buyMm }, { id }) => {
    const kind = id === 'caliper-bolt' ? 'caliper-bolt' : 'rotor-bolt';
    const boreMm = kind === 'caliper-bolt' ? 6 : 5;
    return [onShelf(input, { kind, boreMm, thicknessMm: boreMm, details: { lengthMm: num(buyMm) } })];
  },
  [getCWasher]: (input, { most, depthMm }) => [
    onShelf(input, {
      kind: 'c-washer',
      boreMm: input.wheel.axle.threadMm + 0.3,
      outerMm: Math.floor(100 * num(most)) / 100,
      thicknessMm: Math.ceil(10 * num(depthMm)) / 10,
    }),
  ],
  'end-fit.get-of-2-mm-or-thicker': (input) => {
    const { flatsMm, threadMm } = input.wheel.axle;
    const tab = { tabWidthMm: flatsMm - 0.2, tabDepthMm: 2 };
    return [onShelf(input, { kind: 'tabbed', boreMm: threadMm + 0.3, outerMm: 24, thicknessMm: 2, ...tab, count: 2 })];
  },
  'bike-checks.rest-on-that-climb-at-most': (input, { inOneGo }) => [
    { ...input, bike: { ...input.bike, climb: { ...input.bike.climb!, minutes: num(inOneGo) } } },
  ],
  'fit.get-one-to-wide-that-carries': (input, { least, most, loadKg }) => [
    tyre(input, num(least), num(loadKg)),
    tyre(input, num(most), num(loadKg)),
  ],
  'tyre-fit.take-tyre-of-at-least': (input, { leastMm }) => [tyre(withoutTyres(input), num(leastMm))],
  'fit.take-tyre-of-at-most-if': (input, { widest }) => [tyre(withoutTyres(input), num(widest))],
  'fit.get-with': (input, { sprockets }) => [
    {
      ...input,
      facts: read(input.facts, { cluster: input.wheel.kit!.hub.takes, gears: String(sprockets) }),
    },
  ],
  'pack-instead.take-pack-of-kit-own-voltage': (input) => [
    packWith(input, (pack) => ({
      ...pack,
      chemistry: 'nmc',
      cells: Math.round((input.wheel.kit?.controller.fullV ?? 42) / 4.2),
    })),
  ],
  'pack-instead.set-controller-to-from-battery-at': (input, { continuousA }) => [
    kitWith(input, (kit) => ({ ...kit, controller: { ...kit.controller, batteryA: num(continuousA) } })),
  ],
  'pack-instead.charge-it-with-charger-of-its': (input, { full }) => [
    packWith(input, (pack) => ({ ...pack, chargerV: num(full) })),
  ],
  [relieveSeat]: (input) => [{ ...input, facts: read(input.facts, { seat: 'open-relieved' }) }],
  'bike-checks.brake-on-rim-instead-fork-and': onRim,
  'end-fit.brake-on-rim-instead-fit-rim': onRim,
  'rotor-fit.brake-on-rim-instead-it-has': onRim,
  'fit.fit-chainring-of-teeth-or-one': (input, { ring }) => [
    { ...input, bike: { ...input.bike, chainringTeeth: num(ring) } },
  ],
};

/** Codes of the remedies that can be done by changing what is known; the rest only hands and eyes can do. */
export const appliedCodes: readonly string[] = Object.keys(actions);

/** The input once a remedy is done, one for each way to take it; empty for what only hands and eyes can do. */
export function applied(input: FitInput, finding: Finding, remedy: Said): FitInput[] {
  return actions[remedy.said]?.(input, remedy.with ?? {}, finding) ?? [];
}
