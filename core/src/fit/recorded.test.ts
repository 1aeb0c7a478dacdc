import fc from 'fast-check';

import { endFacts } from '../end-facts';
import { features } from '../features';
import type { StoreItem } from '../parts';
import { fit } from './fit';
import { invented, inventedStores, type Invented } from './invented.testing';
import { fitOfRecord } from './recorded';
import { readingsBehind } from './drawn.testing';
import { say } from '../english.testing';

const shim = (thicknessMm: number): StoreItem => ({
  id: 'thick-shim',
  kind: 'rotor-shim',
  boreMm: null,
  outerMm: null,
  thicknessMm,
  tabWidthMm: null,
  tabDepthMm: null,
  count: 2,
});

const told = (change: Invented) =>
  fitOfRecord(invented(change)).findings.filter(({ id }) => id.startsWith('left-out.'));

describe('a fit of what is recorded', () => {
  it('is the fit where nothing is wrong', () => {
    const input = invented({ end: 'rear', disc: true });
    expect(fitOfRecord(input)).toEqual(fit(input));
  });

  it.each<[string, Invented, string, RegExp]>([
    [
      'a rotor of 90 mm',
      { end: 'rear', disc: true, lengths: { 'rotor-diameter': 90 } },
      'left-out.reading.rotor-diameter',
      /90/,
    ],
    [
      'a shim of 12 mm',
      { end: 'rear', disc: true, stores: [...inventedStores, shim(12)] },
      'left-out.stores.thick-shim',
      /12/,
    ],
    [
      'a rim at 5 and 120 mm',
      { end: 'rear', lengths: { 'rim-to-dropout.left': 5, 'rim-to-dropout.right': 120 } },
      'left-out.reading.rim-to-dropout.left',
      /frameOffsetMm/,
    ],
  ])('names %s, judges the rest, and gives no verdict', (_, change, id, says) => {
    const found = told(change);
    // Of two readings that cannot stand together either one may be named.
    expect(found.map((item) => item.id.replace('.right', '.left'))).toEqual([id]);
    expect(say(found[0]!.because)).toMatch(says);
    expect(found[0]!.verdict).toBe('unknown');
    const report = fitOfRecord(invented(change));
    expect(report.verdict).not.toBe('goes');
    expect(report.verdict).not.toBe('work');
    expect(report.findings.length).toBeGreaterThan(20);
  });

  it('never throws, whatever lengths are read', () => {
    const lengths = features.filter((feature) => feature.kind === 'length');
    const drawn = fc.tuple(
      fc.constantFrom('front' as const, 'rear' as const),
      fc.boolean(),
      fc.array(
        fc
          .constantFrom(...lengths)
          .chain((feature) =>
            fc.double({ min: feature.minMm, max: feature.maxMm, noNaN: true }).map((mm) => ({ id: feature.id, mm })),
          ),
        { minLength: 1, maxLength: 12 },
      ),
    );
    fc.assert(
      fc.property(drawn, ([end, disc, read]) => {
        const input = invented({ end, disc });
        const readings = readingsBehind(input.facts);
        const more = read.map(({ id, mm }, index) => ({
          ...readings[0]!,
          id: `more-${index}`,
          feature: id,
          valueMm: mm,
          word: null,
          takenAt: '2026-03-03T00:00:00.000Z',
        }));
        const known = new Set(more.map(({ feature }) => feature));
        const facts = endFacts(end, [...readings.filter(({ feature }) => !known.has(feature)), ...more]);
        const report = fitOfRecord({ ...input, facts });
        const left = report.findings.filter(({ id }) => id.startsWith('left-out.'));
        if (left.length) expect(['unknown', 'stop']).toContain(report.verdict);
      }),
      { numRuns: 40, seed: 5 },
    );
  });
});
