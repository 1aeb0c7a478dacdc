import fc from 'fast-check';

import type { BikeFacts } from '../bike-facts';
import { measuredBike } from '../kit-on-bike/measured-bike.testing';
import type { Point } from '../plane';
import { controllerOfBike, openBoxPlace } from '.';
import { fallOnto, gapBetween } from './convex';
import { inEnglish } from '../english.testing';

const facts: BikeFacts = measuredBike;
const open = openBoxPlace(facts)!;
const stops = (placed: ReturnType<typeof open.placedAt>) =>
  placed.findings.filter(({ verdict }) => verdict === 'stop').map(({ id }) => id);

const box = (x: number, y: number, length: number, height: number, turn: number): Point[] =>
  [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([u, v]) => {
    const [a, b] = [(u! * length) / 2, (v! * height) / 2];
    return [x + a * Math.cos(turn) - b * Math.sin(turn), y + a * Math.sin(turn) + b * Math.cos(turn)] as Point;
  });
const drawn = fc
  .tuple(
    fc.double({ min: -200, max: 200, noNaN: true }),
    fc.double({ min: -200, max: 200, noNaN: true }),
    fc.double({ min: 10, max: 200, noNaN: true }),
    fc.double({ min: 10, max: 120, noNaN: true }),
    fc.double({ min: -1.5, max: 1.5, noNaN: true }),
  )
  .map((given) => box(...given));

/** Points of an outline every millimetre or so. */
function sampled(outline: readonly Point[]): Point[] {
  return outline.flatMap(([x, y], at) => {
    const [toX, toY] = outline[(at + 1) % outline.length]!;
    const steps = Math.ceil(Math.hypot(toX - x, toY - y));
    return Array.from({ length: steps }, (_, step): Point => [
      x + ((toX - x) * step) / steps,
      y + ((toY - y) * step) / steps,
    ]);
  });
}

