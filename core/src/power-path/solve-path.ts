import type { ElementResult, Lead, PathElement, PowerPathInput, SolvedPath } from './contract';
import { leadOhm, leadRatedA } from './wire';

/** Differences below this are binary dust. */
export const dust = 1e-9;

/** Sizes that fuses come in, in A. */
export const fuseSizesA = [5, 7.5, 10, 15, 20, 25, 30, 35, 40, 50, 60, 70, 80] as const;

/** A contact carries this much more than the lead beside it [J]. */
const connectorFactor = 1.25;
/** A fuse that is not to blow on a hill carries this much more than the current [J]. */
const fuseFactor = 1.2;
const lfpFullV = 3.65;
const nmcFullV = 4.2;

export const fullVPerCell = (chemistry: PowerPathInput['battery']['chemistry']): number =>
  chemistry === 'lfp' ? lfpFullV : nmcFullV;

/** Whether an element lies between battery and controller. */
export const onBatterySide = ({ kind }: Pick<PathElement, 'kind'>): boolean => kind !== 'phase';

/** What is reckoned along the path when the controller draws so much. */
export function solvePath(input: PowerPathInput, batteryA: number): SolvedPath {
  const { battery, chain, accessories, controller } = input;
  const fullV = battery.cells * fullVPerCell(battery.chemistry);
  const emptyV = battery.cells * battery.cutoffVPerCell;
  const currentA = batteryA + accessories.reduce((sum, { watts }) => sum + watts, 0) / emptyV;
  const elements = chain.map((element, index) => elementAt(element, index, currentA, controller.phaseA));
  const leads = chain.filter((element): element is Lead => element.kind === 'lead');
  const dropV = currentA * leads.reduce((sum, lead) => sum + leadOhm(lead), 0);
  const fused = elements.filter(({ kind }) => kind === 'lead' || kind === 'connector' || kind === 'switch');
  const max = Math.min(battery.peakA, ...fused.map(({ ratedA }) => ratedA!));
  const min = fuseFactor * currentA;
  return {
    fullV,
    emptyV,
    currentA,
    elements,
    dropV,
    dropPercent: (100 * dropV) / emptyV,
    fuseWindowA: { min, max },
    fuseA: fuseSizesA.find((size) => size >= min - dust && size <= max + dust) ?? null,
  };
}

function elementAt(element: PathElement, index: number, currentA: number, phaseA: number): ElementResult {
  const { kind } = element;
  if (element.kind === 'joint') {
    const [one, other] = element.metals;
    const verdict = one === other || element.rated === true ? 'goes' : 'stop';
    return { index, kind, ratedA: null, loadA: currentA, marginA: null, verdict };
  }
  const ratedA = ratingOf(element);
  const loadA = kind === 'connector' ? connectorFactor * currentA : kind === 'phase' ? phaseA : currentA;
  const marginA = ratedA - loadA;
  return { index, kind, ratedA, loadA, marginA, verdict: marginA < -dust ? 'stop' : 'goes' };
}

function ratingOf(element: Exclude<PathElement, { kind: 'joint' }>): number {
  switch (element.kind) {
    case 'lead':
      return leadRatedA(element);
    case 'connector':
    case 'phase':
      return element.continuousA;
    case 'fuse':
    case 'switch':
      return element.A;
  }
}

/** A drop of this many % goes, of that many is work [J]. */
export const dropGoesPercent = 3;
export const dropWorkPercent = 5;

/** Greatest whole battery current, from 1 to the present one, at which nothing along the path stands against it. */
export function limitOf(input: PowerPathInput): number | null {
  for (let batteryA = Math.floor(input.controller.batteryA + dust); batteryA >= 1; batteryA--) {
    const { currentA, elements, dropPercent, fuseA } = solvePath(input, batteryA);
    const carried = elements.every((element) => !onBatterySide(element) || (element.marginA ?? 0) >= -dust);
    const drawn = currentA <= input.battery.continuousA + dust;
    if (drawn && carried && dropPercent <= dropGoesPercent + dust && fuseA !== null) return batteryA;
  }
  return null;
}
