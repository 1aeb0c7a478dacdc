import type { Finding } from '@cricket/core/verdict';

import { figure } from '../../ui/figure-text';
import { words } from './words';

const near = 1e-6;

/** Which way a limit holds, told by the margin that is left to it. */
function sense({ measured, limit, margin }: Pick<Finding, 'measured' | 'limit' | 'margin'>): keyof typeof words.limits {
  if (measured === null || limit === null || margin === null) return 'limit';
  const most = Math.abs(limit - Math.abs(measured) - margin) < near || Math.abs(limit - measured - margin) < near;
  const least = Math.abs(measured - limit - margin) < near;
  return most === least ? 'limit' : most ? 'most' : 'least';
}

/** The limit of a finding in words; nothing for one without, or whose figure only counts what is open. */
export function limitWords(finding: Finding): string {
  const { limit, unit, verdict } = finding;
  if (limit === null || (unit === '' && verdict === 'unknown')) return '';
  return `${words.limits[sense(finding)]} ${figure(limit)}${unit ? ` ${unit}` : ''}`;
}
