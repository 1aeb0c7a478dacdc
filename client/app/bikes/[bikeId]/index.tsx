export { BikeScreen as default } from '../../../src/bike/bike-screen';
