import fc from 'fast-check';

import type { EndAdapterInput } from './contract';
import { endAdapter, openBuilds } from './end-adapter';
import { inEnglish, say } from '../english.testing';
import type { Said } from '../said';

const cap = (id: string, side: 'left' | 'right', lengthMm: number, boreMm = 12) => ({ id, side, lengthMm, boreMm });
const base: EndAdapterInput = {
  spacingMm: 142,
  holesMm: { left: 12, right: 12 },
  rotorFaceMm: 15.3,
  hub: { baseWidthMm: 124, rotorFaceMm: 8 },
  extenders: [
    { id: 'X3', side: 'left', lengthMm: 3 },
    { id: 'Y3', side: 'right', lengthMm: 3 },
  ],
  endCaps: [
    cap('L6', 'left', 6),
    cap('L9', 'left', 9),
    cap('R6', 'right', 6),
    cap('R9', 'right', 9),
    cap('L9x15', 'left', 9, 15),
  ],
  rotorSpacers: [
    { id: 'S2', thicknessMm: 2 },
    { id: 'S1', thicknessMm: 1 },
  ],
  screws: [
    { id: 'M5x10', threadMm: 5, lengthMm: 10 },
    { id: 'M5x14', threadMm: 5, lengthMm: 14 },
  ],
  screwHoles: [{ id: 'rotor', threadMm: 5, throughMm: 0, throughRotor: true, depthMm: 10, leastMm: 6 }],
  rotorThicknessMm: 1.8,
};

/** Where in the order a part is put on. */
const placeIn = (order: readonly Said[], part: string) => order.map(say).indexOf(part);

describe('end adapters at an open end', () => {
  const { holesMm: _, ...open } = base;

  it('are the widest that go in, without caps; washers come next', () => {
    const { verdict, build, order } = endAdapter({ ...open, spacingMm: 130.1 });
    expect(build).toMatchObject({ left: { extender: 'X3', endCap: null }, right: { extender: 'Y3' }, widthMm: 130 });
    expect(verdict).toBe('goes');
    expect(inEnglish(order).join(', ')).not.toMatch(/cap|arm on the hub/);
    expect(placeIn(order, 'left extender X3')).toBeLessThan(placeIn(order, 'rotor'));
    expect(placeIn(order, 'washers, hub outwards')).toBeLessThan(placeIn(order, 'wheel into the slots, nuts snug'));
  });

  it('are left out where they are too long, and a hub too wide by itself stops', () => {
    expect(endAdapter({ ...open, spacingMm: 125 }).build?.widthMm).toBe(124);
    expect(endAdapter({ ...open, spacingMm: 120 })).toMatchObject({ verdict: 'stop', build: null });
  });

  it('are all of what goes in, and nothing else: against every subset put together by hand', () => {
    const spacingMm = 128;
    const widths = [0, 3].flatMap((left) => [0, 3].flatMap((right) => [0, 1, 2].map(() => 124 + left + right)));
    const builds = openBuilds({ ...open, spacingMm });
    expect(builds.map(({ build }) => build!.widthMm).sort()).toEqual(widths.filter((wide) => wide <= 128.3).sort());
  });
});

