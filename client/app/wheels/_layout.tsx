export { WheelsLayout as default } from '../../src/wheel/wheels-layout';
