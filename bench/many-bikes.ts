import { demoServer, query } from './demo-server';

/** Latency of list, bike and report with a hundred and with 100,000 bikes in the database, and the plans behind them. */
const print = (line: string) => process.stdout.write(`${line}\n`);
const { address, cookie, databaseUrl: url, close } = await demoServer();
try {
  const bike = '00000003-0000-4000-8000-000000000002';
  const paths = {
    list: '/api/bikes',
    search: '/api/bikes?search=step',
    bike: `/api/bikes/${bike}`,
    report: `/api/jobs/${bike}`,
  };
  await bikesUpTo(93);
  const few = await latencies(paths);
  await bikesUpTo(100_000);
  const many = await latencies(paths);
  for (const name of Object.keys(paths) as (keyof typeof paths)[]) {
    print(
      `${name.padEnd(7)} ${few[name]!.toFixed(1)} ms with 100 bikes, ${many[name]!.toFixed(1)} ms with 100,007: ${(many[name]! / few[name]!).toFixed(2)} ×`,
    );
  }
  for (const sql of [
    'SELECT * FROM bike WHERE withdrawn_at IS NULL ORDER BY created_at DESC, id DESC LIMIT 60',
    `SELECT * FROM reading WHERE bike_id = '${bike}' ORDER BY taken_at, id`,
  ]) {
    print(`\n${sql}`);
    for (const row of await query(url, `EXPLAIN (ANALYZE, COSTS OFF, TIMING OFF) ${sql}`))
      print(`  ${row['QUERY PLAN']}`);
  }
} finally {
  await close();
}

/** So many invented bikes besides the demo's, each with a few readings, as if each had been brought in by a write. */
async function bikesUpTo(count: number): Promise<void> {
  await query(
    url,
    `INSERT INTO bike (id, tag, name, kind, created_at, version)
     SELECT gen_random_uuid(), 'X-' || n, 'Bike ' || n, 'upright', now() - n * interval '1 hour', 1
     FROM generate_series((SELECT count(*) FROM bike WHERE tag LIKE 'X-%') + 1, ${count}) n;
     INSERT INTO reading (id, bike_id, place, feature, value_mm, instrument, taken_at, person_name)
     SELECT gen_random_uuid(), b.id, 'front-axle', 'plate.left', 4 + n * 0.01, 'calipers', now(), 'bench'
     FROM bike b, generate_series(1, 5) n
     WHERE b.tag LIKE 'X-%' AND NOT EXISTS (SELECT FROM reading WHERE reading.bike_id = b.id);
     INSERT INTO revision (subject, revision) SELECT 'bike:' || id, gen_random_uuid() FROM bike
     ON CONFLICT DO NOTHING;
     ANALYZE`,
  );
}

/** Median of 30 requests after 5 to warm up. */
async function latencies(paths: Record<string, string>): Promise<Record<string, number>> {
  const found: Record<string, number> = {};
  for (const [name, path] of Object.entries(paths)) {
    const times: number[] = [];
    for (let run = 0; run < 35; run++) {
      const from = performance.now();
      await (await fetch(`${address}${path}`, { headers: { cookie } })).text();
      if (run >= 5) times.push(performance.now() - from);
    }
    found[name] = times.sort((a, b) => a - b)[15]!;
  }
  return found;
}
