import type { Shape } from '../scene';
import type { Frame } from './frame';

interface Clash {
  fromMm: number;
  toMm: number;
  halfMm: number;
}

const sides = ['left', 'right'] as const;

/** Where metal would be in metal, hatched. */
export function clashShapes(frame: Frame): Shape[] {
  const { x, y } = frame.scale;
  return clashes(frame).map(({ fromMm, toMm, halfMm }): Shape => ({
    shape: 'rect',
    x: x(fromMm),
    y: y(halfMm),
    width: Math.max(3, x(toMm) - x(fromMm)),
    height: y(-halfMm) - y(halfMm),
    fill: 'clash',
    opacity: 0.85,
  }));
}

/** What does not go, by where on the axle it is. */
export function clashes({ layout, data }: Pick<Frame, 'layout' | 'data'>): Clash[] {
  const { stack, input, gapMm = 0 } = data;
  const { rotor, sprocketMm, faces, shoulders } = layout;
  const adjustMm = input.want?.rotorAdjustMm ?? 1.5;
  const leastMm = input.want?.sprocketGapMinMm ?? 4;
  const offRotor = rotor !== null && Math.abs(stack.rotorErrorMm) > adjustMm;
  const sprocketTouches = stack.sprocketGapMm !== undefined && stack.sprocketGapMm < leastMm - 0.005;
  return [
    ...sides.flatMap((side) => nutPastAxle(layout, side)),
    ...sides.flatMap((side) => nutOnLip({ layout, data }, side)),
    ...(gapMm < -0.005
      ? [
          { fromMm: shoulders.left, toMm: faces.left, halfMm: 20 },
          { fromMm: faces.right, toMm: shoulders.right, halfMm: 20 },
        ]
      : []),
    ...(offRotor
      ? [
          {
            fromMm: Math.min(rotor.fromMm, rotor.wantedFromMm),
            toMm: Math.max(rotor.toMm, rotor.wantedToMm),
            halfMm: 30,
          },
        ]
      : []),
    ...(sprocketMm !== null && sprocketTouches ? [{ fromMm: sprocketMm, toMm: faces.right, halfMm: 20 }] : []),
  ];
}

/** The nut stands out past the end of the axle: there is no thread under it. */
function nutPastAxle({ parts, ends }: Frame['layout'], side: 'left' | 'right'): Clash[] {
  const nut = parts.find((part) => part.side === side && part.kind === 'nut');
  const past = nut ? (side === 'left' ? ends.left - nut.fromMm : nut.toMm - ends.right) : 0;
  if (!nut || past <= 0.005) return [];
  return [
    side === 'left'
      ? { fromMm: nut.fromMm, toMm: ends.left, halfMm: 8 }
      : { fromMm: ends.right, toMm: nut.toMm, halfMm: 8 },
  ];
}

function nutOnLip({ layout, data }: Pick<Frame, 'layout' | 'data'>, side: 'left' | 'right'): Clash[] {
  const lip = data.lips[side];
  if (!lip || !data.onLip[side]) return [];
  const outwards = side === 'left' ? -1 : 1;
  const face = layout.faces[side] + outwards * data.input.plateMm[side];
  const over = face + outwards * lip.depthMm;
  return [{ fromMm: Math.min(face, over), toMm: Math.max(face, over), halfMm: lip.diameterMm / 2 + 6 }];
}
