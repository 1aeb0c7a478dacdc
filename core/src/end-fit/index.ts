export type { EndFit, EndFitInput, OutsidePart, SolvedStack, TabPlace } from './contract';
export { endFit, type StackSolver } from './end-fit';
export { outsideChoices } from './outside-parts';
export { stackInput } from './stack-input';
export { tabFindings, tabsInside, tabWays, type TabWay } from './tab-ways';
