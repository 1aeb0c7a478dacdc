export { FitScreen as default } from '../../../../src/fit/fit-screen';
