import type { ArmFitResult, ArmPlacement } from '../../arm-fit';
import type { BikeChecksResult } from '../../bike-checks';
import type { EndAdapterResult } from '../../end-adapter';
import type { EndFit } from '../../end-fit';
import type { GearIndexResult } from '../../gear-index';
import type { MotorTorqueResult } from '../../motor-torque';
import type { TyreFacts } from '../../parts';
import type { RotorFitInput, RotorFitResult, RotorPattern } from '../../rotor-fit';
import type { TorqueReactionResult } from '../../torque-reaction';
import type { TyreFitResult } from '../../tyre-fit';
import type { Finding } from '../../verdict';
import type { FitInput } from '../contract';

/** Everything of the brake at this end that does not depend on the stack. */
export interface BrakeFacts {
  rotorThicknessMm: number;
  rotorDiameterMm: number;
  rotorMaxMm: number;
  rotorPattern: RotorPattern;
  caliper: RotorFitInput['caliper'];
  plateMm: number;
  threadDepthMm: number;
  /** Fork leg at the rotor bolts, inboard of the dropout's inner face. */
  legInboardMm: number;
  hub: { material: 'aluminium' | 'steel'; pattern: RotorPattern; holeDepthMm: number; coverFaceMm: number };
  /** Shoulder to rotor, as the wheel comes. */
  rotorFaceMm: number;
}

/** Where the tyre comes from, and how it suits the motor wheel's rim. */
export interface TyreChoice {
  from: 'bike' | 'stores' | 'shop';
  tyre: TyreFacts | null;
  result: TyreFitResult | null;
  findings: Finding[];
}

/** Everything that is solved when the judges are asked. */
export interface Solved {
  input: FitInput;
  axle: EndFit;
  adapter: EndAdapterResult | null;
  motor: MotorTorqueResult | null;
  torque: TorqueReactionResult | null;
  /** Every way to put arms on, and the one that was chosen. */
  arms: { found: ArmFitResult | null; chosen: readonly ArmPlacement[] };
  brake: BrakeFacts | null;
  rotor: RotorFitResult | null;
  gears: GearIndexResult | null;
  tyre: TyreChoice | null;
  checks: BikeChecksResult | null;
}
