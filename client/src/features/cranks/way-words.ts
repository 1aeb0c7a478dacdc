import type { SensorWay } from '@cricket/core/pedal-sensor';

import { figure } from '../../ui/figure-text';
import { words } from './words';

/** Side and fixing of a way. */
export const whichWay = ({ side, mount }: SensorWay): string => `${words.side[side]}, ${words.mount[mount]}`;

/** What a way leaves and takes, in one line. */
export function whatItTakes(way: SensorWay): string {
  const { crank, tool, spareMm, gapMm, trimMm, packMm, chainLineMm, turnOver, orderHand } = way;
  return [
    spareMm < 0 ? words.short(figure(-spareMm)) : words.spare(figure(spareMm)),
    ...(gapMm > 0 ? [words.gap(figure(gapMm))] : []),
    `${words.crank[crank]}${tool ? ` ${words.with(words.tool[tool])}` : ''}`,
    ...(trimMm > 0 ? [words.trim(figure(trimMm))] : []),
    ...(packMm > 0 ? [words.pack(figure(packMm))] : []),
    ...(chainLineMm > 0 ? [words.chainLine(figure(chainLineMm))] : []),
    ...(turnOver ? [words.turnOver] : []),
    ...(orderHand ? [words.orderHand[orderHand]] : []),
  ].join(' · ');
}
