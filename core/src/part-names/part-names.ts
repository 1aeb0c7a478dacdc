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

/** Whether kind and figures are all that a part is called by: a cable or a lever has a name from where it is wanted. */
export function isNamed({ spec }: WantedPart): boolean {
  return !('what' in spec);
}

/** What a part is called where it is ordered: by its kind and figures; what has a name of its own keeps it. */
export function wantedName({ kind, spec }: WantedPart): Said {
  if (typeof spec.name === 'string') return asWritten(spec.name);
  switch (kind) {
    case 'battery':
      // Of equal Wh there are many: one that is bought by its cells is called by them.
      return said('cells' in spec ? 'part.battery-cells' : 'part.battery', spec);
    case 'rotor':
      return said('part.rotor', { ...spec, pattern: said(`part.pattern-${spec.pattern}`) });
    default:
      return said(`part.${kind}`, spec);
  }
}
