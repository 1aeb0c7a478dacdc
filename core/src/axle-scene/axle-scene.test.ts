import { axleStack, type AxleStackInput } from '../axle-stack';
import type { Wheel } from '../parts';

import { axleLayout, type AxleLineData } from './axle-parts';
import { leaderLabels, svgText, type SceneTones, type Shape } from '../scene';
import { axleScene } from './axle-scene';
import { clashes } from './clashes';
import { viewBox } from './view-box';

const input: AxleStackInput = {
  spacingMm: 100,
  material: 'steel',
  plateMm: { left: 5, right: 6 },
  hub: { shoulderWidthMm: 92, rimOffsetMm: 0.5, axleMm: { left: 36, right: 38 }, threadMm: 12, rotorFaceMm: 6 },
  want: { rotorFaceMm: 10.5 },
  outside: { left: [{ id: 'arm-6', thicknessMm: 6 }], right: [{ id: 'c-washer-17x2', thicknessMm: 2 }] },
  nutMm: 9,
  tabs: { left: true, right: true },
  washers: [
    { id: 'tabbed-2.5', kind: 'tabbed', thicknessMm: 2.5, count: 4 },
    { id: 'plain-1', kind: 'plain', thicknessMm: 1, count: 4 },
    { id: 'plain-2', kind: 'plain', thicknessMm: 2, count: 4 },
  ],
  rotorShims: [],
};
const data: AxleLineData = {
  wheel: { nutFlangeMm: 22, rotorDiameterMm: 160, coverDiameterMm: 200, coverWidthMm: 60 } as Wheel,
  input,
  stack: axleStack(input).stacks[0]!,
  outside: {
    left: [{ id: 'arm-6', kind: 'arm', thicknessMm: 6 }],
    right: [{ id: 'c-washer-17x2', kind: 'c-washer', thicknessMm: 2 }],
  },
  lips: { left: null, right: null },
  onLip: { left: false, right: false },
};

describe('the axle line', () => {
  const layout = axleLayout(data);

  it('lays the parts end to end, left to right, without gap or overlap', () => {
    for (const side of ['left', 'right'] as const) {
      const parts = layout.parts.filter((part) => part.side === side);
      for (let i = 1; i < parts.length; i++) expect(parts[i]!.fromMm).toBeCloseTo(parts[i - 1]!.toMm, 9);
    }
    expect(layout.parts.map(({ kind }) => kind)).toEqual([
      'nut',
      'arm',
      'plate',
      'tabbed',
      ...Array(data.stack.left.inside.length - 1).fill('plain'),
      ...Array(data.stack.right.inside.length - 1).fill('plain'),
      'tabbed',
      'plate',
      'c-washer',
      'nut',
    ]);
  });

  it('shows the same figures as the stack: spread, rim, thread, rotor', () => {
    const { left, right } = layout.faces;
    expect(right - left - input.spacingMm).toBeCloseTo(data.stack.spreadMm, 9);
    expect(layout.rimMm - layout.middleMm).toBeCloseTo(data.stack.rimOffsetMm, 9);
    expect(layout.parts[0]!.fromMm - layout.ends.left).toBeCloseTo(data.stack.threadLeftMm.left, 9);
    expect(layout.ends.right - layout.parts.at(-1)!.toMm).toBeCloseTo(data.stack.threadLeftMm.right, 9);
    expect(layout.rotor!.toMm - layout.rotor!.wantedToMm).toBeCloseTo(data.stack.rotorErrorMm, 9);
  });

  it('draws an end close up at five pixels a millimetre or more on a phone', () => {
    for (const view of ['left', 'right'] as const) {
      const { leftMm, rightMm } = viewBox(layout, view, 390, 270);
      expect(390 / (rightMm - leftMm)).toBeGreaterThan(5);
    }
  });
});

describe('leader labels', () => {
  it('never cover one another', () => {
    const labels = leaderLabels(
      [10, 20, 30, 40, 200, 205].map((at) => ({ at, text: 'washer 1.5' })),
      390,
    );
    const spans = labels.map(({ textAt, text, row }) => ({
      row,
      from: textAt - (text.length * 6.9) / 2,
      to: textAt + (text.length * 6.9) / 2,
    }));
    spans.forEach((one, i) =>
      spans.slice(i + 1).forEach((other) => {
        if (one.row === other.row) expect(one.to <= other.from || other.to <= one.from).toBe(true);
      }),
    );
    for (const { from, to } of spans) {
      expect(from).toBeGreaterThanOrEqual(0);
      expect(to).toBeLessThanOrEqual(390);
    }
  });
});

