import type { PedalSensorInput, SensorWay } from '../pedal-sensor';

export type SectionPart = 'frame' | 'sensor' | 'ring' | 'crank';

/** What lies outwards from the frame's face, which is at nothing. */
export interface CrankPlan {
  fromMm: number;
  toMm: number;
  parts: { part: SectionPart; fromMm: number; toMm: number }[];
  /** Between sensor and ring, and between ring and crank; none where nothing is left. */
  gaps: { fromMm: number; toMm: number; mm: number }[];
  /** Where the ring's marked face is; null where either face will do, or nobody knows which is marked. */
  markedMm: number | null;
}

const frameMm = 10;
const crankMm = 12;
/** A sensor is drawn at least as thick as this, into the frame where it stands out by less. */
const sensorMm = 3;
const usualGapMm = 1;

/** One way to put ring and sensor on, from the frame's face outwards. */
export function crankPlan(
  { ring, sensor, roomMm }: PedalSensorInput,
  { side, gapMm, turnOver }: Pick<SensorWay, 'side' | 'gapMm' | 'turnOver'>,
): CrankPlan {
  const isSealed = ring.kind === 'sealed';
  const proudMm = isSealed ? 0 : (sensor.proudMm ?? 0);
  // Where there is too little room it is the crank that the ring meets: the sensor needs its gap.
  const gap = isSealed ? 0 : Math.max(gapMm, sensor.gapMinMm ?? usualGapMm);
  const ringFrom = proudMm + gap;
  const ringTo = ringFrom + ring.thicknessMm;
  const crankFrom = roomMm[side];
  const gaps = [
    { fromMm: proudMm, toMm: ringFrom, mm: gap },
    { fromMm: ringTo, toMm: crankFrom, mm: crankFrom - ringTo },
  ];
  return {
    fromMm: -frameMm,
    toMm: Math.max(crankFrom, ringTo) + crankMm,
    parts: [
      { part: 'frame', fromMm: -frameMm, toMm: 0 },
      ...(isSealed ? [] : [{ part: 'sensor' as const, fromMm: Math.min(0, proudMm - sensorMm), toMm: proudMm }]),
      { part: 'ring', fromMm: ringFrom, toMm: ringTo },
      { part: 'crank', fromMm: crankFrom, toMm: crankFrom + crankMm },
    ],
    markedMm: isSealed || ring.madeFor === undefined || ring.madeFor === 'both' ? null : turnOver ? ringTo : ringFrom,
    gaps: gaps.filter(({ mm }) => mm > 0),
  };
}
