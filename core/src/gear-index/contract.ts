import type * as v from 'valibot';

import { amount, integer, list, oneOf, optional, record } from '../input';
import { limitsSchema } from '../limits';
import type { Finding, Verdict } from '../verdict';

export const clusters = ['freewheel', 'cassette'] as const;
export type Cluster = (typeof clusters)[number];

export const oldHubs = ['plain', 'coaster', 'drum', 'gear-hub'] as const;

export const gearIndexSchema = record({
  /** Clicks of the shifter; 0 for a friction shifter or none. */
  shifterSpeeds: integer(0, 13),
  sprockets: integer(1, 13),
  cluster: oneOf(clusters),
  /** What the motor hub takes. */
  hubTakes: oneOf([...clusters, 'none']),
  /** Smallest sprocket to dropout, on the old wheel and on the new one. */
  oldGapMm: optional(amount(-10, 60, 'mm')),
  newGapMm: optional(amount(-10, 60, 'mm')),
  /** The splined body and the thickness of the sprockets on it. */
  body: optional(record({ lengthMm: amount(10, 60, 'mm'), stackMm: amount(5, 60, 'mm') })),
  /** Teeth, smallest sprocket first. */
  teeth: optional(list(integer(6, 60), 13)),
  chainring: optional(integer(20, 70)),
  circumferenceMm: optional(amount(500, 2600, 'mm')),
  assistedKmh: optional(amount(5, 80, 'km/h')),
  /** What the old rear hub did besides turning. */
  oldHub: optional(oneOf(oldHubs)),
  limits: optional(limitsSchema),
});

export type GearIndexInput = v.InferOutput<typeof gearIndexSchema>;

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
