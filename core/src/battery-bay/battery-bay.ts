import { said } from '../said';
import { InputError, readInput } from '../input';
import { isSimple, type Point } from '../plane';
import { worstFirst, worstOf, type Finding } from '../verdict';
import { BatteryBayInput, type BatteryBayResult, type BayInstead } from './contract';
import { fixingFindings, insteadFinding, misfitFinding, noPlace, widthFindings } from './findings';
import { fittedFrame, type FittedFrame } from './frame-triangle';
import { chosenIn, missingRoom, roomAlong, type Room } from './place-battery';

/**
 * Where does the battery go in the frame: can it lie there and be put in there, and what holds it?
 *
 * The frame's inside is fitted to its tubes as measured. The battery on its rail, and everything it sweeps while it is put in,
 * keeps its distance from tubes and obstacles, moving ones wherever they are; the positions along the tube at which it does are
 * exact. Of those that bosses or bands can hold the lowest is taken.
 *
 * @param input - tubes, bosses, what is in the way, battery, rail and how it is put in
 * @returns the free positions, the one that is taken with what holds it there, or what is missing and what is left
 * @throws InputError for values out of range, tubes that enclose nothing, an outline that crosses itself, a slot that ends before
 * it begins
 *
 * @example
 * batteryBay({ tubes: { down: { lengthMm: 600, diameterMm: 40, angleDeg: 45 }, … }, tube: 'down', … }).chosen
 * // { fromMm: 110.2, fixing: 'bolted', bossesMm: [190, 254], clearanceMm: 5, … }
 */
export function batteryBay(input: BatteryBayInput): BatteryBayResult {
  const read = readInput(BatteryBayInput, input);
  refuseContradictions(read);
  const frame = fittedFrame(read.tubes);
  return bayResult(read, frame, roomAlong(read, frame));
}

/** The answer for a tube whose room is worked out. */
export function bayResult(read: BatteryBayInput, frame: FittedFrame, room: Room): BatteryBayResult {
  const { intervals } = room;
  const chosen = chosenIn(room, read);
  const missing = intervals.length === 0 ? missingRoom(read, frame) : null;
  const instead = chosen ? null : insteadOf(read, frame, missing);
  const judged: Finding[] = [
    misfitFinding(frame.triangle.misfit),
    ...(chosen ? fixingFindings(read, chosen) : [noPlace(intervals.length > 0, missing)]),
    ...widthFindings(read),
  ];
  return {
    verdict: worstOf(judged.map(({ verdict }) => verdict)),
    findings: worstFirst([...judged, ...(instead ?? []).map(insteadFinding)]),
    triangle: frame.triangle,
    intervals,
    bolted: room.ways[0]![1],
    ...(chosen && { chosen }),
    ...(missing && { missing }),
    ...(instead && { instead }),
  };
}

function insteadOf(
  input: BatteryBayInput,
  frame: FittedFrame,
  missing: { lengthMm?: number; heightMm?: number } | null,
): BayInstead[] {
  const otherwise: BatteryBayInput = { ...input, tube: input.tube === 'down' ? 'seat' : 'down' };
  const other = chosenIn(roomAlong(otherwise, frame), otherwise);
  const isSmaller = (missing?.lengthMm ?? 0) > 0 || (missing?.heightMm ?? 0) > 0;
  return [
    ...(other ? (['other-tube'] as const) : []),
    ...(isSmaller ? (['shorter-pack'] as const) : []),
    'rack',
    'bag',
  ];
}

export function refuseContradictions({ obstacles, rail }: BatteryBayInput): void {
  for (const [at, { polygon, moving }] of obstacles.entries()) {
    refuseCrossing(`obstacles.${at}.polygon`, polygon);
    if (!moving) continue;
    refuseCrossing(`obstacles.${at}.moving.to`, moving.to);
    for (const [step, outline] of (moving.via ?? []).entries()) {
      refuseCrossing(`obstacles.${at}.moving.via.${step}`, outline);
    }
  }
  for (const [at, [from, to]] of rail.slotsMm.entries()) {
    if (to < from)
      throw new InputError(`rail.slotsMm.${at}.1`, to, said('battery-bay.at-least-where-slot-begins', { from }));
  }
}

function refuseCrossing(path: string, outline: readonly Point[]): void {
  if (!isSimple(outline)) throw new InputError(path, outline, said('battery-bay.at-least-three-corners-of-outline'));
}
