import { said } from '../said';
import { Checked, OneOf, Optional, Text, Whole, type RuleDecorator } from '../input';
import { decimalMarks, isCurrency, unitChoices, type DecimalMark, type Units } from '../units';

/** The units of a shop, as they come over the wire. */
export class ShopUnits implements Units {
  @OneOf(unitChoices.length) length!: Units['length'];
  @OneOf(unitChoices.torque) torque!: Units['torque'];
  @OneOf(unitChoices.speed) speed!: Units['speed'];
  @OneOf(unitChoices.mass) mass!: Units['mass'];
  @OneOf(unitChoices.pressure) pressure!: Units['pressure'];
  /** How figures are written; after the reader's own browser when left out. */
  @Optional() @OneOf(decimalMarks) decimalMark?: DecimalMark;
}

/** What a shop counts money in. */
export const Currency = (): RuleDecorator =>
  Checked(Text(3), isCurrency, said('shop-settings.three-letters-of-currency-in-capitals'));

/**
 * Whether there is a time zone of this name.
 *
 * @example isTimeZone('Etc/UTC') // true
 */
export function isTimeZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== '';
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}

/** Whose clock a shop goes by. */
export const TimeZone = (): RuleDecorator =>
  Checked(Text(60), isTimeZone, said('shop-settings.name-of-time-zone-such-as'));

/** With which day a week begins, as dates count them. */
export const WeekStart = (): RuleDecorator =>
  Checked(Whole(0, 6), (day) => day === 0 || day === 1 || day === 6, said('shop-settings.one-of-0-sunday-1-monday'));
