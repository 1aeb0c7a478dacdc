export type { EndFit, EndFitInput, OutsidePart, SolvedStack } from './contract';
export { endFit, type StackSolver } from './end-fit';
export { outsideChoices } from './outside-parts';
export { stackInput } from './stack-input';
