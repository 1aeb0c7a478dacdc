import { bikeKinds } from '@cricket/contract/shapes';

import { frameShape } from './frame-shape';

const usual = { beadSeatMm: null, wheelbaseMm: null, chainStayMm: null };

describe('the side view', () => {
  it.each(bikeKinds)('draws a %s inside its bounds, front to the right', (kind) => {
    const { rear, front, rearRadius, frontRadius, tubes, loads, bounds } = frameShape({ kind, ...usual });
    expect(front.x).toBeGreaterThan(rear.x + rearRadius);
    const points = [...tubes, ...loads].flat();
    expect(points.length).toBeGreaterThan(8);
    for (const { x, y } of points) {
      expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
      expect(y).toBeGreaterThanOrEqual(bounds.top);
      expect(y).toBeLessThanOrEqual(bounds.bottom);
    }
    expect(rear.x - rearRadius).toBeGreaterThanOrEqual(bounds.left);
    expect(front.x + Math.min(frontRadius, 250)).toBeLessThanOrEqual(bounds.right + 100);
  });

  it('follows what was measured', () => {
    const shape = frameShape({ kind: 'upright', beadSeatMm: 406, wheelbaseMm: 1000, chainStayMm: 400 });
    expect(shape.front).toEqual({ x: 1000, y: 0 });
    expect(shape.rearRadius).toBe(406 / 2 + 42);
    // The crank lies one chain stay from the rear axle.
    const crank = shape.tubes[0]![0]!;
    expect(Math.hypot(crank.x, crank.y)).toBeCloseTo(400, 6);
  });

  it('stands both wheels on the same ground', () => {
    for (const kind of bikeKinds) {
      const { front, frontRadius, rear, rearRadius } = frameShape({ kind, ...usual });
      expect(front.y + frontRadius).toBeCloseTo(rear.y + rearRadius, 6);
    }
  });

  it('has the corners of a frame that was measured', () => {
    const size = { kind: 'upright' as const, beadSeatMm: 622, wheelbaseMm: 1080, chainStayMm: 445 };
    const frame = { downHead: [430, 440], headTop: [410, 510], seat: [-120, 460] } as const;
    const { tubes, bounds } = frameShape({ ...size, frame });
    const crank = tubes[0]![0]!;
    const down = tubes.find(([, end]) => end?.x === crank.x && end.y === crank.y && tubes.length > 0)!;
    expect(down[0]).toEqual({ x: crank.x + 430, y: crank.y - 440 });
    expect(tubes.some(([from, to]) => from?.y === crank.y - 510 && to?.x === crank.x - 120)).toBe(true);
    for (const { x, y } of tubes.flat()) expect(x > bounds.left && x < bounds.right && y > bounds.top).toBe(true);
    // Where nobody has measured it is drawn as such frames mostly are.
    expect(frameShape(size)).toEqual(frameShape({ ...size, frame: null }));
  });
});
