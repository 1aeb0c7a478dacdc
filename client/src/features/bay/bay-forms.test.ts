import { bayOfBike, type BayPack, type FrameThing } from '@cricket/core/bay-question';
import type { FieldValues, Resolver } from 'react-hook-form';

import {
  bossesToFields,
  checkBosses,
  checkLegs,
  checkThing,
  checkTubes,
  fieldsToBosses,
  fieldsToLegs,
  fieldsToThing,
  fieldsToTubes,
  legsToFields,
  thingToFields,
  tubesToFields,
} from './bay-forms';
import { boxToFields, checkBox, checkRack, fieldsToBox, fieldsToRack, rackToFields } from './carrier-forms';
import { checkPack, fieldsToPack, packToFields, type PackFields } from './pack-fields';
import { snapped } from './snapped';

const tubes = {
  down: { lengthMm: 575, diameterMm: 40, angleDeg: 45.3 },
  seat: { lengthMm: 430, diameterMm: 32, angleDeg: 73.2 },
  top: { lengthMm: 505, diameterMm: 32, angleDeg: 6.8 },
  head: { lengthMm: 71, diameterMm: 36, angleDeg: 72 },
};
const pack: BayPack = {
  of: 'reused',
  battery: { lengthMm: 360, heightMm: 80, widthMm: 90, massKg: 2.8 },
  rail: {
    lengthMm: 340,
    heightMm: 12,
    offsetMm: 10,
    slotsMm: [
      [20, 80],
      [90.5, 160],
    ],
  },
  insert: { kind: 'tilt', angleDeg: 15, pivot: 'head' },
  key: { at: [60, 70], proudMm: 15 },
};
const seat = (alongMm: number, offMm: number) => ({ tube: 'seat' as const, alongMm, offMm });
const shock: FrameThing = {
  kind: 'long',
  id: 'Shock',
  from: seat(150, 20),
  to: seat(170, 170),
  thickMm: 40,
  moved: { from: seat(150, 20), to: seat(240, 110) },
};

