import { batteryBay, frameSpots } from '../battery-bay';
import { batteryBayExample } from '../../calc/examples';
import type { BikeFacts } from '../bike-facts';
import { isInside } from '../plane';
import { bayOfBike, outlineOf, type FrameThing } from '.';

const { tubes, bosses, battery, rail, insert, key, pedal } = batteryBayExample;
const facts: BikeFacts = {
  frame: { tubes, bosses, inWay: [], pedal },
  bay: { pack: { of: 'supplied', battery, rail, insert, key } },
};
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;
const verdictOf = (of: BikeFacts) => {
  const bay = bayOfBike(of);
  if (bay.kind !== 'open') throw new Error(bay.kind);
  return bay.result.verdict;
};

describe('the room for a battery in a bike', () => {
  it('waits for tubes and pack', () => {
    expect(bayOfBike({})).toEqual({ kind: 'waiting', isFrameKnown: false, isPackKnown: false });
    expect(bayOfBike({ frame: { tubes } })).toMatchObject({ isFrameKnown: true, isPackKnown: false });
    const crooked = { ...tubes, down: { ...tubes.down, lengthMm: 5 }, top: { ...tubes.top, lengthMm: 1500 } };
    expect(bayOfBike({ ...facts, frame: { tubes: crooked } })).toEqual({ kind: 'no-frame' });
  });

  it('is what the calculator says of the same figures', () => {
    const bay = bayOfBike(facts);
    if (bay.kind !== 'open') throw new Error(bay.kind);
    expect(bay.result.verdict).toBe('goes');
    expect(bay.result.chosen).toEqual(batteryBay(bay.input).chosen);
    expect(bay.laidAt(bay.result.chosen!.fromMm).verdict).toBe('goes');
  });

  it('never gets better by knowing less', () => {
    const known = rank[verdictOf(facts)];
    for (const name of ['bosses', 'inWay', 'pedal'] as const) {
      const { [name]: _, ...less } = facts.frame!;
      expect(rank[verdictOf({ ...facts, frame: less })]).toBeGreaterThanOrEqual(known);
    }
    expect(verdictOf({ ...facts, frame: { tubes, bosses, pedal } })).toBe('unknown');
    const { kneeMm: _, ...less } = pedal!;
    expect(verdictOf({ ...facts, frame: { ...facts.frame, pedal: less } })).toBe('unknown');
  });

  it('is not known for a pack that was not measured', () => {
    const substitute = { ...facts, job: { pack: 'substitute' as const } };
    expect(verdictOf(substitute)).toBe('unknown');
    const bay = bayOfBike(substitute);
    if (bay.kind !== 'open') throw new Error(bay.kind);
    expect(bay.laidAt(bay.result.chosen!.fromMm).verdict).toBe('unknown');
    expect(verdictOf({ ...substitute, bay: { pack: { ...facts.bay!.pack!, of: 'substitute' } } })).toBe('goes');
  });

  it('keeps clear of a shock at both ends of its travel, and in between', () => {
    const seatSpot = (alongMm: number, offMm: number) => ({ tube: 'seat' as const, alongMm, offMm });
    const shock: FrameThing = {
      kind: 'long',
      id: 'shock',
      from: seatSpot(150, 20),
      to: seatSpot(170, 170),
      thickMm: 40,
      moved: { from: seatSpot(150, 20), to: seatSpot(240, 110) },
    };
    const spots = frameSpots(tubes)!;
    const { polygon, moving } = outlineOf(shock, spots);
    const middle = spots.at('seat', 160, 95);
    expect(isInside(middle, polygon)).toBe(true);
    expect(isInside(spots.at('seat', 195, 65), moving!.to)).toBe(true);
    // It turns by about 37°: at least every 8° of it stands between.
    expect(moving!.via!.length).toBeGreaterThanOrEqual(4);
    const stopped = { ...facts, frame: { ...facts.frame, inWay: [shock] } };
    expect(rank[verdictOf(stopped)]).toBeGreaterThanOrEqual(rank[verdictOf(facts)]);
    const still = bayOfBike({ ...stopped, frame: { ...stopped.frame, inWay: [{ ...shock, moved: undefined }] } });
    const moved = bayOfBike(stopped);
    if (still.kind !== 'open' || moved.kind !== 'open') throw new Error('not open');
    const room = (bay: typeof still) => bay.result.intervals.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0);
    expect(room(moved)).toBeLessThanOrEqual(room(still));
  });

  it('covers a round thing wholly', () => {
    const spots = frameSpots(tubes)!;
    const { polygon } = outlineOf(
      { kind: 'round', id: 'bolt', at: { tube: 'down', alongMm: 300, offMm: 40 }, diameterMm: 30 },
      spots,
    );
    const [x, y] = spots.at('down', 300, 40);
    for (let turn = 0; turn < 360; turn += 7) {
      const angle = (turn * Math.PI) / 180;
      expect(isInside([x + 14.999 * Math.cos(angle), y + 14.999 * Math.sin(angle)], polygon)).toBe(true);
    }
  });
});
