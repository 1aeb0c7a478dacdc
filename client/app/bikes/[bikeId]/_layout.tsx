export { BikeLayout as default } from '../../../src/frame/layouts';
