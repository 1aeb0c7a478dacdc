import { inMm } from '../figures';
import { withLimits } from '../limits';
import type { EndFit } from '../end-fit';
import { finding, graded, notMeasured, type Finding } from '../verdict';
import type { FitInput } from './contract';
import { lengthOf } from './readings';
import type { TyreChoice } from './tyre';

/**
 * The motor's cover between fork blades or stays, with a disc or without: half of what the legs stand further apart than the
 * cover is wide, less what the washers move the hub off the middle.
 */
export function coverRoom({ facts, wheel, limits: own }: FitInput, fit: EndFit): Finding {
  const apartMm = lengthOf(facts, 'legs-apart');
  if (apartMm === null) return notMeasured('cover-room', 'The room between the legs or stays beside the motor');
  const { runningGapMm } = withLimits(own);
  const best = fit.stack?.stacks[0];
  const offMm = best ? Math.abs(best.left.totalMm - best.right.totalMm) / 2 : 0;
  const roomMm = Number(((apartMm - wheel.coverWidthMm) / 2 - offMm).toFixed(6));
  const margin = roomMm - runningGapMm;
  const verdict = graded(margin, margin);
  return finding(
    'cover-room',
    verdict,
    roomMm < 0
      ? `The motor is ${inMm(-roomMm)} too wide for the legs or stays beside it.`
      : `Between motor cover and leg or stay there is ${inMm(roomMm)}; ${inMm(runningGapMm)} is needed.`,
    { measured: roomMm, limit: runningGapMm, margin },
    verdict === 'goes' ? [] : ['Take a narrower motor.', 'Fit the motor at the other end.'],
  );
}

/** A tyre that is wider than the old one may touch blade, stay or mudguard. */
export function tyreRoom({ facts, limits: own }: FitInput, tyre: TyreChoice | null): Finding[] {
  const chosenMm = tyre?.tyre?.widthMm;
  if (chosenMm === undefined) return [];
  const roomMm = lengthOf(facts, 'tyre-room');
  if (roomMm === null) return [notMeasured('tyre-room', 'The room where the tyre runs')];
  const { tyreRoomGoesMm, tyreRoomWorkMm } = withLimits(own);
  const gapMm = Number(((roomMm - chosenMm) / 2).toFixed(6));
  const verdict = graded(gapMm - tyreRoomGoesMm, gapMm - tyreRoomWorkMm);
  const widest = Math.floor(roomMm - 2 * tyreRoomGoesMm);
  return [
    finding(
      'tyre-room',
      verdict,
      gapMm < 0
        ? `The tyre, ${inMm(chosenMm)}, is wider than the room for it.`
        : `Beside a ${inMm(chosenMm)} tyre there is ${inMm(gapMm)}; ${inMm(tyreRoomGoesMm)} goes, ${inMm(tyreRoomWorkMm)} is the least.`,
      { measured: gapMm, limit: tyreRoomGoesMm, margin: gapMm - tyreRoomGoesMm },
      verdict === 'goes' ? [] : [`Take a tyre of at most ${widest} mm, if the rim takes one so narrow.`],
    ),
  ];
}
