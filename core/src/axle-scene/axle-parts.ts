import type { AxleStackInput, Stack } from '../axle-stack';
import type { OutsidePart } from '../end-fit';
import type { Side } from '../features';
import type { Wheel } from '../parts';

/** What the axle line is drawn from. */
export interface AxleLineData {
  wheel: Wheel;
  input: AxleStackInput;
  stack: Stack;
  outside: Record<Side, readonly OutsidePart[]>;
  /** Retaining lips as measured. */
  lips: Record<Side, { diameterMm: number; depthMm: number } | null>;
  /** Sides on which the nut would stand on the lip. */
  onLip: Record<Side, boolean>;
  /** Room between shoulders and dropouts that no washers fill; negative: the hub is wider than the frame. */
  gapMm?: number;
}

export type AxlePartKind =
  | 'plain'
  | 'tabbed'
  | 'plate'
  | 'c-washer'
  | 'tab'
  | 'lock-plate'
  | 'extra'
  | 'spacer'
  | 'arm'
  | 'nut';

/** One part on the axle, in the order in which it is threaded on. */
export interface AxlePart {
  /** Unique on the axle: side, place and id. */
  key: string;
  kind: AxlePartKind;
  side: Side;
  /** Id of the washer or part; the same for equal ones. */
  id: string;
  /** Place among the inside washers of its side, hub outwards; null for other parts. */
  insideIndex: number | null;
  thicknessMm: number;
  /** Along the axle in mm, 0 in the middle between the shoulders, positive to the rider's right. */
  fromMm: number;
  toMm: number;
  /** Half its height, for the drawing. */
  radiusMm: number;
}

/** Everything on the axle line with its place in mm. */
export interface AxleLayout {
  parts: AxlePart[];
  /** Left and right shoulder. */
  shoulders: { left: number; right: number };
  /** Ends of the axle. */
  ends: { left: number; right: number };
  /** Inner faces of the dropouts. */
  faces: { left: number; right: number };
  rimMm: number;
  /** The bike's middle plane. */
  middleMm: number;
  /** Rotor and the gap of the caliper that it should run in; null without. */
  rotor: { fromMm: number; toMm: number; wantedFromMm: number; wantedToMm: number; radiusMm: number } | null;
  /** Outer face of the smallest sprocket; null without. */
  sprocketMm: number | null;
}

/** Rotors are drawn this thick. */
const rotorThicknessMm = 1.8;

const radii: Record<AxlePartKind, number> = {
  plain: 11,
  tabbed: 12.5,
  plate: 22,
  'c-washer': 10,
  tab: 12.5,
  'lock-plate': 18,
  extra: 16,
  spacer: 11,
  arm: 15,
  nut: 11,
};

/**
 * Places every part along the axle: left end to right end.
 */
export function axleLayout({ wheel, input, stack, outside, gapMm = 0 }: AxleLineData): AxleLayout {
  const half = input.hub.shoulderWidthMm / 2;
  const left = sideParts('left', { wheel, input, stack, outside, gapMm });
  const right = sideParts('right', { wheel, input, stack, outside, gapMm });
  const faces = { left: -half - stack.left.totalMm - gapMm / 2, right: half + stack.right.totalMm + gapMm / 2 };
  const { rotorFaceMm } = input.hub;
  const wanted = input.want?.rotorFaceMm;
  const rotorAt = rotorFaceMm === undefined ? null : -half + rotorFaceMm - stack.rotorShimMm;
  const wantedAt = wanted === undefined ? null : faces.left + wanted + stack.caliperShimMm;
  return {
    parts: [...left.reverse(), ...right],
    shoulders: { left: -half, right: half },
    ends: { left: -half - input.hub.axleMm.left, right: half + input.hub.axleMm.right },
    faces,
    rimMm: input.hub.rimOffsetMm,
    middleMm: input.hub.rimOffsetMm - stack.rimOffsetMm,
    rotor:
      rotorAt === null || wantedAt === null
        ? null
        : {
            fromMm: rotorAt - rotorThicknessMm,
            toMm: rotorAt,
            wantedFromMm: wantedAt - rotorThicknessMm,
            wantedToMm: wantedAt,
            radiusMm: (wheel.rotorDiameterMm ?? 160) / 2,
          },
    sprocketMm: input.hub.smallSprocketMm === undefined ? null : half - input.hub.smallSprocketMm,
  };
}

/** The parts of one side from the hub outwards. */
function sideParts(
  side: Side,
  { wheel, input, stack, outside, gapMm = 0 }: Omit<AxleLineData, 'lips' | 'onLip'>,
): AxlePart[] {
  const washers = new Map(input.washers.map((washer) => [washer.id, washer]));
  const outwards = side === 'left' ? -1 : 1;
  let at = (outwards * input.hub.shoulderWidthMm) / 2;
  const parts: AxlePart[] = [];
  const add = (
    kind: AxlePartKind,
    id: string,
    thicknessMm: number,
    insideIndex: number | null,
    radiusMm = radii[kind],
  ) => {
    const next = at + outwards * thicknessMm;
    parts.push({
      key: `${side}-${parts.length}-${id}`,
      kind,
      side,
      id,
      insideIndex,
      thicknessMm,
      fromMm: Math.min(at, next),
      toMm: Math.max(at, next),
      radiusMm,
    });
    at = next;
  };
  stack[side].inside.forEach((id, index) => {
    const washer = washers.get(id);
    if (washer) add(washer.kind, id, washer.thicknessMm, index);
  });
  at += (outwards * gapMm) / 2;
  add('plate', 'plate', input.plateMm[side], null);
  for (const part of outside[side]) {
    // The dropout is a plate, too: a lock plate has a name of its own here.
    const kind: AxlePartKind = part.kind === 'plate' ? 'lock-plate' : part.kind;
    add(kind, part.id, part.thicknessMm, null, kind === 'c-washer' ? outerRadius(part.id) : radii[kind]);
  }
  add('nut', 'nut', input.nutMm, null, wheel.nutFlangeMm / 2);
  return parts;
}

/** A C-washer's id carries its size, such as `c-washer-17x2`. */
function outerRadius(id: string): number {
  const outer = Number(/-(\d+(?:\.\d+)?)x/.exec(id)?.[1]);
  return Number.isFinite(outer) && outer > 0 ? outer / 2 : radii['c-washer'];
}
