export { MeasureScreen as default } from '../../../../src/measure/measure-screen';
