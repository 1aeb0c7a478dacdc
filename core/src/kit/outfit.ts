import { PackOnRail } from '../battery-bay/contract';
import { WiringPlug } from '../connections/contract';
import { ControllerBox } from '../controllers/contract';
import { BarPart } from '../handlebar/contract';
import { Amount, Flag, Items, Nested, OneOfKinds, Optional, Whole } from '../input';
import { SensorHead, SensorRing } from '../pedal-sensor/contract';
import { elementShapes, PathBattery, PathCharger, PathController, type PathElement } from '../power-path/contract';

/** Ring and pedal sensor as they come. */
export class OutfitSensor {
  @Nested(() => SensorRing) ring!: SensorRing;
  @Nested(() => SensorHead) sensor!: SensorHead;
  /** Put under a bottom-bracket cup to hold the sensor. */
  @Optional() @Amount(0, 20, 'mm') plateMm?: number;
  @Whole(1, 1000) startPulses!: number;
  @Amount(0, 20_000, 'ms') stopMs!: number;
}

/** The controller where it is a box of its own. */
export class OutfitBox {
  @Nested(() => ControllerBox) box!: ControllerBox;
  /** Heat that it gives off. */
  @Amount(0, 1000, 'W') lossW!: number;
  /** Closed against water by its maker. */
  @Optional() @Flag() watertight?: boolean;
}

/** What of a kit wants room or carries current besides its wheel. What is left out nobody has measured on any bike yet. */
export class KitOutfit {
  @Optional() @Nested(() => PackOnRail) pack?: PackOnRail;
  /** What stands on the pack. */
  @Optional() @Nested(() => PathBattery) cells?: PathBattery;
  @Optional() @Nested(() => PathController) current?: PathController;
  @Optional() @Nested(() => PathCharger) charger?: PathCharger;
  /** From the battery on, as its leads and plugs come. */
  @Optional() @Items(OneOfKinds('kind', elementShapes), 60) chain?: PathElement[];
  /** Throttle and display. */
  @Optional() @Items(() => BarPart, 6) bar?: BarPart[];
  @Optional() @Nested(() => OutfitSensor) sensor?: OutfitSensor;
  @Optional() @Nested(() => OutfitBox) box?: OutfitBox;
  @Optional() @Items(() => WiringPlug, 60) plugs?: WiringPlug[];
}
