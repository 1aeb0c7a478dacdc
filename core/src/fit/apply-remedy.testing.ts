import { endFacts, type EndFacts } from '../end-facts';
import type { StoreItem } from '../parts';
import type { Finding } from '../verdict';
import type { FitInput } from './contract';
import { packWith, readingsBehind } from './drawn.testing';
import { readingsOf } from './invented.testing';

type Applies = (input: FitInput, figures: number[], finding: Finding) => FitInput;
type Kit = NonNullable<FitInput['wheel']['kit']>;

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

/** What each remedy means when it is done: the words that name it, and the input afterwards. */
const actions: readonly [RegExp, Applies][] = [
  [/^Tighten the nuts to ([\d.]+) N·m\.$/, (input, [nm]) => ({ ...input, nutTorqueNm: nm! })],
  [/^Tighten to ([\d.]+) N·m at most/, (input, [nm]) => ({ ...input, nutTorqueNm: nm! })],
  [
    /assisted speed to (\d+) km\/h at most|^Set the limit to (\d+) km\/h/,
    (input, [kmh]) => kitWith(input, (kit) => ({ ...kit, assistedKmh: kmh! })),
  ],
  [
    /^Turn the phase current down to (\d+) A\.$/,
    (input, [amps]) => kitWith(input, (kit) => ({ ...kit, controller: { ...kit.controller, phaseA: amps! } })),
  ],
  [/^Take a (\d+) mm rotor/, (input, [mm]) => ({ ...input, facts: read(input.facts, {}, { 'rotor-diameter': mm! }) })],
  [
    /^Get rotor bolt M5 × (\d+) mm/,
    (input, [mm]) => onShelf(input, { kind: 'rotor-bolt', boreMm: 5, thicknessMm: 5, details: { lengthMm: mm! } }),
  ],
  [
    /^Get caliper bolt M6 × (\d+) mm/,
    (input, [mm]) => onShelf(input, { kind: 'caliper-bolt', boreMm: 6, thicknessMm: 6, details: { lengthMm: mm! } }),
  ],
  [
    /^Get a C-washer of at most ([\d.]+) mm across, ([\d.]+) mm to ([\d.]+) mm thick/,
    (input, [outerMm, thicknessMm]) =>
      onShelf(input, {
        kind: 'c-washer',
        boreMm: input.wheel.axle.threadMm + 0.3,
        outerMm: Math.floor(100 * outerMm!) / 100,
        thicknessMm: Math.ceil(10 * thicknessMm!) / 10,
      }),
  ],
  [
    /^Get (two tabbed washers|a tabbed washer) of 2 mm/,
    (input) => {
      const { flatsMm, threadMm } = input.wheel.axle;
      return onShelf(input, {
        kind: 'tabbed',
        boreMm: threadMm + 0.3,
        outerMm: 24,
        thicknessMm: 2,
        tabWidthMm: flatsMm - 0.2,
        tabDepthMm: 2,
        count: 2,
      });
    },
  ],
  [
    /^Rest on that climb: at most (\d+) min/,
    (input, [minutes]) => ({
      ...input,
      bike: { ...input.bike, climb: { ...input.bike.climb!, minutes: minutes! } },
    }),
  ],
  [/^Get one (\d+) to \d+ mm wide that carries (\d+) kg/, (input, [mm, kg]) => tyre(input, mm!, kg)],
  [/^Get one \d+ to (\d+) mm wide that carries (\d+) kg/, (input, [mm, kg]) => tyre(input, mm!, kg)],
  [/^Take a tyre of at (?:least|most) (\d+) mm/, (input, [mm]) => tyre(withoutTyres(input), mm!)],
  [
    /^Get a (?:freewheel|cassette) with (\d+) sprockets/,
    (input, [many]) => ({
      ...input,
      facts: read(input.facts, { cluster: input.wheel.kit!.hub.takes, gears: String(many) }),
    }),
  ],
  [
    /^Take a pack of the kit’s own voltage/,
    (input) =>
      packWith(input, (pack) => ({
        ...pack,
        chemistry: 'nmc',
        cells: Math.round((input.wheel.kit?.controller.fullV ?? 42) / 4.2),
      })),
  ],
  [
    /^Set the controller to (\d+) A from the battery/,
    (input, [amps]) => kitWith(input, (kit) => ({ ...kit, controller: { ...kit.controller, batteryA: amps! } })),
  ],
  [
    /^Charge it with a charger of its own, made for ([\d.]+) V/,
    (input, [volts]) => packWith(input, (pack) => ({ ...pack, chargerV: volts! })),
  ],
  [/^Relieve the seat/, (input) => ({ ...input, facts: read(input.facts, { seat: 'open-relieved' }) })],
  [/^Brake on the rim instead/, (input) => ({ ...input, facts: read(input.facts, { brake: 'rim' }) })],
  [
    /^Fit a chainring of (\d+) teeth/,
    (input, [teeth]) => ({ ...input, bike: { ...input.bike, chainringTeeth: teeth! } }),
  ],
];

/** The input once a remedy is done, one for each way to take its words; empty for what only hands and eyes can do. */
export function applied(input: FitInput, finding: Finding, remedy: string): FitInput[] {
  return actions.flatMap(([words, apply]) => {
    const found = words.exec(remedy);
    if (!found) return [];
    const figures = found
      .slice(1)
      .flatMap((figure) => (figure && !Number.isNaN(Number(figure)) ? [Number(figure)] : []));
    return [apply(input, figures, finding)];
  });
}
