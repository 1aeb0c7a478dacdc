export { Currency, isCurrency, WeekStart } from './shop-habits';
export { defaultUnits, inUnits, shownIn, toSi, unitChoices, unitName, Units } from './units';
