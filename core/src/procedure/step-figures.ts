import { withLimits, type LimitsInput } from '../limits';
import type { StepFigures } from './contract';

/** What each kind of fastener gets and which gaps are asked for in this workshop; a maker's figure always wins. */
export function stepFigures(limits: LimitsInput | undefined): StepFigures {
  const own = withLimits(limits);
  return {
    torque: {
      rotorNm: own.rotorNm,
      caliperNm: own.caliperNm,
      armNm: own.armBoltNm,
      bandNm: own.bandNm,
      crankNm: own.crankNm,
      pedalNm: own.pedalNm,
      lockRingNm: own.lockRingNm,
      cupNm: own.cupNm,
      leverNm: own.leverNm,
      shifterNm: own.shifterNm,
      throttleNm: own.throttleNm,
      stemNm: own.stemNm,
    },
    gap: { runningMm: own.runningGapMm, coverMm: own.coverGapWorkMm, rimOffMm: own.rimOffsetMm },
  };
}

export const defaultFigures = stepFigures(undefined);
