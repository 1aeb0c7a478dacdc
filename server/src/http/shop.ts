import { SettingsEntry } from '@cricket/contract';
import type { Shop } from '@cricket/contract/shapes';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { ShopSettingsEntity } from '../data/entities/shop-settings';
import { journalled } from '../data/journal';
import { settingsId, shopSettings } from '../data/workshop';
import { keptAnswer } from './kept-answers';
import { readPlain } from './read-plain';
import { holdVersion } from './versioned';
import { writeContext } from './write-context';

/** Which shop this is, and what it has set for itself. */
export function shopRoutes(dataSource: DataSource, shop: Shop): Hono {
  const app = new Hono();

  app.get('/', (c) => c.json(shop));

  app.get('/settings', (c) => keptAnswer(c, 'settings', () => shopSettings(dataSource)));

  app.put('/settings', async (c) => {
    const { version, ...settings } = await readPlain(c, SettingsEntry);
    const subject = { bikeId: null, action: 'settings-changed', subject: 'shop', subjectId: settingsId };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      // Two first writes at once: the later waits and finds the row.
      await manager.query('SELECT pg_advisory_xact_lock(4621)');
      const before = await shopSettings(manager);
      holdVersion(before.version > 0 ? before : null, { version }, 'setting');
      await manager.save(ShopSettingsEntity, { id: settingsId, settings, version: version + 1 } as never);
      return { before, after: settings };
    });
    return c.json(await shopSettings(dataSource));
  });

  return app;
}
