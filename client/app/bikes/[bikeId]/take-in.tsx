export { TakeInScreen as default } from '../../../src/take-in/take-in-screen';
