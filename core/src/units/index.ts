export { isCurrency } from './currency';
export { defaultUnits, inUnits, shownIn, toSi, unitChoices, unitName, type Units } from './units';
