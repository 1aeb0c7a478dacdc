import { WiringAdapter, WiringPlug } from '../connections/contract';
import { Flag, Items, Optional } from '../input';

/** Plugs of the looms of a bike, and what is at hand to join them. */
export class BikeWiring {
  @Optional() @Items(() => WiringPlug, 60) plugs?: WiringPlug[];
  @Optional() @Items(() => WiringAdapter, 20) adapters?: WiringAdapter[];
  /** Contacts may be moved in their shells. */
  @Optional() @Flag() repin?: boolean;
}
