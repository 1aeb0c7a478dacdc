import fc from 'fast-check';

import type { InputError } from '../input';
import { cableRuns, type Body, type CableRunsInput, type Spot } from '.';
import { say } from '../english.testing';

const radians = (deg: number) => (deg * Math.PI) / 180;

const plain: CableRunsInput = {
  head: { point: [400, 500, 0], angleDeg: 72, lockDeg: { left: 60, right: 50 } },
  forkTravelMm: 60,
  rearTravel: { pivot: [-20, 40, 0], deg: 12 },
  anchors: {
    lever: { at: [330, 640, 200], on: 'bar' },
    stem: { at: [395, 600, 10], on: 'bar' },
    headTube: { at: [370, 520, 35], on: 'frame', room: true },
    down: { at: [200, 300, 30], on: 'frame' },
    box: { at: [40, 120, 40], on: 'frame' },
    crown: { at: [415, 430, 40], on: 'fork' },
    dropout: { at: [560, 10, 60], on: 'fork', axleExit: true },
    stay: { at: [-200, 20, 60], on: 'swingarm' },
  },
  cables: [{ id: 'brake', path: ['lever', 'headTube', 'down', 'box'], suppliedMm: 1500, plug: 'two-pin' }],
  extensions: [],
  discs: [
    { id: 'front wheel', centre: [560, 5, 0], radiusMm: 340, halfWidthMm: 25, on: 'fork' },
    { id: 'rotor', centre: [560, 5, -40], radiusMm: 90, halfWidthMm: 2, on: 'fork' },
    { id: 'rear wheel', centre: [-450, 10, 0], radiusMm: 340, halfWidthMm: 25, on: 'swingarm' },
  ],
  crank: { radiusMm: 190, halfWidthMm: 65 },
};

const runOf = (input: CableRunsInput, at = 0) => cableRuns(input).cables[at]!;
const along = (
  path: string[],
  more: Partial<CableRunsInput> = {},
  cable: Partial<CableRunsInput['cables'][number]> = {},
) => runOf({ ...plain, ...more, cables: [{ id: 'x', path, suppliedMm: 5000, ...cable }] });
const apart = (a: Spot, b: Spot) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** Turning by the vector formula, not by height, radius and angle. */
function turned(at: Spot, about: Spot, axis: Spot, deg: number): Spot {
  const v = at.map((x, i) => x - about[i]!) as Spot;
  const [c, s] = [Math.cos(radians(deg)), Math.sin(radians(deg))];
  const cross: Spot = [
    axis[1] * v[2] - axis[2] * v[1],
    axis[2] * v[0] - axis[0] * v[2],
    axis[0] * v[1] - axis[1] * v[0],
  ];
  const dot = axis[0] * v[0] + axis[1] * v[1] + axis[2] * v[2];
  return v.map((x, i) => about[i]! + x * c + cross[i]! * s + axis[i]! * dot * (1 - c)) as Spot;
}

function placed(input: CableRunsInput, on: Body, at: Spot, steer: number, travel: number, swing: number): Spot {
  const { head, rearTravel } = input;
  const axis: Spot = [-Math.cos(radians(head.angleDeg)), Math.sin(radians(head.angleDeg)), 0];
  if (on === 'frame') return at;
  // What lies behind the pivot goes up: backwards about z.
  if (on === 'swingarm') return turned(at, rearTravel!.pivot, [0, 0, -1], swing);
  const slid = on === 'fork' ? (at.map((x, i) => x + axis[i]! * travel) as Spot) : at;
  return turned(slid, head.point, axis, steer);
}

function* settings(input: CableRunsInput, steps: number) {
  const { head, forkTravelMm, rearTravel } = input;
  const spread = (from: number, to: number, count = steps) =>
    from === to ? [from] : Array.from({ length: count + 1 }, (_, at) => from + ((to - from) * at) / count);
  for (const steer of spread(-head.lockDeg.right, head.lockDeg.left)) {
    for (const travel of spread(0, forkTravelMm, Math.ceil(steps / 4))) {
      for (const swing of spread(0, rearTravel?.deg ?? 0, Math.ceil(steps / 4))) yield [steer, travel, swing] as const;
    }
  }
}

