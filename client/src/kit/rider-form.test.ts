import type { BikeFacts } from '@cricket/core/bike-facts';
import type { KitFacts } from '@cricket/core/kit';

import { checkRider, riderFacts, riderFields } from './rider-form';

const kit = {
  packing: [
    { part: 'Motor wheel', count: 1 },
    { part: 'Throttle', count: 1 },
  ],
} as KitFacts;

describe('this kit for this rider', () => {
  it('starts from the kit and keeps what other pages settled', () => {
    const before: BikeFacts = { riderKg: 70, job: { battery: 'rack', oldLoom: true } };
    const values = {
      ...riderFields(before, kit),
      throttle: 'left-out' as const,
      use: ['used' as const, 'left-out' as const],
    };
    const facts = riderFacts(values, before, kit);
    expect(facts).toMatchObject({
      riderKg: 70,
      job: {
        battery: 'rack',
        oldLoom: true,
        throttle: 'left-out',
        cutOff: true,
        parts: [{ part: 'Throttle', use: 'left-out' }],
      },
    });
    expect(riderFields(facts, kit)).toEqual(values);
  });

  it('keeps the sensor’s own figures, and the makers’ torques', () => {
    const values = {
      ...riderFields({}, kit),
      sensorRoomMm: '9',
      sensorMinMm: '1',
      sensorMaxMm: '2.5',
      torques: 'stem 6, its maker',
    };
    expect(riderFacts(values, {}, kit)).toMatchObject({
      job: { sensorRoomMm: 9, sensorGap: { minMm: 1, maxMm: 2.5 } },
      torques: [{ fastener: 'stem', Nm: 6, source: 'its maker' }],
    });
  });

  it('says what is missing where it is missing', () => {
    const values = {
      ...riderFields({}, kit),
      use: ['used' as const, 'replaced' as const],
      sensorMinMm: '3',
      sensorMaxMm: '1',
      torques: 'x',
    };
    const { errors } = checkRider(values) as { errors: Record<string, unknown> };
    expect(errors).toMatchObject({
      by: [undefined, { message: 'Say what takes its place.' }],
      sensorMaxMm: { message: 'The gap ends before it begins.' },
      torques: { message: expect.stringContaining('is not understood') },
    });
  });
});
