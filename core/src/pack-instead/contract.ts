import type * as v from 'valibot';

import { amount, integer, oneOf, optional, record } from '../input';

/** Nickel-manganese-cobalt, and lithium iron phosphate. */
const packChemistries = ['nmc', 'lfp'] as const;

/** A pack that takes the place of the kit's. What is not known is left out, and is then a finding. */
export const packInsteadSchema = record({
  chemistry: oneOf(packChemistries),
  /** In series. */
  cells: integer(3, 30),
  Wh: amount(50, 5000, 'Wh'),
  massKg: amount(0.3, 40, 'kg'),
  /** Current that it gives without end. */
  continuousA: optional(amount(1, 300, 'A')),
  /** Where its maker ends the discharge of a cell; 3.0 V for nmc, 2.5 V for lfp when left out. */
  cutoffVPerCell: optional(amount(2, 3.6, 'V')),
  /** What the charger that goes with it charges to. */
  chargerV: optional(amount(5, 130, 'V')),
  /** Lowest and highest voltage that the maker of the controller allows. */
  controllerMinV: optional(amount(5, 120, 'V')),
  controllerMaxV: optional(amount(5, 130, 'V')),
  sizeMm: optional(
    record({ length: amount(40, 800, 'mm'), width: amount(20, 400, 'mm'), height: amount(20, 400, 'mm') }),
  ),
  condition: optional(oneOf(['new', 'used-sound', 'damaged'])),
  cost: optional(amount(0, 20_000, '')),
  leadDays: optional(integer(0, 365)),
});

export type PackInstead = v.InferOutput<typeof packInsteadSchema>;
