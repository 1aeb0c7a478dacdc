export { StoresLayout as default } from '../../src/stores/stores-layout';
