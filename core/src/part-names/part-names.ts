import type { WantedPart } from '../parts';
import { asWritten, said, type Said } from '../said';

/** What a washer of the stores is called. */
export function washerName(id: string): Said {
  const [kind, mm] = id.split('-');
  return partName(kind === 'tabbed' ? 'tabbed' : 'plain', Number(mm));
}

/** What a small part on the axle is called, by its thickness. */
export function partName(kind: 'plain' | 'tabbed' | 'rotor-shim' | 'caliper-shim', thicknessMm: number): Said {
  return said(`parts.${kind}`, { thicknessMm });
}

/** What a part is called where it is ordered: by its kind and figures; what has a name of its own keeps it. */
export function wantedName({ kind, spec }: WantedPart): Said {
  if (typeof spec.name === 'string') return asWritten(spec.name);
  // Of equal Wh there are many: one that is bought by its cells is called by them.
  return said(kind === 'battery' && 'cells' in spec ? 'part.battery-cells' : `part.${kind}`, spec);
}
