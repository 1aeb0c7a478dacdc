export { FilesScreen as default } from '../src/files/files-screen';
