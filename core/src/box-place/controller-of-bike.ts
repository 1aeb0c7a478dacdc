import type { BikeFacts } from '../bike-facts';
import { controllers, type ControllersResult } from '../controllers';
import { withFindings } from '../verdict';
import { openBoxPlace } from './box-place';
import type { PlacedBox } from './contract';

/**
 * The controller of a bike where it is put. Where it lies in the drawing its air is measured there, too: of two figures the smaller
 * counts.
 *
 * @param placed - where it is pushed to; left out: where it was kept
 * @returns null while nothing is written down of it
 */
export function controllerOfBike(
  facts: BikeFacts,
  placed: PlacedBox | null = keptBox(facts),
): ControllersResult | null {
  const { controller } = facts;
  if (!controller) return null;
  if (!placed) return controllers(controller);
  const { gaps } = placed;
  const told = controller.gaps;
  const air = gaps && {
    belowMm: Math.min(gaps.belowMm, told?.belowMm ?? Infinity),
    aroundMm: Math.min(gaps.aroundMm, told?.aroundMm ?? Infinity),
  };
  return withFindings(controllers({ ...controller, ...(air && { gaps: air }) }), placed.findings);
}

function keptBox(facts: BikeFacts): PlacedBox | null {
  const place = facts.bay?.box;
  return place ? (openBoxPlace(facts)?.placedAt(place) ?? null) : null;
}
