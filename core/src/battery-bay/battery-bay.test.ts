import fc from 'fast-check';

import { InputError } from '../input';
import type { Point } from '../plane';
import { anyBay, corners, frameOf, leastMargin, plain, radians } from './drawn-bays.testing';
import { batteryBay, type BatteryBayInput } from '.';

describe('the frame', () => {
  it('that closes is found again from its lengths and angles', () => {
    const { triangle } = batteryBay(plain);
    expect(triangle.misfit).toBeCloseTo(0, 9);
    expect(triangle.closingMm).toBeCloseTo(0, 9);
    const moved = [triangle.bb[0] - corners.bb[0], triangle.bb[1] - corners.bb[1]] as const;
    for (const name of ['downHead', 'headTop', 'seat'] as const) {
      expect(triangle[name][0] - corners[name][0]).toBeCloseTo(moved[0], 9);
      expect(triangle[name][1] - corners[name][1]).toBeCloseTo(moved[1], 9);
    }
    // Half a tube inside the bottom bracket centre, by both tubes.
    const off = (name: 'downHead' | 'seat') => {
      const [x, y] = [triangle[name][0] - triangle.bb[0], triangle[name][1] - triangle.bb[1]];
      return Math.abs(triangle.bb[0] * y - triangle.bb[1] * x) / Math.hypot(x, y);
    };
    expect(off('downHead')).toBeCloseTo(20, 9);
    expect(off('seat')).toBeCloseTo(16, 9);
  });

  it('is fitted so that no other corners differ less from what was measured', () => {
    const measured = structuredClone(plain.tubes);
    measured.down.lengthMm += 2.5;
    measured.top.angleDeg -= 0.7;
    measured.head!.lengthMm -= 1.4;
    const { triangle } = batteryBay({ ...plain, tubes: measured });
    const misfitOf = (at: Record<'downHead' | 'headTop' | 'seat', Point>) => {
      const seen = frameOf({ bb: triangle.bb, ...at });
      return (['down', 'head', 'seat', 'top'] as const).reduce(
        (sum, name) =>
          sum +
          (seen[name].lengthMm - measured[name]!.lengthMm) ** 2 +
          ((seen[name].angleDeg - measured[name]!.angleDeg) / 0.5) ** 2,
        0,
      );
    };
    expect(misfitOf(triangle)).toBeCloseTo(triangle.misfit, 6);
    expect(triangle.misfit).toBeGreaterThan(1);
    for (const name of ['downHead', 'headTop', 'seat'] as const) {
      for (const axis of [0, 1]) {
        for (const by of [-0.02, 0.02]) {
          const nudged: Point = [...triangle[name]];
          nudged[axis]! += by;
          expect(misfitOf({ ...triangle, [name]: nudged })).toBeGreaterThan(triangle.misfit);
        }
      }
    }
  });

  it('that cannot be one frame is to be measured again, and never goes', () => {
    const tubes = structuredClone(plain.tubes);
    tubes.down.angleDeg += 4;
    const { findings, verdict } = batteryBay({ ...plain, tubes });
    expect(findings.find(({ id }) => id === 'misfit')).toMatchObject({ verdict: 'unknown', limit: 9.2 });
    expect(verdict).toBe('unknown');
  });

  it('without a head tube is a triangle', () => {
    const three = frameOf({ ...corners, headTop: corners.downHead });
    const { triangle } = batteryBay({ ...plain, tubes: { down: three.down, seat: three.seat, top: three.top } });
    expect(triangle.headTop).toEqual(triangle.downHead);
    expect(triangle.misfit).toBeCloseTo(0, 9);
  });
});

