export { OpenScreen as default } from '../src/open/open-screen';
