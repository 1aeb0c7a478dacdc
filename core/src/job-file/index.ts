/** A whole job as one file: the bike with everything recorded of it, to be read in elsewhere exactly as it was. */
export { JobFile, type FiledEvent, type FiledRecord, largestJob, mostPhotoBytes } from './job-file';
export { jobFormat } from './format';
export { upcastJobFile } from './upcast';
