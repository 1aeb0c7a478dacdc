import { box, type GroupShape, type Paint, type Shape } from '../scene';
import type { AxlePart, AxlePartKind } from './axle-parts';
import type { Frame } from './frame';

const fills: Partial<Record<AxlePartKind, Paint>> = { nut: 'metal', tabbed: 'lime', tab: 'lime', 'lock-plate': 'lime' };

/** How far a tab reaches past its washer's own face, and where it stands, in mm: as drawn. */
const tabMm = { reach: 3, from: -5, to: -8 };

/** A finger is wider than a washer, in px and mm. */
const finger = { beside: 6, halfMm: 18 };

/**
 * One part threaded on the axle: washer, dropout with its lip, arm, nut.
 *
 * @param selected - it is in hand
 */
export function partShapes(frame: Frame, part: AxlePart, selected: boolean): GroupShape {
  const { scale, height } = frame;
  const { x, y } = scale;
  const left = x(part.fromMm);
  const right = Math.max(left + 1.5, x(part.toMm));
  const bottom = Math.min(y(-part.radiusMm), height);
  if (part.kind === 'plate') {
    const plate = box([left, 0], [right, bottom], 'cut', { strokeWidth: 1.5 });
    return { shape: 'group', picks: part.key, shapes: [plate, ...lipShapes(frame, part)] };
  }
  const top = part.kind === 'arm' ? Math.max(0, y(frame.stretch.upMm * 0.72)) : y(part.radiusMm);
  const body = box([left, top], [right, bottom], selected ? 'lime' : (fills[part.kind] ?? 'sheet'), {
    strokeWidth: selected ? 2.5 : 1.4,
  });
  const reach: Shape = {
    shape: 'rect',
    x: left - finger.beside,
    y: y(finger.halfMm),
    width: right - left + 2 * finger.beside,
    height: y(-finger.halfMm) - y(finger.halfMm),
    fill: 'paper',
    opacity: 0,
  };
  return { shape: 'group', picks: part.key, shapes: [...tabShapes(frame, part, left, right), body, reach] };
}

/** From inside the tab points outwards into the slot, from outside inwards. */
function tabShapes({ scale: { y, pxPerMm } }: Frame, part: AxlePart, left: number, right: number): Shape[] {
  if (part.kind !== 'tabbed' && part.kind !== 'tab') return [];
  const onLeft = (part.side === 'left') === (part.kind === 'tabbed');
  const reach = tabMm.reach * pxPerMm;
  const [from, to] = onLeft ? [left - reach, left] : [right, right + reach];
  return [box([from, y(tabMm.from)], [to, y(tabMm.to)], 'lime', { strokeWidth: 1.2 })];
}

/** The retaining lip round a slot, above and below the axle. */
function lipShapes({ scale: { x, y }, data }: Frame, part: AxlePart): Shape[] {
  const lip = data.lips[part.side];
  if (!lip) return [];
  const face = part.side === 'left' ? part.fromMm : part.toMm;
  const over = face + (part.side === 'left' ? -lip.depthMm : lip.depthMm);
  return ([1, -1] as const).map((way) =>
    box([x(face), y((way * lip.diameterMm) / 2)], [x(over), y(way * (lip.diameterMm / 2 + 6))], 'cut', {
      strokeWidth: 1.2,
      leastPx: 1.5,
    }),
  );
}
