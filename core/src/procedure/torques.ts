import { withLimits, type LimitsInput } from '../limits';
import type { TorqueTable } from './contract';

/** What each kind of fastener gets in this workshop; a maker's figure always wins. */
export function torquesOf(limits: LimitsInput | undefined): TorqueTable {
  const own = withLimits(limits);
  return {
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
  };
}

export const defaultTorques = torquesOf(undefined);
