import { Amount, Items, Nested, OneOf, Optional, Text, Whole } from '@cricket/core/input';
import { LawClass } from '@cricket/core/law';
import { OwnLimits } from '@cricket/core/limits';
import { secondLooks } from '@cricket/core/procedure';
import { Currency, ShopUnits, TimeZone, WeekStart } from '@cricket/core/shop-settings';

/** What a workshop sets for itself, with the version that was read. */
export class SettingsEntry {
  @Nested(() => OwnLimits) limits!: OwnLimits;
  @Items(Text(80), 100) tools!: string[];
  @Amount(0, 1000, 'an hour') hourlyRate!: number;
  @Items(() => LawClass, 40) laws!: LawClass[];
  @Optional() @OneOf(secondLooks) secondPerson?: (typeof secondLooks)[number];
  @Optional() @Nested(() => ShopUnits) units?: ShopUnits;
  @Optional() @Currency() currency?: string;
  @Optional() @TimeZone() timeZone?: string;
  @Optional() @WeekStart() weekStartsOn?: 0 | 1 | 6;
  @Whole(0, 1_000_000) version!: number;
}
