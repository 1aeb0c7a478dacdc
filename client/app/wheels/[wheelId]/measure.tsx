export { MeasureWheelScreen as default } from '../../../src/wheel/measure-wheel-screen';
