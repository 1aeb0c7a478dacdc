import fc from 'fast-check';

import type { Verdict } from '../verdict';
import type { Connector, Fuse, Lead, PathElement, PowerPathInput, Switch } from './contract';
import { powerPath } from './power-path';
import { fuseSizesA } from './solve-path';
import { leadOhm, leadRatedA, mm2OfAwg } from './wire';
import { say } from '../english.testing';

const connector: Connector = {
  kind: 'connector',
  continuousA: 45,
  maxV: 60,
  polarised: true,
  sparkRated: true,
  deadWhenOpen: true,
};
const fuse: Fuse = { kind: 'fuse', A: 30, maxV: 80, breakA: 1000 };
const lead: Lead = { kind: 'lead', mm2: 4, lengthM: 0.6, metal: 'copper', insulation: 'silicone', bundled: true };
const phase: PathElement = { kind: 'phase', continuousA: 40 };
const base: PowerPathInput = {
  battery: {
    cells: 13,
    ah: 12,
    continuousA: 30,
    peakA: 50,
    packOhm: 0.12,
    chemistry: 'nmc',
    cutoffVPerCell: 3,
    pack: 'cased',
  },
  chain: [connector, fuse, lead, phase],
  controller: { batteryA: 20, phaseA: 40, minV: 30, maxV: 60, lowCutV: 40 },
  charger: { volts: 54.6, amps: 4 },
  accessories: [{ id: 'light', volts: [30, 60], watts: 7.8, from: 'main' }],
};
const battery = (change: Partial<PowerPathInput['battery']>) => ({ ...base, battery: { ...base.battery, ...change } });
const chain = (...elements: PathElement[]) => ({ ...base, chain: elements });
const set = (change: Partial<PowerPathInput['controller']>) => ({
  ...base,
  controller: { ...base.controller, ...change },
});
const said = (input: PowerPathInput, id: string) => powerPath(input).findings.find((item) => item.id === id)?.verdict;

