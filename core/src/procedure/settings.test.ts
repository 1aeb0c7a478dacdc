import { fit } from '../fit';
import { invented, inventedKit } from '../fit/invented.testing';
import type { PackInstead } from '../pack-instead';
import type { StepCheck } from './contract';
import { endJob, jobFacts } from './job-facts';
import { plainJob } from './jobs.testing';
import { procedure } from './plan';

const other: PackInstead = {
  chemistry: 'lfp',
  cells: 16,
  Wh: 600,
  massKg: 4,
  continuousA: 12,
  condition: 'new',
};

function checksOf(stepId: string, change: Parameters<typeof invented>[0] = {}): StepCheck[] {
  const input = invented(change);
  const report = fit(input);
  const job = jobFacts(input.bike, [report], [endJob(input.facts, report, null, input.bike)], { secondPerson: 'none' });
  return [...(procedure(job).find(({ id }) => id === stepId)?.checks ?? [])];
}
const figureOf = (stepId: string, id: string, change: Parameters<typeof invented>[0] = {}) =>
  checksOf(stepId, change).find((check) => check.id === id);

describe('what is set has its figure', () => {
  it('judges the low cut-off against this pack', () => {
    // The kit's own: 36 V of cells, 42 V full.
    const own = inventedKit.controller.fullV;
    expect(figureOf('settings-back', 'low')).toMatchObject({
      unit: 'V',
      min: Number(((own * 3) / 4.2).toFixed(1)),
      max: Number(((own * 3.6) / 4.2).toFixed(1)),
    });
    // Sixteen iron phosphate cells end at 2.5 V each and give 3.2 V most of the way.
    const change = { bike: { job: { pack: 'substitute', packInstead: other } } } as const;
    expect(figureOf('settings-back', 'low', change)).toMatchObject({ min: 40, max: 51.2 });
    expect(figureOf('settings-enter', 's-low', change)).toMatchObject({ min: 40, max: 51.2, aim: 40 });
  });

  it('never lets more be drawn than controller and pack are made for, nor assist beyond the class', () => {
    const own = inventedKit.controller.batteryA!;
    expect(figureOf('settings-enter', 's-amps')).toMatchObject({ max: own, aim: own });
    const weak = { bike: { job: { pack: 'substitute', packInstead: other } } } as const;
    expect(figureOf('settings-enter', 's-amps', weak)).toMatchObject({ max: Math.min(own, 12) });
    const controller = { batteryA: own - 3, phaseA: 40, minV: 30, maxV: 60, lowCutV: 33 };
    const thin = figureOf('settings-enter', 's-amps', { bike: { power: { controller } } });
    expect(thin).toMatchObject({ max: own - 3, aim: own - 3 });
    const law = { name: 'Slow', assistedKmh: 20, ratedW: 250 } as never;
    expect(figureOf('settings-enter', 's-speed', { bike: { law } })).toMatchObject({ max: 20, aim: 20 });
  });

  it('asks by eye where a figure is not known', () => {
    const { batteryA: _, ...controller } = inventedKit.controller;
    const kinds = checksOf('settings-enter', { kit: { controller } as never });
    expect(kinds.find(({ id }) => id === 's-amps')?.kind).toBe('confirm');
    const bare = { ...plainJob, lowCutV: null, batteryA: null, assistedKmh: null };
    const plan = procedure(bare).find(({ id }) => id === 'settings-enter')!;
    expect(plan.checks.every(({ kind }) => kind === 'confirm')).toBe(true);
  });

  it('names the full pressure that tyre and rim both bear, and none while one of them is unknown', () => {
    expect(figureOf('tyre-full.front', 'full-bar')).toMatchObject({ unit: 'bar', max: 5, aim: 5 });
    expect(figureOf('tyre-full.front', 'ride-bar')).toMatchObject({ unit: 'bar', max: 5, aim: 2.3 });
    const { maxBar: _, ...rim } = inventedKit.rim!;
    expect(figureOf('tyre-full.front', 'full-bar', { kit: { rim } as never })).toBeUndefined();
  });

  it('sets the next re-torque in kilometres and days', () => {
    expect(checksOf('appointment').map(({ id }) => id)).toEqual(['next-km', 'next-days']);
  });
});
