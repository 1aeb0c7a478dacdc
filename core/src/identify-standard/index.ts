export {
  identifyStandard,
  IdentifyStandardInput,
  type IdentifyStandardResult,
  type StandardMatch,
} from './identify-standard';
export { standardFeatures, standards, type Standard, type StandardFeature } from './standards';