describe('the length of a span', () => {
  it('that is still is its own and a little more', () => {
    const [, still] = runOf(plain).spans;
    const straight = apart(plain.anchors.headTube!.at, plain.anchors.down!.at);
    expect(still).toMatchObject({ moving: false, maxMm: straight, neededMm: straight * 1.03 });
    expect(still!.slackMm).toBeCloseTo(straight * 0.03, 9);
    expect(still!.tightest).toBeUndefined();
  });

  it('bars to the left pull at the right', () => {
    const [moves] = runOf(plain).spans;
    // The lever on the right swings forward and out; with bars turned left it goes away from the head tube.
    expect(moves!.moving).toBe(true);
    expect(moves!.tightest!.steerDeg).toBe(60);
    expect(moves!.neededMm).toBeCloseTo(moves!.maxMm * 1.05 + 50, 9);
  });

  it('feels the fork alone between bar and fork', () => {
    const [span] = along(['stem', 'crown']).spans;
    const at = (travel: number) =>
      apart(plain.anchors.stem!.at, placed(plain, 'fork', plain.anchors.crown!.at, 0, travel, 0));
    // Pressing it in brings the crown nearer to the stem.
    expect(span!.maxMm).toBeCloseTo(Math.max(at(0), at(60)), 9);
    expect(span!.tightest).toEqual({ steerDeg: 0, travelMm: 0, swingDeg: 0 });
  });

  it('is that of the longest of all positions at once', () => {
    const where = fc.record({
      at: fc.tuple(
        fc.integer({ min: -500, max: 600 }),
        fc.integer({ min: 0, max: 700 }),
        fc.integer({ min: -250, max: 250 }),
      ),
      on: fc.constantFrom<Body>('frame', 'bar', 'fork', 'swingarm'),
    });
    fc.assert(
      fc.property(where, where, fc.integer({ min: 0, max: 170 }), (one, other, left) => {
        fc.pre(one.on !== other.on);
        const input: CableRunsInput = {
          ...plain,
          head: { ...plain.head, lockDeg: { left, right: 40 } },
          anchors: { one, other },
          discs: [],
          cables: [{ id: 'x', path: ['one', 'other'], suppliedMm: 0 }],
        };
        const [span] = runOf(input).spans;
        let longest = 0;
        for (const [steer, travel, swing] of settings(input, 44)) {
          const [a, b] = [one, other].map(({ on, at }) => placed(input, on, at, steer, travel, swing)) as [Spot, Spot];
          longest = Math.max(longest, apart(a, b));
        }
        expect(span!.maxMm).toBeGreaterThan(longest - 1e-6);
        expect(span!.maxMm).toBeLessThan(longest + 1);
        const { steerDeg, travelMm, swingDeg } = span!.tightest!;
        const [a, b] = [one, other].map(({ on, at }) => placed(input, on, at, steerDeg, travelMm, swingDeg)) as [
          Spot,
          Spot,
        ];
        expect(apart(a, b)).toBeCloseTo(span!.maxMm, 6);
      }),
      { numRuns: 25, endOnFailure: true },
    );
  });

  it('reaches when the bike is folded', () => {
    const poses = [{ id: 'folded', at: { lever: [-300, 300, 300] as Spot } }];
    const [span] = along(['lever', 'headTube'], { poses }).spans;
    expect(span!.maxMm).toBeCloseTo(apart([-300, 300, 300], plain.anchors.headTube!.at), 9);
    expect(span!.tightest).toEqual({ steerDeg: 0, travelMm: 0, swingDeg: 0, pose: 'folded' });
    const [still] = along(['down', 'box'], { poses: [{ id: 'folded', at: { box: [0, 0, 0] } }] }).spans;
    expect(still!.moving).toBe(true);
  });
});

