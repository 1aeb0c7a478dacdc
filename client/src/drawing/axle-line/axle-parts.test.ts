import { axleStack, type AxleStackInput } from '@cricket/core/axle-stack';
import type { Wheel } from '@cricket/core/parts';

import { axleLayout, type AxleLineData } from './axle-parts';
import { leaderLabels } from './leader-labels';
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
  wheel: { nutFlangeMm: 22, rotorDiameterMm: 160 } as Wheel,
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
