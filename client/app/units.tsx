export { UnitsScreen as default } from '../src/units/units-screen';
