import type { LoggedMinutes } from '@cricket/core/procedure';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

/** Minutes that the workshop has logged, step by step, over all jobs: what its own times are worked out from. */
export function steps(dataSource: DataSource): Hono {
  const app = new Hono();

  app.get('/minutes', async (c) => {
    const rows: { step: string; count: string; sum_log: string }[] = await dataSource.query(
      `SELECT data->>'stepId' AS step, count(*) AS count, sum(ln((data->>'minutes')::float8)) AS sum_log
       FROM job_event
       WHERE kind = 'step' AND withdrawn_at IS NULL AND data->>'how' = 'done' AND (data->>'minutes')::float8 > 0.05
       GROUP BY 1`,
    );
    const logged: Record<string, LoggedMinutes> = Object.fromEntries(
      rows.map(({ step, count, sum_log }) => [step, { count: Number(count), sumLog: Number(sum_log) }]),
    );
    return c.json(logged);
  });

  return app;
}