describe('two convex outlines', () => {
  it('are as far apart as their nearest points', () => {
    fc.assert(
      fc.property(drawn, drawn, (one, other) => {
        const gap = gapBetween(one, other);
        if (gap <= 0) return;
        const far = sampled(other);
        const least = Math.min(
          ...sampled(one).map(([x, y]) => Math.min(...far.map(([u, v]) => Math.hypot(x - u, y - v)))),
        );
        expect(least).toBeGreaterThanOrEqual(gap - 1e-6);
        expect(least - gap).toBeLessThan(1);
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('come free of each other by as much as they overlap, and not by less in any direction', () => {
    fc.assert(
      fc.property(drawn, drawn, (one, other) => {
        const deep = -gapBetween(one, other);
        if (deep < 1) return;
        const pushed = (by: number, way: number): Point[] =>
          one.map(([x, y]) => [x + by * Math.cos(way), y + by * Math.sin(way)]);
        const ways = Array.from({ length: 360 }, (_, deg) => (deg * Math.PI) / 180);
        expect(ways.some((way) => gapBetween(pushed(deep + 1, way), other) > 0)).toBe(true);
        expect(ways.every((way) => gapBetween(pushed(deep - 0.1, way), other) <= 0)).toBe(true);
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });

  it('fall onto each other by exactly what is below', () => {
    fc.assert(
      fc.property(drawn, drawn, (one, other) => {
        const raised = one.map(([x, y]): Point => [x, y + 1000]);
        const drop = fallOnto(raised, other);
        const fallen = (by: number) => raised.map(([x, y]): Point => [x, y - by]);
        if (drop === Infinity) return expect(gapBetween(fallen(1000), other)).toBeGreaterThan(-1000);
        expect(gapBetween(fallen(drop - 0.01), other)).toBeGreaterThan(0);
        return expect(gapBetween(fallen(drop + 0.5), other)).toBeLessThan(0.5);
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });
});

describe('a controller that is pushed about', () => {
  it('waits for tubes and its own size', () => {
    expect(openBoxPlace({})).toBeNull();
    expect(openBoxPlace({ controller: facts.controller! })).toBeNull();
    expect(openBoxPlace({ frame: facts.frame! })).toBeNull();
  });

  it('lies usually against the seat tube, clear of everything', () => {
    const placed = open.placedAt(open.usual);
    expect(stops(placed)).toEqual([]);
    expect(inEnglish(placed.findings).find(({ id }) => id === 'box-held')).toMatchObject({
      verdict: 'goes',
      because: 'It is held against the seat tube.',
    });
    expect(placed.gaps!.aroundMm).toBeGreaterThan(5);
  });

  it('stops in a tube, in the battery and in its way in', () => {
    const bay = openBoxPlace({ ...facts, bay: {} })!;
    expect(stops(open.placedAt({ at: [-50, 180], turnDeg: 0 }))).toContain('box-clash.seat tube');
    const inBattery = { at: [190, 240] as Point, turnDeg: 45 };
    expect(stops(open.placedAt(inBattery))).toContain('box-clash.battery on its way in');
    expect(stops(bay.placedAt(inBattery))).not.toContain('box-clash.battery on its way in');
    expect(open.placedAt(inBattery).gaps).toBeNull();
  });

  it('stops where a shock comes to, at either end of its travel and in between', () => {
    const seat = (alongMm: number, offMm: number) => ({ tube: 'seat' as const, alongMm, offMm });
    const shock = {
      kind: 'long' as const,
      id: 'Shock',
      from: seat(200, 100),
      to: seat(300, 100),
      thickMm: 30,
      moved: { from: seat(200, 160), to: seat(300, 160) },
    };
    const moving = openBoxPlace({ ...facts, bay: {}, frame: { ...facts.frame!, inWay: [shock] } })!;
    let met = 0;
    for (let y = 150; y < 330; y += 10) {
      const placed = moving.placedAt({ at: [10, y], turnDeg: 0 });
      if (stops(placed).includes('box-clash.Shock')) met += 1;
    }
    expect(met).toBeGreaterThan(5);
  });

  it('stops in the rear wheel', () => {
    const turning: NonNullable<BikeFacts['cables']>['turning'] = {
      crank: { radiusMm: 190, halfWidthMm: 65 },
      discs: [{ id: 'rear wheel', centre: [-440, 60, 0], radiusMm: 340, halfWidthMm: 25, on: 'frame' }],
    };
    const wheeled = openBoxPlace({ ...facts, bay: {}, cables: { turning: turning! } })!;
    expect(stops(wheeled.placedAt({ at: [-140, 160], turnDeg: 0 }))).toContain('box-clash.rear wheel');
    expect(stops(wheeled.placedAt({ at: [60, 250], turnDeg: 0 }))).toEqual([]);
  });

  it('lies against whatever tube it is nearest to, on the side on which it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -250, max: 450, noNaN: true }),
        fc.double({ min: 20, max: 500, noNaN: true }),
        (x, y) => {
          const place = open.againstTube({ at: [x, y], turnDeg: 0 });
          const { findings } = open.placedAt(place);
          // Against that one; into another tube it may still run, near a corner.
          expect(findings.find(({ id }) => id === 'box-held')!.verdict).toBe('goes');
          expect(Math.abs(place.turnDeg)).toBeLessThanOrEqual(90);
        },
      ),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('does not reach a plug that is farther than its cable is long', () => {
    const plugs = [{ id: 'Motor', lengthMm: 200, neededMm: 150 }];
    const anchors = [{ id: 'Motor', at: [-440, 0, 40] as [number, number, number], on: 'frame' as const }];
    const long = openBoxPlace({ ...facts, controller: { ...facts.controller!, plugs }, cables: { anchors } })!;
    const near = { at: [-220, 60] as Point, turnDeg: 0 };
    expect(stops(long.placedAt(near))).not.toContain('plug-straight.Motor');
    const straight = Math.hypot(-440 - 100, 0 - 300, 40) - 60;
    expect(long.placedAt({ at: [100, 300], turnDeg: 0 }).findings).toContainEqual(
      expect.objectContaining({ id: 'plug-straight.Motor', verdict: 'stop', limit: expect.closeTo(straight, 6) }),
    );
  });
});

describe('the controller of a bike', () => {
  it('is none while nothing is written down, and as it is told while nobody has put it anywhere', () => {
    expect(controllerOfBike({})).toBeNull();
    expect(controllerOfBike(facts)!.verdict).toBe('goes');
  });

  it('has its air measured where it lies, and of two figures the smaller', () => {
    const { gaps: _, ...unseen } = facts.controller!;
    const without = { ...facts, controller: unseen };
    expect(controllerOfBike(without)!.verdict).toBe('unknown');
    const put = { ...without, bay: { ...facts.bay, box: open.usual } };
    expect(controllerOfBike(put)!.findings.find(({ id }) => id === 'air.below')!.verdict).not.toBe('unknown');
    const tight = { ...facts, bay: put.bay, controller: { ...facts.controller!, gaps: { belowMm: 1, aroundMm: 1 } } };
    expect(controllerOfBike(tight)!.findings.find(({ id }) => id === 'air.below')!.measured).toBe(1);
  });

  it('stops where it is kept in the way of something', () => {
    const put = { ...facts, bay: { ...facts.bay, box: { at: [190, 240] as [number, number], turnDeg: 45 } } };
    expect(controllerOfBike(put)!.verdict).toBe('stop');
  });
});