describe('a cable', () => {
  it('needs its spans, a drip loop and both tails', () => {
    const path = ['headTube', 'down', 'box'];
    const spans = along(path).spans.reduce((sum, { neededMm }) => sum + neededMm, 0);
    expect(along(path).neededMm).toBeCloseTo(spans + 80, 9);
    expect(along(path, {}, { dripLoop: true }).neededMm).toBeCloseTo(spans + 150, 9);
  });

  it('that just reaches goes, one that is a hair short does not', () => {
    const { neededMm } = along(['headTube', 'down']);
    expect(along(['headTube', 'down'], {}, { suppliedMm: neededMm }).verdict).toBe('goes');
    expect(along(['headTube', 'down'], {}, { suppliedMm: neededMm - 0.001 }).verdict).toBe('stop');
  });

  it('takes the fewest extensions with its plug, the shortest, once each', () => {
    const { neededMm } = along(['headTube', 'down']);
    const short = { suppliedMm: neededMm - 100, plug: 'two-pin' };
    const extensions = [
      { id: 'a', lengthMm: 300, plug: 'two-pin' },
      { id: 'b', lengthMm: 180, plug: 'two-pin' },
      { id: 'c', lengthMm: 185, plug: 'three-pin' },
      { id: 'd', lengthMm: 130, plug: 'two-pin' },
    ];
    const one = along(['headTube', 'down'], { extensions }, short);
    // 180 brings 100 beside its own tails: just enough.
    expect(one).toMatchObject({ verdict: 'work', extensions: ['b'], afterMm: expect.closeTo(0, 9) });
    const two = along(
      ['headTube', 'down'],
      { extensions: extensions.slice(1) },
      { ...short, suppliedMm: neededMm - 140 },
    );
    expect(two).toMatchObject({ extensions: ['b', 'd'], afterMm: expect.closeTo(10, 9) });
    const cables = ['first', 'second', 'third'].map((id) => ({ id, path: ['headTube', 'down'], ...short }));
    const runs = cableRuns({ ...plain, extensions, cables }).cables;
    expect(runs.map((run) => run.extensions)).toEqual([['b'], ['a'], undefined]);
    expect(runs[2]!.verdict).toBe('stop');
    const { plug: _, ...noPlug } = short;
    expect(along(['headTube', 'down'], { extensions }, noPlug).verdict).toBe('stop');
  });

  it('that is long is coiled where there is room on the frame', () => {
    const { neededMm } = along(['headTube', 'down']);
    expect(along(['headTube', 'down'], {}, { suppliedMm: neededMm + 50 }).coilAt).toBeUndefined();
    expect(along(['headTube', 'down'], {}, { suppliedMm: neededMm + 50.1 })).toMatchObject({
      coilAt: 'headTube',
      verdict: 'goes',
    });
    const nowhere = along(['down', 'box'], {}, { suppliedMm: 2000 });
    expect(nowhere.coilAt).toBeUndefined();
    expect(nowhere.verdict).toBe('work');
  });

  it('is tied at every anchor and along what is still', () => {
    const run = runOf(plain);
    const [first, second, third] = run.spans.map(({ neededMm }) => neededMm) as [number, number, number];
    const even = (from: number, length: number) => {
      const pieces = Math.ceil(length / 150);
      return Array.from({ length: pieces - 1 }, (_, at) => from + ((at + 1) * length) / pieces);
    };
    const expected = [
      0,
      first,
      ...even(first, second),
      first + second,
      ...even(first + second, third),
      first + second + third,
    ];
    expect(run.tiesMm).toEqual(expected.map((mm) => expect.closeTo(mm, 6)));
  });

  it('is held twice where it leaves the axle', () => {
    const still = along(['crown', 'dropout']);
    expect(still.tiesMm.slice(-2)).toEqual([
      expect.closeTo(still.spans[0]!.neededMm - 30, 6),
      expect.closeTo(still.spans[0]!.neededMm, 6),
    ]);
    const alone = cableRuns({
      ...plain,
      discs: [],
      cables: [{ id: 'x', path: ['down', 'dropout'], suppliedMm: 1000 }],
    });
    expect(alone.findings.find(({ id }) => id === 'axle-tie.x.dropout')).toMatchObject({ verdict: 'work' });
  });
});

