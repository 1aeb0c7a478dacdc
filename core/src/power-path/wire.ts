import type { Insulation, Lead, WireMetal } from './contract';

/** Current in A that a copper conductor of this many mm² bears in air of 40 °C, with ordinary insulation. */
const ampacity: readonly (readonly [mm2: number, amps: number])[] = [
  [0.5, 5],
  [0.75, 8],
  [1, 11],
  [1.5, 16],
  [2.5, 24],
  [4, 32],
  [6, 41],
  [10, 57],
];

/** Thinner than this carries no motor. */
export const thinnestMm2 = 0.5;

const insulationFactor: Record<Insulation, number> = { pvc70: 1, xlpe90: 1.25, silicone: 1.5 };
const bundledFactor = 0.8;
const aluminiumFactor = 0.78;

/** Resistivity at 20 °C in Ω·mm²/m, and its growth for each degree. */
const resistivity: Record<WireMetal, number> = { copper: 0.01724, aluminium: 0.0282 };
const perDegree = 0.0039;
const usualConductorC = 50;

/**
 * Cross-section of a wire by its American gauge.
 *
 * @example Number(mm2OfAwg(12).toFixed(2)) // 3.31
 */
export function mm2OfAwg(awg: number): number {
  return 0.012668 * 92 ** ((36 - awg) / 19.5);
}

/** Cross-section of a lead in mm², however it is stated. */
export function crossSectionMm2({ mm2, awg }: Pick<Lead, 'mm2' | 'awg'>): number {
  return mm2 ?? mm2OfAwg(awg!);
}

/** Nobody has looked: reckoned as the metal that bears less. */
const metalOf = ({ metal }: Pick<Lead, 'metal'>): WireMetal => metal ?? 'aluminium';

/** Current in A that a lead bears: between the points of the table ln A grows evenly with ln mm², above them as before. */
export function leadRatedA(lead: Lead): number {
  const mm2 = crossSectionMm2(lead);
  const found = ampacity.findIndex(([size]) => size >= mm2 - 1e-12);
  const above = found < 0 ? ampacity.length - 1 : Math.max(1, found);
  const [low, high] = [ampacity[above - 1]!, ampacity[above]!];
  const slope = Math.log(high[1] / low[1]) / Math.log(high[0] / low[0]);
  const copperA = low[1] * (mm2 / low[0]) ** slope;
  return (
    copperA *
    insulationFactor[lead.insulation] *
    (lead.bundled ? bundledFactor : 1) *
    (metalOf(lead) === 'aluminium' ? aluminiumFactor : 1)
  );
}

/** Resistance of both conductors of a lead in Ω, as warm as they run. */
export function leadOhm(lead: Lead): number {
  const warm = 1 + perDegree * ((lead.conductorC ?? usualConductorC) - 20);
  return (resistivity[metalOf(lead)] * warm * 2 * lead.lengthM) / crossSectionMm2(lead);
}
