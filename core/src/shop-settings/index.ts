/** Contracts of what a shop sets for itself. */
export { Currency, ShopUnits, WeekStart } from './shop-settings';
