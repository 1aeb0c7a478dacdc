import type { End } from '../features';
import { withLimits, type LimitsInput } from '../limits';
import { statedFor, type StatedTorque } from '../stated-torques';
import type { Fastener, StepFigures, TorqueTable } from './contract';

/** What each kind of fastener gets and which gaps are asked for in this workshop. */
export function stepFigures(limits: LimitsInput | undefined): StepFigures {
  const own = withLimits(limits);
  const figure = (nm: number) => ({ nm, mostNm: Number((own.fastenerMostShare * nm).toFixed(2)), source: null });
  return {
    torque: {
      rotor: figure(own.rotorNm),
      caliper: figure(own.caliperNm),
      'arm-bolt': figure(own.armBoltNm),
      band: figure(own.bandNm),
      crank: figure(own.crankNm),
      pedal: figure(own.pedalNm),
      'lock-ring': figure(own.lockRingNm),
      cup: figure(own.cupNm),
      lever: figure(own.leverNm),
      shifter: figure(own.shifterNm),
      throttle: figure(own.throttleNm),
      stem: figure(own.stemNm),
    },
    gap: { runningMm: own.runningGapMm, coverMm: own.coverGapWorkMm, rimOffMm: own.rimOffsetMm },
  };
}

export const defaultFigures = stepFigures(undefined);

/** The table with what makers state laid over it: their figure is the aim and, or "up to", the most. */
export function withStated(table: TorqueTable, stated: readonly StatedTorque[], end: End | null): TorqueTable {
  if (stated.length === 0) return table;
  return Object.fromEntries(
    (Object.keys(table) as Fastener[]).map((fastener) => {
      const own = table[fastener];
      const said = statedFor(fastener, end, stated);
      if (!said) return [fastener, own];
      const nm = said.upTo ? Math.min(own.nm, said.Nm) : said.Nm;
      return [fastener, { nm, mostNm: said.Nm, source: said.source }];
    }),
  ) as TorqueTable;
}
