export { NotFoundScreen as default } from '../src/frame/not-found-screen';
