/** The job of a bike as it stands: what is taken at which end, for the steps. */
export { jobOf } from './job-of';
