export { isCurrency } from './currency';
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