describe('where the battery may lie', () => {
  it('in a right angle is told by hand', () => {
    // Seat tube upright, down tube level: inside corner 20 mm up and 20 mm off.
    const bb: Point = [20, 20];
    const square = frameOf({ bb, downHead: [520, 20], headTop: [520, 420], seat: [20, 420] }, { down: 40, seat: 40 });
    const { intervals, bolted, chosen } = batteryBay({
      ...plain,
      tubes: square,
      insert: { kind: 'slide', strokeMm: 30, toward: 'bb' },
      rail: { ...plain.rail, offsetMm: 0 },
      clearanceMm: 4,
    });
    // From 4 mm off the seat tube to where battery and stroke end 4 mm before the head tube.
    expect(intervals).toEqual([{ fromMm: expect.closeTo(24, 6), toMm: expect.closeTo(516 - 360 - 30, 6) }]);
    // Boss 190 lies in a slot from 30 to 100 and from 110 to 170, boss 254 from 94 to 164 and from 174 on.
    expect(bolted).toEqual([
      { fromMm: expect.closeTo(94, 6), toMm: expect.closeTo(100, 6) },
      { fromMm: expect.closeTo(110, 6), toMm: expect.closeTo(126, 6) },
    ]);
    expect(chosen).toMatchObject({ fixing: 'bolted', bossesMm: [190, 254] });
    // Level: as low everywhere, so where the way in leaves most room.
    expect(chosen!.fromMm).toBeCloseTo(94, 4);
    expect(chosen!.clearanceMm).toBeCloseTo(520 - 360 - 30 - 94, 4);
  });

  it('a limit just met is a place, a point where it must be', () => {
    const bb: Point = [20, 20];
    const square = frameOf({ bb, downHead: [520, 20], headTop: [520, 420], seat: [20, 420] }, { down: 40, seat: 40 });
    const exact = {
      ...plain,
      tubes: square,
      rail: { ...plain.rail, offsetMm: 0 },
      insert: { kind: 'slide', strokeMm: 130, toward: 'bb' } as const,
    };
    expect(batteryBay(exact).intervals).toEqual([{ fromMm: expect.closeTo(25, 5), toMm: expect.closeTo(25, 5) }]);
    const more = batteryBay({ ...exact, insert: { kind: 'slide', strokeMm: 130.05, toward: 'bb' } });
    expect(more.intervals).toEqual([]);
    expect(more.missing).toMatchObject({ lengthMm: 0.1 });
    expect(more.verdict).toBe('stop');
  });

  it('agrees with laying it in and looking everywhere', () => {
    fc.assert(
      fc.property(anyBay, (input) => {
        const { intervals, triangle, chosen } = batteryBay(input);
        const margin = (fromMm: number) => leastMargin(input, triangle, fromMm);
        const inside = (fromMm: number) => intervals.some((each) => fromMm >= each.fromMm && fromMm <= each.toMm);
        for (let fromMm = -60; fromMm <= 620; fromMm += 31.7) {
          const found = margin(fromMm);
          if (inside(fromMm)) expect(found).toBeGreaterThan(-0.03);
          else expect(found).toBeLessThan(0.03);
        }
        for (const { fromMm, toMm } of intervals) {
          for (const end of [fromMm, toMm]) expect(Math.abs(margin(end))).toBeLessThan(0.03);
        }
        if (chosen) expect(chosen.clearanceMm - (input.clearanceMm ?? 5)).toBeCloseTo(margin(chosen.fromMm), 1);
      }),
      { numRuns: 10, endOnFailure: true },
    );
  });

  it('something that moves is in the way wherever it comes by', () => {
    const block = (x: number, y: number): Point[] => [
      [x, y],
      [x + 20, y],
      [x + 20, y + 20],
      [x, y + 20],
    ];
    const still = { id: 'link', polygon: block(60, 380) };
    expect(batteryBay({ ...plain, obstacles: [still] }).chosen).toBeDefined();
    const moves = { ...still, moving: { to: block(250, 200), via: [block(150, 300)] } };
    const blocked = batteryBay({ ...plain, obstacles: [moves] });
    const hull = batteryBay({
      ...plain,
      obstacles: [
        {
          id: 'all',
          polygon: [
            [60, 380],
            [60, 400],
            [80, 400],
            [270, 220],
            [270, 200],
            [250, 200],
          ],
        },
      ],
    });
    expect(blocked.intervals).toEqual(hull.intervals);
    expect(blocked.intervals).not.toEqual(batteryBay(plain).intervals);
  });
});

