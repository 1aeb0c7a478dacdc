import { said } from '../said';
import { readInput } from '../input';
import type { Point } from '../plane';
import { finding, told, worstFirst, worstOf, type Finding, type Verdict } from '../verdict';
import { bayResult, refuseContradictions } from './battery-bay';
import { clearanceAt, justMetMm } from './clear-stretch';
import { BatteryBayInput, type BatteryBayResult, type BayFixing, type BayTriangle, type Stretch } from './contract';
import { fixingFindings, misfitFinding, noPlace, widthFindings } from './findings';
import { bossesUsed } from './fixings';
import { fittedFrame } from './frame-triangle';
import { roomAlong, whereItLies, type Room } from './place-battery';
import { batteryOutline, onTube, railOutline, sweptOutline } from './way-in';

/** The battery where somebody has laid it. */
export interface LaidBattery {
  verdict: Verdict;
  findings: Finding[];
  /** Lower end of the battery, along the tube from the bottom bracket centre. */
  fromMm: number;
  /** Null: nothing holds it there. */
  fixing: BayFixing | null;
  bossesMm: number[];
  /** Least distance to anything, over the whole way in; null where it lies outside the frame or in something. */
  clearanceMm: number | null;
  /** Outlines, to be drawn: battery, its rail, and all that the battery sweeps while it is put in. */
  battery: Point[];
  rail: Point[] | null;
  swept: Point[];
  keyAt?: Point;
}

export interface OpenBay {
  /** The answer that `batteryBay` gives. */
  result: BatteryBayResult;
  /** Whatever position is asked for: held against the same room, which is worked out once. */
  laidAt(fromMm: number): LaidBattery;
}

/**
 * A frame that a battery is pushed to and fro in: what costs time is done once, each position after that is quick.
 *
 * @throws InputError as `batteryBay` does
 *
 * @example
 * openBay({ tubes: { down: { lengthMm: 575, … }, … }, … }).laidAt(297)
 * // { verdict: 'stop', fixing: null, clearanceMm: null, … }: it runs into the head tube
 */
export function openBay(input: BatteryBayInput): OpenBay {
  const read = readInput(BatteryBayInput, input);
  refuseContradictions(read);
  const frame = fittedFrame(read.tubes);
  const room = roomAlong(read, frame);
  const result = bayResult(read, frame, room);
  return { result, laidAt: (fromMm) => laidAt(read, room, frame.triangle, fromMm) };
}

function laidAt(input: BatteryBayInput, room: Room, { misfit }: BayTriangle, fromMm: number): LaidBattery {
  const { side } = room;
  const lies = whereItLies(input, side, fromMm);
  const isFree = holds(room.intervals, fromMm);
  const fixing = room.ways.find(([, stretches]) => holds(stretches, fromMm))?.[0] ?? null;
  const bossesMm = fixing ? bossesUsed(input, fixing, fromMm) : [];
  const nearestMm = clearanceAt(room.bodies, room.around, fromMm);
  const outline = (points: Point[]) => points.map(([along, off]) => onTube(side, fromMm + along, off));
  const rail = railOutline(input);
  const findings = worstFirst([
    misfitFinding(misfit),
    ...placeFindings(input, room, isFree, nearestMm),
    ...(isFree && !fixing ? [noPlace(true, null)] : []),
    ...(fixing ? fixingFindings(input, { fromMm, fixing, bossesMm, clearanceMm: nearestMm, ...lies }) : []),
    ...widthFindings(input),
  ]);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings,
    fromMm,
    fixing,
    bossesMm,
    clearanceMm: isFree || isNear(nearestMm, room.around.clearanceMm) ? nearestMm : null,
    battery: outline(batteryOutline(input)),
    rail: rail && outline(rail),
    swept: outline(sweptOutline(input)),
    ...(lies.keyAt && { keyAt: lies.keyAt }),
  };
}

function holds(stretches: readonly Stretch[], fromMm: number): boolean {
  return stretches.some((each) => fromMm >= each.fromMm - justMetMm && fromMm <= each.toMm + justMetMm);
}

/** Whether what is too near is merely too near: neither crossed, nor wholly inside of something. */
const isNear = (nearestMm: number, limitMm: number) => nearestMm > 0 && nearestMm < limitMm;

/** Whether it keeps its distance there; where it does not, the way to the nearest place at which it does. */
function placeFindings({ tube }: BatteryBayInput, room: Room, isFree: boolean, nearestMm: number): Finding[] {
  const limit = room.around.clearanceMm;
  if (isFree) {
    return [
      finding('clear', 'goes', said('battery-bay.battery-keeps-its-distance-and-so'), {
        measured: nearestMm,
        limit,
      }),
    ];
  }
  const remedies = room.intervals.length > 0 ? [said('battery-bay.push-it-along-tube-to-where', { tube })] : [];
  return [
    isNear(nearestMm, limit)
      ? finding(
          'clear',
          'stop',
          said('battery-bay.battery-its-rail-or-its-way'),
          { measured: nearestMm, limit, margin: nearestMm - limit },
          remedies,
        )
      : told('clear', 'stop', said('battery-bay.battery-its-rail-or-its-way-in'), remedies),
  ];
}