describe('end adapters', () => {
  it('build the hub up to the spacing with the rotor in the caliper', () => {
    const { verdict, build, screws, order } = endAdapter(base);
    expect(verdict).toBe('goes');
    expect(build).toMatchObject({
      left: { extender: null, endCap: 'L9' },
      right: { extender: null, endCap: 'R9' },
      widthMm: 142,
    });
    // 8 + 9 − 2 is 0.3 outboard of 15.3; without spacer it would be 1.7 inboard.
    expect(build).toMatchObject({ rotorSpacer: 'S2', rotorErrorMm: -0.3 });
    expect(screws).toEqual([{ hole: 'rotor', screw: 'M5x10', engagementMm: 6.2 }]);
    expect(placeIn(order, 'rotor spacer S2')).toBeLessThan(placeIn(order, 'rotor'));
    expect(placeIn(order, 'rotor')).toBeLessThan(placeIn(order, 'torque arm on the hub'));
  });

  it('puts together what stays reachable, whatever set comes: nothing covers a screw that is still to be driven', () => {
    const sizes = fc.constantFrom(4, 6, 9, 12);
    const part = (side: 'left' | 'right') =>
      fc.record({ id: fc.constantFrom('A', 'B'), side: fc.constant(side), lengthMm: sizes });
    fc.assert(
      fc.property(
        fc.option(part('left')),
        fc.option(part('right')),
        sizes,
        fc.boolean(),
        fc.boolean(),
        (left, right, cap, spacer, plate) => {
          const extenders = [...(left ? [left] : []), ...(right ? [right] : [])];
          const caps = base.endCaps.map((item) => ({ ...item, lengthMm: cap }));
          const length = extenders.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
          const { order, build } = endAdapter({
            ...base,
            spacingMm: base.hub.baseWidthMm + 2 * cap + length,
            extenders,
            endCaps: caps,
            rotorSpacers: spacer ? base.rotorSpacers : [],
            screwHoles: [
              ...base.screwHoles,
              ...(plate ? [{ id: 'plate', threadMm: 5, throughMm: 2, depthMm: 9, leastMm: 6 }] : []),
            ],
          });
          const at = (start: string) =>
            order
              .map(say)
              .findIndex((item) =>
                start.startsWith('in ')
                  ? item.endsWith(start)
                  : start === 'rotor'
                    ? item === start
                    : item.startsWith(start),
              );
          const inOrder = (...starts: string[]) => {
            const places = starts.map(at).filter((place) => place >= 0);
            expect([...places].sort((a, b) => a - b)).toEqual(places);
          };
          inOrder('left extender', 'rotor spacer', 'rotor', 'in rotor', 'torque arm', 'left end cap', 'wheel into');
          inOrder(
            'right extender',
            'in plate',
            'torque arm',
            'right end cap',
            'wheel into',
            'axle to torque',
            'arm clamp',
          );
          if (build!.left.extender) expect(at('left extender')).toBe(0);
          expect(at('axle to torque')).toBeGreaterThan(at('wheel into'));
        },
      ),
    );
  });

  it('lets no hole go in which no screw can hold, and no rotor whose thickness nobody knows', () => {
    const [hole] = base.screwHoles;
    const rule = (input: EndAdapterInput) => endAdapter(input).findings.find(({ id }) => id === 'screw.rotor');
    expect(rule({ ...base, screwHoles: [{ ...hole!, depthMm: 4, leastMm: 6 }] })).toMatchObject({ verdict: 'stop' });
    const { rotorThicknessMm: _, ...unread } = base;
    expect(rule(unread)).toMatchObject({ verdict: 'unknown' });
    expect(rule({ ...base, screws: [{ id: 'M5x20', threadMm: 5, lengthMm: 20 }] })).toMatchObject({ verdict: 'work' });
  });

  it('never takes caps of another bore', () => {
    expect(endAdapter({ ...base, holesMm: { left: 20, right: 12 } })).toMatchObject({ verdict: 'stop', build: null });
    expect(endAdapter({ ...base, holesMm: { left: 15, right: 12 } }).build!.left.endCap).toBe('L9x15');
  });

  it('stops when nothing adds up to the spacing', () => {
    const { verdict, findings } = endAdapter({ ...base, spacingMm: 157 });
    expect(verdict).toBe('stop');
    expect(findings[0]!.id).toBe('width');
  });

  it('uses extenders and says so before the cap', () => {
    const { build, order } = endAdapter({ ...base, spacingMm: 148 });
    expect(build).toMatchObject({ left: { extender: 'X3', endCap: 'L9' }, right: { extender: 'Y3', endCap: 'R9' } });
    expect(placeIn(order, 'left extender X3')).toBeLessThan(placeIn(order, 'left end cap L9'));
  });

  it('names the screw to get when the set has none', () => {
    const { findings, verdict } = endAdapter({ ...base, screws: [{ id: 'M5x20', threadMm: 5, lengthMm: 20 }] });
    expect(verdict).toBe('work');
    expect(inEnglish(findings[0])).toMatchObject({
      id: 'screw.rotor',
      remedies: ['Get M5 × 13 mm at most, 10 mm at least.'],
    });
  });

  it('leaves the rotor out where there is none', () => {
    const bare = { ...base, hub: { baseWidthMm: 124 }, rotorFaceMm: undefined, screwHoles: [] };
    expect(endAdapter(bare).build).toMatchObject({ rotorErrorMm: null, rotorSpacer: null });
  });

  it('finds a width as near as trying all sums', () => {
    const length = fc.integer({ min: 2, max: 15 });
    fc.assert(
      fc.property(
        fc.array(length, { minLength: 1, maxLength: 4 }),
        fc.array(length, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 126, max: 160 }),
        (lefts, rights, spacingMm) => {
          const input: EndAdapterInput = {
            ...base,
            hub: { baseWidthMm: 124 },
            spacingMm,
            extenders: [],
            endCaps: [
              ...lefts.map((mm, at) => cap(`L${at}`, 'left', mm)),
              ...rights.map((mm, at) => cap(`R${at}`, 'right', mm)),
            ],
            screwHoles: [],
          };
          const costs = lefts.flatMap((left) =>
            rights.map((right) => 4 * (124 + left + right - spacingMm) ** 2 + (left - right) ** 2),
          );
          const { widthErrorMm, middleMm } = endAdapter(input).build!;
          expect(4 * widthErrorMm ** 2 + 4 * middleMm ** 2).toBeCloseTo(Math.min(...costs), 6);
        },
      ),
    );
  });
});
