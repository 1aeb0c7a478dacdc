import { Amount, OneOf, Whole, Optional, Nested } from '../input';

/** Nickel-manganese-cobalt, and lithium iron phosphate. */
const packChemistries = ['nmc', 'lfp'] as const;

export class PackInsteadSizeMm {
  @Amount(40, 800, 'mm') length!: number;
  @Amount(20, 400, 'mm') width!: number;
  @Amount(20, 400, 'mm') height!: number;
}

/** A pack that takes the place of the kit's. What is not known is left out, and is then a finding. */
export class PackInstead {
  @OneOf(packChemistries) chemistry!: (typeof packChemistries)[number];
  /** In series. */
  @Whole(3, 30) cells!: number;
  @Amount(50, 5000, 'Wh') Wh!: number;
  @Amount(0.3, 40, 'kg') massKg!: number;
  /** Current that it gives without end. */
  @Optional() @Amount(1, 300, 'A') continuousA?: number;
  /** Where its maker ends the discharge of a cell; 3.0 V for nmc, 2.5 V for lfp when left out. */
  @Optional() @Amount(2, 3.6, 'V') cutoffVPerCell?: number;
  /** What the charger that goes with it charges to. */
  @Optional() @Amount(5, 130, 'V') chargerV?: number;
  /** Lowest and highest voltage that the maker of the controller allows. */
  @Optional() @Amount(5, 120, 'V') controllerMinV?: number;
  @Optional() @Amount(5, 130, 'V') controllerMaxV?: number;
  @Optional() @Nested(() => PackInsteadSizeMm) sizeMm?: PackInsteadSizeMm;
  @Optional() @OneOf(['new', 'used-sound', 'damaged']) condition?: 'new' | 'used-sound' | 'damaged';
  @Optional() @Amount(0, 20_000, '') cost?: number;
  @Optional() @Whole(0, 365) leadDays?: number;
}
