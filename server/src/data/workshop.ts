import type { ShopSettings } from '@cricket/contract/shapes';
import { usualHourlyRate } from '@cricket/core/job-cost';
import { exampleLawClasses } from '@cricket/core/law';
import type { Workshop } from '@cricket/core/next-action';
import { storeItems } from '@cricket/core/parts';
import type { DataSource, EntityManager } from 'typeorm';

import { ShopSettingsEntity } from './entities/shop-settings';
import { allWheels } from './records';
import { allStores } from './stock';

/** The one row of settings. */
export const settingsId = '00000000-0000-4000-8000-000000000001';

/** What the workshop has set; the defaults until it has. */
export async function shopSettings(source: DataSource | EntityManager): Promise<ShopSettings> {
  const manager = 'manager' in source ? source.manager : source;
  const row = await manager.findOneBy(ShopSettingsEntity, { id: settingsId });
  if (!row) return { limits: {}, tools: [], hourlyRate: usualHourlyRate, laws: [...exampleLawClasses], version: 0 };
  return { ...row.settings, version: row.version };
}

/** Everything of the workshop that a fit depends on. */
export async function workshopOf(source: DataSource | EntityManager): Promise<Workshop> {
  const [wheels, stores, { limits, tools, secondPerson }] = [
    await allWheels(source),
    storeItems(await allStores(source)),
    await shopSettings(source),
  ];
  return { wheels, stores, limits, tools, ...(secondPerson && { secondPerson }) };
}
