import { Amount, Flag, Items, Nested, OneOf, OneOfKinds, Optional, Text } from '../input';
import { packsMeasured } from '../pack-instead/other-pack';
import { elementShapes, PathBattery, PathCharger, PathController, type PathElement } from '../power-path/contract';

export class PowerPack {
  /** Whose figures these are. */
  @OneOf(packsMeasured) of!: (typeof packsMeasured)[number];
  @Nested(() => PathBattery) battery!: PathBattery;
}

export const accessoryKinds = ['front-light', 'rear-light', 'brake-light', 'horn', 'other'] as const;

/** Something that is fed from the pack. */
export class BikeAccessory {
  @Text(60) id!: string;
  @OneOf(accessoryKinds) kind!: (typeof accessoryKinds)[number];
  @Amount(0, 500, 'V') fromV!: number;
  @Amount(0, 500, 'V') toV!: number;
  @Amount(0, 2000, 'W') watts!: number;
  @OneOf(['main', 'controller']) from!: 'main' | 'controller';
  /** Switched on and looked at: whether it worked. */
  @Optional() @Flag() works?: boolean;
}

/** Everything that current flows through on this bike. What is left out nobody has looked at. */
export class BikePower {
  @Optional() @Nested(() => PowerPack) pack?: PowerPack;
  /** From the battery on. */
  @Optional() @Items(OneOfKinds('kind', elementShapes), 60) chain?: PathElement[];
  @Optional() @Nested(() => PathController) controller?: PathController;
  @Optional() @Nested(() => PathCharger) charger?: PathCharger;
  /** An empty list: somebody has looked, and nothing else is fed from the pack. */
  @Optional() @Items(() => BikeAccessory, 30) accessories?: BikeAccessory[];
}