describe('the power path', () => {
  it('is reckoned as in the worked case', () => {
    const result = powerPath(base);
    expect(result).toMatchObject({ verdict: 'goes', fuseA: 25, limitA: 20, fullV: expect.closeTo(54.6), emptyV: 39 });
    expect(result.currentA).toBeCloseTo(20.2, 9);
    expect(result.elements[2]!.ratedA).toBeCloseTo(38.4, 9);
    expect(result.dropPercent).toBeCloseTo(0.299, 3);
    expect(result.fuseWindowA.min).toBeCloseTo(24.24, 9);
    expect(result.fuseWindowA.max).toBeCloseTo(38.4, 9);
    expect(result.elements.map(({ index, kind, loadA }) => [index, kind, Number(loadA.toFixed(2))])).toEqual([
      [0, 'connector', 25.25],
      [1, 'fuse', 20.2],
      [2, 'lead', 20.2],
      [3, 'phase', 40],
    ]);
  });

  it.each<[string, PowerPathInput, string, Verdict | undefined]>([
    ['a pack that gives more for a moment', set({ batteryA: 40 }), 'battery-current', 'work'],
    ['a pack that never gives so much', set({ batteryA: 60 }), 'battery-current', 'stop'],
    ['a thin lead', chain(connector, fuse, { ...lead, mm2: 1 }, phase), 'element-current', 'stop'],
    [
      'a contact at its limit',
      chain({ ...connector, continuousA: 25.25 }, fuse, lead, phase),
      'element-current',
      'goes',
    ],
    ['a contact beyond it', chain({ ...connector, continuousA: 25.2 }, fuse, lead, phase), 'element-current', 'stop'],
    ['thin motor leads', set({ phaseA: 41 }), 'element-current', 'stop'],
    ['a long lead', chain(connector, fuse, { ...lead, lengthM: 8 }, phase), 'drop', 'work'],
    ['a very long lead', chain(connector, fuse, { ...lead, lengthM: 12 }, phase), 'drop', 'stop'],
    ['no fuse', chain(connector, lead, phase), 'fuse', 'work'],
    ['no fuse, and none that fits', chain({ ...connector, continuousA: 24 }, lead, phase), 'fuse', 'stop'],
    ['a fuse that blows after the lead', chain(connector, { ...fuse, A: 40 }, lead, phase), 'fuse', 'stop'],
    ['a fuse that blows on a hill', chain(connector, { ...fuse, A: 20 }, lead, phase), 'fuse', 'work'],
    ['a fuse of a car', chain(connector, { ...fuse, maxV: 32 }, lead, phase), 'dc-voltage', 'stop'],
    ['nothing that parts', chain(lead, phase), 'dc-voltage', undefined],
    ['a fuse that burns on', chain(connector, { ...fuse, breakA: 400 }, lead, phase), 'fuse-break', 'stop'],
    [
      'a fuse that nobody knows',
      chain(connector, { ...fuse, breakA: undefined } as Fuse, lead, phase),
      'fuse-break',
      'unknown',
    ],
    ['a pack that nobody measured', battery({ packOhm: undefined } as never), 'fuse-break', 'unknown'],
    ['no fuse to break', chain(connector, lead, phase), 'fuse-break', undefined],
    ['a pack that stays on', chain(fuse, lead, phase), 'isolation', 'stop'],
    ['a contact that sparks', chain({ ...connector, sparkRated: false }, fuse, lead, phase), 'spark', 'work'],
    [
      'a switch that takes the spark',
      chain({ ...connector, sparkRated: false }, { kind: 'switch', A: 30, maxV: 60 }, fuse, lead),
      'spark',
      'goes',
    ],
    ['a low voltage', { ...battery({ cells: 10 }) }, 'spark', undefined],
    [
      'copper on aluminium',
      chain(connector, fuse, lead, { kind: 'joint', metals: ['copper', 'aluminium'] }),
      'metals',
      'stop',
    ],
    [
      'a joint made for both',
      chain(fuse, { kind: 'joint', metals: ['copper', 'aluminium'], rated: true }),
      'metals',
      'goes',
    ],
    ['neighbours of two metals', chain(connector, lead, { ...lead, metal: 'aluminium' }), 'metals', 'stop'],
    [
      'a strand that nobody scraped',
      chain(connector, fuse, { ...lead, metal: undefined } as Lead),
      'metals',
      'unknown',
    ],
    ['a controller of another voltage', set({ maxV: 50 }), 'controller-voltage', 'stop'],
    ['a cut-off under empty', set({ lowCutV: 38 }), 'low-cut', 'work'],
    ['a cut-off over full', set({ lowCutV: 55 }), 'low-cut', 'work'],
    ['the charger of another pack', { ...base, charger: { volts: 42, amps: 2 } }, 'charger', 'stop'],
    ['a charger that ends a little lower', { ...base, charger: { volts: 53.3, amps: 2 } }, 'charger', 'goes'],
    ['a fast charger', { ...base, charger: { volts: 54.6, amps: 8 } }, 'charger', 'work'],
    ['far too fast a charger', { ...base, charger: { volts: 54.6, amps: 13 } }, 'charger', 'stop'],
    [
      'an lfp pack with an nmc charger',
      { ...battery({ chemistry: 'lfp', cutoffVPerCell: 2.5 }), charger: { volts: 54.6, amps: 2 } },
      'charger',
      'stop',
    ],
    ['a plug that turns', chain({ ...connector, polarised: false }, fuse, lead), 'plug', 'stop'],
    ['live contacts', chain({ ...connector, deadWhenOpen: false }, fuse, lead), 'plug', 'stop'],
    [
      'contacts that nobody looked at',
      chain({ ...connector, deadWhenOpen: undefined } as Connector, fuse, lead),
      'plug',
      'unknown',
    ],
    [
      'a light of another voltage',
      { ...base, accessories: [{ id: 'light', volts: [6, 48], watts: 3, from: 'controller' }] },
      'accessory',
      'stop',
    ],
    ['no accessory', { ...base, accessories: [] }, 'accessory', undefined],
    ['a cased pack', base, 'bare-pack', undefined],
    [
      'a bare pack that is looked after',
      battery({ pack: 'bare', enclosed: true, retained: true }),
      'bare-pack',
      'goes',
    ],
    ['a bare pack that lies loose', battery({ pack: 'bare', enclosed: true, retained: false }), 'bare-pack', 'stop'],
    ['a bare pack that nobody looked at', battery({ pack: 'bare', enclosed: true }), 'bare-pack', 'unknown'],
  ])('judges %s', (_, input, id, verdict) => expect(said(input, id)).toBe(verdict));

  it('says at which setting everything goes, and that it then does', () => {
    const strong = { ...set({ batteryA: 45 }), chain: [{ ...connector, continuousA: 30 }, lead] };
    const { limitA, findings } = powerPath(strong);
    // 1.25 × 24.x A reaches the connector's 30 A; a fuse of 30 A still lies in the window.
    expect(limitA).toBe(23);
    expect(
      findings
        .flatMap(({ remedies }) => remedies)
        .map(say)
        .join(' '),
    ).toContain('Set the controller to 23 A');
    expect(
      powerPath({ ...strong, controller: { ...strong.controller, batteryA: 23 } }).elements.every(
        ({ verdict }) => verdict === 'goes',
      ),
    ).toBe(true);
    expect(powerPath(chain({ ...connector, continuousA: 1 }, lead)).limitA).toBeNull();
  });

  it.each<[string, PowerPathInput, string]>([
    ['no cross-section', chain({ ...lead, mm2: undefined } as Lead), 'chain.0.mm2'],
    ['two cross-sections', chain({ ...lead, awg: 12 }), 'chain.0.mm2'],
    ['a hair', chain({ ...lead, mm2: 0.4 }), 'chain.0.mm2 is 0.4'],
    [
      'a hair by gauge',
      chain({ kind: 'lead', awg: 24, lengthM: 1, insulation: 'pvc70', bundled: false }),
      'chain.0.awg',
    ],
    ['a peak under what it gives for long', battery({ peakA: 20 }), 'battery.peakA'],
    ['one metal in a joint', chain({ kind: 'joint', metals: ['copper'] }), 'chain.0.metals'],
    ['something that is in no chain', chain({ kind: 'wish' } as never), 'chain.0.kind'],
  ])('refuses %s', (_, input, message) => expect(() => powerPath(input)).toThrow(message));
});

