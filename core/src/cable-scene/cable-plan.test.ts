import { cableRuns, type CableRunsInput } from '../cable-runs';

import { cablePlan, movedSpot, seenFrom } from './cable-plan';

const input: CableRunsInput = {
  head: { point: [470, 430, 0], angleDeg: 72, lockDeg: { left: 60, right: 60 } },
  forkTravelMm: 0,
  anchors: {
    bar: { at: [385, 640, -235], on: 'bar' },
    head: { at: [428, 470, -26], on: 'frame', room: true },
    down: { at: [240, 262, -28], on: 'frame' },
  },
  cables: [
    { id: 'throttle', path: ['bar', 'head', 'down'], suppliedMm: 1500 },
    { id: 'other', path: ['head', 'down'], suppliedMm: 500 },
  ],
  extensions: [],
  discs: [{ id: 'wheel', centre: [683, 62, 0], radiusMm: 325, halfWidthMm: 27, on: 'fork' }],
  crank: { radiusMm: 190, halfWidthMm: 75 },
};
const [run] = cableRuns(input).cables;
const straight = { steerDeg: 0, travelMm: 0, swingDeg: 0 };

describe('the plan of the cables', () => {
  const scene = cablePlan(input, run!, straight, 'side', 'all', null);

  it('has every run, the picked one on top, over its places', () => {
    expect(scene.lines.map(({ isPicked }) => isPicked)).toEqual([false, true]);
    expect(scene.lines[1]!.points).toEqual([
      [385, 640],
      [428, 470],
      [240, 262],
    ]);
    expect(scene.anchors.every(({ isOnPath }) => isOnPath)).toBe(true);
  });

  it('has a tie at every place of the run, and as many as were said', () => {
    expect(scene.ties).toHaveLength(run!.tiesMm.length);
    for (const place of scene.lines[1]!.points) {
      expect(Math.min(...scene.ties.map(([x, y]) => Math.hypot(x - place[0], y - place[1])))).toBeLessThan(0.5);
    }
    expect(scene.coil).toEqual([428, 470]);
  });

  it('moves what is on the bars, and nothing else, when they are turned', () => {
    const turned = cablePlan(input, run!, { ...straight, steerDeg: 40 }, 'above', 'all', null);
    const ahead = cablePlan(input, run!, straight, 'above', 'all', null);
    const [bar, head] = turned.anchors;
    expect(bar!.at).not.toEqual(ahead.anchors[0]!.at);
    expect(head!.at).toEqual(ahead.anchors[1]!.at);
  });

  it('shows all of it, or a part', () => {
    const { left, right, bottom, top } = scene.bounds;
    for (const { at } of scene.anchors)
      expect(at[0] > left && at[0] < right && at[1] > bottom && at[1] < top).toBe(true);
    const front = cablePlan(input, run!, straight, 'side', 'front', null).bounds;
    expect(front.right - front.left).toBeLessThan(right - left);
  });

  it.each(['side', 'above'] as const)('puts a place where it was pushed to, seen from %s', (from) => {
    const pushed = movedSpot(from, [10, 20, 30], [5, 7]);
    const [x, y] = seenFrom(from, [10, 20, 30]);
    expect(seenFrom(from, pushed)).toEqual([x + 5, y + 7]);
  });
});
