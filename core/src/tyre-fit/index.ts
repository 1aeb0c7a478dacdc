/** Tyre, rim, tape, valve and pressure of the motor wheel. */
export {
  startPressureBar,
  tyreFit,
  tyreFitSchema,
  valveKinds,
  type TyreFitInput,
  type TyreFitResult,
} from './tyre-fit';
