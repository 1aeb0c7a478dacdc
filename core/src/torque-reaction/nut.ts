import type { Limits } from '../limits';
import type { Material } from '../materials';

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
