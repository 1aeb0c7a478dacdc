export { PutBackScreen as default } from '../../../src/put-back/put-back-screen';
