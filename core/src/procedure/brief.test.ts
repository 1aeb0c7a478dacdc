import { briefPlan } from './brief';
import { referenceJobs } from './jobs.testing';
import { procedure } from './plan';
import { jobTime } from './time';

describe.each(Object.entries(referenceJobs))('the brief plan of %s', (_, { job }) => {
  const steps = procedure(job);
  const cards = briefPlan(steps);

  it('has every step once, in an order that the steps allow', () => {
    const order = cards.flatMap(({ blocks }) => blocks.flatMap((block) => block.steps.map(({ id }) => id)));
    expect([...order].sort()).toEqual(steps.map(({ id }) => id).sort());
    const place = new Map(order.map((id, at) => [id, at]));
    for (const { id, after } of steps)
      for (const first of after) expect(place.get(first)!).toBeLessThan(place.get(id)!);
  });

  it('never merges a safety step with anything, nor two stations', () => {
    for (const { station, blocks } of cards) {
      for (const block of blocks) {
        expect(block.steps.every((step) => step.station === station)).toBe(true);
        expect(block.steps.every(({ safety }) => safety === block.safety)).toBe(true);
        if (block.safety) expect(block.steps).toHaveLength(1);
      }
    }
  });

  it('takes as long as the led plan: the same work', () => {
    expect(jobTime(cards.flatMap(({ blocks }) => blocks.flatMap((block) => block.steps))).p50).toBeCloseTo(
      jobTime(steps).p50,
      6,
    );
  });
});

it('makes 15 to 30 cards of an ordinary conversion', () => {
  for (const name of [
    'front-rim-lips',
    'front-disc-shims',
    'rear-freewheel',
    'rear-cassette-spacer',
    'controller-in-hub',
  ]) {
    const { length } = briefPlan(procedure(referenceJobs[name]!.job));
    expect([name, length >= 15 && length <= 30 ? 'right' : length]).toEqual([name, 'right']);
  }
});

it('takes practised hands the hours that such jobs take', () => {
  const hours = (name: string) => jobTime(procedure(referenceJobs[name]!.job)).p50 / 60;
  expect(hours('front-rim-lips')).toBeGreaterThan(1.5);
  expect(hours('front-rim-lips')).toBeLessThan(2.5);
  const { job } = referenceJobs['rear-through-axle']!;
  const disc = { ...job, ends: [{ ...job.ends[0]!, closed: false, adapterOrder: [] }] };
  const rear = jobTime(procedure(disc)).p50 / 60;
  expect(rear).toBeGreaterThan(3);
  expect(rear).toBeLessThan(4.5);
});
