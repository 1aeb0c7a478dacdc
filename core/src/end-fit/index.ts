export type { EndFit, EndFitInput, OutsidePart } from './contract';
export { endFit } from './end-fit';
