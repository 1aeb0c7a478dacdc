import fc from 'fast-check';

import { defaultLimits } from '../limits';
import { materials, type Material } from '../materials';
import { scoreFactors, type TakeInInput } from './contract';
import { takeIn, weightsOf } from './take-in';
import { say } from '../english.testing';

const presetWeights = weightsOf(defaultLimits);

const end = {
  material: 'steel',
  bladeMaterial: 'steel',
  condition: 'sound',
  suspension: false,
  kind: 'open',
  brake: 'rim',
} as const;
const base: TakeInInput = {
  front: end,
  rear: end,
  rearHub: 'derailleur',
  peakTorqueNm: 35,
  massKg: { bike: 18, rider: 75, load: 10 },
  loadAt: 'rear',
  climbPercent: 6,
};

describe('the take-in score', () => {
  it('prefers the front where a coaster hub would be lost, the rear on a steep loose climb', () => {
    expect(takeIn({ ...base, rearHub: 'coaster', climbPercent: 2 }).ranking[0]).toBe('front');
    expect(takeIn({ ...base, climbPercent: 16, surface: 'loose', peakTorqueNm: 55 }).ranking[0]).toBe('rear');
  });

  it('is the weighted mean of its factors', () => {
    const { front } = takeIn(base).scores;
    const known = front.factors.filter(({ value }) => value !== null);
    const sum = known.reduce((total, { weight, value }) => total + weight * value!, 0);
    const weight = known.reduce((total, factor) => total + factor.weight, 0);
    expect(front.score).toBeCloseTo((100 * sum) / weight, 1);
    for (const { id, weight: used } of front.factors) expect(used).toBe(presetWeights[id]);
  });

  it.each<[string, Partial<TakeInInput['front']>, string]>([
    ['carbon', { material: 'carbon' }, 'stop'],
    ['a carbon blade', { bladeMaterial: 'carbon' }, 'stop'],
    ['a crack', { condition: 'cracked' }, 'stop'],
    ['no brake', { brake: 'none' }, 'stop'],
    ['a sprung fork without the maker’s word', { suspension: true, approval: false }, 'stop'],
    ['a sprung fork that nobody has asked about', { suspension: true }, 'unknown'],
    ['a sprung fork with the maker’s word', { suspension: true, approval: true }, 'work'],
    ['a blade nobody looked at', { bladeMaterial: undefined }, 'unknown'],
    ['a magnesium blade without a word', { bladeMaterial: 'magnesium' }, 'unknown'],
    ['a magnesium blade and too much torque', { bladeMaterial: 'magnesium', approval: true }, 'work'],
    ['a drum that goes with its hub', { brake: 'drum' }, 'unknown'],
    ['a material nobody knows', { material: undefined }, 'unknown'],
    ['a condition nobody is sure of', { condition: 'unsure' }, 'unknown'],
    ['too much torque', { material: 'cast-aluminium', approval: true }, 'work'],
  ])('judges %s', (_, change, verdict) => {
    expect(takeIn({ ...base, front: { ...end, ...change } }).scores.front.verdict).toBe(verdict);
  });

  it('fits no motor to a bike that is left with one brake', () => {
    const { scores } = takeIn({ ...base, front: { ...end, brake: 'none' }, rear: { ...end, brake: 'coaster' } });
    expect([scores.front.verdict, scores.rear.verdict]).toEqual(['stop', 'stop']);
  });

  it('leaves out places that stop, and names the way out', () => {
    const carbon = { ...end, material: 'carbon' } as const;
    const { ranking, scores, because } = takeIn({ ...base, front: carbon, rear: carbon });
    expect(ranking).toEqual(['mid']);
    expect(scores.front.score).toBe(0);
    expect(say(because)).toBe('Only a mid drive is left.');
  });

  it('lets the workshop weigh for itself', () => {
    const weights = Object.fromEntries(scoreFactors.map((id) => [id, id === 'puncture' ? 10 : 0]));
    expect(takeIn({ ...base, weights }).ranking).toEqual(['mid', 'front', 'rear']);
  });

  it('counts a budget that is exceeded', () => {
    const costs = { front: 900, rear: 1000, mid: 2000 };
    const { scores } = takeIn({ ...base, costs, budget: 950 });
    expect(scores.front.factors.find(({ id }) => id === 'cost')!.value).toBe(1);
    expect(scores.rear.factors.find(({ id }) => id === 'cost')).toMatchObject({ value: 0 });
  });

  it('never puts carbon anywhere, and keeps every score between 0 and 100', () => {
    const anyEnd = fc.record({
      material: fc.constantFrom<Material>(...materials),
      condition: fc.constantFrom('sound', 'surface-rust', 'bent', 'unsure'),
      suspension: fc.boolean(),
      brake: fc.constantFrom('rotor', 'rim', 'none'),
    });
    fc.assert(
      fc.property(anyEnd, anyEnd, fc.double({ min: 0, max: 25, noNaN: true }), (front, rear, climbPercent) => {
        const input = { ...base, front, rear, climbPercent } as TakeInInput;
        const { scores, ranking } = takeIn(input);
        for (const { score } of Object.values(scores)) {
          expect(score).toBeGreaterThanOrEqual(0);
          expect(score).toBeLessThanOrEqual(100);
        }
        if (front.material === 'carbon') expect(ranking).not.toContain('front');
        if (rear.material === 'carbon') expect(ranking).not.toContain('rear');
      }),
    );
  });
});
