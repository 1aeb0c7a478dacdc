import { bikeKinds } from '@cricket/contract/shapes';

import { builtOutlines, type Built } from './built-outlines';
import { frameShape, type Point } from './frame-shape';

const built: Built = { battery: 'down', controller: 'frame', pack: null, motorAt: 'rear', coverDiameterMm: 240 };
const shapeOf = (kind: (typeof bikeKinds)[number]) =>
  frameShape({ kind, beadSeatMm: null, wheelbaseMm: null, chainStayMm: null });
const length = (from: Point, to: Point) => Math.hypot(to.x - from.x, to.y - from.y);

describe('what is built onto a bike', () => {
  it('lies in the frame along its tube, as large as it is', () => {
    const shape = shapeOf('upright');
    const { crank, headLow, seat } = shape.inside!;
    for (const [battery, tube] of [
      ['down', headLow],
      ['seat', seat],
    ] as const) {
      const [a, b, c, d] = builtOutlines(shape, { ...built, battery, pack: { lengthMm: 300, heightMm: 80 } })
        .battery as [Point, Point, Point, Point];
      expect([length(a, b), length(b, c), length(c, d)].map(Math.round)).toEqual([300, 80, 300]);
      // Beside the tube, on its inner side.
      const cross = (p: Point) => (tube.x - crank.x) * (p.y - crank.y) - (tube.y - crank.y) * (p.x - crank.x);
      const other = battery === 'down' ? seat : headLow;
      for (const corner of [a, b, c, d]) expect(Math.sign(cross(corner))).toBe(Math.sign(cross(other)));
    }
  });

  it('has its motor in the wheel that it drives, and nothing where nothing is', () => {
    const shape = shapeOf('upright');
    const { motor, battery, controller } = builtOutlines(shape, {
      ...built,
      battery: 'wheel',
      controller: 'built-in',
      motorAt: 'front',
    });
    expect(motor).toEqual({ at: shape.front, radius: 120 });
    expect([battery, controller]).toEqual([null, null]);
  });

  it.each(bikeKinds)('is drawn on a %s', (kind) => {
    const shape = shapeOf(kind);
    for (const battery of ['down', 'seat', 'rack', 'bag'] as const) {
      for (const controller of ['frame', 'bag'] as const) {
        const outlines = builtOutlines(shape, { ...built, battery, controller });
        for (const { x, y } of [...outlines.battery!, ...outlines.controller!]) {
          expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
          expect(y).toBeLessThan(shape.bounds.bottom);
        }
      }
    }
  });
});
