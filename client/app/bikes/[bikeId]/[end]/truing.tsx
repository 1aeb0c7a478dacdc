export { TruingScreen as default } from '../../../../src/truing/truing-screen';