async function errorsOf<T extends FieldValues>(check: Resolver<T>, fields: T): Promise<string[]> {
  const { errors } = await check(fields, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.keys(errors).sort();
}

describe('the figures of a frame and its battery', () => {
  it('come back from their forms as they were', async () => {
    expect(fieldsToTubes(tubesToFields(tubes))).toEqual(tubes);
    expect(await errorsOf(checkTubes, tubesToFields(tubes))).toEqual([]);
    const { head: _, ...three } = tubes;
    expect(fieldsToTubes(tubesToFields(three))).toEqual(three);
    const bosses = [
      { tube: 'down' as const, fromBbMm: 190 },
      { tube: 'down' as const, fromBbMm: 254.5 },
      { tube: 'seat' as const, fromBbMm: 240 },
    ];
    expect(fieldsToBosses(bossesToFields(bosses))).toEqual(bosses);
    expect(fieldsToBosses({ downBosses: '190; 254,5 ', seatBosses: '240' })).toEqual(bosses);
    for (const pedal of [{ qFactorMm: 165 }, { qFactorMm: 165, crankThicknessMm: 12, kneeMm: 150 }]) {
      expect(fieldsToLegs(legsToFields(pedal))).toEqual(pedal);
    }
    for (const thing of [shock, { ...shock, moved: undefined }, roundThing]) {
      expect(fieldsToThing(thingToFields(thing))).toEqual(JSON.parse(JSON.stringify(thing)));
      expect(await errorsOf(checkThing([]), thingToFields(thing))).toEqual([]);
    }
    expect(fieldsToPack(packToFields(pack, 'supplied', undefined))).toEqual(pack);
    const sliding: BayPack = { ...pack, insert: { kind: 'slide', strokeMm: 40, toward: 'bb' } };
    expect(fieldsToPack(packToFields(sliding, 'supplied', 5))).toEqual(sliding);
    const facts = { frame: { tubes, inWay: [shock] }, bay: { pack: fieldsToPack(packToFields(pack, 'reused', 1)) } };
    expect(bayOfBike(facts).kind).toBe('open');
  });

  it('are refused by field', async () => {
    const fields = tubesToFields(tubes);
    expect(await errorsOf(checkTubes, { ...fields, downLength: '2000', seatAngle: '' })).toEqual([
      'downLength',
      'seatAngle',
    ]);
    expect(await errorsOf(checkTubes, { ...fields, headAngle: '' })).toEqual(['headAngle']);
    // They enclose nothing.
    expect(await errorsOf(checkTubes, { ...fields, downLength: '20', topLength: '1200' })).toEqual(['downLength']);
    expect(await errorsOf(checkBosses, { downBosses: '190 x', seatBosses: '9000' })).toEqual([
      'downBosses',
      'seatBosses',
    ]);
    expect(await errorsOf(checkLegs, legsToFields(undefined))).toEqual(['qFactorMm']);
    expect(await errorsOf(checkThing(['Shock']), { ...thingToFields(shock), movedToOff: '', toAlong: '5000' })).toEqual(
      ['id', 'movedToOff', 'toAlong'],
    );
    const given = packToFields(pack, 'supplied', undefined);
    expect(await errorsOf(checkPack, { ...given, slots: '20', keyOff: '' })).toEqual(['keyOff', 'slots']);
    expect(await errorsOf(checkPack, { ...given, slots: '80-20' })).toEqual(['slots']);
    const sliding: PackFields = { ...given, strokeMm: '', insert: 'slide' };
    expect(await errorsOf(checkPack, sliding)).toEqual(['strokeMm']);
  });

  it('offer the weight that the kit states', () => {
    expect(packToFields(undefined, 'supplied', 2.9)).toMatchObject({ of: 'supplied', massKg: '2.9' });
  });
});

const roundThing: FrameThing = {
  kind: 'round',
  id: 'Pivot',
  at: { tube: 'down', alongMm: 120, offMm: 40 },
  diameterMm: 30,
};

describe('rack and controller', () => {
  const rack = {
    rack: { ratedKg: 27, fixings: 4, onSeatPost: false, lengthMm: 380, widthMm: 120 },
    pack: { massKg: 4, lengthMm: 380, widthMm: 130, onRail: true },
    luggageKg: 10,
    straps: [{ holdsN: 80 }, { holdsN: 90 }],
  };
  const open = {
    box: { lengthMm: 120, widthMm: 60, heightMm: 35 },
    lossW: 5,
    airC: 30,
    around: 'open' as const,
    gaps: { belowMm: 12, aroundMm: 6 },
    exits: 'down' as const,
    splashed: false,
    plugs: [],
  };

  it('come back from their forms as they were', async () => {
    expect(fieldsToRack(rackToFields(rack, undefined))).toEqual(rack);
    expect(await errorsOf(checkRack, rackToFields(rack, undefined))).toEqual([]);
    const closed = { ...open, around: 'closed' as const, closedIn: { lengthMm: 200, widthMm: 120, heightMm: 80 } };
    for (const place of [open, closed]) {
      expect(fieldsToBox(boxToFields(place))).toEqual(place);
      expect(await errorsOf(checkBox, boxToFields(place))).toEqual([]);
    }
  });

  it('are refused by field, and know the battery that is measured', async () => {
    expect(rackToFields(undefined, { massKg: 3.4, lengthMm: 330, widthMm: 88 })).toMatchObject({ packMass: '3.4' });
    const fields = rackToFields(rack, undefined);
    expect(await errorsOf(checkRack, { ...fields, fixings: '2,5', straps: '80 x' })).toEqual(['fixings', 'straps']);
    expect(await errorsOf(checkBox, { ...boxToFields(open), aroundMm: '', lossW: '' })).toEqual(['aroundMm', 'lossW']);
  });
});

describe('a battery that is let go', () => {
  const room = { bolted: [{ fromMm: 120, toMm: 130 }], intervals: [{ fromMm: 80, toMm: 240 }] };

  it('falls to its bosses when it is near, into its room when it is nearly there, and stays elsewhere', () => {
    expect(snapped(116, room)).toBe(120);
    expect(snapped(125, room)).toBe(125);
    expect(snapped(110, room)).toBe(110);
    expect(snapped(77, room)).toBe(80);
    expect(snapped(60, room)).toBe(60);
  });
});
