import { G, Rect } from 'react-native-svg';

import type { Piece } from './drawing-scale';

/** Where metal would be in metal: hatched in the colour of "stop". */
export function Clashes({ draw: { x, y }, layout, data }: Piece) {
  const clashes: { from: number; to: number; half: number }[] = [];
  for (const side of ['left', 'right'] as const) {
    const nut = layout.parts.find((part) => part.side === side && part.kind === 'nut');
    const past = nut ? (side === 'left' ? layout.ends.left - nut.fromMm : nut.toMm - layout.ends.right) : 0;
    if (past > 0.005)
      clashes.push(
        side === 'left'
          ? { from: nut!.fromMm, to: layout.ends.left, half: 8 }
          : { from: layout.ends.right, to: nut!.toMm, half: 8 },
      );
  }
  for (const side of ['left', 'right'] as const) {
    const lip = data.lips[side];
    if (!lip || !data.onLip[side]) continue;
    const face =
      side === 'left' ? layout.faces.left - data.input.plateMm.left : layout.faces.right + data.input.plateMm.right;
    const over = side === 'left' ? face - lip.depthMm : face + lip.depthMm;
    clashes.push({ from: Math.min(face, over), to: Math.max(face, over), half: lip.diameterMm / 2 + 6 });
  }
  if ((data.gapMm ?? 0) < -0.005) {
    clashes.push({ from: layout.shoulders.left, to: layout.faces.left, half: 20 });
    clashes.push({ from: layout.faces.right, to: layout.shoulders.right, half: 20 });
  }
  const { rotor } = layout;
  const adjust = data.input.want?.rotorAdjustMm ?? 1.5;
  if (rotor && Math.abs(data.stack.rotorErrorMm) > adjust) {
    clashes.push({
      from: Math.min(rotor.fromMm, rotor.wantedFromMm),
      to: Math.max(rotor.toMm, rotor.wantedToMm),
      half: 30,
    });
  }
  const least = data.input.want?.sprocketGapMinMm ?? 4;
  if (
    layout.sprocketMm !== null &&
    data.stack.sprocketGapMm !== undefined &&
    data.stack.sprocketGapMm < least - 0.005
  ) {
    clashes.push({ from: layout.sprocketMm, to: layout.faces.right, half: 20 });
  }
  return (
    <G>
      {clashes.map(({ from, to, half }) => (
        <Rect
          key={`${from}`}
          x={x(from)}
          y={y(half)}
          width={Math.max(3, x(to) - x(from))}
          height={y(-half) - y(half)}
          fill="url(#clash)"
          opacity={0.85}
        />
      ))}
    </G>
  );
}
