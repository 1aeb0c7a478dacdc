import { openBay, type BatteryBayInput } from '../battery-bay';

import { bayPlan } from './bay-plan';

const input: BatteryBayInput = {
  tubes: {
    down: { lengthMm: 575, diameterMm: 40, angleDeg: 45.3 },
    seat: { lengthMm: 430, diameterMm: 32, angleDeg: 73.2 },
    top: { lengthMm: 505, diameterMm: 32, angleDeg: 6.8 },
    head: { lengthMm: 71, diameterMm: 36, angleDeg: 72 },
  },
  bosses: [
    { tube: 'down', fromBbMm: 190 },
    { tube: 'seat', fromBbMm: 200 },
    { tube: 'top', fromBbMm: 200 },
  ],
  obstacles: [
    {
      id: 'shock',
      polygon: [
        [-30, 150],
        [0, 150],
        [0, 190],
      ],
      moving: {
        to: [
          [-20, 150],
          [10, 150],
          [10, 190],
        ],
      },
    },
  ],
  battery: { lengthMm: 360, heightMm: 80, widthMm: 90, massKg: 2.8 },
  rail: { lengthMm: 340, heightMm: 12, slotsMm: [] },
  insert: { kind: 'slide', strokeMm: 30, toward: 'bb' },
  tube: 'down',
};

describe('the frame as a plan', () => {
  const bay = openBay(input);
  const scene = bayPlan(input, bay.result.triangle, bay.laidAt(90));

  it('has tubes whose axes run through the bottom bracket centre, outside of the room in the frame', () => {
    const [down, seat] = scene.tubes as [(typeof scene.tubes)[0], (typeof scene.tubes)[0]];
    for (const { from, to } of [down, seat]) {
      const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
      expect(Math.abs(dx * from[1] - dy * from[0]) / Math.hypot(dx, dy)).toBeLessThan(1e-6);
    }
    expect(scene.tubes.map(({ widthMm }) => widthMm)).toEqual([40, 32, 32, 36]);
  });

  it('has the battery where it is laid, bosses beside it, and both ends of what moves', () => {
    const [lower] = scene.battery as [[number, number]];
    // 90 mm up the tube, on its rail on the inside edge.
    expect(Math.hypot(...lower)).toBeCloseTo(Math.hypot(90, 20 + 12), 6);
    const [boss, onSeat, ...others] = scene.bosses;
    expect(others).toEqual([]);
    expect(Math.hypot(...boss!)).toBeCloseTo(Math.hypot(190, 20), 6);
    expect(Math.hypot(...onSeat!)).toBeCloseTo(Math.hypot(200, 16), 6);
    expect([scene.things.length, scene.moved.length]).toEqual([1, 1]);
    const { left, right, bottom, top } = scene.bounds;
    for (const [x, y] of [...scene.battery, ...scene.swept]) {
      expect(x > left && x < right && y > bottom && y < top).toBe(true);
    }
  });

  it('has bands where bosses alone do not hold it: two, or one far from its boss', () => {
    const laid = (change: Partial<BatteryBayInput>) => {
      const asked = { ...input, ...change };
      const open = openBay(asked);
      return { laid: open.laidAt(150), scene: bayPlan(asked, open.result.triangle, open.laidAt(150)) };
    };
    const two = laid({ bosses: [] });
    expect([two.laid.fixing, two.scene.bands.length]).toEqual(['bands', 2]);
    // From outside of the tube to over the battery: tube, rail, battery and a little at both ends.
    for (const [from, to] of two.scene.bands) {
      expect(Math.hypot(to[0] - from[0], to[1] - from[1])).toBeCloseTo(40 + 12 + 80 + 6, 6);
    }
    const one = laid({ bosses: [{ tube: 'down', fromBbMm: 200 }], rail: { ...input.rail, slotsMm: [[20, 80]] } });
    expect([one.laid.fixing, one.scene.bands.length]).toEqual(['boss-band', 1]);
    const bolted = laid({
      bosses: [200, 220].map((fromBbMm) => ({ tube: 'down' as const, fromBbMm })),
      rail: { ...input.rail, slotsMm: [[20, 80]] },
    });
    expect([bolted.laid.fixing, bolted.scene.bands]).toEqual(['bolted', []]);
  });
});
