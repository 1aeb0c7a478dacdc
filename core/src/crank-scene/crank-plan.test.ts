import { pedalSensor, type PedalSensorInput } from '../pedal-sensor';

import { crankPlan } from './crank-plan';

const input: PedalSensorInput = {
  crank: { fixing: 'square' },
  shell: { kind: 'threaded', lockRing: false },
  roomMm: { drive: 9, nonDrive: 14 },
  axleMm: 17,
  ring: { kind: 'split', thicknessMm: 6, boreMm: 17, magnets: 12, madeFor: 'nonDrive' },
  sensor: { gapMinMm: 1, gapMaxMm: 3, proudMm: 2, mounts: ['tie'] },
  startPulses: 6,
  stopMs: 500,
};

describe('the section beside the frame', () => {
  it('has everything outwards from the frame, each as far off as it is', () => {
    const [way] = pedalSensor(input).ways;
    const { parts, gaps, fromMm, toMm } = crankPlan(input, way!);
    expect(way).toMatchObject({ side: 'nonDrive', gapMm: 2 });
    expect(parts).toEqual([
      { part: 'frame', fromMm: -10, toMm: 0 },
      { part: 'sensor', fromMm: -1, toMm: 2 },
      { part: 'ring', fromMm: 4, toMm: 10 },
      { part: 'crank', fromMm: 14, toMm: 26 },
    ]);
    expect(gaps.map(({ mm }) => mm)).toEqual([2, 4]);
    expect([fromMm, toMm]).toEqual([-10, 26]);
  });

  it('shows where the ring does not pass the crank', () => {
    const tight = { ...input, roomMm: { drive: 6, nonDrive: 6 } };
    const [way] = pedalSensor(tight).ways;
    const { parts, gaps, toMm } = crankPlan(tight, way!);
    // The smallest gap to the sensor, none to the crank: the ring would reach to 9 of 6 mm.
    expect(gaps.map(({ mm }) => mm)).toEqual([1]);
    expect(parts.find(({ part }) => part === 'ring')).toEqual({ part: 'ring', fromMm: 3, toMm: 9 });
    expect(toMm).toBe(21);
  });

  it('marks the face that lies to the sensor, the other one where the ring is turned over, none where nobody knows', () => {
    const marked = (change: Partial<PedalSensorInput['ring']>) => {
      const asked = { ...input, ring: { ...input.ring, ...change } };
      return crankPlan(asked, pedalSensor(asked).ways[0]!).markedMm;
    };
    expect(marked({})).toBe(4);
    const turned = { ...input, roomMm: { drive: 14, nonDrive: 2 }, ring: { ...input.ring, bothFaces: true } };
    const way = pedalSensor(turned).ways.find(({ side }) => side === 'drive')!;
    expect(way.turnOver).toBe(true);
    expect(crankPlan(turned, way).markedMm).toBe(10);
    expect(marked({ madeFor: 'both' })).toBeNull();
    const { madeFor: _, ...unseen } = input.ring;
    expect(crankPlan({ ...input, ring: unseen }, pedalSensor({ ...input, ring: unseen }).ways[0]!).markedMm).toBeNull();
  });
});
