import fc from 'fast-check';

import type { WheelLacingInput } from './contract';
import { wheelLacing } from './wheel-lacing';
import { say } from '../english.testing';

const flange = { flangeDiameterMm: 180, flangeOffsetMm: 28, holeMm: 2.6 };
const base: WheelLacingInput = {
  erdMm: 540,
  spokes: 36,
  left: flange,
  right: { ...flange, flangeOffsetMm: 20 },
  pattern: 'crossed',
  lead: 1,
  spokeMm: 2.3,
};
const rule = (input: WheelLacingInput, wanted: string) => wheelLacing(input).findings.find(({ id }) => id === wanted);

/** Spoke from end to end as points in space, without any of the formulas. */
function inSpace({ erdMm, spokes, lead, left }: WheelLacingInput) {
  const turn = (lead * 2 * 2 * Math.PI) / spokes;
  const hub = [
    (left.flangeDiameterMm / 2) * Math.cos(turn),
    (left.flangeDiameterMm / 2) * Math.sin(turn),
    left.flangeOffsetMm,
  ];
  const rim = [erdMm / 2, 0, left.rimHoleOffsetMm ?? 0];
  const along = rim.map((value, axis) => value - hub[axis]!);
  const lengthMm = Math.hypot(...along) - left.holeMm / 2;
  // Angle to the radius in the wheel's plane.
  const angle = Math.acos(Math.abs(along[0]!) / Math.hypot(along[0]!, along[1]!));
  return { lengthMm, rimAngleDeg: (angle * 180) / Math.PI };
}

describe('lacing', () => {
  it('gives the worked example', () => {
    const { left, right, verdict } = wheelLacing(base);
    expect(left.lengthMm).toBeCloseTo(188.7, 1);
    expect(right.lengthMm).toBeCloseTo(187.7, 1);
    expect(left.rimAngleDeg).toBeCloseTo(9.4, 1);
    expect(verdict).toBe('work');
  });

  it('agrees with spokes laid out in space', () => {
    fc.assert(
      fc.property(
        fc.record({
          erdMm: fc.double({ min: 300, max: 620, noNaN: true }),
          spokes: fc.constantFrom(20, 24, 28, 32, 36, 48),
          lead: fc.integer({ min: 0, max: 3 }),
          diameter: fc.double({ min: 40, max: 250, noNaN: true }),
          offset: fc.double({ min: 5, max: 45, noNaN: true }),
          rimHoleOffsetMm: fc.double({ min: -4, max: 4, noNaN: true }),
        }),
        ({ erdMm, spokes, lead, diameter, offset, rimHoleOffsetMm }) => {
          const side = { flangeDiameterMm: diameter, flangeOffsetMm: offset, holeMm: 2.6, rimHoleOffsetMm };
          const input = { ...base, erdMm, spokes, lead, left: side, right: side };
          const { left } = wheelLacing(input);
          const vectors = inSpace(input);
          expect(left.lengthMm).toBeCloseTo(vectors.lengthMm, 6);
          if (left.rimAngleDeg < 90) expect(left.rimAngleDeg).toBeCloseTo(vectors.rimAngleDeg, 5);
        },
      ),
    );
  });

  it('balances the sideways pull of both sides', () => {
    const { tensionRatio, weakerSide, left, right } = wheelLacing(base);
    expect(weakerSide).toBe('left');
    // With the stronger side at 1000 N the weaker pulls as hard sideways.
    const pull = (tension: number, offset: number, length: number) => (tension * offset) / (length + 1.3);
    expect(pull(1000 * tensionRatio, 28, left.lengthMm)).toBeCloseTo(pull(1000, 20, right.lengthMm), 6);
  });

  it('gives a mirrored wheel the mirrored answer', () => {
    const one = wheelLacing(base);
    const other = wheelLacing({ ...base, left: base.right, right: base.left });
    expect(other.left).toEqual(one.right);
    expect(other.weakerSide).toBe('right');
    expect(other.tensionRatio).toBeCloseTo(one.tensionRatio, 12);
  });

  it('loads the spokes so that their pull turns the rim with the motor torque', () => {
    const { spokeLoadN, left } = wheelLacing({ ...base, right: flange, peakTorqueNm: 60 });
    // Half the spokes gain, half lose as much: the tangential part at the rim times its radius.
    const tangential = spokeLoadN! * Math.sin((left.rimAngleDeg * Math.PI) / 180);
    expect(36 * tangential * 0.27).toBeCloseTo(60, 6);
  });

  it('stops past the tangent and names the lead that goes', () => {
    const past = rule({ ...base, erdMm: 300, lead: 3 }, 'past-tangent.left')!;
    expect(past.verdict).toBe('stop');
    const [, most] = /lead (\d)/.exec(say(past.remedies[0]!))!;
    expect(rule({ ...base, erdMm: 300, lead: Number(most) }, 'past-tangent.left')).toBeUndefined();
  });

  it('needs one-way flanges to lean opposite ways, and says which one drives', () => {
    const oneway = (left?: 1 | -1, right?: 1 | -1): WheelLacingInput => ({
      ...base,
      pattern: 'oneway',
      left: { ...base.left, ...(left && { lean: left }) },
      right: { ...base.right, ...(right && { lean: right }) },
    });
    expect(rule(oneway(1, 1), 'lean')!.verdict).toBe('stop');
    expect(rule(oneway(), 'lean')!.verdict).toBe('unknown');
    expect(say(rule(oneway(-1, 1), 'lean')!.because)).toBe(
      'The left flange pulls under drive, the right under braking.',
    );
  });

  it('takes the nearest spoke in the stores, a little shorter or longer', () => {
    expect(wheelLacing({ ...base, lengthsMm: [184, 187, 188, 189, 192] })).toMatchObject({
      left: { stockMm: 189 },
      right: { stockMm: 188 },
    });
    const none = { ...base, lengthsMm: [180, 200] };
    expect(say(rule(none, 'spoke-stock.left')!.remedies[0]!)).toBe('Get 18 spokes of 189 mm.');
  });

  it.each([
    [{ ...base, lead: 0, peakTorqueNm: 40 }, 'radial', 'work'],
    [{ ...base, spokeMm: 2 }, 'spoke-hole.left', 'work'],
    [{ ...base, spokeMm: 3 }, 'spoke-hole.left', 'stop'],
    [{ ...base, right: { ...flange, flangeOffsetMm: 5 } }, 'tension-ratio', 'work'],
    [{ ...base, right: { ...flange, flangeOffsetMm: -2 } }, 'no-bracing.right', 'stop'],
    [{ ...base, spokes: 20, peakTorqueNm: 120, right: { ...flange, flangeDiameterMm: 50 } }, 'spoke-load', 'work'],
  ] as const)('judges %#: %s', (input, id, verdict) => {
    expect(rule(input as WheelLacingInput, id)!.verdict).toBe(verdict);
  });

  it.each([
    [{ ...base, spokes: 31 }, /spokes is 31/],
    [{ ...base, left: { ...flange, flangeDiameterMm: 300 }, erdMm: 290 }, /left.flangeDiameterMm is 300/],
    [{ ...base, left: { ...flange, lean: 0 } }, /left.lean is 0/],
  ])('refuses %#', (input, words) => {
    expect(() => wheelLacing(input)).toThrow(words);
  });
});
