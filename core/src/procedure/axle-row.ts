import { said, type Said } from '../said';
import type { Side } from '../features';
import type { EndJob } from './contract';

/** One part on the axle, as the stand and the job sheet draw it; widths in shares, heights in px. */
export interface AxleRowPart {
  key: string;
  name: Said;
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
    const part = (key: string, kind: string, name: Said, wide: number, tall: number) => ({
      key: `${which}-${key}`,
      name,
      wide,
      tall,
      lit: lit(kind),
    });
    // From the hub outwards.
    return [
      ...(end.adapterOrder.length
        ? [part('cap', 'cap', said(end.closed ? 'axle-row.cap' : 'axle-row.extender'), 1, 60)]
        : []),
      ...(which === 'left' && end.rotorShimMm > 0
        ? [part('shim', 'shim', said('axle-row.thickness', { mm: end.rotorShimMm }), 0.8, 84)]
        : []),
      ...end.inside[which].map((id, index) =>
        part(`in-${index}`, 'inside', nameOf(id), 0.9, id.startsWith('tabbed') ? 56 : 46),
      ),
      part('plate', 'plate', said('axle-row.dropout'), 1.2, 96),
      ...(end.cWashers.includes(which) ? [part('c', 'c-washer', said('axle-row.c-washer'), 0.8, 40)] : []),
      ...(end.extras.includes(which) ? [part('extra', 'extra', said('axle-row.stay'), 0.9, 62)] : []),
      ...(end.arms.includes(which) ? [part('arm', 'arm', said('axle-row.arm'), 1, 72)] : []),
      part('nut', 'nut', said(end.closed ? 'axle-row.axle' : 'axle-row.nut'), 1.5, 42),
    ];
  };
  const hub = { key: 'hub', name: said('axle-row.hub'), wide: 3.4, tall: 118, lit: false };
  return [...side('left').reverse(), hub, ...side('right')];
}

/** A washer's name in the drawing: its thickness, with `t` for a tab. */
function nameOf(id: string): Said {
  const [kind, mm] = id.split('-');
  return said(kind === 'tabbed' ? 'axle-row.with-tab' : 'axle-row.thickness', { mm: Number(mm) });
}
