export { RiderScreen as default } from '../../../../src/kit/rider-screen';
