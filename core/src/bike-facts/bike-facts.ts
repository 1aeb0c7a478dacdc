import type * as v from 'valibot';

import { brakeKinds, leverPulls, surfaces } from '../bike-checks';
import { amount, flag, integer, list, oneOf, optional, record, text } from '../input';
import { lawClassSchema } from '../law';
import { packInsteadSchema } from '../pack-instead';
import { statedTorqueSchema } from '../stated-torques';
import { approvalSchema } from '../torque-reaction';
import { batteryPlaces, nutSchools, schools, sensorKinds, tabSchools, wheelOrders } from '../procedure/kinds';

const brake = record({
  kind: optional(oneOf(brakeKinds)),
  rotorMm: optional(amount(100, 320, 'mm')),
  leverPull: optional(oneOf(leverPulls)),
  caliperPull: optional(oneOf(leverPulls)),
});

/** What stands on the side of the bike's own tyre. */
const sidewall = record({
  loadKg: optional(amount(20, 400, 'kg')),
  speedKmh: optional(amount(10, 150, 'km/h')),
  minBar: optional(amount(0.3, 12, 'bar')),
  maxBar: optional(amount(0.5, 15, 'bar')),
});

/** Weights, wishes and ratings as recorded at take-in; what is not known yet is left out. */
export const bikeFactsSchema = record({
  bikeKg: optional(amount(5, 120, 'kg')),
  riderKg: optional(amount(20, 250, 'kg')),
  loadKg: optional(amount(0, 300, 'kg')),
  loadAt: optional(oneOf(['front', 'rear', 'trailer'])),
  /** How fast it is ridden now. */
  speedKmh: optional(amount(5, 60, 'km/h')),
  climb: optional(
    record({
      gradePercent: amount(0, 40, '%'),
      minutes: amount(0.1, 120, 'min'),
      speedKmh: optional(amount(3, 60, 'km/h')),
    }),
  ),
  descentPercent: optional(amount(0, 40, '%')),
  surface: optional(oneOf(surfaces)),
  budget: optional(amount(0, 100_000, '')),
  law: optional(lawClassSchema),
  /** The rider wants a throttle. */
  throttle: optional(flag()),
  /** Teeth in use: chainring, and the smallest sprocket. */
  chainringTeeth: optional(integer(18, 70)),
  smallestTeeth: optional(integer(9, 40)),
  wheelbaseM: optional(amount(0.5, 3, 'm')),
  brakes: optional(record({ front: optional(brake), rear: optional(brake) })),
  /** Rack, kickstand, child seat and the like, with what they will carry. */
  ratings: optional(
    list(
      record({
        part: text(80),
        ratedKg: optional(amount(0.1, 500, 'kg')),
        loadKg: optional(amount(0, 500, 'kg')),
        ratedKmh: optional(amount(1, 150, 'km/h')),
      }),
      20,
    ),
  ),
  /** The bike's own tyres, by what stands on them: one may move over to the motor wheel. */
  tyres: optional(record({ front: optional(sidewall), rear: optional(sidewall) })),
  /** What the maker of fork or frame has allowed, end by end: who said it, when, and which document. */
  approvals: optional(record({ front: optional(approvalSchema), rear: optional(approvalSchema) })),
  /** Torques that the makers of fork, frame, caliper, stem and crank state. */
  torques: optional(list(statedTorqueSchema, 30)),
  /** How the conversion is to be built, as far as the end does not decide it. */
  job: optional(
    record({
      school: optional(oneOf(schools)),
      /** Where tabs or plates go when more than one way is free. */
      tabs: optional(oneOf(tabSchools)),
      sensor: optional(oneOf(sensorKinds)),
      battery: optional(oneOf(batteryPlaces)),
      /** A switch that cuts the motor when a brake is pulled. */
      cutOff: optional(flag()),
      /** A factory electric bike whose loom comes out. */
      oldLoom: optional(flag()),
      folds: optional(flag()),
      /** Bare wheel tried first, or tyre and rotor on before. */
      wheelOrder: optional(oneOf(wheelOrders)),
      nuts: optional(oneOf(nutSchools)),
      /** The kit's throttle, when it has one: fitted, or left out by the rider's wish or the law's. */
      throttle: optional(oneOf(['used', 'left-out'])),
      throttleSide: optional(oneOf(['left', 'right'])),
      /** The kit's levers with cut-off, the bike's own, or the bike's own with a separate switch. */
      levers: optional(oneOf(['kit', 'own', 'own-and-switch'])),
      /** The pedal sensor's own figures: room beside the shell, and the gap that it wants. */
      sensorRoomMm: optional(amount(1, 60, 'mm')),
      sensorGap: optional(record({ minMm: amount(0, 20, 'mm'), maxMm: amount(0, 20, 'mm') })),
      /** A puncture liner in the tyre of the powered wheel; fitted when left out. */
      liner: optional(oneOf(['fitted', 'left-out'])),
      charging: optional(oneOf(['off-bike', 'on-bike'])),
      /** The kit's own pack, the rider's, or another that the supplier sent. */
      pack: optional(oneOf(['supplied', 'reused', 'substitute'])),
      packInstead: optional(packInsteadSchema),
      /** What becomes of the kit's parts; what is not named is used. */
      parts: optional(
        list(
          record({
            part: text(80),
            use: oneOf(['used', 'left-out', 'replaced']),
            by: optional(text(120)),
          }),
          60,
        ),
      ),
    }),
  ),
  /** What the walk round found, in words. */
  notes: optional(list(text(400), 40)),
});

export type BikeFacts = v.InferOutput<typeof bikeFactsSchema>;

export const emptyBikeFacts: BikeFacts = {};
