import { said } from '../../said';
import { withLimits } from '../../limits';
import type { EndFit } from '../../end-fit';
import { finding, graded, notMeasured, type Finding } from '../../verdict';
import type { FitInput } from '../contract';
import { lengthOf } from './readings';
import { judging, type Judge } from './judge';
import type { TyreChoice } from './solved';

/**
 * The motor's cover between fork blades or stays, with a disc or without: half of what the legs stand further apart than the
 * cover is wide, less what the washers move the hub off the middle.
 */
function coverRoom({ facts, wheel, limits: own }: FitInput, fit: EndFit): Finding {
  const apartMm = lengthOf(facts, 'legs-apart');
  if (apartMm === null) return notMeasured('cover-room', said('fit.room-between-legs-or-stays-beside'));
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
      ? said('fit.motor-is-too-wide-for-legs', { roomMm: -roomMm })
      : said('fit.between-motor-cover-and-leg-or', { roomMm, runningGapMm }),
    { measured: roomMm, limit: runningGapMm, margin },
    verdict === 'goes' ? [] : [said('fit.take-narrower-motor'), said('shared.fit-motor-at-other-end')],
  );
}

/** A tyre that is wider than the old one may touch blade, stay or mudguard. */
function tyreRoom({ facts, limits: own }: FitInput, tyre: TyreChoice | null): Finding[] {
  const chosenMm = tyre?.tyre?.widthMm;
  if (chosenMm === undefined) return [];
  const roomMm = lengthOf(facts, 'tyre-room');
  if (roomMm === null) return [notMeasured('tyre-room', said('fit.room-where-tyre-runs'))];
  const { tyreRoomGoesMm, tyreRoomWorkMm } = withLimits(own);
  const gapMm = Number(((roomMm - chosenMm) / 2).toFixed(6));
  const verdict = graded(gapMm - tyreRoomGoesMm, gapMm - tyreRoomWorkMm);
  const widest = Math.floor(roomMm - 2 * tyreRoomGoesMm);
  return [
    finding(
      'tyre-room',
      verdict,
      gapMm < 0
        ? said('fit.tyre-is-wider-than-room-for', { chosenMm })
        : said('fit.beside-tyre-there-is-goes-is', { chosenMm, gapMm, tyreRoomGoesMm, tyreRoomWorkMm }),
      { measured: gapMm, limit: tyreRoomGoesMm, margin: gapMm - tyreRoomGoesMm },
      verdict === 'goes' ? [] : [said('fit.take-tyre-of-at-most-if', { widest })],
    ),
  ];
}

export const tyreRoomJudge: Judge = judging('tyre', [], ({ input, tyre }) => tyreRoom(input, tyre));

export const coverJudge: Judge = judging('end', [], ({ input, axle }) => [coverRoom(input, axle)]);
