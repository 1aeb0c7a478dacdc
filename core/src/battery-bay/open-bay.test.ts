import { batteryBay, frameSpots, openBay, type BatteryBayInput } from '.';
import { batteryBayExample } from '../../calc/examples';

const bay = openBay(batteryBayExample);
const { result } = bay;

describe('a battery pushed along its tube', () => {
  it('is answered as the calculator answers', () => {
    expect(result).toEqual(batteryBay(batteryBayExample));
  });

  it('has at the chosen place what was chosen', () => {
    const chosen = result.chosen!;
    const laid = bay.laidAt(chosen.fromMm);
    expect(laid).toMatchObject({
      verdict: result.verdict,
      fixing: chosen.fixing,
      bossesMm: chosen.bossesMm,
      clearanceMm: chosen.clearanceMm,
      battery: chosen.corners,
      keyAt: chosen.keyAt,
    });
  });

  it('keeps its distance exactly where the free positions are, and never goes elsewhere', () => {
    let seen = { free: 0, stopped: 0 };
    for (let fromMm = -40; fromMm < 320; fromMm += 1.7) {
      const laid = bay.laidAt(fromMm);
      const isFree = result.intervals.some((each) => fromMm >= each.fromMm && fromMm <= each.toMm);
      const clear = laid.findings.find(({ id }) => id === 'clear')!;
      expect([fromMm, clear.verdict]).toEqual([fromMm, isFree ? 'goes' : 'stop']);
      if (isFree) expect(laid.clearanceMm).toBeGreaterThanOrEqual(5 - 1e-6);
      else expect(laid.verdict).toBe('stop');
      seen = { free: seen.free + Number(isFree), stopped: seen.stopped + Number(!isFree) };
    }
    expect(seen.free).toBeGreaterThan(5);
    expect(seen.stopped).toBeGreaterThan(5);
  });

  it('is held as the bosses under it allow', () => {
    const { bolted } = result;
    expect(bay.laidAt(bolted[0]!.fromMm).fixing).toBe('bolted');
    const without = openBay({ ...batteryBayExample, bosses: [] });
    expect(without.laidAt(without.result.chosen!.fromMm)).toMatchObject({ verdict: 'work', fixing: 'bands' });
    const one = openBay({ ...batteryBayExample, bosses: batteryBayExample.bosses.slice(0, 1) });
    expect(one.laidAt(one.result.chosen!.fromMm)).toMatchObject({ fixing: 'boss-band', bossesMm: [190] });
    const short: BatteryBayInput = { ...batteryBayExample, rail: { lengthMm: 60, heightMm: 12, slotsMm: [] } };
    const loose = openBay(short);
    const free = loose.result.intervals[0]!.fromMm;
    expect(loose.laidAt(free)).toMatchObject({ verdict: 'stop', fixing: null });
  });
});

describe('places in a frame', () => {
  const spots = frameSpots(batteryBayExample.tubes)!;

  it('lie on the inside edges, and as far off them as said', () => {
    const { downHead, headTop, seat } = spots.triangle;
    const at = spots.at('top', Math.hypot(headTop[0] - seat[0], headTop[1] - seat[1]), 0);
    expect(at[0]).toBeCloseTo(headTop[0], 9);
    expect(at[1]).toBeCloseTo(headTop[1], 9);
    expect(spots.at('top', 100, 50)[1]).toBeLessThan(spots.at('top', 100, 0)[1]);
    const [x, y] = spots.at('down', 300, 0);
    // Square off the axis by half of the tube, 300 mm from the bottom bracket centre along it.
    expect(Math.hypot(x, y)).toBeCloseTo(Math.hypot(300, 20), 9);
    expect(spots.at('seat', 200, 30)[0]).toBeGreaterThan(spots.at('seat', 200, 0)[0]);
    expect(downHead[0]).toBeGreaterThan(x);
  });

  it('are none where the tubes enclose nothing', () => {
    const { down, seat, top } = batteryBayExample.tubes;
    expect(frameSpots({ down: { ...down, lengthMm: 5 }, seat, top: { ...top, lengthMm: 1500 } })).toBeNull();
  });
});
