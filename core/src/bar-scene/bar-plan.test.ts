import { handlebar, type BarPart } from '../handlebar';

import { barPlan, placeOnBar } from './bar-plan';

const room = { straightMm: { left: 200, right: 180 }, centreMm: 80 };
const parts: BarPart[] = [
  { id: 'left grip', kind: 'grip', widthMm: 120, side: 'left' },
  { id: 'right grip', kind: 'grip', widthMm: 120, side: 'right' },
  { id: 'lever', kind: 'lever', widthMm: 20, side: 'right' },
  { id: 'display', kind: 'display', widthMm: 50, side: 'centre' },
  { id: 'light', kind: 'light', widthMm: 20, side: 'centre' },
];
const [layout] = handlebar({ bar: room, parts }).layouts;

describe('the bar from above', () => {
  it('lies from the rider’s left to the right, to scale', () => {
    const { barMm, blocks, fromMm, toMm } = barPlan(room, parts, layout!);
    expect(barMm).toEqual([0, 200, 280, 460]);
    expect([fromMm, toMm]).toEqual([0, 460]);
    const at = (number: number) => blocks.find((block) => block.number === number)!;
    expect(at(1)).toMatchObject({ fromMm: 0, toMm: 120, side: 'left' });
    expect(at(2)).toMatchObject({ fromMm: 340, toMm: 460, side: 'right' });
    expect(at(3)).toMatchObject({ fromMm: 320, toMm: 340, side: 'right' });
  });

  it('has what is in the middle about the stem, side by side', () => {
    const centre = barPlan(room, parts, layout!).blocks.filter(({ side }) => side === 'centre');
    // 50 + 4 + 20 of 80: three millimetres at both sides.
    expect(centre.map(({ fromMm, toMm }) => [fromMm, toMm])).toEqual([
      [203, 253],
      [257, 277],
    ]);
  });

  it('is longer where a grip overhangs, and its palms go along', () => {
    const tight = { straightMm: { left: 115, right: 140 }, centreMm: 80 };
    const [over] = handlebar({ bar: tight, parts }).layouts;
    const scene = barPlan(tight, parts, over!);
    expect(scene.fromMm).toBe(-5);
    expect(scene.blocks[0]).toMatchObject({ fromMm: -5, toMm: 115 });
    expect(scene.palmsMm[0]).toEqual([-5, 90]);
  });

  it('marks where a grip is cut, at its inner end', () => {
    const long: BarPart[] = parts.map((part) =>
      part.kind === 'grip' ? { ...part, widthMm: 170, minWidthMm: 90 } : part,
    );
    const [cut] = handlebar({ bar: { ...room, straightMm: { left: 160, right: 180 } }, parts: long }).layouts;
    expect(cut!.cuts.length).toBeGreaterThan(0);
    const { blocks } = barPlan(room, long, cut!);
    for (const { id, mm } of cut!.cuts) expect(blocks.find((block) => block.id === id)!.cutMm).toBe(mm);
    expect(blocks.filter(({ cutMm }) => cutMm !== undefined)).toHaveLength(cut!.cuts.length);
  });

  it('is the bar alone while nothing is arranged', () => {
    expect(barPlan(room, parts, null)).toMatchObject({ blocks: [], palmsMm: [], fromMm: 0, toMm: 460 });
  });

  it('tells where a part that is pushed comes to stand', () => {
    const scene = barPlan(room, parts, layout!);
    // In the left half, behind the grip; beyond the bend in the middle; at the right between grip and lever.
    expect(placeOnBar(scene, 'lever', 150)).toEqual({ side: 'left', at: 1 });
    expect(placeOnBar(scene, 'lever', 30)).toEqual({ side: 'left', at: 0 });
    expect(placeOnBar(scene, 'lever', 255)).toEqual({ side: 'centre', at: 1 });
    expect(placeOnBar(scene, 'light', 335)).toEqual({ side: 'right', at: 1 });
    expect(placeOnBar(scene, 'light', 300)).toEqual({ side: 'right', at: 2 });
  });
});
