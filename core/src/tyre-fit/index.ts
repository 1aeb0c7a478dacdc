/** Tyre, rim, tape, valve and pressure of the motor wheel. */
export {
  startPressureBar,
  tyreFit,
  TyreFitInput,
  valveKinds,
  widthThatCarriesMm,
  type TyreFitResult,
} from './tyre-fit';
