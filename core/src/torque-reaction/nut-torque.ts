import type { Material } from '../materials';

/**
 * What an axle nut is tightened to when its maker says nothing.
 *
 * @example nutTorqueNm(12, 'steel') // 40
 */
export function nutTorqueNm(threadMm: number, material: Material): number {
  const soft = material !== 'steel' && material !== 'titanium';
  if (threadMm >= 14) return soft ? 40 : 50;
  if (threadMm >= 12) return soft ? 30 : 40;
  // A thinner axle holds by its cube.
  return Math.round((soft ? 30 : 40) * (threadMm / 12) ** 3);
}
