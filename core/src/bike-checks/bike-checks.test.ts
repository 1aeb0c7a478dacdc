import fc from 'fast-check';

import { bikeChecks } from './bike-checks';
import type { BikeChecksInput } from './contract';
import { defaultLimits } from '../limits';
import { usualThermal, windingAfterC } from './hub-heat';
import { say } from '../english.testing';

const disc = { kind: 'rotor', rotorMm: 180 } as const;
const rim = { kind: 'rim' } as const;
const base: BikeChecksInput = {
  massKg: { before: 95, after: 104 },
  speedKmh: { before: 22, after: 25 },
  brakes: { front: disc, rear: disc },
};
const rule = (input: BikeChecksInput, wanted: string) => bikeChecks(input).findings.find(({ id }) => id === wanted);

describe('brakes at the new speed and mass', () => {
  it('weigh the heat of the descent by an energy balance', () => {
    const descent = { gradePercent: 8, speedKmh: 25, cdaM2: 0.55 };
    const { descentW } = bikeChecks({ ...base, descent });
    // A second of riding: height lost times weight, less what rolling and air take on the way.
    const way = 25 / 3.6;
    const angle = Math.atan(0.08);
    const lost = 104 * 9.81 * way * Math.sin(angle);
    const taken = (104 * 9.81 * Math.cos(angle) * 0.008 + 0.5 * 1.225 * 0.55 * way * way) * way;
    expect(descentW).toBeCloseTo(lost - taken, 6);
  });

  it.each([
    [8, disc, 'goes'],
    [14, rim, 'stop'],
    [11, rim, 'work'],
  ] as const)('judges a descent of %d %%: %#', (gradePercent, brake, verdict) => {
    const input = { ...base, brakes: { front: brake, rear: brake }, descent: { gradePercent } };
    expect(rule(input, 'descent-heat')!.verdict).toBe(verdict);
  });

  it('stop in the distance found by stepping through time', () => {
    const { stoppingM } = bikeChecks({ ...base, brakes: { front: rim, rear: rim }, surface: 'wet' });
    // Rim brakes at 350 N each, less what a wet tyre carries: here the rear wheel's load limits it.
    let speed = 25 / 3.6;
    let way = speed * 0.8;
    const step = 1e-4;
    let brake = 3;
    for (let round = 0; round < 200; round++) {
      const shift = (104 * brake * 1.05) / 1.08;
      brake = (Math.min(350, 0.5 * (104 * 9.81 * 0.4 + shift)) + Math.min(350, 0.5 * (104 * 9.81 * 0.6 - shift))) / 104;
    }
    while (speed > 0) {
      way += speed * step;
      speed -= brake * step;
    }
    expect(stoppingM.after).toBeCloseTo(way, 2);
  });

  it('ask for discs at both ends when fast or heavy', () => {
    const mixed = { ...base, brakes: { front: disc, rear: rim } };
    expect(rule({ ...mixed, speedKmh: { before: 25, after: 45 } }, 'discs-both')!.verdict).toBe('work');
    expect(rule({ ...mixed, massKg: { before: 120, after: 140 } }, 'discs-both')!.verdict).toBe('work');
    expect(rule({ ...base, speedKmh: { before: 25, after: 45 } }, 'discs-both')!.verdict).toBe('goes');
    expect(rule(mixed, 'discs-both')).toBeUndefined();
  });

  it('never go without one, or with a lever that pulls otherwise', () => {
    expect(bikeChecks({ ...base, brakes: { front: { kind: 'none' }, rear: disc } }).verdict).toBe('stop');
    const mismatched = { ...disc, leverPull: 'long', caliperPull: 'short' } as const;
    expect(rule({ ...base, brakes: { front: mismatched, rear: disc } }, 'lever-pull.front')!.verdict).toBe('work');
  });
});

describe('a disc in an open front slot', () => {
  const frontDisc = {
    rotorMm: 160,
    threadMm: 12,
    nutTorqueNm: 40,
    nutSpecNm: 40,
    tabs: { left: true, right: true },
    lipKept: true,
  };

  it('pushes the axle out with braking force times the wheel’s lever', () => {
    const { ejectionN, clampN } = bikeChecks({ ...base, frontDisc });
    expect(ejectionN).toBeCloseTo(0.8 * 104 * 9.81 * (0.334 / 0.08), 6);
    expect(clampN).toBeCloseTo((2 * 0.12 * 0.7 * 40) / (0.2 * 0.012), 6);
  });

  it.each([
    ['tabs on one side', { tabs: { left: true, right: false } }],
    ['loose nuts', { nutTorqueNm: 30 }],
    ['no lip', { lipKept: false }],
  ])('stops with %s', (_, change) => {
    expect(rule({ ...base, frontDisc: { ...frontDisc, ...change } }, 'ejection')!.verdict).toBe('stop');
  });

  it('goes when clamping holds with a margin, else after work', () => {
    expect(rule({ ...base, frontDisc }, 'ejection')!.verdict).toBe('work');
    const light = { ...base, massKg: { before: 55, after: 60 }, frontDisc: { ...frontDisc, rotorMm: 203 } };
    expect(rule(light, 'ejection')!.verdict).toBe('goes');
  });
});

