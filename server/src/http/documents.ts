import type { Shop } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { Hono, type Context } from 'hono';
import type { DataSource } from 'typeorm';

import { bikeRecord } from '../data/records';
import { shopSettings, workshopOf } from '../data/workshop';
import { asAccepted, jobData, takenAt } from '../documents/job-data';
import { jobSheet, stackCard } from '../documents/job-sheet';
import { ProblemError } from './problem';
import { uuidParam } from './write-context';

/** Sheets to print: the whole job, and one end's stack. */
export function documents(dataSource: DataSource, shop: Shop): Hono {
  const app = new Hono();
  const dataOf = async (bikeId: string) => {
    const { manager } = dataSource;
    const record = await bikeRecord(manager, bikeId);
    return asAccepted(jobData(record, await workshopOf(manager), await shopSettings(manager)));
  };
  const pdf = (c: Context, name: string, bytes: Buffer) =>
    c.body(new Uint8Array(bytes), 200, {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${name.replace(/[^\w.-]+/g, '-')}"`,
      'cache-control': 'no-store',
    });

  app.get('/:bikeId/job-sheet', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const data = await dataOf(bikeId);
    const bytes = await jobSheet(data, shop, addressOf(c, `/bikes/${bikeId}/stand`), new Date());
    return pdf(c, `${data.record.bike.tag}-job-sheet.pdf`, bytes);
  });

  app.get('/:bikeId/stack-card/:end', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const end = c.req.param('end');
    const data = await dataOf(bikeId);
    const taken = takenAt(data.record, end as End);
    const endJob = data.job?.ends.find((each) => each.end === end);
    if (!taken || !endJob) throw new ProblemError(404, 'not-found', 'No stack is taken for this end.');
    const address = addressOf(c, `/bikes/${bikeId}/${end}/stack`);
    return pdf(
      c,
      `${data.record.bike.tag}-${end}-stack.pdf`,
      await stackCard(taken, endJob, data, shop, address, new Date()),
    );
  });

  return app;
}

/** The address under which this server was asked: what a phone opens from the code on the sheet. */
function addressOf(c: Context, path: string): string {
  return new URL(path, c.req.url).href;
}
