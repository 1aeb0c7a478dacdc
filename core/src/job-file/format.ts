/** What stands at the head of every job file. */
export const jobFormat = 'cricket-job-2';
