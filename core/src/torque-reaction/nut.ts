import type { Limits } from '../limits';
import type { Material } from '../materials';
import type { TorqueSide } from './contract';
import { nutTorqueNm } from './nut-torque';

const soft: readonly Material[] = ['forged-aluminium', 'cast-aluminium', 'magnesium', 'carbon'];

/**
 * The most torque that an axle nut may get: by thread, less where the dropout is soft.
 *
 * Between M12 and M14 in proportion; a smaller thread holds by its cube; a larger one is not credited with more.
 *
 * @example nutMaxNm(12, 'steel', defaultLimits) // 45
 */
export function nutMaxNm(threadMm: number, material: Material, limits: Limits): number {
  const isSoft = soft.includes(material);
  const small = isSoft ? limits.nutMaxM12SoftNm : limits.nutMaxM12Nm;
  const large = isSoft ? limits.nutMaxM14SoftNm : limits.nutMaxM14Nm;
  if (threadMm >= 14) return large;
  if (threadMm >= 12) return small + ((large - small) * (threadMm - 12)) / 2;
  return small * (threadMm / 12) ** 3;
}

type Stated = Pick<TorqueSide, 'material' | 'statedNm' | 'statedUpTo'>;

/** The most for this nut: a maker's figure goes before the workshop's. */
export function nutMostNm(threadMm: number, { material, statedNm }: Stated, limits: Limits): number {
  return statedNm ?? nutMaxNm(threadMm, material, limits);
}

/** What this nut should get: the maker's figure, or ours within the maker's "up to". */
export function nutAimNm(threadMm: number, { material, statedNm, statedUpTo }: Stated): number {
  const usual = nutTorqueNm(threadMm, material);
  if (statedNm === undefined) return usual;
  return statedUpTo ? Math.min(usual, statedNm) : statedNm;
}
