export { WheelsScreen as default } from '../../src/wheel/wheels-screen';
