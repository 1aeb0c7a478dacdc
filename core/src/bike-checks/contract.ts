import { Amount, Flag, OneOf, Text, Optional, Items, Nested } from '../input';
import { OwnLimits } from '../limits';
import type { Finding, Verdict } from '../verdict';

export const brakeKinds = ['rotor', 'rim', 'drum', 'coaster', 'none'] as const;
export type BrakeKind = (typeof brakeKinds)[number];
export const leverPulls = ['long', 'short', 'hydraulic'] as const;
export const surfaces = ['dry', 'wet', 'gravel', 'loose'] as const;
export type Surface = (typeof surfaces)[number];

class BikeBrake {
  @OneOf(brakeKinds) kind!: (typeof brakeKinds)[number];
  @Optional() @Amount(100, 320, 'mm') rotorMm?: number;
  @Optional() @OneOf(leverPulls) leverPull?: (typeof leverPulls)[number];
  /** What the caliper or rim brake needs. */
  @Optional() @OneOf(leverPulls) caliperPull?: (typeof leverPulls)[number];
}

export class Thermal {
  @Amount(10, 10_000, 'J/K') windingJK!: number;
  @Amount(50, 50_000, 'J/K') shellJK!: number;
  @Amount(0.01, 10, 'K/W') windingToShellKW!: number;
  @Amount(0.01, 10, 'K/W') shellToAirKW!: number;
  /** How much better the shell is cooled per m/s of air. */
  @Amount(0, 5, 's/m') perMs!: number;
}

export class BikeChecksMassKg {
  @Amount(20, 1000, 'kg') before!: number;
  @Amount(20, 1000, 'kg') after!: number;
}

export class BikeChecksSpeedKmh {
  @Amount(5, 100, 'km/h') before!: number;
  @Amount(5, 100, 'km/h') after!: number;
}

export class BikeChecksGeometry {
  @Amount(0.5, 3, 'm') wheelbaseM!: number;
  @Amount(0.3, 2, 'm') centreHeightM!: number;
  /** Share of the weight on the front wheel, standing level. */
  @Amount(0.05, 0.95, '') frontShare!: number;
}

export class BikeChecksBrakes {
  @Nested(() => BikeBrake) front!: BikeBrake;
  @Nested(() => BikeBrake) rear!: BikeBrake;
}

export class BikeChecksDescent {
  @Amount(0, 40, '%') gradePercent!: number;
  @Optional() @Amount(5, 100, 'km/h') speedKmh?: number;
  @Optional() @Amount(0.2, 1.5, 'm²') cdaM2?: number;
}

export class BikeChecksFrontDiscTabs {
  @Flag() left!: boolean;
  @Flag() right!: boolean;
}

export class BikeChecksFrontDisc {
  @Amount(100, 320, 'mm') rotorMm!: number;
  @Amount(8, 20, 'mm') threadMm!: number;
  @Amount(0, 120, 'N·m') nutTorqueNm!: number;
  /** What that nut should get. */
  @Amount(1, 120, 'N·m') nutSpecNm!: number;
  @Nested(() => BikeChecksFrontDiscTabs) tabs!: BikeChecksFrontDiscTabs;
  /** The retaining lip is there and the nut sits inside it; false on a fork without one. */
  @Flag() lipKept!: boolean;
  /** Largest rotor that the fork's maker allows; none larger when left out. */
  @Optional() @Amount(80, 320, 'mm') maxRotorMm?: number;
  /** Bosses on the fork and a track on the rim: a rim brake is a way out. */
  @Optional() @Flag() rimBrake?: boolean;
}

export class BikeChecksDrive {
  @OneOf(['front', 'rear']) end!: 'front' | 'rear';
  @Amount(0, 300, 'N·m') peakTorqueNm!: number;
}

export class BikeChecksClimb {
  @Amount(0, 40, '%') gradePercent!: number;
  @Optional() @Amount(3, 60, 'km/h') speedKmh?: number;
  @Optional() @Amount(0.1, 120, 'min') minutes?: number;
  @Optional() @Amount(0, 600, 'W') riderW?: number;
  @Optional() @Amount(-30, 50, '°C') airC?: number;
}

export class BikeChecksMotor {
  @OneOf(['geared', 'direct']) kind!: 'geared' | 'direct';
  @Amount(0.05, 10, 'N·m/A') ktNmPerA!: number;
  @Amount(0.005, 5, 'Ω') windingOhm!: number;
  @Amount(0, 10, 'A') noLoadA!: number;
  @Optional() @Nested(() => Thermal) thermal?: Thermal;
}

export class BikeChecksRating {
  @Text(80) part!: string;
  @Optional() @Amount(0.1, 500, 'kg') ratedKg?: number;
  @Optional() @Amount(0, 500, 'kg') loadKg?: number;
  @Optional() @Amount(1, 150, 'km/h') ratedKmh?: number;
}

export class BikeChecksInput {
  /** Bike, rider and load, before and after the conversion. */
  @Nested(() => BikeChecksMassKg) massKg!: BikeChecksMassKg;
  @Nested(() => BikeChecksSpeedKmh) speedKmh!: BikeChecksSpeedKmh;
  @Optional() @Amount(0.1, 0.5, 'm') wheelRadiusM?: number;
  @Optional() @Nested(() => BikeChecksGeometry) geometry?: BikeChecksGeometry;
  @Optional() @OneOf(surfaces) surface?: (typeof surfaces)[number];
  @Nested(() => BikeChecksBrakes) brakes!: BikeChecksBrakes;
  /** The steepest long grade that the rider names, and the speed held on it. */
  @Optional() @Nested(() => BikeChecksDescent) descent?: BikeChecksDescent;
  /** A disc in an open front slot. */
  @Optional() @Nested(() => BikeChecksFrontDisc) frontDisc?: BikeChecksFrontDisc;
  @Optional() @Nested(() => BikeChecksDrive) drive?: BikeChecksDrive;
  @Optional() @Nested(() => BikeChecksClimb) climb?: BikeChecksClimb;
  @Optional() @Nested(() => BikeChecksMotor) motor?: BikeChecksMotor;
  /** Parts with a stated rating, at the mass or speed they will see. */
  @Optional() @Items(() => BikeChecksRating, 20) ratings?: BikeChecksRating[];
  /** How far the derailleur hanger stands into the slot's seat. */
  @Optional() @Amount(0, 10, 'mm') hangerInSeatMm?: number;
  @Optional() @Amount(0, 45, '°') faceAngleDeg?: number;
  @Optional() @OneOf(['sound', 'surface-rust', 'bent', 'cracked', 'play', 'unsure']) condition?:
    | 'sound'
    | 'surface-rust'
    | 'bent'
    | 'cracked'
    | 'play'
    | 'unsure';
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

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
