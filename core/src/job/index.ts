/** The job of a bike as it stands: what is taken at which end, for the steps; and what comes next. */
export { jobOf } from './job-of';
export { jobState, nextOfJob, type JobRecord } from './next-of-job';
