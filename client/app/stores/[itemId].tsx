export { StoreItemScreen as default } from '../../src/stores/store-item-screen';
