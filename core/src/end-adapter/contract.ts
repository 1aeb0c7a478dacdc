import type * as v from 'valibot';

import { amount, flag, list, oneOf, optional, record, text } from '../input';
import { limitsSchema } from '../limits';
import type { Finding, Verdict } from '../verdict';

const side = oneOf(['left', 'right']);

/** What a set of end adapters consists of. */
const setParts = {
  extenders: list(record({ id: text(), side, lengthMm: amount(0.5, 80, 'mm') }), 20),
  endCaps: list(record({ id: text(), side, lengthMm: amount(0.5, 40, 'mm'), boreMm: amount(5, 30, 'mm') }), 20),
  rotorSpacers: list(record({ id: text(), thicknessMm: amount(0.2, 20, 'mm') }), 20),
  /** Screws of the set and the holes that they go into. */
  screws: list(record({ id: text(), threadMm: amount(2, 12, 'mm'), lengthMm: amount(3, 80, 'mm') }), 30),
  screwHoles: list(
    record({
      id: text(),
      threadMm: amount(2, 12, 'mm'),
      /** What lies between head and thread. */
      throughMm: amount(0, 60, 'mm'),
      /** Rotor and spacer lie between too. */
      throughRotor: optional(flag()),
      depthMm: amount(2, 60, 'mm'),
      leastMm: amount(1, 40, 'mm'),
    }),
    12,
  ),
};

/** A set of end adapters as a kit comes with it. */
export const adapterSetSchema = record(setParts);

export const endAdapterSchema = record({
  /** Inside face to inside face of the dropouts. */
  spacingMm: amount(60, 260, 'mm'),
  /** Hole in each dropout; left out at open ends, which take extenders and washers but no caps. */
  holesMm: optional(record({ left: amount(5, 30, 'mm'), right: amount(5, 30, 'mm') })),
  /** Dropout's inner face to the rotor's inboard face on the old wheel; left out without a disc. */
  rotorFaceMm: optional(amount(-10, 60, 'mm')),
  hub: record({
    /** Shoulder to shoulder without extenders and caps. */
    baseWidthMm: amount(40, 260, 'mm'),
    /** Left shoulder inboard to the rotor's inboard face, without rotor spacer. */
    rotorFaceMm: optional(amount(-40, 60, 'mm')),
    /** Hub takes sprockets on the right. */
    sprockets: optional(flag()),
  }),
  ...setParts,
  rotorThicknessMm: optional(amount(1, 5, 'mm')),
  /** How far the caliper adjusts; 1.5 when left out. */
  rotorAdjustMm: optional(amount(0, 10, 'mm')),
  /** How far the finished width may be off the spacing; 0.3 when left out. */
  widthPlayMm: optional(amount(0, 3, 'mm')),
  limits: optional(limitsSchema),
});

export type EndAdapterInput = v.InferOutput<typeof endAdapterSchema>;

/** One way to build the hub up to the spacing. */
export interface EndBuild {
  /** No cap at an open end. */
  left: { extender: string | null; endCap: string | null };
  right: { extender: string | null; endCap: string | null };
  rotorSpacer: string | null;
  widthMm: number;
  /** Finished width minus spacing; at an open end washers fill up what is missing. */
  widthErrorMm: number;
  /** Hub's middle off the middle of the spacing, positive to the right. */
  middleMm: number;
  /** Rotor off the caliper, positive inboard; null without rotor. */
  rotorErrorMm: number | null;
}

export interface EndAdapterResult {
  verdict: Verdict;
  findings: Finding[];
  build: EndBuild | null;
  screws: { hole: string; screw: string; engagementMm: number }[];
  /** What is put together after what. */
  order: string[];
}
