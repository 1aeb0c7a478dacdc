import { endFit } from '../end-fit';
import { invented } from './invented.testing';
import { judgedBy, judges, type Solved } from './judges';

const input = invented();
const solved: Solved = {
  input,
  axle: endFit(input),
  adapter: null,
  motor: null,
  torque: null,
  arms: { found: null, chosen: [] },
  brake: null,
  rotor: null,
  gears: null,
  tyre: null,
  checks: null,
};

describe('the judges', () => {
  it('say which area each finding belongs to', () => {
    const found = judgedBy(solved, true);
    for (const { area, id } of found) expect([area, id]).toEqual([expect.any(String), expect.stringMatching(/\S/)]);
    const areas = new Set(found.map(({ area }) => area));
    for (const area of ['axle', 'end', 'cable', 'law', 'kit']) expect(areas).toContain(area);
    // What has not been worked out says nothing.
    for (const area of ['brake', 'tyre']) expect(areas).not.toContain(area);
  });

  it('are asked only when what they need is solved', () => {
    const needy = judges.filter(({ needs }) => needs.some((name) => solved[name] === null));
    expect(needy.length).toBeGreaterThan(4);
    for (const { needs } of needy) for (const name of needs) expect(Object.keys(solved)).toContain(name);
  });

  it('of an end that takes no motor speak of its axle alone', () => {
    const found = judgedBy(solved, false);
    expect(found.length).toBeGreaterThan(0);
    expect(found.every(({ area }) => area === 'axle')).toBe(true);
  });
});
