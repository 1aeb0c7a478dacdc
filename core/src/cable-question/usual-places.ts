import type { BikeFacts } from '../bike-facts';
import { frameSpots } from '../battery-bay';
import type { Spot } from '../cable-runs';
import type { BikeAnchor, BikeSteering, BikeTurning } from '../bike-facts/cables';
import { said, type Said } from '../said';

/** Names things in the language of who writes them down: from then on they are called so. */
type Says = (words: Said) => string;

/** What is known of a bike's size. */
export interface BikeSizes {
  beadSeatMm: number | null;
  wheelbaseMm: number | null;
  chainStayMm: number | null;
}

/** Both axles stand so much higher than the bottom bracket, mostly [J]. */
const usualDropMm = 65;
const usual = { beadSeatMm: 622, wheelbaseMm: 1080, chainStayMm: 445, headDeg: 71, lockDeg: 60, tyreMm: 45 };

/** Where both axles are, from wheelbase and chain stay. */
function axles({ wheelbaseMm, chainStayMm }: BikeSizes): { rearX: number; frontX: number } {
  const stay = chainStayMm ?? usual.chainStayMm;
  const rearX = -Math.sqrt(Math.max(0, stay ** 2 - usualDropMm ** 2));
  return { rearX, frontX: rearX + (wheelbaseMm ?? usual.wheelbaseMm) };
}

const round = (mm: number): number => Math.round(mm);

/** A head as the measured tubes have it, with usual locks: offered, to be measured. */
export function usualSteering({ frame }: BikeFacts, sizes: BikeSizes): BikeSteering {
  const tubes = frame?.tubes;
  const corner = tubes && frameSpots(tubes)?.triangle.downHead;
  const half = (tubes?.head?.diameterMm ?? 36) / 2;
  const point: Spot = corner
    ? [round(corner[0] + half), round(corner[1]), 0]
    : [round(axles(sizes).frontX - 160), 480, 0];
  const lock = usual.lockDeg;
  return {
    head: { point, angleDeg: tubes?.head?.angleDeg ?? usual.headDeg, lockDeg: { left: lock, right: lock } },
    forkTravelMm: 0,
  };
}

/** Wheels and cranks as such a bike mostly has them: offered, to be measured. */
export function usualTurning({ frame }: BikeFacts, sizes: BikeSizes, say: Says): BikeTurning {
  const { rearX, frontX } = axles(sizes);
  const radiusMm = (sizes.beadSeatMm ?? usual.beadSeatMm) / 2 + usual.tyreMm;
  const pedal = frame?.pedal;
  const wheel = (id: 'rear-wheel' | 'front-wheel', x: number, on: 'frame' | 'fork') => ({
    id: say(said(`cable-question.usual.${id}`)),
    centre: [round(x), usualDropMm, 0] satisfies Spot,
    radiusMm,
    halfWidthMm: 30,
    on,
  });
  return {
    discs: [wheel('rear-wheel', rearX, 'frame'), wheel('front-wheel', frontX, 'fork')],
    crank: {
      radiusMm: 190,
      halfWidthMm: pedal ? pedal.qFactorMm / 2 - (pedal.crankThicknessMm ?? 15) : 60,
    },
  };
}

type UsualPlace =
  | 'throttle'
  | 'left-lever'
  | 'right-lever'
  | 'display'
  | 'stem'
  | 'head-tube'
  | 'down-tube'
  | 'bottom-bracket'
  | 'chain-stay'
  | 'rear-axle'
  | 'fork-blade'
  | 'front-axle'
  | 'controller';

/** Places that most looms run over, where they mostly are: each counts as guessed until somebody has put it where it is. */
export function usualAnchors(facts: BikeFacts, sizes: BikeSizes, say: Says): BikeAnchor[] {
  const { head } = facts.cables?.steering ?? usualSteering(facts, sizes);
  const { rearX, frontX } = axles(sizes);
  const [headX, headY] = head.point;
  const guess = (id: UsualPlace, at: Spot, on: BikeAnchor['on'], more: Partial<BikeAnchor> = {}): BikeAnchor => ({
    id: say(said(`cable-question.usual.${id}`)),
    at: [round(at[0]), round(at[1]), round(at[2])],
    on,
    ...more,
    guessed: true,
  });
  return [
    guess('throttle', [headX - 60, headY + 190, -230], 'bar'),
    guess('left-lever', [headX - 50, headY + 190, -190], 'bar'),
    guess('right-lever', [headX - 50, headY + 190, 190], 'bar'),
    guess('display', [headX - 50, headY + 200, 0], 'bar'),
    guess('stem', [headX - 40, headY + 150, -20], 'bar'),
    guess('head-tube', [headX - 25, headY + 40, -25], 'frame', { room: true }),
    guess('down-tube', [headX * 0.5, headY * 0.5, -28], 'frame', { room: true }),
    guess('bottom-bracket', [0, 45, -45], 'frame'),
    guess('chain-stay', [rearX * 0.6, usualDropMm * 0.6, -55], 'frame'),
    guess('rear-axle', [rearX, usualDropMm, -62], 'frame', { axleExit: true }),
    guess('fork-blade', [(headX + frontX) / 2, (headY + usualDropMm) / 2, -55], 'fork'),
    guess('front-axle', [frontX, usualDropMm, -50], 'fork', { axleExit: true }),
    guess('controller', [headX * 0.3, headY * 0.35, 0], 'frame'),
  ];
}
