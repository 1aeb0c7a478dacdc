import { inventedStores } from '../fit/invented.testing';
import { inputErrors } from '../input';
import { partKinds, storeKinds, type PartSpec } from '../part-kinds';
import { partSpecs } from '../part-specs';
import { drawerFor, drawerOf, partOfItem, storeItems, type Drawer } from './drawers';

const drawer = (kind: Drawer['kind'], spec: PartSpec, id = 'a'): Drawer => ({
  id,
  kind,
  spec,
  label: null,
  costEach: null,
  count: 3,
});

describe('a part as the calculators take it', () => {
  it('is the line of the stores that it was, and keeps nothing that its kind has not', () => {
    expect(new Set(inventedStores.map(({ kind }) => kind)).size).toBeGreaterThan(5);
    for (const item of inventedStores) {
      const part = partOfItem(item);
      expect([item.id, inputErrors(partSpecs[part.kind], part.spec)]).toEqual([item.id, []]);
      const [again] = storeItems([{ ...part, id: item.id, count: item.count }]);
      expect(partOfItem(again!)).toEqual(part);
      for (const name of ['boreMm', 'outerMm', 'tabWidthMm', 'tabDepthMm'] as const) {
        if (again![name] !== null) expect([item.id, name, again![name]]).toEqual([item.id, name, item[name]]);
      }
    }
  });

  it('is none of theirs where no calculator knows its kind', () => {
    const all = partKinds.map((kind) => drawer(kind, {}));
    expect(storeItems(all).map(({ kind }) => kind)).toEqual([...storeKinds]);
  });

  it('has figures for what was never marked on a tyre or an arm', () => {
    const [tyre, arm] = storeItems([
      drawer('tyre', { beadSeatMm: 622, widthMm: 47 }),
      drawer('arm', { boreMm: 12, thicknessMm: 6, form: 'rigid', lengthMm: 90, widthMm: 18 }),
    ]);
    expect(tyre!.details!.tyre).toMatchObject({ beadSeatMm: 622, loadKg: null, maxBar: null, directional: false });
    expect(arm!.details!.arm).toMatchObject({ kind: 'rigid', lengthMm: 90, linkMm: null, holeDeg: 0 });
    expect(arm!.details!.lengthMm).toBeNull();
  });
});

describe('the drawer of an order', () => {
  const drawers = [
    drawer('plain', { boreMm: 14.3, thicknessMm: 2 }, 'wide'),
    drawer('plain', { boreMm: 12.3, thicknessMm: 2 }, 'washer'),
    drawer('rotor-bolt', { threadMm: 5, lengthMm: 12 }, 'bolt'),
    drawer('caliper-shim', { thicknessMm: 0.5 }, 'shim'),
    drawer('rotor', { diameterMm: 160 }, 'rotor'),
    drawer('arm', { boreMm: 12 }, 'arm'),
  ];
  it.each([
    ['washer', { kind: 'plain', spec: { thicknessMm: 2, threadMm: 12 } }],
    ['wide', { kind: 'plain', spec: { thicknessMm: 2, threadMm: 14 } }],
    [null, { kind: 'plain', spec: { thicknessMm: 2 } }],
    [null, { kind: 'plain', spec: { thicknessMm: 2.5, threadMm: 12 } }],
    ['bolt', { kind: 'rotor-bolt', spec: { lengthMm: 12 } }],
    [null, { kind: 'caliper-bolt', spec: { lengthMm: 12 } }],
    ['shim', { kind: 'caliper-shim', spec: { thicknessMm: 0.5 } }],
    ['rotor', { kind: 'rotor', spec: { diameterMm: 160, pattern: 'six-bolt' } }],
    // It could be one of several: an order says for which axle, not which arm.
    [null, { kind: 'arm', spec: { threadMm: 12 } }],
  ] as const)('is %s for %j', (id, wanted) => {
    expect(drawerFor(wanted, drawers)?.id ?? null).toBe(id);
  });

  it('when it is new holds to its kind, and finds itself again', () => {
    const orders = [
      { kind: 'plain', spec: { thicknessMm: 2.5, threadMm: 12 } },
      { kind: 'rotor-shim', spec: { thicknessMm: 0.2 } },
      { kind: 'cassette-spacer', spec: { thicknessMm: 1.85 } },
      { kind: 'rotor-bolt', spec: { lengthMm: 10 } },
      { kind: 'caliper-bolt', spec: { lengthMm: 18 } },
      { kind: 'rotor', spec: { diameterMm: 180, pattern: 'six-bolt' } },
    ] as const;
    for (const wanted of orders) {
      const spec = drawerOf(wanted);
      expect([wanted, spec && inputErrors(partSpecs[wanted.kind], spec)]).toEqual([wanted, []]);
      expect(drawerFor(wanted, [drawer(wanted.kind, spec!)])).not.toBeNull();
    }
    expect(drawerOf({ kind: 'plain', spec: { thicknessMm: 2 } })).toBeNull();
    expect(drawerOf({ kind: 'arm', spec: { threadMm: 12 } })).toBeNull();
  });
});
