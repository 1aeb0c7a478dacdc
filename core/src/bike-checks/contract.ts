import type * as v from 'valibot';

import { amount, flag, list, oneOf, optional, record, text } from '../input';
import { limitsSchema } from '../limits';
import type { Finding, Verdict } from '../verdict';

export const brakeKinds = ['rotor', 'rim', 'drum', 'coaster', 'none'] as const;
export type BrakeKind = (typeof brakeKinds)[number];
export const leverPulls = ['long', 'short', 'hydraulic'] as const;
export const surfaces = ['dry', 'wet', 'gravel', 'loose'] as const;
export type Surface = (typeof surfaces)[number];

const brakeSchema = record({
  kind: oneOf(brakeKinds),
  rotorMm: optional(amount(100, 320, 'mm')),
  leverPull: optional(oneOf(leverPulls)),
  /** What the caliper or rim brake needs. */
  caliperPull: optional(oneOf(leverPulls)),
});

export const thermalSchema = record({
  windingJK: amount(10, 10_000, 'J/K'),
  shellJK: amount(50, 50_000, 'J/K'),
  windingToShellKW: amount(0.01, 10, 'K/W'),
  shellToAirKW: amount(0.01, 10, 'K/W'),
  /** How much better the shell is cooled per m/s of air. */
  perMs: amount(0, 5, 's/m'),
});

export const bikeChecksSchema = record({
  /** Bike, rider and load, before and after the conversion. */
  massKg: record({ before: amount(20, 1000, 'kg'), after: amount(20, 1000, 'kg') }),
  speedKmh: record({ before: amount(5, 100, 'km/h'), after: amount(5, 100, 'km/h') }),
  wheelRadiusM: optional(amount(0.1, 0.5, 'm')),
  geometry: optional(
    record({
      wheelbaseM: amount(0.5, 3, 'm'),
      centreHeightM: amount(0.3, 2, 'm'),
      /** Share of the weight on the front wheel, standing level. */
      frontShare: amount(0.05, 0.95, ''),
    }),
  ),
  surface: optional(oneOf(surfaces)),
  brakes: record({ front: brakeSchema, rear: brakeSchema }),
  /** The steepest long grade that the rider names, and the speed held on it. */
  descent: optional(
    record({
      gradePercent: amount(0, 40, '%'),
      speedKmh: optional(amount(5, 100, 'km/h')),
      cdaM2: optional(amount(0.2, 1.5, 'm²')),
    }),
  ),
  /** A disc in an open front slot. */
  frontDisc: optional(
    record({
      rotorMm: amount(100, 320, 'mm'),
      threadMm: amount(8, 20, 'mm'),
      nutTorqueNm: amount(0, 120, 'N·m'),
      /** What that nut should get. */
      nutSpecNm: amount(1, 120, 'N·m'),
      tabs: record({ left: flag(), right: flag() }),
      /** The retaining lip is there and the nut sits inside it; false on a fork without one. */
      lipKept: flag(),
      /** Largest rotor that the fork's maker allows; none larger when left out. */
      maxRotorMm: optional(amount(80, 320, 'mm')),
      /** Bosses on the fork and a track on the rim: a rim brake is a way out. */
      rimBrake: optional(flag()),
    }),
  ),
  drive: optional(record({ end: oneOf(['front', 'rear']), peakTorqueNm: amount(0, 300, 'N·m') })),
  climb: optional(
    record({
      gradePercent: amount(0, 40, '%'),
      speedKmh: optional(amount(3, 60, 'km/h')),
      minutes: optional(amount(0.1, 120, 'min')),
      riderW: optional(amount(0, 600, 'W')),
      airC: optional(amount(-30, 50, '°C')),
    }),
  ),
  motor: optional(
    record({
      kind: oneOf(['geared', 'direct']),
      ktNmPerA: amount(0.05, 10, 'N·m/A'),
      windingOhm: amount(0.005, 5, 'Ω'),
      noLoadA: amount(0, 10, 'A'),
      thermal: optional(thermalSchema),
    }),
  ),
  /** Parts with a stated rating, at the mass or speed they will see. */
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
  /** How far the derailleur hanger stands into the slot's seat. */
  hangerInSeatMm: optional(amount(0, 10, 'mm')),
  faceAngleDeg: optional(amount(0, 45, '°')),
  condition: optional(oneOf(['sound', 'surface-rust', 'bent', 'cracked', 'play', 'unsure'])),
  limits: optional(limitsSchema),
});

export type BikeChecksInput = v.InferOutput<typeof bikeChecksSchema>;
export type Thermal = v.InferOutput<typeof thermalSchema>;

export interface BikeChecksResult {
  verdict: Verdict;
  findings: Finding[];
  /** With 0.8 s to react, before and after. */
  stoppingM: { before: number; after: number };
  /** Heat into the brakes on the named grade; null without a descent. */
  descentW: number | null;
  brakesTakeW: number;
  /** Force that drives a braked front axle out of its slot, and what holds it; null without front disc. */
  ejectionN: number | null;
  clampN: number | null;
  /** What the driven wheel can put down on the climb, and what the climb asks of it; null without climb and drive. */
  gripN: number | null;
  neededN: number | null;
  /** Winding after the climb; null without motor and climb. */
  windingC: number | null;
}
