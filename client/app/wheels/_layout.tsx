export { WheelsLayout as default } from '../../src/frame/layouts';
