import { said, type Said } from '../said';

/** What a washer of the stores is called. */
export function washerName(id: string): Said {
  const [kind, mm] = id.split('-');
  return partName(kind === 'tabbed' ? 'tabbed' : 'plain', Number(mm));
}

/** What a small part on the axle is called, by its thickness. */
export function partName(kind: 'plain' | 'tabbed' | 'rotor-shim' | 'caliper-shim', thicknessMm: number): Said {
  return said(`parts.${kind}`, { thicknessMm });
}
