export { TodayScreen as default } from '../src/features/today/today-screen';