describe('what holds it', () => {
  const withBosses = (bosses: number[], more: Partial<BatteryBayInput> = {}) =>
    batteryBay({ ...plain, ...more, bosses: bosses.map((fromBbMm) => ({ tube: 'down' as const, fromBbMm })) });

  it('is two bosses, else one and a band, else bands, else nothing', () => {
    expect(withBosses([190, 254]).chosen).toMatchObject({ fixing: 'bolted' });
    expect(withBosses([190]).chosen).toMatchObject({ fixing: 'boss-band', bossesMm: [190] });
    expect(withBosses([]).chosen).toMatchObject({ fixing: 'bands', bossesMm: [] });
    const short = withBosses([], { rail: { ...plain.rail, lengthMm: 90 } });
    expect(short.chosen).toBeUndefined();
    expect(short.intervals.length).toBeGreaterThan(0);
    expect(short.verdict).toBe('stop');
    expect(short.missing).toBeUndefined();
  });

  it('is lowest where it is bolted', () => {
    const { chosen, bolted } = withBosses([190, 254]);
    const lowest = bolted[0]!.fromMm;
    expect(chosen!.fromMm).toBeGreaterThanOrEqual(lowest);
    // As low as makes no difference: 0.05 mm of height.
    expect((chosen!.fromMm - lowest) * Math.sin(radians(plain.tubes.down.angleDeg))).toBeLessThanOrEqual(0.05 + 1e-6);
  });

  it('is a third fixing over 3 kg', () => {
    const heavy = { battery: { ...plain.battery, massKg: 3.4 } };
    expect(withBosses([190, 254], heavy).verdict).toBe('work');
    expect(withBosses([190, 254]).verdict).toBe('goes');
    expect(withBosses([180, 200, 254, 260], heavy).findings.map(({ id }) => id)).not.toContain('third-fixing');
  });
});

describe('beside the battery', () => {
  const verdictOf = (id: string, more: Partial<BatteryBayInput>) =>
    batteryBay({ ...plain, ...more }).findings.find((each) => each.id === id)?.verdict;

  it('cranks and knees pass, or nobody knows', () => {
    // 45 + 5 against 165/2 − 15 and 45 + 10 against half the knees.
    expect(verdictOf('width.cranks', {})).toBe('goes');
    expect(verdictOf('width.cranks', { pedal: { qFactorMm: 130, kneeMm: 160 } })).toBe('goes');
    expect(verdictOf('width.cranks', { pedal: { qFactorMm: 129, kneeMm: 160 } })).toBe('stop');
    expect(verdictOf('width.knees', { pedal: { qFactorMm: 165, kneeMm: 109 } })).toBe('stop');
    expect(verdictOf('width.knees', { pedal: { qFactorMm: 165 } })).toBe('unknown');
    const { pedal: _, ...without } = plain;
    expect(batteryBay(without).verdict).toBe('unknown');
  });

  it('a key that stands out is taken out to ride', () => {
    expect(verdictOf('key', { key: { at: [60, 80] } })).toBe('goes');
    expect(verdictOf('key', { key: { at: [60, 80], proudMm: 26 } })).toBe('work');
    expect(verdictOf('key', { key: { at: [60, 80] }, pedal: { qFactorMm: 165 } })).toBe('unknown');
  });

  it('corners, centre, key and shift of mass are where they are', () => {
    const { chosen } = batteryBay({ ...plain, key: { at: [60, 80] }, bike: { massKg: 23.4, centre: [100, 200] } });
    const [lower, upper, far, high] = chosen!.corners as [Point, Point, Point, Point];
    const away = ([x, y]: Point, [a, b]: Point) => Math.hypot(a - x, b - y);
    expect([away(lower, upper), away(upper, far), away(far, high), away(high, lower)]).toEqual(
      [360, 90, 360, 90].map((mm) => expect.closeTo(mm, 9)),
    );
    expect(away(lower, chosen!.keyAt!)).toBeCloseTo(100, 9);
    expect(away(lower, [0, 0])).toBeCloseTo(Math.hypot(chosen!.fromMm, 32), 9);
    expect(chosen!.massShiftMm).toEqual([
      expect.closeTo((chosen!.centre[0] - 100) / 10, 9),
      expect.closeTo((chosen!.centre[1] - 200) / 10, 9),
    ]);
  });
});

