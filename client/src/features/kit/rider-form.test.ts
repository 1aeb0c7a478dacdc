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
  it('takes what stands on the bike’s own tyre, for the end that the kit is for', () => {
    const before: BikeFacts = { tyres: { rear: { loadKg: 90 } } };
    const values = {
      ...riderFields(before, kit, 'front'),
      tyre: { loadKg: '75', speedKmh: '', minBar: '', maxBar: '5' },
    };
    const facts = riderFacts(values, before, kit, 'front');
    expect(facts.tyres).toEqual({ rear: { loadKg: 90 }, front: { loadKg: 75, maxBar: 5 } });
    expect(riderFields(facts, kit, 'front').tyre).toEqual(values.tyre);
    const wrong = checkRider({ ...values, tyre: { loadKg: '9', speedKmh: '25', minBar: '6', maxBar: '5' } });
    expect(wrong.errors).toMatchObject({
      tyre: { loadKg: { message: expect.stringContaining('20') }, maxBar: { message: expect.any(String) } },
    });
  });

  it('starts from the kit and keeps what other pages settled', () => {
    const before: BikeFacts = { riderKg: 70, job: { battery: 'rack', oldLoom: true } };
    const values = {
      ...riderFields(before, kit, 'front'),
      throttle: 'left-out' as const,
      use: ['used' as const, 'left-out' as const],
    };
    const facts = riderFacts(values, before, kit, 'front');
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
    expect(riderFields(facts, kit, 'front')).toEqual(values);
  });

  it('keeps the sensor’s own figures, and the makers’ torques', () => {
    const values = {
      ...riderFields({}, kit, 'front'),
      sensorRoomMm: '9',
      sensorMinMm: '1',
      sensorMaxMm: '2.5',
      torques: 'stem 6, its maker',
    };
    expect(riderFacts(values, {}, kit, 'front')).toMatchObject({
      job: { sensorRoomMm: 9, sensorGap: { minMm: 1, maxMm: 2.5 } },
      torques: [{ fastener: 'stem', Nm: 6, source: 'its maker' }],
    });
  });

  it('says what is missing where it is missing', () => {
    const values = {
      ...riderFields({}, kit, 'front'),
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
