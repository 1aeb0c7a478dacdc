export { LacingScreen as default } from '../../../../src/lacing/lacing-screen';
