import type { Limits } from '../limits';
import type { Thermal } from './contract';

/** What a hub motor of this kind usually stores and sheds. */
export function usualThermal(drive: 'geared' | 'direct', limits: Limits): Thermal {
  return drive === 'geared'
    ? {
        windingJK: limits.heatGearedWindingJK,
        shellJK: limits.heatGearedShellJK,
        windingToShellKW: limits.heatGearedInsideKW,
        shellToAirKW: limits.heatGearedOutsideKW,
        perMs: 0.15,
      }
    : {
        windingJK: limits.heatDirectWindingJK,
        shellJK: limits.heatDirectShellJK,
        windingToShellKW: limits.heatDirectInsideKW,
        shellToAirKW: limits.heatDirectOutsideKW,
        perMs: 0.2,
      };
}

/** Copper's resistance grows by this per kelvin. */
const copperPerK = 0.00393;

export interface HubHeatInput {
  thermal: Thermal;
  windingOhm: number;
  noLoadA: number;
  ktNmPerA: number;
  torqueNm: number;
  speedMs: number;
  wheelRadiusM: number;
  seconds: number;
  airC: number;
}

/**
 * Temperature of the winding after pulling steadily: I²R heats the winding, no-load losses the shell, and both shed
 * through the shell to the air.
 *
 * Fourth-order steps of at most a second, well under the winding's time constant.
 *
 * @returns °C; a motor that runs away ends at 400
 */
export function windingAfterC(input: HubHeatInput): number {
  const { thermal, windingOhm, noLoadA, ktNmPerA, torqueNm, speedMs, wheelRadiusM, seconds, airC } = input;
  const amps = torqueNm / ktNmPerA + noLoadA;
  const ironW = (noLoadA * ktNmPerA * speedMs) / wheelRadiusM;
  const toAirKW = thermal.shellToAirKW / (1 + thermal.perMs * speedMs);
  const change = ([winding, shell]: readonly [number, number]): [number, number] => {
    const copperW = amps ** 2 * windingOhm * (1 + copperPerK * (winding - 20));
    const across = (winding - shell) / thermal.windingToShellKW;
    return [(copperW - across) / thermal.windingJK, (ironW + across - (shell - airC) / toAirKW) / thermal.shellJK];
  };
  const steps = Math.max(1, Math.ceil(seconds));
  const step = seconds / steps;
  let state: [number, number] = [airC, airC];
  for (let at = 0; at < steps && state[0] < 400; at++) {
    const one = change(state);
    const two = change([state[0] + (one[0] * step) / 2, state[1] + (one[1] * step) / 2]);
    const three = change([state[0] + (two[0] * step) / 2, state[1] + (two[1] * step) / 2]);
    const four = change([state[0] + three[0] * step, state[1] + three[1] * step]);
    state = [
      state[0] + (step / 6) * (one[0] + 2 * two[0] + 2 * three[0] + four[0]),
      state[1] + (step / 6) * (one[1] + 2 * two[1] + 2 * three[1] + four[1]),
    ];
  }
  return Math.min(400, state[0]);
}
