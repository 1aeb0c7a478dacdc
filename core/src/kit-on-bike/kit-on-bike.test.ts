import fc from 'fast-check';

import { inventedKit } from '../fit/invented.testing';
import type { BikeFacts } from '../bike-facts';
import { readInput } from '../input';
import { KitOutfit, type KitFacts } from '../kit';
import { toldBetween } from '../told';
import type { Verdict } from '../verdict';
import { wholeBike } from '../whole-bike';
import { factsWithKit, newToRecord, outfitOf, roomOfKit, withOutfit, type KitStation } from '.';
import { measuredBike } from './measured-bike.testing';

const outfit = outfitOf(measuredBike);
const kit: KitFacts = { ...inventedKit, outfit };
/** The bike before anything of a kit was measured on it. */
const { parts } = measuredBike.bar;
const bare: BikeFacts = {
  frame: measuredBike.frame,
  power: { accessories: [] },
  bar: { room: measuredBike.bar.room, parts: parts.filter(({ kind }) => kind !== 'display') },
};
const of = (rooms: ReturnType<typeof roomOfKit>, station: KitStation) =>
  rooms.find((room) => room.station === station)!;
const severity: Record<Verdict, number> = { goes: 0, work: 1, unknown: 2, stop: 3 };

describe('what a kit brings', () => {
  it('is what was measured of it on a bike, in the words of its record', () => {
    expect(readInput(KitOutfit, outfit)).toEqual(outfit);
    expect(outfit).toMatchObject({
      pack: { battery: measuredBike.bay.pack.battery },
      cells: measuredBike.power.pack.battery,
      bar: [{ id: 'Display' }],
      sensor: { plateMm: 2, startPulses: 6 },
      box: { lossW: 4, watertight: false },
    });
    // Where a part lies is this bike's alone.
    expect(outfit.bar![0]).not.toHaveProperty('nowSide');
    expect(outfitOf({})).toEqual({});
  });

  it('is new to a record as far as that does not have it, or has it otherwise', () => {
    expect(newToRecord(measuredBike, {})).toEqual(Object.keys(outfit));
    expect(newToRecord(measuredBike, { outfit })).toEqual([]);
    const other = { ...outfit, charger: { volts: 42, amps: 3 } };
    expect(newToRecord(measuredBike, { outfit: other })).toEqual(['charger']);
    expect(newToRecord({}, { outfit })).toEqual([]);
  });

  it('has no pack that is the rider’s', () => {
    const { pack, cells, charger, chain } = outfitOf({
      ...measuredBike,
      job: { pack: 'reused' },
      bay: { pack: { ...measuredBike.bay.pack, of: 'reused' } },
      power: { ...measuredBike.power, pack: { ...measuredBike.power.pack, of: 'reused' } },
    });
    expect([pack, cells, charger, chain]).toEqual([undefined, undefined, undefined, undefined]);
  });

  it('is told of the next bike as it stands in the record, and of nothing that was told before', () => {
    const built = withOutfit(bare, outfit);
    expect(built.bay?.pack).toEqual(measuredBike.bay.pack);
    expect(built.power).toEqual(measuredBike.power);
    expect(built.bar?.parts!.map(({ id }) => id)).toContain('Display');
    expect(toldBetween(measuredBike, withOutfit(measuredBike, outfit))).toEqual([]);
    const own = { ...bare, job: { pack: 'reused' as const } };
    expect(withOutfit(own, outfit).bay).toBeUndefined();
    expect(withOutfit(own, outfit).power?.pack).toBeUndefined();
  });

  it('puts no throttle on a bar that is to have none, nor a second one', () => {
    const throttle = { id: 'Left grip', kind: 'throttle-thumb' as const, widthMm: 30, side: 'either' as const };
    const count = (facts: BikeFacts) =>
      withOutfit(facts, { bar: [throttle] }).bar!.parts!.filter(({ kind }) => kind === 'throttle-thumb').length;
    expect(count(bare)).toBe(1);
    expect(count({ ...bare, job: { throttle: 'left-out' } })).toBe(0);
    expect(count({ ...bare, bar: { ...bare.bar, parts: [{ ...throttle, kind: 'throttle-thumb' }] } })).toBe(1);
    // Two parts never have one name.
    const names = withOutfit(bare, { bar: [throttle] }).bar!.parts!.map(({ id }) => id);
    expect(new Set(names).size).toBe(names.length);
  });
});

