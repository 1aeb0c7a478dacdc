import { asWritten, said, type Said } from '../said';
import type { WantedPart } from './wanted';

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