describe('a lead', () => {
  const bare: Lead = { kind: 'lead', lengthM: 1, metal: 'copper', insulation: 'pvc70', bundled: false };

  it('bears what the table says at its points, and grows evenly between and beyond them', () => {
    for (const [mm2, amps] of [
      [0.5, 5],
      [1, 11],
      [4, 32],
      [10, 57],
    ] as const) {
      expect(leadRatedA({ ...bare, mm2 })).toBeCloseTo(amps, 9);
    }
    // Half way in ln mm² is half way in ln A.
    expect(leadRatedA({ ...bare, mm2: Math.sqrt(4 * 6) })).toBeCloseTo(Math.sqrt(32 * 41), 9);
    const beyond = Math.log(57 / 41) / Math.log(10 / 6);
    expect(leadRatedA({ ...bare, mm2: 20 })).toBeCloseTo(57 * 2 ** beyond, 9);
    expect(mm2OfAwg(10)).toBeCloseTo(5.26, 2);
  });

  it('has the resistance of its metal, as warm as it runs', () => {
    expect(leadOhm({ ...bare, mm2: 2, conductorC: 20 })).toBeCloseTo(0.01724, 9);
    expect(leadOhm({ ...bare, mm2: 2, metal: 'aluminium', conductorC: 20 })).toBeCloseTo(0.0282, 9);
    expect(leadOhm({ ...bare, mm2: 2 })).toBeCloseTo(0.01724 * (1 + 0.0039 * 30), 9);
  });
});

const drawnLead: fc.Arbitrary<Lead> = fc.record({
  kind: fc.constant('lead' as const),
  mm2: fc.constantFrom(0.75, 1.5, 2.5, 4, 6, 16),
  lengthM: fc.double({ min: 0.1, max: 4, noNaN: true }),
  metal: fc.constantFrom('copper' as const, 'aluminium' as const),
  insulation: fc.constantFrom('pvc70' as const, 'xlpe90' as const, 'silicone' as const),
  bundled: fc.boolean(),
});
const drawnChain = fc.array(
  fc.oneof(
    drawnLead,
    fc.constantFrom<PathElement>(connector, fuse, phase, { kind: 'switch', A: 40, maxV: 60 } as Switch, {
      ...fuse,
      A: 15,
    }),
  ),
  { maxLength: 6 },
);
const drawn: fc.Arbitrary<PowerPathInput> = fc
  .record({ elements: drawnChain, batteryA: fc.integer({ min: 3, max: 45 }), watts: fc.integer({ min: 0, max: 60 }) })
  .map(({ elements, batteryA, watts }) => ({
    ...base,
    chain: elements,
    controller: { ...base.controller, batteryA },
    accessories: [{ id: 'light', volts: [30, 60], watts, from: 'main' as const }],
  }));
