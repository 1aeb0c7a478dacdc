import { Amount, Flag, Items, Nested, OneOf, Optional, Text } from '../input';
import type { Finding, Verdict } from '../verdict';

export class ControllerBox {
  @Amount(10, 500, 'mm') lengthMm!: number;
  @Amount(10, 500, 'mm') widthMm!: number;
  @Amount(5, 300, 'mm') heightMm!: number;
}

class Air {
  /** To whatever lies below it. */
  @Amount(0, 1000, 'mm') belowMm!: number;
  /** To whatever is nearest on its other sides. */
  @Amount(0, 1000, 'mm') aroundMm!: number;
}

class PlugReach {
  @Text(60) id!: string;
  /** Of its cable, from the controller on. */
  @Amount(0, 5000, 'mm') lengthMm!: number;
  /** From the controller to the plug that it meets, as the cable runs. */
  @Amount(0, 5000, 'mm') neededMm!: number;
}

export class ControllersInput {
  @Nested(() => ControllerBox) box!: ControllerBox;
  /** Heat that it gives off. */
  @Amount(0, 1000, 'W') lossW!: number;
  /** The hottest day; 35 when left out. */
  @Optional() @Amount(-20, 60, '°C') airC?: number;
  /** In the open, in a closed box or bag, or in one with padding on its sides. */
  @OneOf(['open', 'closed', 'padded']) around!: 'open' | 'closed' | 'padded';
  /** The closed box or bag round it; without it the controller's own sides give off the heat. */
  @Optional() @Nested(() => ControllerBox) closedIn?: ControllerBox;
  @Optional() @Nested(() => Air) gaps?: Air;
  @Optional() @OneOf(['down', 'side', 'up']) exits?: 'down' | 'side' | 'up';
  /** Spray from a wheel, or a puddle, comes to it. */
  @Optional() @Flag() splashed?: boolean;
  /** Closed against water by its maker. */
  @Optional() @Flag() watertight?: boolean;
  @Items(() => PlugReach, 20) plugs!: PlugReach[];
}

export interface ControllersResult {
  verdict: Verdict;
  findings: Finding[];
  /** Sides through which its heat goes. */
  surfaceM2: number;
  /** How hot it gets in still air at full loss. */
  boxC: number;
  /** Loss at which it would just be cool enough. */
  mostLossW: number;
}
