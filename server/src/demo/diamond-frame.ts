import type { BikeFacts } from '@cricket/core/bike-facts';

const { PI, atan2, hypot } = Math;

type Corner = [x: number, y: number];

/** Inside corners of the longtail's frame, x forward and y up: its tubes are measured from them. */
const corner = { bb: [10, 34], downHead: [452, 430], headTop: [428, 504], seat: [-118, 462] } satisfies Record<
  string,
  Corner
>;

/** As a tape and a gauge read them: whole millimetres, tenths of a degree. */
function between([x1, y1]: Corner, [x2, y2]: Corner, diameterMm: number, isForward: boolean) {
  const [dx, dy] = [x2 - x1, y2 - y1];
  const angleDeg = (180 * atan2(dy, isForward ? dx : -dx)) / PI;
  return { lengthMm: Math.round(hypot(dx, dy)), diameterMm, angleDeg: Number(angleDeg.toFixed(1)) };
}

/** The room in the longtail's frame, two bosses on its down tube, and a lock beside the seat tube. */
export const diamondFrame: NonNullable<BikeFacts['frame']> = {
  tubes: {
    down: between(corner.bb, corner.downHead, 40, true),
    seat: between(corner.bb, corner.seat, 34, false),
    top: between(corner.seat, corner.headTop, 34, true),
    head: between(corner.downHead, corner.headTop, 38, false),
  },
  bosses: [
    { tube: 'down', fromBbMm: 210 },
    { tube: 'down', fromBbMm: 274 },
    { tube: 'seat', fromBbMm: 250 },
  ],
  inWay: [
    {
      kind: 'long',
      id: 'Frame lock',
      from: { tube: 'seat', alongMm: 300, offMm: 14 },
      to: { tube: 'seat', alongMm: 390, offMm: 14 },
      thickMm: 26,
    },
  ],
  pedal: { qFactorMm: 178, crankThicknessMm: 14, kneeMm: 150 },
};

/** The pack of the longtail's kit, on a rail that it slides off upwards. */
export const railPack: NonNullable<BikeFacts['bay']> = {
  pack: {
    of: 'supplied',
    battery: { lengthMm: 330, heightMm: 84, widthMm: 88, massKg: 5.2 },
    rail: {
      lengthMm: 330,
      heightMm: 10,
      slotsMm: [
        [40, 90],
        [120, 170],
      ],
    },
    insert: { kind: 'slide', strokeMm: 45, toward: 'bb' },
    key: { at: [70, 40], proudMm: 12 },
  },
};

/** A controller of its own under the rack's deck, in the open. */
export const ownController: NonNullable<BikeFacts['controller']> = {
  box: { lengthMm: 110, widthMm: 60, heightMm: 32 },
  lossW: 4,
  around: 'open',
  gaps: { belowMm: 14, aroundMm: 8 },
  exits: 'down',
  splashed: true,
  watertight: true,
  plugs: [{ id: 'Motor', lengthMm: 260, neededMm: 220 }],
};
