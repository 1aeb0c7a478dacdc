import type { Page } from '@playwright/test';

import type { OwnShop } from './own-shop';
import { expect } from './test';

/** Bikes of the demo that have a stack, or everything for one. */
export const longtail = '00000003-0000-4000-8000-000000000003';
export const bakery = '00000003-0000-4000-8000-000000000001';

/** Opens the stand of a bike whose stack is taken, at its first step. */
export async function taken(page: Page, shop: OwnShop, bike = longtail): Promise<void> {
  await page.goto(`${shop.url}/bikes/${bike}/stand`);
  await expect(page.getByTestId('step-title')).toHaveText('Look the parcel over');
}
