export { isCurrency, moneyText } from './currency';
export { counted } from './counted';
export { hoursText } from './hours';
export {
  decimalMarks,
  defaultUnits,
  inUnits,
  shownIn,
  toSi,
  unitChoices,
  unitName,
  withMark,
  type DecimalMark,
  type UnitKind,
  type Units,
} from './units';
