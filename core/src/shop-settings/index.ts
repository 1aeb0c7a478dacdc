/** Contracts of what a shop sets for itself. */
export { Currency, isTimeZone, ShopUnits, TimeZone, WeekStart } from './shop-settings';
