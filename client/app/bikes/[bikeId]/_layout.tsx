export { BikeLayout as default } from '../../../src/bike/bike-layout';
