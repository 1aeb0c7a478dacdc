import fc from 'fast-check';

import { inventedFrontWheel, inventedKit } from '../fit/invented.testing';
import { inputErrors, readInput } from '../input';
import { outfitOf } from '../kit-on-bike';
import { measuredBike } from '../kit-on-bike/measured-bike.testing';
import { KitFacts, type KitPart } from '../kit';
import { partKinds, type PartSpec } from '../part-kinds';
import { partSpecs } from '../part-specs';
import { catalogueFigures } from './kit-parts';

const kit: KitFacts = {
  ...inventedKit,
  motor: { ratedW: 250, kv: 8.2, windingOhm: 0.18 },
  controller: { topology: 'separate', fullV: 42, batteryA: 14, phaseA: 28 },
  battery: { Wh: 420, massKg: 2.9 },
  throttle: 'thumb',
  cluster: { sprockets: 7 },
  hub: { ...inventedKit.hub, takes: 'freewheel' },
  outfit: outfitOf(measuredBike),
};
const wheel = { ...inventedFrontWheel, kit };
const packing = (line: object) => inputErrors(KitFacts, { ...kit, packing: [{ part: 'Part', count: 1, ...line }] });

describe('a part in the list of a kit', () => {
  it('is of a kind with the figures of that kind, or a name alone', () => {
    expect(packing({})).toEqual([]);
    expect(packing({ kind: 'display' })).toEqual([]);
    expect(packing({ kind: 'tabbed', spec: { boreMm: 12.3, thicknessMm: 2, tabWidthMm: 9.8, tabDepthMm: 4 } })).toEqual(
      [],
    );
    const [figure] = packing({ kind: 'plain', spec: { boreMm: 12.3, thicknessMm: 99 } });
    expect([figure?.path, figure?.value]).toEqual(['packing.0.spec.thicknessMm', 99]);
    expect(packing({ kind: 'display', spec: { thicknessMm: 2 } })[0]?.path).toBe('packing.0.spec.thicknessMm');
    // What nobody has put to a kind has no figures: nobody could say which.
    expect(packing({ spec: { thicknessMm: 2 } })[0]?.path).toBe('packing.0.spec');
    expect(packing({ kind: 'saddle' })[0]).toMatchObject({ path: 'packing.0.kind', value: 'saddle' });
  });

  it('comes through as it was written', () => {
    const list: KitPart[] = [
      { part: 'Nut', count: 2 },
      { part: 'Spare nut', count: 1, kind: 'nut', spec: { threadMm: 12 } },
    ];
    expect(readInput(KitFacts, { ...kit, packing: list }).packing).toEqual(list);
  });
});

describe('a part of a kit in the catalogue', () => {
  const spec = (kind: KitPart['kind']) => catalogueFigures(wheel, { kind })?.spec;

  it('has the figures of its kit', () => {
    expect(spec('kit')).toEqual({ code: wheel.code });
    expect(spec('nut')).toEqual({ threadMm: wheel.axle.threadMm });
    expect(spec('motor')).toEqual({ ratedW: 250, kv: 8.2 });
    expect(spec('controller')).toEqual({ fullV: 42, batteryA: 14 });
    expect(spec('battery')).toEqual({ Wh: 420, cells: 10, chemistry: 'nmc' });
    expect(spec('charger')).toEqual({ fullV: 42, chargeA: 2 });
    expect(spec('throttle')).toEqual({ form: 'thumb' });
    expect(spec('sensor')).toEqual({ magnets: measuredBike.cranks.ring.magnets });
    expect(spec('cluster')).toEqual({ takes: 'freewheel', sprockets: 7 });
    expect(spec('display')).toEqual({});
  });

  it('goes by what its list says of it first', () => {
    const part = { kind: 'charger', spec: { fullV: 42, chargeA: 3 } } as const;
    expect(catalogueFigures(wheel, part)).toEqual(part);
  });

  it('is nothing where nobody has said what kind of part it is', () => {
    expect(catalogueFigures(wheel, {})).toBeNull();
  });

  it('is a part that its kind takes, short at most of what nobody has recorded', () => {
    const bare: KitFacts = { ...inventedKit };
    for (const each of [wheel, { ...wheel, kit: bare }, { ...wheel, kit: null }]) {
      for (const kind of partKinds) {
        const found = catalogueFigures(each, { kind })!;
        const wrong = inputErrors(partSpecs[kind], found.spec).filter(({ value }) => value !== undefined);
        expect([kind, wrong]).toEqual([kind, []]);
      }
    }
  });

  it('never loses what the list tells', () => {
    const figures = fc.dictionary(fc.constantFrom('ratedW', 'fullV', 'Wh', 'boreMm'), fc.integer({ min: 1, max: 60 }));
    fc.assert(
      fc.property(fc.constantFrom(...partKinds), figures, (kind, told) => {
        expect(catalogueFigures(wheel, { kind, spec: told as PartSpec })!.spec).toMatchObject(told);
      }),
    );
  });
});
