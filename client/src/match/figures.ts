import { shopCurrency } from '../ui/shop-units';

/** Minutes as hours and minutes, such as "4 h 10". */
export function hours(minutes: number): string {
  const whole = Math.floor(minutes / 60);
  const rest = Math.round(minutes % 60);
  return whole === 0 ? `${rest} min` : rest === 0 ? `${whole} h` : `${whole} h ${String(rest).padStart(2, '0')}`;
}

/** Money in the shop's currency, without cents where there are none. */
export function money(amount: number): string {
  const currency = shopCurrency();
  return amount.toLocaleString('en', {
    ...(currency !== null && { style: 'currency', currency }),
    maximumFractionDigits: 2,
    minimumFractionDigits: Number.isInteger(amount) ? 0 : 2,
  });
}
