export { SecondLookScreen as default } from '../../../src/stand/second-look-screen';
