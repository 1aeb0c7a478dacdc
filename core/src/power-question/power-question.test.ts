import type { BikeFacts } from '../bike-facts';
import { powerPath } from '../power-path';
import { powerOfBike } from '.';

const battery = {
  cells: 13,
  ah: 14,
  continuousA: 30,
  peakA: 50,
  packOhm: 0.12,
  chemistry: 'nmc' as const,
  cutoffVPerCell: 3,
  pack: 'cased' as const,
};
const power = {
  pack: { of: 'supplied' as const, battery },
  chain: [
    {
      kind: 'connector' as const,
      continuousA: 45,
      maxV: 90,
      polarised: true,
      sparkRated: true,
      deadWhenOpen: true,
    },
    { kind: 'fuse' as const, A: 30, maxV: 80, breakA: 1000 },
    {
      kind: 'lead' as const,
      mm2: 4,
      lengthM: 0.6,
      metal: 'copper' as const,
      insulation: 'silicone' as const,
      bundled: true,
    },
    { kind: 'phase' as const, continuousA: 40 },
  ],
  controller: { batteryA: 20, phaseA: 40, minV: 36, maxV: 60, lowCutV: 40 },
  charger: { volts: 54.6, amps: 4 },
  accessories: [],
} satisfies BikeFacts['power'];
const facts: BikeFacts = { power };
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;
const opened = (of: BikeFacts, kits: Parameters<typeof powerOfBike>[1] = []) => {
  const answer = powerOfBike(of, kits);
  if (answer.kind !== 'open') throw new Error(answer.kind);
  return answer;
};
const kit = (batteryA?: number) => ({
  controller: { topology: 'separate' as const, fullV: 54.6, ...(batteryA !== undefined && { batteryA }) },
});
const light = {
  id: 'Front light',
  kind: 'front-light' as const,
  fromV: 30,
  toV: 60,
  watts: 7.8,
  from: 'main' as const,
};

describe('the way of the current on one bike', () => {
  it('waits for what it cannot be without', () => {
    expect(powerOfBike({}, [])).toEqual({ kind: 'waiting', missing: ['pack', 'chain', 'controller', 'charger'] });
    const { charger: _, ...rest } = power;
    expect(powerOfBike({ power: rest }, [])).toEqual({ kind: 'waiting', missing: ['charger'] });
  });

  it('is what the calculator says of the same figures', () => {
    const { input, result } = opened(facts);
    expect(result.verdict).toBe('goes');
    expect(result).toEqual(powerPath(input));
  });

  it('says what contradicts itself', () => {
    const weak = { ...power, pack: { ...power.pack, battery: { ...battery, peakA: 10 } } };
    expect(powerOfBike({ power: weak }, [])).toMatchObject({
      kind: 'contradiction',
      because: { said: 'input.must-be', with: { path: 'battery.peakA', value: '10' } },
    });
  });

  it('never gets better by knowing less', () => {
    const { accessories: _, ...less } = power;
    expect(opened({ power: less }).result.verdict).toBe('unknown');
    expect(opened(facts, [kit(10), kit()]).result.verdict).toBe('unknown');
    expect(rank[opened({ ...facts, job: { pack: 'substitute' } }).result.verdict]).toBeGreaterThan(0);
  });

  it('reckons with both motors on the one battery', () => {
    expect(opened(facts, [kit(15), kit(15)]).result.findings[0]).toMatchObject({
      id: 'both-motors',
      verdict: 'unknown',
      measured: 20,
      limit: 30,
    });
    expect(opened(facts, [kit(10), kit(10)]).result.verdict).toBe('goes');
  });

  it('has lights tried, and stops for one that stays dark or does not stand the voltage', () => {
    const withLight = (change: object) =>
      opened({ power: { ...power, accessories: [{ ...light, ...change }] } }).result;
    expect(withLight({}).verdict).toBe('work');
    expect(withLight({ works: true }).verdict).toBe('goes');
    expect(withLight({ works: false }).verdict).toBe('stop');
    expect(withLight({ works: true, toV: 42 }).findings[0]).toMatchObject({ id: 'accessory', verdict: 'stop' });
    expect(withLight({ works: true }).currentA).toBeCloseTo(20.2, 6);
  });
});
