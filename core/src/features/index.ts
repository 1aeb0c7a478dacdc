export {
  featureById,
  features,
  firstLookFeatures,
  slotPlaces,
  spacingPlacesApartMm,
  type End,
  type Feature,
  type LengthFeature,
  type PartsFeature,
  type Side,
  type WordFeature,
} from './features';
