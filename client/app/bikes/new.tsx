export { NewBikeScreen as default } from '../../src/bike/new-bike-screen';
