export { NotFoundScreen as default } from '../src/ui/not-found-screen';
