export { JournalScreen as default } from '../../../src/journal/journal-screen';
