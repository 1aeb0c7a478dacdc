export type { End, Side } from '../model';
export type { Feature, LengthFeature, PartsFeature, WordFeature } from './feature';
export { featureById, features, firstLookFeatures, rowOfFeature, spacingPlacesApartMm } from './features';
export { slotPlaces, type FeaturePicture, type FeatureRow } from './rows';
export { isCarbon, needsApproval, type Seen } from './seen';
