import type { Shop } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { type Language, languages, listed, said } from '@cricket/core/said';
import { Hono, type Context } from 'hono';
import type { DataSource } from 'typeorm';

import { loggedMinutes } from '../data/logged-minutes';
import { bikeRecord } from '../data/records';
import { shopSettings, workshopOf } from '../data/workshop';
import type { Heavy, SheetSource } from '../heavy/heavy';
import { ProblemError } from '../problem/problem';
import { signedOf } from './guard';
import { uuidParam } from './write-context';

/** Sheets to print: the whole job, and one end's stack. */
export function documents(dataSource: DataSource, shop: Shop, heavy: Heavy): Hono {
  const app = new Hono();
  const sourceOf = async (c: Context, bikeId: string, path: string): Promise<SheetSource> => {
    const { manager } = dataSource;
    const record = await bikeRecord(manager, bikeId);
    const [workshop, settings, logged] = [
      await workshopOf(manager),
      await shopSettings(manager),
      await loggedMinutes(manager),
    ];
    return {
      record,
      workshop: { ...workshop, logged },
      settings,
      shop,
      address: addressOf(c, path),
      printedAt: new Date(),
      language: languageOf(c),
    };
  };
  const pdf = (c: Context, name: string, bytes: Uint8Array) =>
    c.body(new Uint8Array(bytes), 200, {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${name.replace(/[^\w.-]+/g, '-')}"`,
      'cache-control': 'no-store',
    });

  app.get('/:bikeId/job-sheet', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const source = await sourceOf(c, bikeId, `/bikes/${bikeId}/stand`);
    return pdf(c, `${source.record.bike.tag}-job-sheet.pdf`, await heavy.jobSheet(source));
  });

  app.get('/:bikeId/stack-card/:end', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const end = c.req.param('end');
    const source = await sourceOf(c, bikeId, `/bikes/${bikeId}/${end}/stack`);
    const bytes = await heavy.stackCard({ ...source, end: end as End });
    if (!bytes) throw new ProblemError(404, 'not-found', said('problem.no-stack'));
    return pdf(c, `${source.record.bike.tag}-${end}-stack.pdf`, bytes);
  });

  return app;
}

/** In which language a sheet is printed: the rider's, say, where it is named, else that of who asks. */
function languageOf(c: Context): Language {
  const named = c.req.query('language');
  if (named === undefined) return signedOf(c)?.person.language ?? 'en';
  const language = languages.find((each) => each === named);
  if (!language) {
    throw new ProblemError(422, 'invalid-input', said('problem.sheet-language'), [
      {
        path: 'language',
        messages: [said('problem.one-of-not', { words: listed(languages, 'comma'), text: named.slice(0, 20) })],
      },
    ]);
  }
  return language;
}

/** The address under which this server was asked: what a phone opens from the code on the sheet. */
function addressOf(c: Context, path: string): string {
  return new URL(path, c.req.url).href;
}
