export { BothScreen as default } from '../../../src/both/both-screen';
