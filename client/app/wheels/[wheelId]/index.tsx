export { WheelScreen as default } from '../../../src/wheel/wheel-screen';
