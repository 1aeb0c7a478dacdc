import type { Finding } from '../verdict';
import { nothingToForesee, surprises, type Foreseen } from './surprises.testing';
import { say } from '../english.testing';

/** Whether these findings foresee the surprise: the rule is there, with its verdict and words. */
function foresees(findings: readonly Finding[], { rule, verdict, says }: Foreseen): boolean {
  return findings.some(
    (item) =>
      item.id === rule &&
      item.verdict === verdict &&
      (!says || says.test([item.because, ...item.remedies].map(say).join(' '))),
  );
}

const all = surprises.flatMap(({ number, title, cases }) =>
  cases.map((one) => [`${number} ${title}: ${one.story}`, one] as const),
);

describe('what is foreseen before anything is ordered', () => {
  it.each(all)('%s', (_, one) => {
    const findings = one.findings();
    const said = findings.find(({ id }) => id === one.rule);
    expect(said ?? findings.map(({ id, verdict }) => `${id} ${verdict}`)).toMatchObject({
      id: one.rule,
      verdict: one.verdict,
    });
    if (one.says) expect([said!.because, ...said!.remedies].map(say).join(' ')).toMatch(one.says);
  });

  it.each(all)('not on a bike without the trouble: %s', (_, one) => {
    expect(foresees(one.healed(), one)).toBe(false);
  });

  it('covers all 45', () => {
    expect(surprises.map(({ number }) => number)).toEqual(Array.from({ length: 45 }, (_, index) => index + 1));
  });

  it('finds nothing on the bike on which everything goes', () => {
    expect(nothingToForesee().filter(({ verdict }) => verdict !== 'goes')).toEqual([]);
  });
});
