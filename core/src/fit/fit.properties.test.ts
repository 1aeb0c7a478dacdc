import { messageOf } from '@cricket/words';
import { core as english } from '@cricket/words/en';
import fc from 'fast-check';

import { applied, appliedCodes } from './apply-remedy.testing';
import { asking, better, drawnFit, forgetting, helped, improved } from './drawn.testing';
import { fit } from './fit';
import { say } from '../english.testing';

const runs = Number(process.env.CRICKET_PROPERTY_RUNS ?? 150);

/** A stronger motor climbs better: that is what it is for. */
const wished = /^climb-torque:/;

/** Without an arm, or before anybody knows where one goes, the washers are chosen with more thread: a choice, not a judgement. */
const chosenAnew = /^(pinch|spread|rim-offset|rotor-error|sprocket-moved):/;

describe('the words of a fit', () => {
  it('name the side, say no sentence twice, and hold nothing raw', () => {
    let sided = 0;
    fc.assert(
      fc.property(drawnFit, (input) => {
        const { findings } = fit(input);
        const amiss = findings.filter(({ verdict }) => verdict !== 'goes');
        for (const { id, because, remedies } of amiss) {
          const side = /\.(left|right)$/.exec(id)?.[1];
          sided += Number(side !== undefined);
          if (side) expect([id, say(because)]).toEqual([id, expect.stringMatching(new RegExp(side, 'i'))]);
          expect(remedies).not.toContainEqual(because);
          expect([because, ...remedies].map(say).join(' ')).not.toMatch(
            /\[J\]|undefined|NaN|null|⟨|\b1 (figure|sprocket|click)s\b/,
          );
        }
        const said = amiss.map(({ because }) => say(because));
        expect(said.filter((because, at) => said.indexOf(because) < at)).toEqual([]);
      }),
      { numRuns: runs, seed: 14 },
    );
    expect(sided).toBeGreaterThan(runs / 3);
  });
});

describe('a fit over drawn bikes, kits and stores', () => {
  it('knowing less never helps: no reading, kit figure or answer makes a finding better by being left out', () => {
    const judged = { goes: 0, work: 0, unknown: 0, stop: 0 };
    fc.assert(
      fc.property(drawnFit, fc.nat(), fc.nat(), (input, ...picks) => {
        const before = fit(input);
        judged[before.verdict] += 1;
        const ways = forgetting(input);
        for (const pick of picks) {
          const [name, less] = ways[pick % ways.length]!;
          const helps = helped(before, fit(less)).filter((words) => !chosenAnew.test(words));
          expect({ name, helps }).toEqual({ name, helps: [] });
        }
      }),
      { numRuns: runs, seed: 11 },
    );
    // The property is worth something only where there is something to lose.
    expect(judged.work + judged.goes).toBeGreaterThan(runs / 5);
    expect(judged.stop).toBeGreaterThan(runs / 5);
  });

  it('asking more never helps: torque, mass, speed, grade, slack nuts, an emptier shelf', () => {
    fc.assert(
      fc.property(drawnFit, fc.nat(), fc.nat(), (input, ...picks) => {
        const before = fit(input);
        const ways = asking(input);
        for (const pick of picks) {
          const [name, more] = ways[pick % ways.length]!;
          const helps = improved(before, fit(more)).filter((words) => !wished.test(words) && !chosenAnew.test(words));
          expect({ name, helps }).toEqual({ name, helps: [] });
        }
      }),
      { numRuns: runs, seed: 12 },
    );
  });

  it('knows the remedies that can be done by their codes', () => {
    expect(appliedCodes.filter((code) => messageOf(english, code) === null)).toEqual([]);
  });

  it('offers no remedy that does not help when it is done', () => {
    const tried = new Set<string>();
    fc.assert(
      fc.property(drawnFit, (input) => {
        for (const finding of fit(input).findings) {
          if (finding.verdict === 'goes') continue;
          for (const remedy of finding.remedies) {
            for (const done of applied(input, finding, remedy)) {
              tried.add(finding.id.split('.')[0]!);
              const after = fit(done).findings.find(({ id }) => id === finding.id);
              // A lip may be filled or the seat relieved: either is work.
              const helps =
                !after ||
                better(after.verdict, finding.verdict) ||
                (finding.id.startsWith('lip') && finding.verdict === 'work' && after.verdict !== 'stop');
              expect({ id: finding.id, remedy, helps }).toEqual({ id: finding.id, remedy, helps: true });
            }
          }
        }
      }),
      { numRuns: runs, seed: 13 },
    );
    for (const id of [
      'stopping-distance',
      'nut-torque',
      'pressure',
      'tabs',
      'ejection',
      'hub-heat',
      'safety',
      'tyre',
    ]) {
      expect(tried).toContain(id);
    }
  });
});