describe('without a place', () => {
  const long = { ...plain, battery: { ...plain.battery, lengthMm: 500 } };

  it('what is missing is just enough', () => {
    const { missing, instead, verdict } = batteryBay(long);
    expect(verdict).toBe('stop');
    expect(missing!.lengthMm).toBeGreaterThan(0);
    const bare = { ...long, rail: { ...long.rail, lengthMm: 1, offsetMm: 200 } };
    const shorter = (lessMm: number) =>
      batteryBay({ ...bare, battery: { ...bare.battery, lengthMm: 500 - lessMm } }).intervals.length;
    expect(shorter(missing!.lengthMm!)).toBeGreaterThan(0);
    expect(shorter(missing!.lengthMm! - 0.1)).toBe(0);
    expect(instead!.slice(-3)).toEqual(['shorter-pack', 'rack', 'bag']);
  });

  it('the other tube is offered if the same things have their place there', () => {
    const shock = {
      id: 'shock',
      polygon: [
        [60, 120],
        [260, 340],
        [300, 300],
        [120, 100],
      ] as Point[],
    };
    const input: BatteryBayInput = {
      ...plain,
      battery: { ...plain.battery, lengthMm: 200, heightMm: 60 },
      rail: { ...plain.rail, lengthMm: 190, offsetMm: 0 },
      obstacles: [shock],
    };
    const there = batteryBay({ ...input, tube: 'seat' });
    const here = batteryBay(input);
    expect(here.chosen).toBeUndefined();
    expect(here.instead!.includes('other-tube')).toBe(there.chosen !== undefined);
    expect(there.chosen).toBeDefined();
  });

  it('the rail alone in the way is told as such', () => {
    const rail = { ...plain.rail, offsetMm: -200 };
    const { missing, instead } = batteryBay({ ...plain, rail });
    expect(missing).toEqual({ lengthMm: 0, heightMm: 0 });
    expect(instead).not.toContain('shorter-pack');
  });
});

describe('properties', () => {
  it('more room asked for, a bigger battery or a longer way in never helps', () => {
    fc.assert(
      fc.property(anyBay, fc.double({ min: 0, max: 15, noNaN: true }), (input, more) => {
        const total = (each: BatteryBayInput) =>
          batteryBay(each).intervals.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0);
        const before = total(input) + 1e-6;
        expect(total({ ...input, clearanceMm: (input.clearanceMm ?? 5) + more })).toBeLessThanOrEqual(before);
        const { battery, insert } = input;
        expect(total({ ...input, battery: { ...battery, heightMm: battery.heightMm + more } })).toBeLessThanOrEqual(
          before,
        );
        const longer =
          insert.kind === 'slide'
            ? { ...insert, strokeMm: insert.strokeMm + more }
            : { ...insert, angleDeg: insert.angleDeg + more };
        expect(total({ ...input, insert: longer })).toBeLessThanOrEqual(before);
      }),
      { numRuns: 12, endOnFailure: true },
    );
  });
});

describe('input that contradicts itself', () => {
  const refused = (more: Partial<BatteryBayInput>) => {
    try {
      batteryBay({ ...plain, ...more });
    } catch (error) {
      return (error as InputError).path;
    }
    return null;
  };

  it('is refused by field', () => {
    expect(refused({ rail: { ...plain.rail, slotsMm: [[50, 40]] } })).toBe('rail.slotsMm.0.1');
    expect(
      refused({
        obstacles: [
          {
            id: 'x',
            polygon: [
              [0, 0],
              [10, 10],
              [10, 0],
              [0, 10],
            ],
          },
        ],
      }),
    ).toBe('obstacles.0.polygon');
    expect(
      refused({
        obstacles: [
          {
            id: 'x',
            polygon: [
              [0, 0],
              [10, 10],
            ],
          },
        ],
      }),
    ).toBe('obstacles.0.polygon');
    const tubes = structuredClone(plain.tubes);
    tubes.down.angleDeg = 110;
    tubes.seat.angleDeg = 110;
    tubes.top.angleDeg = 80;
    expect(refused({ tubes })).toBe('tubes');
    expect(refused({ battery: { ...plain.battery, heightMm: -1 } })).toBe('battery.heightMm');
  });
});
