export { EditBikeScreen as default } from '../../../src/bike/edit-bike-screen';