describe('keeping away', () => {
  it('is told by hand beside a disc and the cranks', () => {
    const anchors: CableRunsInput['anchors'] = {
      a: { at: [0, 300, 0], on: 'frame' },
      b: { at: [100, 300, 0], on: 'frame' },
      low: { at: [0, 100, 68], on: 'frame' },
      lower: { at: [50, 100, 60], on: 'frame' },
    };
    const discs: CableRunsInput['discs'] = [
      { id: 'ring', centre: [50, 200, 0], radiusMm: 60, halfWidthMm: 3, on: 'frame' },
    ];
    const over = along(['a', 'b'], { anchors, discs });
    expect(over.spans[0]).toMatchObject({ nearestTo: 'ring', nearestMm: expect.closeTo(40, 4) });
    const cranks = along(['low', 'lower'], { anchors, discs: [] });
    expect(cranks.spans[0]).toMatchObject({ nearestTo: 'crank', nearestMm: 0 });
    expect(cranks.verdict).toBe('stop');
    const beside = along(['lower', 'b'], { anchors, discs: [] });
    expect(beside.spans[0]).toMatchObject({ nearestTo: 'crank', nearestMm: expect.closeTo(5, 4) });
  });

  it('holds over every movement', () => {
    const pairs: [string, string][] = [
      ['headTube', 'dropout'],
      ['lever', 'down'],
      ['box', 'stay'],
      ['crown', 'dropout'],
      ['stay', 'crown'],
    ];
    for (const [one, other] of pairs) {
      const [span] = along([one, other]).spans;
      let least = Infinity;
      for (const [steer, travel, swing] of settings(plain, 20)) {
        const at = (on: Body, spot: Spot) => placed(plain, on, spot, steer, travel, swing);
        const [from, to] = [one, other].map((id) => at(plain.anchors[id]!.on, plain.anchors[id]!.at)) as [Spot, Spot];
        for (let share = 0; share <= 1; share += 0.04) {
          const point = from.map((x, i) => x + share * (to[i]! - x)) as Spot;
          for (const disc of plain.discs) {
            const centre = at(disc.on, disc.centre);
            const beside = at(disc.on, [disc.centre[0], disc.centre[1], disc.centre[2] + 1]);
            const z = point.reduce((sum, x, i) => sum + (x - centre[i]!) * (beside[i]! - centre[i]!), 0);
            const r = Math.sqrt(Math.max(0, apart(point, centre) ** 2 - z * z));
            least = Math.min(
              least,
              Math.hypot(Math.max(0, r - disc.radiusMm), Math.max(0, Math.abs(z) - disc.halfWidthMm)),
            );
          }
          const { radiusMm, halfWidthMm } = plain.crank;
          const out = Math.max(0, Math.hypot(point[0], point[1]) - radiusMm);
          least = Math.min(least, Math.hypot(out, Math.max(0, halfWidthMm - Math.abs(point[2]))));
        }
      }
      expect(span!.nearestMm).toBeLessThan(least + 1e-3);
      expect(span!.nearestMm).toBeGreaterThan(least - 8);
    }
  });

  it('the chain is a room of its own', () => {
    const chain: CableRunsInput['chain'] = {
      loop: [
        [-400, -40],
        [0, -90],
        [0, 90],
        [-400, 40],
      ],
      zMm: [30, 50],
    };
    const anchors: CableRunsInput['anchors'] = {
      ...plain.anchors,
      inside: { at: [-200, 0, 0], on: 'frame' },
      outside: { at: [-200, 0, 90], on: 'frame' },
      above: { at: [-200, 120, 40], on: 'frame' },
      round: { at: [-200, 300, 0], on: 'frame' },
      far: { at: [-250, 320, 90], on: 'frame' },
    };
    const through = cableRuns({
      ...plain,
      chain,
      anchors,
      discs: [],
      cables: [{ id: 'x', path: ['inside', 'outside'], suppliedMm: 500 }],
    });
    expect(through.findings.map(({ id }) => id)).toContain('chain.x.inside-outside');
    expect(through.verdict).toBe('stop');
    const over = cableRuns({
      ...plain,
      chain,
      anchors,
      discs: [],
      cables: [{ id: 'x', path: ['round', 'above', 'far'], suppliedMm: 900 }],
    });
    expect(over.findings.map(({ id }) => id).filter((id) => id.startsWith('chain'))).toEqual([]);
  });

  it('a better anchor is one that keeps both pieces away, with the least cable', () => {
    const anchors: CableRunsInput['anchors'] = {
      a: { at: [-100, 300, 0], on: 'frame' },
      b: { at: [100, 300, 0], on: 'frame' },
      near: { at: [0, 320, 0], on: 'frame' },
      high: { at: [0, 400, 0], on: 'frame' },
      higher: { at: [0, 500, 0], on: 'frame' },
      nut: { at: [0, 390, 0], on: 'frame', underNut: true },
    };
    const discs: CableRunsInput['discs'] = [
      { id: 'ring', centre: [0, 280, 0], radiusMm: 60, halfWidthMm: 3, on: 'frame' },
    ];
    const run = along(['a', 'b'], { anchors, discs });
    expect(run.spans[0]).toMatchObject({ nearestMm: 0, nearestTo: 'ring', better: 'high' });
    expect(along(['a', 'high', 'b'], { anchors, discs }).spans.every(({ nearestMm }) => nearestMm >= 10)).toBe(true);
    const under = along(['a', 'nut', 'b'], { anchors, discs });
    expect(under.verdict).toBe('stop');
  });

  it('slack that could bow into a wheel is to be guided', () => {
    const found = cableRuns({
      ...plain,
      cables: [{ id: 'x', path: ['headTube', 'crown'], suppliedMm: 700, minBendMm: 150 }],
    }).findings;
    const beside = found.find(({ id }) => id.startsWith('keep-away'));
    expect(beside).toMatchObject({ verdict: 'goes' });
    expect(beside!.remedies.map(say).join()).toContain('Guide its slack');
  });
});

