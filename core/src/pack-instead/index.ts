/** Another pack than the kit's: the rider's own, or a supplier's substitute; what it touches is judged anew. */
export { PackInstead } from './contract';
export { emptyV, fullV, isOtherPack, kitWithPack, lowCutRangeV, packFindings } from './pack-instead';
export { otherPack, packsMeasured, type PackMeasured } from './other-pack';
