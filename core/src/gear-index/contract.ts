import { Amount, OneOf, Whole, Optional, Items, Nested } from '../input';
import { OwnLimits } from '../limits';
import type { Finding, Verdict } from '../verdict';

export const clusters = ['freewheel', 'cassette'] as const;
export type Cluster = (typeof clusters)[number];

export const oldHubs = ['plain', 'coaster', 'drum', 'gear-hub'] as const;

export class GearIndexBody {
  @Amount(10, 60, 'mm') lengthMm!: number;
  @Amount(5, 60, 'mm') stackMm!: number;
}

export class GearIndexInput {
  /** Clicks of the shifter; 0 for a friction shifter or none. */
  @Whole(0, 13) shifterSpeeds!: number;
  @Whole(1, 13) sprockets!: number;
  @OneOf(clusters) cluster!: (typeof clusters)[number];
  /** What the motor hub takes. */
  @OneOf([...clusters, 'none']) hubTakes!: (typeof clusters)[number] | 'none';
  /** Smallest sprocket to dropout, on the old wheel and on the new one. */
  @Optional() @Amount(-10, 60, 'mm') oldGapMm?: number;
  @Optional() @Amount(-10, 60, 'mm') newGapMm?: number;
  /** The splined body and the thickness of the sprockets on it. */
  @Optional() @Nested(() => GearIndexBody) body?: GearIndexBody;
  /** Teeth, smallest sprocket first. */
  @Optional() @Items(Whole(6, 60), 13) teeth?: number[];
  @Optional() @Whole(20, 70) chainring?: number;
  @Optional() @Amount(500, 2600, 'mm') circumferenceMm?: number;
  @Optional() @Amount(5, 80, 'km/h') assistedKmh?: number;
  /** What the old rear hub did besides turning. */
  @Optional() @OneOf(oldHubs) oldHub?: (typeof oldHubs)[number];
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

export interface GearIndexResult {
  verdict: Verdict;
  findings: Finding[];
  /** Derailleur against sprocket at the best setting, smallest sprocket first; positive: too far toward the hub. */
  errorsMm: number[];
  maxErrorMm: number;
  /** Clicks without a sprocket; negative: sprockets without a click. */
  clicksLeft: number;
  /** Behind the cassette. */
  spacerMm?: number;
  /** At the smallest sprocket. */
  speedAt100RpmKmh?: number;
  /** Chainring that gives 85 rpm at the assisted speed on the smallest sprocket. */
  chainringFor85Rpm?: number;
}
