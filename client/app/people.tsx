export { PeopleScreen as default } from '../src/people/people-screen';