describe('properties', () => {
  it('more lock, more travel, a shorter cable, a wider berth never help', () => {
    const rank = { goes: 0, work: 1, unknown: 2, stop: 3 };
    const worse = (one: Partial<CableRunsInput>, other: Partial<CableRunsInput>) =>
      rank[cableRuns({ ...plain, ...other }).verdict] >= rank[cableRuns({ ...plain, ...one }).verdict];
    fc.assert(
      fc.property(
        fc.integer({ min: 900, max: 1400 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 1, max: 40 }),
        (suppliedMm, lock, more) => {
          const cables = [{ id: 'x', path: ['lever', 'headTube', 'down', 'box'], suppliedMm }];
          const head = (deg: number) => ({ ...plain.head, lockDeg: { left: deg, right: deg } });
          const open = { limits: { coilMm: 5000 } };
          expect(worse({ ...open, cables, head: head(lock) }, { ...open, cables, head: head(lock + more) })).toBe(true);
          const shorter = [{ ...cables[0]!, suppliedMm: suppliedMm - more }];
          expect(worse({ ...open, cables }, { ...open, cables: shorter })).toBe(true);
          const wide = { limits: { coilMm: 5000, keepAwayMm: 10 + more } };
          expect(worse({ ...open, cables }, { ...wide, cables })).toBe(true);
          const path = [{ id: 'y', path: ['headTube', 'crown'], suppliedMm: 300 }];
          expect(worse({ ...open, cables: path }, { ...open, cables: path, forkTravelMm: 60 + more })).toBe(true);
        },
      ),
      { numRuns: 4, endOnFailure: true },
    );
  });
});

describe('input that contradicts itself', () => {
  const refused = (more: Partial<CableRunsInput>) => {
    try {
      cableRuns({ ...plain, ...more });
    } catch (error) {
      return (error as InputError).path;
    }
    return null;
  };

  it('is refused by field', () => {
    expect(refused({ cables: [{ id: 'x', path: ['lever', 'nowhere'], suppliedMm: 1 }] })).toBe('cables.0.path.1');
    expect(refused({ cables: [{ id: 'x', path: ['lever', 'constructor'], suppliedMm: 1 }] })).toBe('cables.0.path.1');
    expect(refused({ cables: [{ id: 'x', path: ['lever'], suppliedMm: 1 }] })).toBe('cables.0.path');
    expect(refused({ cables: [plain.cables[0]!, plain.cables[0]!] })).toBe('cables.1.id');
    expect(refused({ poses: [{ id: 'p', at: { nowhere: [0, 0, 0] } }] })).toBe('poses.0.at.nowhere');
    const { rearTravel: _, ...stiff } = plain;
    expect(() => cableRuns(stiff)).toThrow('rearTravel');
    expect(refused({ forkTravelMm: -1 })).toBe('forkTravelMm');
  });
});
