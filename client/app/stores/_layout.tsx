export { StoresLayout as default } from '../../src/frame/layouts';
