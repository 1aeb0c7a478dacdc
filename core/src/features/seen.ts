import type { Material } from '../materials';
import type { End } from '../model';

/** What is known of an end as far as it says what else is to be looked at there. */
export interface Seen {
  end: End;
  material: Material | null;
  bladeMaterial: Material | null;
  suspension: boolean | null;
  kind: 'open' | 'closed' | null;
  brake: 'rim' | 'disc' | 'other' | 'none' | null;
  /** Speeds at the rear; 0 for one sprocket or none. */
  speeds: number | null;
  /** A chain runs to this end: its hub must take a sprocket. Null: nobody has looked yet. */
  chain: boolean | null;
  /** Lengths and words that were read, by feature. */
  lengths: ReadonlyMap<string, unknown>;
  words: ReadonlyMap<string, string>;
}

/** Whether the dropout or blade is known to be carbon: then the end is refused, whatever else is measured. */
export function isCarbon({ material, bladeMaterial }: Pick<Seen, 'material' | 'bladeMaterial'>): boolean {
  return material === 'carbon' || bladeMaterial === 'carbon';
}

/** Whether this end may take a motor only with its maker's word. */
export function needsApproval({
  end,
  material,
  bladeMaterial,
  suspension,
}: Pick<Seen, 'end' | 'material' | 'bladeMaterial' | 'suspension'>): boolean {
  if (end !== 'front') return false;
  const materials = [material, bladeMaterial];
  return (
    suspension === true ||
    materials.includes('cast-aluminium') ||
    materials.includes('magnesium') ||
    // Unfiled it may go without; asked it is all the same.
    materials.includes('forged-aluminium')
  );
}