const rank: Record<Verdict, number> = { goes: 0, work: 1, unknown: 2, stop: 3 };

describe('any power path', () => {
  it('loses what the voltages from node to node add up to', () => {
    fc.assert(
      fc.property(drawn, (input) => {
        const { currentA, dropV, dropPercent, emptyV } = powerPath(input);
        // Out along one conductor of every lead and back along the other: the nodes' voltages, one after the other.
        const metals = { copper: 0.01724, aluminium: 0.0282 };
        const oneWay = input.chain.flatMap((element) =>
          element.kind === 'lead' ? [(metals[element.metal!] * 1.117 * element.lengthM) / element.mm2!] : [],
        );
        let plus = emptyV;
        let minus = 0;
        for (const ohm of oneWay) {
          plus -= ohm * currentA;
          minus += ohm * currentA;
        }
        expect(emptyV - (plus - minus)).toBeCloseTo(dropV, 9);
        expect(dropPercent).toBeCloseTo((100 * dropV) / emptyV, 9);
      }),
    );
  });

  it('has the smallest fuse of those that lie in the window, found by trying every one', () => {
    fc.assert(
      fc.property(drawn, (input) => {
        const { fuseA, fuseWindowA, currentA, elements } = powerPath(input);
        const guarded = elements.filter(({ kind }) => ['lead', 'connector', 'switch'].includes(kind));
        const fits = [...fuseSizesA].filter(
          (size) => size >= 1.2 * currentA && size <= 50 && guarded.every(({ ratedA }) => size <= ratedA!),
        );
        expect(fuseA).toBe(fits[0] ?? null);
        expect(fuseWindowA.min).toBeCloseTo(1.2 * currentA, 9);
      }),
    );
  });

  it('goes at the setting that is named, and at none that is higher and allowed', () => {
    const goes = (input: PowerPathInput, batteryA: number) => {
      const asked = { ...input, controller: { ...input.controller, batteryA } };
      const { elements, fuseA, findings } = powerPath(asked);
      const of = (id: string) => findings.find((item) => item.id === id)!.verdict === 'goes';
      const carried = elements.every(({ kind, marginA }) => kind === 'phase' || (marginA ?? 0) >= -1e-9);
      return of('battery-current') && of('drop') && carried && fuseA !== null;
    };
    fc.assert(
      fc.property(drawn, (input) => {
        const { limitA } = powerPath(input);
        const { batteryA } = input.controller;
        if (limitA !== null) expect(goes(input, limitA)).toBe(true);
        for (let more = (limitA ?? 0) + 1; more <= batteryA; more++) expect(goes(input, more)).toBe(false);
      }),
      { numRuns: 60 },
    );
  });

  it('is no better for knowing less, and no worse for drawing less', () => {
    fc.assert(
      fc.property(drawn, fc.integer({ min: 1, max: 20 }), (input, less) => {
        const full = rank[powerPath(input).verdict];
        const blind = {
          ...input,
          battery: { ...input.battery, packOhm: undefined },
          chain: input.chain.map((element) =>
            element.kind === 'lead'
              ? { ...element, metal: undefined }
              : element.kind === 'fuse'
                ? { ...element, breakA: undefined }
                : element,
          ),
        } as unknown as PowerPathInput;
        const unknowing = powerPath(blind).verdict;
        if (unknowing === 'goes' || unknowing === 'work') expect(full).toBeLessThanOrEqual(rank[unknowing]);
        const batteryA = Math.max(0.5, input.controller.batteryA - less);
        const gentler = powerPath({ ...input, controller: { ...input.controller, batteryA } });
        const carried = ({ findings }: ReturnType<typeof powerPath>) =>
          rank[findings.find(({ id }) => id === 'element-current')?.verdict ?? 'goes'];
        expect(carried(gentler)).toBeLessThanOrEqual(carried(powerPath(input)));
      }),
    );
  });
});
