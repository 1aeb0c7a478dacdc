import { hullOf, minus, plus, times, type Piece, type Point } from '../plane';
import { clearanceAt, clearanceNear, clearStretches, justMetMm, type Body, type Surroundings } from './clear-stretch';
import type { BatteryBayInput, BayFixing, BayObstacle, ChosenBay, Stretch } from './contract';
import { bossesUsed, fixingsWithin } from './fixings';
import type { FittedFrame } from './frame-triangle';
import { batteryOutline, onTube, railOutline, sweptOutline, tubeSide, type TubeSide } from './way-in';

/** A battery does not lie lower for less than this: then the room round it decides. */
const asLowMm = 0.05;
/** The smallest battery that is worth asking for. */
const leastBatteryMm = { lengthMm: 100, heightMm: 30 };
const stepsPerMm = 10;

/** Everything that the positions along one tube are held against. */
export interface Room {
  side: TubeSide;
  around: Surroundings;
  /** What the battery sweeps, and its rail. */
  bodies: Body[];
  /** Free positions. */
  intervals: Stretch[];
  /** Of these, the ones at which each fixing is there; the best fixing first. */
  ways: [BayFixing, Stretch[]][];
}

export function roomAlong(input: BatteryBayInput, frame: FittedFrame): Room {
  const side = tubeSide(frame, input.tubes, input.tube);
  const around = surroundings(input, frame);
  const bodies = bodiesOf(input, side, true);
  const intervals = clearStretches(bodies, around);
  const { bolted, bossBand, bands } = fixingsWithin(input, intervals);
  const ways: Room['ways'] = [
    ['bolted', bolted],
    ['boss-band', bossBand],
    ['bands', bands],
  ];
  return { side, around, bodies, intervals, ways };
}

/** Of the room along a tube the position that is taken; null where there is none, or nothing holds the rail. */
export function chosenIn(room: Room, input: BatteryBayInput): ChosenBay | null {
  const way = room.ways.find(([, stretches]) => stretches.length > 0);
  if (!way) return null;
  const [fixing, stretches] = way;
  const fromMm = lowestAndClearest(stretches, room);
  return {
    fromMm,
    fixing,
    bossesMm: bossesUsed(input, fixing, fromMm),
    clearanceMm: clearanceAt(room.bodies, room.around, fromMm),
    ...whereItLies(input, room.side, fromMm),
  };
}

/** How much shorter, and how much lower, the battery alone would have to be: each in tenths of a millimetre, if any is enough. */
export function missingRoom(input: BatteryBayInput, frame: FittedFrame): { lengthMm?: number; heightMm?: number } {
  const side = tubeSide(frame, input.tubes, input.tube);
  const around = surroundings(input, frame);
  const isRoomFor = (battery: BatteryBayInput['battery']) =>
    clearStretches(bodiesOf({ ...input, battery }, side, false), around).length > 0;
  const lessOf = (name: 'lengthMm' | 'heightMm'): { [name: string]: number } => {
    const whole = input.battery[name];
    const most = Math.floor((whole - leastBatteryMm[name]) * stepsPerMm + justMetMm);
    const isEnough = (steps: number) => isRoomFor({ ...input.battery, [name]: whole - steps / stepsPerMm });
    if (most < 0 || !isEnough(most)) return {};
    let [none, enough] = [-1, most];
    while (enough - none > 1) {
      const middle = Math.floor((none + enough) / 2);
      if (isEnough(middle)) enough = middle;
      else none = middle;
    }
    return { [name]: enough / stepsPerMm };
  };
  return { ...lessOf('lengthMm'), ...lessOf('heightMm') };
}

/** Everything that an obstacle covers, wherever it moves. */
function coveredBy({ polygon, moving }: BayObstacle): Point[] {
  return moving ? hullOf([...polygon, ...moving.to, ...(moving.via ?? []).flat()]) : polygon;
}

function surroundings({ tube, obstacles, clearanceMm }: BatteryBayInput, { triangle }: FittedFrame): Surroundings {
  const { bb, downHead, headTop, seat } = triangle;
  const hasHead = downHead[0] !== headTop[0] || downHead[1] !== headTop[1];
  const walls: Piece[] = [
    ...(tube === 'down' ? [] : [[bb, downHead] satisfies Piece]),
    ...(hasHead ? [[downHead, headTop] satisfies Piece] : []),
    [headTop, seat],
    ...(tube === 'seat' ? [] : [[seat, bb] satisfies Piece]),
  ];
  return {
    outline: hasHead ? [bb, downHead, headTop, seat] : [bb, downHead, seat],
    walls,
    obstacles: obstacles.map(coveredBy),
    clearanceMm: clearanceMm ?? 5,
  };
}

/** What lies or moves in the frame, as it is when the battery's lower end is beside the bottom bracket centre. */
function bodiesOf(input: BatteryBayInput, side: TubeSide, withRail: boolean): Body[] {
  const rail = withRail ? railOutline(input) : null;
  return [sweptOutline(input), ...(rail ? [rail] : [])].map((outline) => ({
    outline: outline.map(([alongMm, offMm]) => onTube(side, alongMm, offMm)),
    along: side.along,
  }));
}

/**
 * Of these positions the one with the lowest battery; among those that are as low as makes no difference, the one with the most
 * room round it.
 */
function lowestAndClearest(stretches: readonly Stretch[], { side, around, bodies }: Room): number {
  const rise = side.along[1];
  const isRising = rise >= 0;
  const lowest = isRising
    ? Math.min(...stretches.map(({ fromMm }) => fromMm))
    : Math.max(...stretches.map(({ toMm }) => toMm));
  const reachMm = asLowMm / Math.max(Math.abs(rise), 1e-6);
  const [least, most] = isRising ? [lowest, lowest + reachMm] : [lowest - reachMm, lowest];
  const clearance = clearanceNear(bodies, around, lowest, reachMm);
  const near = stretches
    .map(({ fromMm, toMm }) => ({ fromMm: Math.max(fromMm, least), toMm: Math.min(toMm, most) }))
    .filter(({ fromMm, toMm }) => toMm >= fromMm)
    .map((stretch) => clearestOf(stretch, clearance));
  return near.reduce((best, next) => (clearance(next) > clearance(best) + justMetMm ? next : best), lowest);
}

/** The most room within a stretch so short that the room in it rises to one position and falls after it. */
function clearestOf({ fromMm, toMm }: Stretch, clearance: (fromMm: number) => number): number {
  let [low, high] = [fromMm, toMm];
  while (high - low > justMetMm / 10) {
    const third = (high - low) / 3;
    if (clearance(low + third) < clearance(high - third)) low += third;
    else high -= third;
  }
  const middle = (low + high) / 2;
  return [fromMm, toMm].reduce((best, next) => (clearance(next) > clearance(best) ? next : best), middle);
}

export function whereItLies(input: BatteryBayInput, side: TubeSide, fromMm: number) {
  const { battery, rail, key, bike } = input;
  const corners = batteryOutline(input).map(([alongMm, offMm]) => onTube(side, fromMm + alongMm, offMm));
  const centre = times(plus(corners[0]!, corners[2]!), 0.5);
  return {
    corners,
    centre,
    ...(key && { keyAt: onTube(side, fromMm + key.at[0], rail.heightMm + key.at[1]) }),
    ...(bike && {
      massShiftMm: times(minus(centre, bike.centre), battery.massKg / (battery.massKg + bike.massKg)),
    }),
  };
}
