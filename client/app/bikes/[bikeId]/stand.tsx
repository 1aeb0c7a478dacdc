export { StandScreen as default } from '../../../src/stand/stand-screen';
