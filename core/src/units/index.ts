export { currencySchema, isCurrency, weekStartSchema } from './shop-habits';
export { defaultUnits, inUnits, shownIn, toSi, unitChoices, unitName, unitsSchema, type Units } from './units';
