import fc from 'fast-check';

import { InputError } from '../input';
import { motorTorque } from './motor-torque';

describe('motor torque', () => {
  it('follows from the constants at the phase current limit', () => {
    const { peakTorqueNm, ktNmPerA, rough } = motorTorque({ kv: 8, noLoadA: 0.8, phaseA: 30, fullV: 42 });
    expect(ktNmPerA).toBeCloseTo(1.1937, 4);
    expect(peakTorqueNm).toBeCloseTo(34.855, 3);
    expect(rough).toBe(false);
  });

  it('is held by the battery: at standstill all its power heats the winding', () => {
    const input = { kv: 8, windingOhm: 0.4, phaseA: 90, batteryA: 10, fullV: 40 };
    const { standstillA } = motorTorque(input);
    // Energy balance instead of the formula: I²R must equal the battery's V·I.
    expect(standstillA! ** 2 * 0.4).toBeCloseTo(10 * 40, 9);
  });

  it('is never more than the winding lets through', () => {
    expect(motorTorque({ kv: 8, windingOhm: 2, phaseA: 90, fullV: 40 }).standstillA).toBe(20);
  });

  it('takes the stated figure when that is larger', () => {
    expect(motorTorque({ kv: 8, phaseA: 20, fullV: 36, statedNm: 45 })).toMatchObject({
      peakTorqueNm: 45,
      basis: 'stated',
      rough: false,
    });
  });

  it.each([
    [250, (2.5 * 250 * 0.8) / ((0.6 * 30) / 3.6 / 0.334)],
    [375, (2.5 * 375 * 0.8) / ((0.6 * 33) / 3.6 / 0.334)],
    [100, (2.5 * 100 * 0.8) / ((0.6 * 30) / 3.6 / 0.334)],
    [3000, (2.5 * 3000 * 0.8) / ((0.6 * 50) / 3.6 / 0.334)],
  ])('is rough from %d W alone', (powerW, torqueNm) => {
    const { peakTorqueNm, rough } = motorTorque({ powerW, fullV: 36 });
    expect(peakTorqueNm).toBeCloseTo(torqueNm, 9);
    expect(rough).toBe(true);
  });

  it('uses the rough form when only a winding or only a battery limit is known', () => {
    expect(motorTorque({ kv: 8, windingOhm: 0.2, fullV: 36, powerW: 250 }).rough).toBe(true);
    expect(motorTorque({ kv: 8, batteryA: 15, fullV: 36, powerW: 250 }).rough).toBe(true);
  });

  it('asks for something that torque follows from', () => {
    expect(() => motorTorque({ fullV: 36 })).toThrow(InputError);
    expect(() => motorTorque({ fullV: 36, kv: -1 })).toThrow(/kv is -1: input.number-in .*0.5.*60.*rpm\/V/);
  });

  it('never falls when a limit is opened', () => {
    fc.assert(
      fc.property(
        fc.record({
          kv: fc.double({ min: 4, max: 20, noNaN: true }),
          windingOhm: fc.double({ min: 0.05, max: 1, noNaN: true }),
          phaseA: fc.double({ min: 10, max: 100, noNaN: true }),
          batteryA: fc.double({ min: 5, max: 40, noNaN: true }),
        }),
        (motor) => {
          const base = motorTorque({ ...motor, fullV: 42, powerW: 250 }).peakTorqueNm;
          const more = { ...motor, phaseA: motor.phaseA + 5, batteryA: motor.batteryA + 5 };
          expect(motorTorque({ ...more, fullV: 42, powerW: 250 }).peakTorqueNm).toBeGreaterThanOrEqual(base - 1e-9);
        },
      ),
    );
  });
});
