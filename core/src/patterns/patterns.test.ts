import { fit } from '../fit';
import { invented, inventedStores } from '../fit/invented.testing';
import { inputErrors, readInput } from '../input';
import { PlainWheel } from '../part-schemas';
import { partSpecs } from '../part-specs';
import { storeItems } from '../parts';
import { drawerThreads, usualDrawer, wheelFromPattern, wheelPatterns } from '.';

const valueAt = (from: object, path: string): unknown =>
  path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], from);

describe('the usual drawer', () => {
  it('has lines that the stores take, none of them on hand', () => {
    const lines = usualDrawer(drawerThreads).map((line, index) => ({ ...line, id: String(index) }));
    for (const { kind, spec } of lines) expect([kind, inputErrors(partSpecs[kind], spec)]).toEqual([kind, []]);
    expect(lines.every(({ count }) => count === 0)).toBe(true);
    expect(new Set(lines.map((line) => JSON.stringify({ ...line, id: '' }))).size).toBe(lines.length);
  });

  it('has nothing where no thread is picked, and the washers of one thread only where one is', () => {
    expect(usualDrawer([])).toEqual([]);
    const bores = usualDrawer([14]).flatMap(({ kind, spec }) => (kind === 'plain' ? [spec.boreMm] : []));
    expect(new Set(bores)).toEqual(new Set([14.3]));
  });

  it('makes no fit better before it is counted', () => {
    const uncounted = storeItems(usualDrawer(drawerThreads).map((line, index) => ({ ...line, id: `d${index}` })));
    const bare = invented({ stores: [] });
    expect(fit({ ...bare, stores: uncounted }).verdict).toBe(fit(bare).verdict);
    const full = invented();
    expect(fit({ ...full, stores: [...inventedStores, ...uncounted] }).verdict).toBe(fit(full).verdict);
  });
});

describe('wheels from patterns', () => {
  const wheels = wheelPatterns.map((pattern) => wheelFromPattern(pattern, pattern.id, 'P-1'));

  it.each(wheels.map((wheel) => [wheel.id, wheel] as const))('%s is a wheel, with its marks at figures', (_, wheel) => {
    expect(readInput(PlainWheel, wheel)).toEqual(wheel);
    const marked = wheel.kit!.unmeasured!;
    expect(new Set(marked).size).toBe(marked.length);
    for (const path of marked) expect([path, typeof valueAt(wheel, path)]).toEqual([path, 'number']);
  });

  it('marks every figure of the wheel itself', () => {
    for (const { kit, axle, ...own } of wheels) {
      const figures = [
        ...Object.entries(own).flatMap(([name, value]) => (typeof value === 'number' ? [name] : [])),
        ...Object.keys(axle).map((name) => `axle.${name}`),
      ];
      for (const name of figures) expect(kit!.unmeasured).toContain(name);
    }
  });

  it('never goes, and never goes with work, as long as one figure is the pattern’s', () => {
    const input = invented();
    for (const unmeasured of [['kit.massKg'], ['axle.flatsMm', 'nutMm']]) {
      const report = fit({ ...input, wheel: { ...input.wheel, kit: { ...input.wheel.kit!, unmeasured } } });
      expect(report.verdict).toBe('unknown');
      expect(report.findings).toContainEqual(expect.objectContaining({ id: 'kit-pattern', verdict: 'unknown' }));
    }
    expect(fit(input).verdict).toBe('goes');
  });
});
