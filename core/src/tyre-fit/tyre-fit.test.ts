import fc from 'fast-check';

import { startPressureBar, tyreFit, type TyreFitInput } from './tyre-fit';

const base: TyreFitInput = {
  tyre: {
    beadSeatMm: 622,
    widthMm: 47,
    minBar: 2.5,
    maxBar: 5,
    loadKg: 110,
    speedKmh: 50,
    directional: true,
    arrowForward: true,
  },
  rim: { beadSeatMm: 622, innerWidthMm: 21, maxBar: 6, brakeTrack: true, valveHole: 'thick', depthMm: 18 },
  rimBrake: true,
  loadKg: 70,
  speedKmh: 25,
  tapeMm: 20,
  valve: { kind: 'thick', lengthMm: 40 },
  coverDiameterMm: 132,
};
const rule = (input: TyreFitInput, wanted: string) => tyreFit(input).findings.find(({ id }) => id === wanted);
const tyre = (change: Partial<TyreFitInput['tyre']>): TyreFitInput => ({ ...base, tyre: { ...base.tyre, ...change } });
const rim = (change: Partial<TyreFitInput['rim']>): TyreFitInput => ({ ...base, rim: { ...base.rim, ...change } });

describe('tyre and rim', () => {
  it('goes when everything suits', () => {
    const { verdict, ratio, startBar, maxBar } = tyreFit(base);
    expect(verdict).toBe('goes');
    expect(ratio).toBeCloseTo(47 / 21, 9);
    expect(startBar).toBeGreaterThan(2.5);
    expect(maxBar).toBe(5);
  });

  it('starts where the tyre drops 15 percent, worked out in pounds and inches', () => {
    // 70 kg are 154.3 lb on a 47 mm tyre: 153.6·154.3/435.9 − 7.17 psi.
    const psi = (153.6 * 154.322) / Math.exp(1.5785 * Math.log(47)) - 7.1685;
    expect(startPressureBar(70, 47)).toBeCloseTo(psi * 0.0689476, 3);
  });

  it.each<[string, string, TyreFitInput, string]>([
    ['another bead seat', 'bead-seat', tyre({ beadSeatMm: 584 }), 'stop'],
    ['a tyre a little too narrow', 'tyre-width', tyre({ widthMm: 26 }), 'work'],
    ['a tyre far too wide', 'tyre-width', tyre({ widthMm: 62 }), 'stop'],
    ['too little allowed pressure', 'pressure', rim({ maxBar: 2.6 }), 'work'],
    ['a minimum over the rim’s maximum', 'pressure', rim({ maxBar: 2 }), 'stop'],
    [
      'no stated maximum',
      'pressure',
      { ...tyre({ maxBar: undefined }), rim: { ...base.rim, maxBar: undefined } },
      'unknown',
    ],
    ['a tyre that carries less', 'tyre-load', tyre({ loadKg: 60 }), 'stop'],
    ['a tyre with unknown load', 'tyre-load', tyre({ loadKg: undefined }), 'unknown'],
    ['a slow tyre', 'tyre-speed', { ...base, speedKmh: 60 }, 'stop'],
    ['a weak rim', 'rim-load', rim({ maxLoadKg: 50 }), 'stop'],
    ['a rim without track', 'brake-track', rim({ brakeTrack: false }), 'stop'],
    ['a rim nobody looked at', 'brake-track', rim({ brakeTrack: undefined }), 'unknown'],
    ['an arrow backward', 'tyre-arrow', tyre({ arrowForward: false }), 'work'],
    ['narrow tape', 'rim-tape', { ...base, tapeMm: 14 }, 'work'],
    ['wide tape', 'rim-tape', { ...base, tapeMm: 26 }, 'work'],
    ['a thin valve in a thick hole', 'valve-kind', { ...base, valve: { kind: 'thin', lengthMm: 40 } }, 'work'],
    ['a thick valve at a thin hole', 'valve-kind', rim({ valveHole: 'thin' }), 'work'],
    ['a short valve', 'valve-length', { ...base, valve: { kind: 'thick', lengthMm: 30 } }, 'work'],
    ['no room for a pump', 'pump-room', { ...rim({ beadSeatMm: 406 }), coverDiameterMm: 280 }, 'work'],
  ])('judges %s', (_, id, input, verdict) => {
    expect(rule(input, id)?.verdict).toBe(verdict);
  });

  it('needs no track without a rim brake', () => {
    expect(rule({ ...rim({ brakeTrack: false }), rimBrake: false }, 'brake-track')).toBeUndefined();
  });

  it('never starts outside what tyre and rim allow', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 22, max: 60, noNaN: true }),
        (loadKg, widthMm) => {
          const { startBar } = tyreFit({ ...tyre({ widthMm }), loadKg });
          expect(startBar).toBeLessThanOrEqual(5);
          expect(startBar).toBeGreaterThanOrEqual(2.5);
        },
      ),
    );
  });

  it('asks for more pressure under more load and less in a wider tyre', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 150, noNaN: true }),
        fc.double({ min: 25, max: 60, noNaN: true }),
        (kg, mm) => {
          expect(startPressureBar(kg + 5, mm)).toBeGreaterThanOrEqual(startPressureBar(kg, mm));
          expect(startPressureBar(kg, mm + 2)).toBeLessThanOrEqual(startPressureBar(kg, mm));
        },
      ),
    );
  });

  it('refuses a minimum over the maximum', () => {
    expect(() => tyreFit(tyre({ minBar: 6 }))).toThrow(/tyre.minBar is 6/);
  });
});
