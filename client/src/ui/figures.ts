import { moneyText } from '@cricket/core/units';

import { shopCurrency } from './shop-units';

export { hoursText as hours } from '@cricket/core/units';

/** Money in the shop's currency. */
export function money(amount: number): string {
  return moneyText(amount, shopCurrency());
}
