import { fit } from '../fit';
import { invented, inventedKit } from '../fit/invented.testing';
import type { Verdict } from '../verdict';
import type { PackInstead } from './contract';
import { emptyV, fullV, kitWithPack, packFindings } from './pack-instead';
import { inEnglish } from '../english.testing';

/** As the kit's own: ten cells, 42 V. */
const like: PackInstead = {
  chemistry: 'nmc',
  cells: 10,
  Wh: 500,
  massKg: 3.1,
  continuousA: 20,
  cutoffVPerCell: 3,
  chargerV: 42,
  sizeMm: { length: 370, width: 90, height: 110 },
  condition: 'new',
  cost: 300,
};

const of = (change: Partial<PackInstead>, speedFullKmh: number | null = 44) =>
  Object.fromEntries(
    packFindings({ ...like, ...change }, inventedKit, speedFullKmh).map(({ id, verdict }) => [id, verdict]),
  ) as Record<string, Verdict>;

describe('another pack than the kit’s', () => {
  it('is judged by its cells: ten of cobalt are 42 V full and 30 V empty, eleven of iron phosphate 40.15 and 27.5', () => {
    expect([fullV(like), emptyV(like)]).toEqual([42, 30]);
    const iron = { ...like, chemistry: 'lfp' as const, cells: 11, cutoffVPerCell: undefined };
    expect([fullV(iron), emptyV(iron)]).toEqual([40.15, 27.5]);
  });

  it('only asks for its room when it is like the kit’s own', () => {
    expect(of({})).toEqual({
      'pack-condition': 'goes',
      'controller-voltage': 'goes',
      'low-cut': 'goes',
      'battery-current': 'goes',
      charger: 'goes',
      'pack-size': 'work',
    });
  });

  it.each<[string, Partial<PackInstead>, Record<string, Verdict>]>([
    ['thirteen cells on a controller for ten', { cells: 13, chargerV: 54.6 }, { 'controller-voltage': 'stop' }],
    [
      'the same with a controller whose maker allows 60 V',
      { cells: 13, chargerV: 54.6, controllerMaxV: 60 },
      { 'controller-voltage': 'goes', 'low-cut': 'work' },
    ],
    [
      'the kit’s charger on an iron phosphate pack',
      { chemistry: 'lfp', cells: 11 },
      { charger: 'stop', 'low-cut': 'work' },
    ],
    ['a charger that nobody has looked at', { chargerV: undefined }, { charger: 'unknown' }],
    ['six cells', { cells: 6, chargerV: 25.2 }, { 'controller-voltage': 'unknown', 'pack-speed': 'goes' }],
    [
      'six cells, the maker asks for 30 V',
      { cells: 6, chargerV: 25.2, controllerMinV: 30 },
      { 'controller-voltage': 'stop' },
    ],
    ['a pack of 10 A for a controller of 14', { continuousA: 10 }, { 'battery-current': 'stop' }],
    ['a pack of which the current is not known', { continuousA: undefined }, { 'battery-current': 'unknown' }],
    ['a used pack', { condition: 'used-sound' }, { 'pack-condition': 'work' }],
    ['a damaged pack', { condition: 'damaged' }, { 'pack-condition': 'stop' }],
    ['a pack nobody looked over', { condition: undefined }, { 'pack-condition': 'unknown' }],
    ['cells that end higher', { cutoffVPerCell: 3.3 }, { 'low-cut': 'work' }],
    ['a size that nobody measured', { sizeMm: undefined }, { 'pack-size': 'unknown' }],
  ])('%s', (_, change, expected) => expect(of(change)).toMatchObject(expected));

  it('turns the wheel more slowly by its share of the voltage', () => {
    const eight = { cells: 8, chargerV: 33.6 };
    // 44 km/h at 42 V are 35.2 at 33.6 V; 30 would be 24, below the 25 that the kit assists to.
    expect(of(eight, 44)['pack-speed']).toBe('goes');
    expect(of(eight, 30)['pack-speed']).toBe('work');
    expect(of(eight, null)['pack-speed']).toBe('unknown');
  });

  it('re-runs what hangs on voltage, mass and price', () => {
    const kit = kitWithPack(inventedKit, { ...like, cells: 8, massKg: 9, cost: 700 });
    expect(kit.controller.fullV).toBe(33.6);
    const bike = { job: { pack: 'substitute' as const, packInstead: { ...like, massKg: 9, cost: 700 } } };
    const [own, other] = [fit(invented({ end: 'rear' })), fit(invented({ end: 'rear', bike }))];
    expect(other.cost - own.cost).toBe(700 - inventedKit.battery!.cost!);
    const heavier = inEnglish(other.shopping).find(({ group }) => group === 'battery');
    expect(heavier).toMatchObject({ what: 'Battery 500 Wh, 10 cells NMC', costEach: 700 });
    expect(other.verdict).toBe('work');
  });

  it('is unknown as long as nothing of it is recorded', () => {
    const report = fit(invented({ end: 'rear', bike: { job: { pack: 'reused' } } }));
    expect(report.findings.find(({ id }) => id === 'pack')?.verdict).toBe('unknown');
    expect(report.verdict).toBe('unknown');
  });
});
