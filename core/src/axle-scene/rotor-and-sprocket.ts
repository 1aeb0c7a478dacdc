import { box, type Shape } from '../scene';
import type { Frame } from './frame';

/** How thick a pad is, and the room that it leaves, in mm: as drawn. */
const padMm = { thick: 3.2, clear: 0.2 };

/** The rotor, and the caliper that it should run in. */
export function rotor({ scale: { x, y }, stretch, layout }: Frame): Shape[] {
  if (!layout.rotor) return [];
  const { fromMm, toMm, wantedFromMm, wantedToMm } = layout.rotor;
  const { thick, clear } = padMm;
  const tip = stretch.upMm - 10;
  return [
    box([x(wantedFromMm - thick), 0], [x(wantedFromMm - clear), y(tip - 16)], 'sheet'),
    box([x(wantedToMm + clear), 0], [x(wantedToMm + thick), y(tip - 16)], 'sheet'),
    box([x(fromMm), y(tip)], [x(toMm), y(-20)], 'metal', { leastPx: 1.5 }),
  ];
}

/** The smallest sprockets, the outermost where its outer face is. */
export function sprocket({ scale: { x, y }, layout }: Frame): Shape[] {
  const { sprocketMm } = layout;
  if (sprocketMm === null) return [];
  return [0, 1, 2].map((index) => {
    const [from, half] = [sprocketMm - 1.8 - index * 4.4, 22 + index * 5];
    return box([x(from), y(half)], [x(from + 1.8), y(-half)], 'metal', { strokeWidth: 1 });
  });
}
