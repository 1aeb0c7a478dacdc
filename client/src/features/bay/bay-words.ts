import type { BayTube, LaidBattery } from '@cricket/core/battery-bay';

import { figure } from '../../ui/figure-text';
import { words } from './words';

/** Where a battery lies, what holds it there and how much room it has. */
export function whereItLies({ fromMm, fixing, bossesMm, clearanceMm }: LaidBattery, tube: BayTube): string {
  return [
    words.lies(figure(fromMm, 0), tube),
    fixing ? words.fixing[fixing](bossesMm.map((mm) => figure(mm, 0)).join(', ')) : words.noFixing,
    ...(clearanceMm === null ? [] : [words.clear(figure(clearanceMm, 1))]),
  ].join(' · ');
}
