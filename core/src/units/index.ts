export { isCurrency, moneyText } from './currency';
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
