import type { Side } from '../features';
import type { EndJob } from './contract';

/** One part on the axle, as the stand and the job sheet draw it; widths in shares, heights in px. */
export interface AxleRowPart {
  key: string;
  name: string;
  wide: number;
  tall: number;
  /** The step in hand is about it. */
  lit: boolean;
}

/** Which parts a step is about. */
const about: Record<string, (kind: string) => boolean> = {
  'inside-washers': (kind) => kind === 'inside',
  'lips-filled': (kind) => kind === 'c-washer',
  'axle-tight': (kind) => kind === 'nut',
  retorque: (kind) => kind === 'nut' || kind === 'arm',
  'rotor-shim': (kind) => kind === 'shim',
  'dry-fit': (kind) => kind === 'plate',
  'as-delivered': (kind) => kind === 'inside',
  'came-off': () => false,
  adapters: (kind) => kind === 'cap',
};

/** Everything on the axle from the rider's left to the right; what the step is about is lit. */
export function axleRow(end: EndJob, step: string): AxleRowPart[] {
  const lit = about[step] ?? (() => false);
  const side = (which: Side): AxleRowPart[] => {
    const part = (key: string, kind: string, name: string, wide: number, tall: number) => ({
      key: `${which}-${key}`,
      name,
      wide,
      tall,
      lit: lit(kind),
    });
    // From the hub outwards.
    return [
      ...(end.adapterOrder.length ? [part('cap', 'cap', end.closed ? 'cap' : 'extender', 1, 60)] : []),
      ...(which === 'left' && end.rotorShimMm > 0 ? [part('shim', 'shim', `${end.rotorShimMm}`, 0.8, 84)] : []),
      ...end.inside[which].map((id, index) =>
        part(`in-${index}`, 'inside', nameOf(id), 0.9, id.startsWith('tabbed') ? 56 : 46),
      ),
      part('plate', 'plate', 'dropout', 1.2, 96),
      ...(end.cWashers.includes(which) ? [part('c', 'c-washer', 'C', 0.8, 40)] : []),
      ...(end.extras.includes(which) ? [part('extra', 'extra', 'stay', 0.9, 62)] : []),
      ...(end.arms.includes(which) ? [part('arm', 'arm', 'arm', 1, 72)] : []),
      part('nut', 'nut', end.closed ? 'axle' : 'nut', 1.5, 42),
    ];
  };
  const hub = { key: 'hub', name: 'hub', wide: 3.4, tall: 118, lit: false };
  return [...side('left').reverse(), hub, ...side('right')];
}

/** A washer's name in the drawing: its thickness, with `t` for a tab. */
function nameOf(id: string): string {
  const [kind, mm = ''] = id.split('-');
  return kind === 'tabbed' ? `t${mm}` : mm;
}
