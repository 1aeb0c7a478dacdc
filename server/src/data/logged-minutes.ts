import type { LoggedMinutes } from '@cricket/core/procedure';
import type { DataSource, EntityManager } from 'typeorm';

/** Minutes that the workshop has logged, step by step, over all jobs: what its own times are worked out from. */
export async function loggedMinutes(source: DataSource | EntityManager): Promise<Record<string, LoggedMinutes>> {
  const rows: { step: string; count: string; sum_log: string }[] = await source.query(
    `SELECT data->>'stepId' AS step, count(*) AS count, sum(ln((data->>'minutes')::float8)) AS sum_log
     FROM job_event
     WHERE kind = 'step' AND withdrawn_at IS NULL AND data->>'how' = 'done' AND (data->>'minutes')::float8 > 0.05
     GROUP BY 1`,
  );
  return Object.fromEntries(
    rows.map(({ step, count, sum_log }) => [step, { count: Number(count), sumLog: Number(sum_log) }]),
  );
}
