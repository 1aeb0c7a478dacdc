export { GearsScreen as default } from '../../../../src/gears/gears-screen';
