/** Tyre, rim, tape, valve and pressure of the motor wheel. */
export {
  startPressureBar,
  tyreFit,
  tyreFitSchema,
  valveKinds,
  widthThatCarriesMm,
  type TyreFitInput,
  type TyreFitResult,
} from './tyre-fit';
