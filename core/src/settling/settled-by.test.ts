import fc from 'fast-check';

import { drawnFit, forgetting } from '../fit/drawn.testing';
import { fit } from '../fit';
import type { FitInput } from '../fit';
import { settledBy, type Settling } from './settled-by';

const runs = Number(process.env.CRICKET_PROPERTY_RUNS ?? 40);

const knownOf = ({ facts, bike }: FitInput) => ({ facts, packInstead: bike.job?.packInstead !== undefined });

/** Where that which was forgotten is written down. */
function home(name: string): Settling {
  if (name === 'bike.approvals') return { at: 'measure', feature: 'maker-approval' };
  if (name.startsWith('bike.job')) return { at: 'job' };
  if (name.startsWith('bike.')) return { at: 'take-in' };
  if (name === 'kit' || name.startsWith('kit.')) return { at: 'kit' };
  return { at: 'measure', feature: name };
}

const isAt = (one: Settling, other: Settling) =>
  one.at === other.at &&
  (one.at !== 'measure' || other.at !== 'measure' || one.feature === null || one.feature === other.feature);

describe('what is not known', () => {
  it('is settled somewhere, and where something was left out that place is named', () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(drawnFit, fc.nat(), fc.nat(), fc.nat(), (input, ...picks) => {
        const open = (fitted: FitInput) => fit(fitted).findings.filter(({ verdict }) => verdict === 'unknown');
        const before = new Set(open(input).map(({ id }) => id));
        const ways = forgetting(input);
        for (const pick of picks) {
          const [name, less] = ways[pick % ways.length]!;
          for (const finding of open(less)) {
            const settling = settledBy(finding, knownOf(less));
            seen.add(finding.id.split('.')[0]!);
            const here = before.has(finding.id) || settling.some((way) => isAt(way, home(name)));
            expect({ id: finding.id, name, settling, here }).toEqual({
              id: finding.id,
              name,
              settling: expect.arrayContaining([expect.anything()]),
              here: true,
            });
          }
        }
      }),
      { numRuns: runs, seed: 21 },
    );
    // Worth something only where many kinds of things are open.
    expect(seen.size).toBeGreaterThan(15);
  });

  it('is asked for at its own side, and what was read already is not asked for again', () => {
    let tried = 0;
    fc.assert(
      fc.property(drawnFit, (input) => {
        const [, less] = forgetting(input).find(([name]) => name === 'plate.left') ?? [];
        const open = less && fit(less).findings.find(({ id }) => id === 'filing-plate.left');
        if (!open || open.verdict !== 'unknown') return;
        tried += 1;
        expect(settledBy(open, knownOf(less))).toEqual([{ at: 'measure', feature: 'plate.left' }]);
      }),
      { numRuns: 60, seed: 22 },
    );
    expect(tried).toBeGreaterThan(3);
  });

  it.each(['goes', 'work', 'stop'] as const)('is nothing where the verdict is %s', (verdict) => {
    const input = fc.sample(drawnFit, { numRuns: 1, seed: 23 })[0]!;
    expect(settledBy({ id: 'pressure', verdict }, knownOf(input))).toEqual([]);
  });
});
