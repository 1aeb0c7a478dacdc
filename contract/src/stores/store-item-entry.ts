import { PlainStoreDetails } from '@cricket/core/part-schemas';
import { storeKinds, threadedKinds, type StoreDetails, type StoreKind } from '@cricket/core/parts';
import { IsInt, IsIn, IsNumber, IsOptional, Max, Min, ValidateIf } from 'class-validator';

import { HoldsPlain } from '../holds-plain';

/** A line of the stores: new (version 0), or changed (the version that was read). */
export class StoreItemEntry {
  @IsIn(storeKinds)
  kind!: StoreKind;

  @ValidateIf((item: StoreItemEntry) => threadedKinds.includes(item.kind) || (item.boreMm ?? null) !== null)
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(4)
  @Max(60)
  boreMm?: number | null;

  @IsOptional()
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(6)
  @Max(320)
  outerMm?: number | null;

  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(0.05)
  @Max(30)
  thicknessMm!: number;

  @ValidateIf((item: StoreItemEntry) => item.kind === 'tabbed')
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(4)
  @Max(20)
  tabWidthMm?: number | null;

  @ValidateIf((item: StoreItemEntry) => item.kind === 'tabbed')
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(0.5)
  @Max(20)
  tabDepthMm?: number | null;

  /** Length of a bolt, what an arm or tyre is like, cost; checked against the core's contract. */
  @IsOptional()
  @HoldsPlain(PlainStoreDetails)
  details?: StoreDetails | null;

  @IsInt()
  @Min(0)
  @Max(9999)
  count!: number;

  @IsInt()
  @Min(0)
  version!: number;
}
