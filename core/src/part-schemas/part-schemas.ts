import type * as v from 'valibot';

import { armKinds } from '../arm-fit';
import { amount, flag, integer, list, maybe, oneOf, optional, record, text } from '../input';
import { kitFactsSchema } from '../kit';
import { armGrades } from '../torque-reaction';
import { storeKinds } from '../parts';

const loosePart = record({
  kind: oneOf(['plain', 'tabbed', 'c-washer', 'spacer', 'stay', 'other']),
  thicknessMm: amount(0.05, 60, 'mm'),
});

const bothSides = <const S extends v.GenericSchema>(schema: S) => record({ left: schema, right: schema });

/** Washers as they come, from the hub outwards. */
export const deliveredSchema = bothSides(list(loosePart, 12));

/** A motor wheel with the kit that it comes in. */
export const wheelSchema = record({
  id: text(60),
  code: text(20),
  soldFor: oneOf(['front', 'rear']),
  drive: oneOf(['geared', 'direct']),
  regen: flag(),
  axle: record({
    threadMm: amount(8, 20, 'mm'),
    flatsMm: amount(5, 18, 'mm'),
    leftMm: amount(5, 120, 'mm'),
    rightMm: amount(5, 120, 'mm'),
    threadFromLeftMm: amount(0, 100, 'mm'),
    threadFromRightMm: amount(0, 100, 'mm'),
  }),
  shoulderWidthMm: amount(40, 200, 'mm'),
  rimOffsetMm: amount(-40, 40, 'mm'),
  rotorFaceMm: maybe(amount(-40, 80, 'mm')),
  smallSprocketMm: maybe(amount(-60, 60, 'mm')),
  nutMm: amount(3, 30, 'mm'),
  nutFlangeMm: amount(10, 50, 'mm'),
  coverDiameterMm: amount(60, 320, 'mm'),
  coverWidthMm: amount(20, 160, 'mm'),
  rotorDiameterMm: maybe(amount(100, 260, 'mm')),
  cableExit: oneOf(['left', 'right']),
  downMark: oneOf(['arrow', 'notch', 'none']),
  beadSeatMm: amount(200, 700, 'mm'),
  delivered: deliveredSchema,
  kit: optional(maybe(kitFactsSchema)),
});

const tyreFacts = record({
  beadSeatMm: amount(150, 700, 'mm'),
  widthMm: amount(15, 130, 'mm'),
  minBar: maybe(amount(0.3, 12, 'bar')),
  maxBar: maybe(amount(0.5, 15, 'bar')),
  loadKg: maybe(amount(20, 400, 'kg')),
  speedKmh: maybe(amount(10, 150, 'km/h')),
  directional: flag(),
});

const armFacts = record({
  kind: oneOf(armKinds),
  lengthMm: amount(20, 400, 'mm'),
  linkMm: maybe(amount(10, 300, 'mm')),
  holeDeg: amount(0, 180, '°'),
  stepDeg: maybe(amount(1, 90, '°')),
  widthMm: amount(5, 60, 'mm'),
  offsetMm: amount(-30, 30, 'mm'),
  bandFromMm: amount(5, 120, 'mm'),
  bandToMm: amount(5, 120, 'mm'),
  grade: oneOf(armGrades),
  fitClearanceMm: amount(0, 2, 'mm'),
});

/** What only some kinds of part have. */
export const storeDetailsSchema = record({
  lengthMm: optional(maybe(amount(1, 330, 'mm'))),
  arm: optional(maybe(armFacts)),
  tyre: optional(maybe(tyreFacts)),
  inboardMm: optional(maybe(amount(0, 60, 'mm'))),
  costEach: optional(maybe(amount(0, 10_000, ''))),
  label: optional(maybe(text(80))),
});

/** A line of the stores. */
export const storeItemSchema = record({
  id: text(60),
  kind: oneOf(storeKinds),
  boreMm: maybe(amount(1, 60, 'mm')),
  outerMm: maybe(amount(6, 320, 'mm')),
  thicknessMm: amount(0.05, 30, 'mm'),
  tabWidthMm: maybe(amount(4, 20, 'mm')),
  tabDepthMm: maybe(amount(0.5, 20, 'mm')),
  count: integer(0, 9999),
  details: optional(maybe(storeDetailsSchema)),
});
