import { Amount, Flag, Items, Nested, OneOf, Optional, Whole } from '../input';
import type { Finding, Verdict } from '../verdict';

class Rack {
  /** What its maker allows; left out: not known. */
  @Optional() @Amount(1, 200, 'kg') ratedKg?: number;
  /** Where it is bolted or clamped to the bike. */
  @Whole(0, 12) fixings!: number;
  @Optional() @OneOf(['steel', 'aluminium']) material?: 'steel' | 'aluminium';
  /** Clamped to a seat post alone. */
  @Flag() onSeatPost!: boolean;
  @Amount(10, 1000, 'mm') lengthMm!: number;
  @Amount(10, 500, 'mm') widthMm!: number;
}

class RackPack {
  @Amount(0.1, 50, 'kg') massKg!: number;
  @Amount(10, 1200, 'mm') lengthMm!: number;
  @Amount(5, 500, 'mm') widthMm!: number;
  /** Held by its own lock and rail, and not by straps alone. */
  @Flag() onRail!: boolean;
}

class Strap {
  /** What it bears. */
  @Amount(1, 20_000, 'N') holdsN!: number;
}

export class RacksInput {
  @Nested(() => Rack) rack!: Rack;
  @Nested(() => RackPack) pack!: RackPack;
  /** What else it carries. */
  @Amount(0, 200, 'kg') luggageKg!: number;
  @Items(() => Strap, 12) straps!: Strap[];
  /** The bike without pack and luggage, with its rider, on both wheels. */
  @Optional() @Amount(20, 500, 'kg') restKg?: number;
  /** What of it stands on the rear wheel. */
  @Optional() @Amount(0, 1, '') rearShare?: number;
  /** What rear wheel, rim and tyre bear together. */
  @Optional() @Amount(10, 500, 'kg') rearMostKg?: number;
}

export interface RacksResult {
  verdict: Verdict;
  findings: Finding[];
  /** Pack and luggage. */
  loadKg: number;
  /** What the straps must hold at three times the weight. */
  neededN: number;
  heldN: number;
  rearKg?: number;
}
