export { axleStack, possibleStacks, type AllowsShims } from './axle-stack';
export {
  AxleStackInput,
  StackHub,
  type AxleStackResult,
  type Impossible,
  type LimitName,
  type Purchase,
  type Stack,
  type StackSide,
} from './contract';
export { judgeStack, stackFindings, usualSigma, type Arrangement } from './judge';
export { normalBelow } from './normal';
