export { ChooseWheelScreen as default } from '../../../../src/wheel/choose-wheel-screen';