/** Every shape, those in groups as well. */
const flat = (shapes: readonly Shape[]): Shape[] =>
  shapes.flatMap((shape) => (shape.shape === 'group' ? [shape, ...flat(shape.shapes)] : [shape]));
const texts = (shapes: readonly Shape[]) =>
  flat(shapes).flatMap((shape) => (shape.shape === 'text' ? [shape.text] : []));
const look = { width: 390, height: 270, figure: (mm: number) => mm.toFixed(1) };

describe('the drawing of the axle', () => {
  const layout = axleLayout(data);

  it('has every part to be picked up, and dimensions the spacing as it was measured', () => {
    const { shapes } = axleScene(data, { ...look, view: 'whole' });
    const picks = flat(shapes).flatMap((shape) => (shape.shape === 'group' ? [shape.picks] : []));
    expect([...picks].sort()).toEqual(layout.parts.map(({ key }) => key).sort());
    expect(texts(shapes)).toEqual(['100.0']);
  });

  it('names the parts of the end that it is close to, and on paper all of them, under the drawing', () => {
    const nameOf = ({ kind }: { kind: string }) => kind;
    const close = axleScene(data, { ...look, view: 'left', nameOf });
    expect(texts(close.shapes).sort()).toEqual(
      layout.parts
        .flatMap(({ side, kind, thicknessMm }) => (side === 'left' ? [`${kind} ${thicknessMm.toFixed(1)}`] : []))
        .sort(),
    );
    expect(close.height).toBe(270);
    const paper = axleScene(data, { ...look, width: 515, height: 150, view: 'whole', nameOf });
    expect(texts(paper.shapes)).toHaveLength(layout.parts.length + 1);
    // The sheet grows by what the names need.
    expect(paper.height).toBeGreaterThan(150);
    for (const shape of flat(paper.shapes)) if (shape.shape === 'text') expect(shape.y).toBeLessThan(paper.height);
  });

  it('lights the part in hand, and that one alone', () => {
    const [nut] = layout.parts;
    const inHand = (selected: string | null) =>
      flat(axleScene(data, { ...look, view: 'whole', selected }).shapes).filter(
        (shape) => shape.shape === 'rect' && shape.strokeWidth === 2.5,
      );
    expect(inHand(null)).toEqual([]);
    expect(inHand(nut!.key)).toMatchObject([{ fill: 'lime' }]);
  });

  it('hatches what does not go where it does not: on a lip, past the axle, hub in frame, rotor in caliper', () => {
    const amiss = (change: Partial<AxleLineData>) => {
      const changed = { ...data, ...change };
      return clashes({ layout: axleLayout(changed), data: changed }).length;
    };
    expect(amiss({})).toBe(0);
    expect(
      amiss({ lips: { left: { diameterMm: 20, depthMm: 1 }, right: null }, onLip: { left: true, right: false } }),
    ).toBe(1);
    expect(amiss({ input: { ...input, hub: { ...input.hub, axleMm: { left: 12, right: 38 } } } })).toBe(1);
    expect(amiss({ gapMm: -3 })).toBe(2);
    expect(amiss({ stack: { ...data.stack, rotorErrorMm: 2 } })).toBe(1);
  });

  it('stands alone as a file, with nothing of its names taken for marks', () => {
    const tones: SceneTones = {
      paper: '#1',
      sheet: '#2',
      ink: '#3',
      soft: '#4',
      rule: '#5',
      metal: '#6',
      lime: '#7',
      work: '#8',
      stop: '#9',
    };
    const scene = axleScene(data, { ...look, view: 'right', nameOf: () => '<b>&"' });
    const svg = svgText(scene, tones, 'Sans');
    expect(svg).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" width="390" height="270"/);
    expect(svg).toContain('&lt;b&gt;&amp;&quot;');
    expect(svg).not.toMatch(/NaN|undefined|<b>/);
    expect(svg.match(/<rect|<path|<text/g)!.length).toBeGreaterThanOrEqual(
      flat(scene.shapes).filter(({ shape }) => shape !== 'group').length,
    );
  });
});