describe('the rider’s climb', () => {
  const climb = { gradePercent: 12, speedKmh: 10, riderW: 60 };

  it('spins a front wheel where a rear one holds', () => {
    const steep: BikeChecksInput = { ...base, surface: 'loose', climb };
    expect(say(rule({ ...steep, drive: { end: 'front', peakTorqueNm: 45 } }, 'traction')!.because)).toContain(
      'it will spin',
    );
    expect(rule({ ...steep, drive: { end: 'rear', peakTorqueNm: 45 } }, 'traction')!.verdict).toBe('goes');
  });

  it('shares the weight between both wheels whatever the grade', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 25, noNaN: true }), (gradePercent) => {
        const grips = (['front', 'rear'] as const).map(
          (end) => bikeChecks({ ...base, climb: { ...climb, gradePercent }, drive: { end, peakTorqueNm: 40 } }).gripN!,
        );
        expect(grips[0]! + grips[1]!).toBeCloseTo(0.8 * 104 * 9.81 * Math.cos(Math.atan(gradePercent / 100)), 6);
      }),
    );
  });

  it('names a motor that is too weak', () => {
    expect(rule({ ...base, climb, drive: { end: 'rear', peakTorqueNm: 15 } }, 'climb-torque')!.verdict).toBe('work');
  });

  const motor = { kind: 'geared', ktNmPerA: 1.3, windingOhm: 0.25, noLoadA: 0.8 } as const;

  it('heats a small motor on a long climb and leaves a large one cool', () => {
    const drive = { end: 'rear', peakTorqueNm: 60 } as const;
    const small = rule({ ...base, climb, drive, motor }, 'hub-heat')!;
    const large = rule(
      { ...base, climb, drive, motor: { ...motor, kind: 'direct', ktNmPerA: 2, windingOhm: 0.15 } },
      'hub-heat',
    )!;
    expect(small.verdict).toBe('stop');
    expect(large.measured!).toBeLessThan(small.measured!);
  });

  it('settles at the temperature that heat flow alone gives', () => {
    const thermal = usualThermal('geared', defaultLimits);
    const steady = {
      thermal,
      windingOhm: 0.2,
      noLoadA: 0.5,
      ktNmPerA: 1.3,
      torqueNm: 10,
      speedMs: 4,
      wheelRadiusM: 0.33,
      airC: 20,
    };
    const amps = 10 / 1.3 + 0.5;
    const iron = (0.5 * 1.3 * 4) / 0.33;
    const toAir = thermal.shellToAirKW / (1 + thermal.perMs * 4);
    let winding = 20;
    for (let round = 0; round < 200; round++) {
      const copper = amps ** 2 * 0.2 * (1 + 0.00393 * (winding - 20));
      winding = 20 + (copper + iron) * toAir + copper * thermal.windingToShellKW;
    }
    expect(windingAfterC({ ...steady, seconds: 40_000 })).toBeCloseTo(winding, 3);
  });

  it('keeps the heat it makes: stores plus losses', () => {
    const thermal = { ...usualThermal('geared', defaultLimits), shellToAirKW: 10, perMs: 0 };
    const at = windingAfterC({
      thermal,
      windingOhm: 0.2,
      noLoadA: 0,
      ktNmPerA: 1,
      torqueNm: 20,
      speedMs: 3,
      wheelRadiusM: 0.33,
      seconds: 10,
      airC: 20,
    });
    // In ten seconds hardly anything leaves the winding: 80 W on 350 J/K.
    expect(at).toBeGreaterThan(20 + (80 * 10 * 0.95) / 350);
    expect(at).toBeLessThan(20 + (80 * 10 * 1.02) / 350);
  });
});

describe('ratings and the end itself', () => {
  it.each<[string, Partial<BikeChecksInput>, string, string]>([
    ['a rack that carries less', { ratings: [{ part: 'rack', ratedKg: 20, loadKg: 27 }] }, 'rating.rack', 'stop'],
    ['a rack of unknown rating', { ratings: [{ part: 'rack', loadKg: 27 }] }, 'rating.rack', 'unknown'],
    ['a slow tyre', { ratings: [{ part: 'tyre', ratedKmh: 20 }] }, 'rating.tyre.speed', 'stop'],
    ['a hanger in the seat', { hangerInSeatMm: 1 }, 'hanger', 'stop'],
    ['a hanger that can be dressed', { hangerInSeatMm: 0.3 }, 'hanger', 'work'],
    ['faces out of parallel', { faceAngleDeg: 0.8 }, 'faces-parallel', 'work'],
    ['a crack', { condition: 'cracked' }, 'condition', 'stop'],
    ['a doubt', { condition: 'unsure' }, 'condition', 'unknown'],
  ])('judges %s', (_, change, id, verdict) => {
    expect(rule({ ...base, ...change }, id)!.verdict).toBe(verdict);
  });

  it('refuses what cannot be', () => {
    expect(() => bikeChecks({ ...base, massKg: { before: 95, after: Number.NaN } })).toThrow(/massKg.after/);
  });
});
