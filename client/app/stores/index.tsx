export { StoresScreen as default } from '../../src/stores/stores-screen';
