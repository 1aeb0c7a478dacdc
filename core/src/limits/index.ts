/** The workshop's limits: every default, its range and its meaning in one table, and the workshop's own laid over it. */
export { limitSaid } from './meaning';
export { defaultLimits, OwnLimits, withLimits, type Limits, type LimitsInput } from './limits';
export {
  limitTable,
  type ByMaterial,
  type LimitArea,
  type LimitKey,
  type LimitRow,
  type MaterialLimit,
  type NumberLimit,
  type SizesLimit,
} from './table';