describe('a kit on a bike before it is ordered', () => {
  it('says of the chosen one what the whole bike says', () => {
    const { stations } = wholeBike(measuredBike, [kit]);
    for (const { station, verdict } of roomOfKit(measuredBike, kit, true)) {
      expect([station, verdict]).toEqual([station, stations.find((each) => each.station === station)!.verdict]);
    }
  });

  it('goes by what was measured of another bike’s kit', () => {
    const rooms = roomOfKit(bare, kit, false);
    expect(of(rooms, 'bay')).toMatchObject({ verdict: 'goes', tube: 'down', waitsFor: null });
    expect(of(rooms, 'power')).toMatchObject({ verdict: 'goes' });
    expect(of(rooms, 'bar')).toMatchObject({ verdict: 'goes' });
    // Nobody has looked at this bike's bottom bracket.
    expect(of(rooms, 'cranks')).toMatchObject({ verdict: 'unknown', waitsFor: 'bike' });
  });

  it('takes nothing from the kit that is chosen now for one that nobody has measured', () => {
    const rooms = roomOfKit(measuredBike, inventedKit, false);
    expect(of(rooms, 'bay')).toMatchObject({ verdict: 'unknown', waitsFor: 'kit' });
    expect(of(rooms, 'power')).toMatchObject({ verdict: 'unknown', waitsFor: 'kit' });
    expect(of(rooms, 'cranks')).toMatchObject({ verdict: 'unknown', waitsFor: 'kit' });
    // It brings a display that nobody has measured.
    expect(of(rooms, 'bar')).toMatchObject({ verdict: 'unknown', decides: { id: 'from-kit' } });
  });

  it('lays a battery that is too long for the one tube on the other', () => {
    const pack = { ...outfit.pack!, battery: { ...outfit.pack!.battery, lengthMm: 300, heightMm: 150 } };
    const bosses = [
      ...measuredBike.frame.bosses,
      ...[100, 200].map((fromBbMm) => ({ tube: 'seat' as const, fromBbMm })),
    ];
    const shock = {
      kind: 'round' as const,
      id: 'Shock',
      at: { tube: 'down' as const, alongMm: 300, offMm: 60 },
      diameterMm: 90,
    };
    const rooms = roomOfKit(
      { ...bare, frame: { ...bare.frame, bosses, inWay: [shock] } },
      { ...kit, outfit: { pack } },
      false,
    );
    const bay = of(rooms, 'bay');
    const each = (['down', 'seat'] as const).map(
      (tube) =>
        wholeBike(
          {
            frame: { ...bare.frame, bosses, inWay: [shock] },
            bay: { pack: { of: 'supplied', ...pack }, at: { tube } },
          },
          [],
        ).stations.find(({ station }) => station === 'bay')!.verdict!,
    );
    expect(severity[bay.verdict]).toBe(Math.min(...each.map((verdict) => severity[verdict])));
  });

  it('asks of the battery where it is to go, and of what the job leaves out nothing', () => {
    const stations = (facts: BikeFacts, change: Partial<KitFacts> = {}) =>
      roomOfKit(facts, { ...kit, ...change }, false).map(({ station }) => station);
    expect(stations({ ...bare, job: { battery: 'rack' } })).toEqual(['bar', 'cranks', 'rack', 'power']);
    expect(stations({ ...bare, job: { battery: 'bag', sensor: 'none' } })).toEqual(['bar', 'power']);
    expect(stations(bare, { controller: { ...kit.controller, topology: 'all-in-wheel' } })).toEqual(['bar', 'cranks']);
  });

  it('never does better by knowing less of the kit', () => {
    const fields = Object.keys(outfit) as (keyof KitOutfit)[];
    const known = roomOfKit(bare, kit, false);
    fc.assert(
      fc.property(fc.subarray(fields), (left) => {
        const less = Object.fromEntries(left.map((name) => [name, outfit[name]])) as KitOutfit;
        for (const { station, verdict } of roomOfKit(bare, { ...kit, outfit: less }, false)) {
          expect(severity[verdict]).toBeGreaterThanOrEqual(severity[of(known, station).verdict]);
        }
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });

  it('builds facts that can be told', () => {
    for (const isChosen of [true, false]) {
      const built = factsWithKit(measuredBike, kit, isChosen);
      expect(built.bay?.pack).toEqual(measuredBike.bay.pack);
      expect(built.cranks).toEqual(measuredBike.cranks);
    }
  });
});
