/** A whole job as one file: the bike with everything recorded of it, to be read in elsewhere exactly as it was. */
export { jobFileSchema, jobFormat, largestJob, mostPhotoBytes, type JobFile } from './job-file';
