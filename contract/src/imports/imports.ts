import { Items, Optional, Remark, Whole } from '@cricket/core/input';
import { PlainWheel } from '@cricket/core/part-schemas';

import { PartRow } from '../stores/part-entry';

/** Most rows in one import. */
const mostRows = 2000;

/** The stores as a list. */
export class StoresImport {
  @Items(() => PartRow, mostRows) rows!: PartRow[];
}
/** A motor wheel with its note, as a line of a list. */
export class WheelsImportRow extends PlainWheel {
  @Remark(400) note!: string;
  @Optional() @Whole(0, 1_000_000) version?: number;
}

/** Motor wheels as a list. */
export class WheelsImport {
  @Items(() => WheelsImportRow, 500) rows!: WheelsImportRow[];
}
