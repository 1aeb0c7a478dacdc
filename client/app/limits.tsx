export { LimitsScreen as default } from '../src/limits/limits-screen';
