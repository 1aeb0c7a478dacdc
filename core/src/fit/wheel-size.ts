import { finding, type Finding } from '../verdict';
import type { FitInput } from './contract';
import { lengthOf } from './readings';

/** Two sizes nearer than this are one, read twice. */
const sameMm = 1.5;

/**
 * The motor wheel's size against the bike's. Rim pads reach one size only; with another brake frame, mudguard and pedals have
 * to clear the other wheel, and the bike sits higher or lower.
 */
export function wheelSizeFindings({ facts, wheel }: FitInput): Finding[] {
  const ownMm = lengthOf(facts, 'bead-seat');
  if (ownMm === null) return [];
  const apart = Math.abs(ownMm - wheel.beadSeatMm);
  const figures = { measured: wheel.beadSeatMm, limit: ownMm, margin: sameMm - apart };
  if (apart < sameMm)
    return [finding('wheel-size', 'goes', `Bike and motor wheel are both ${wheel.beadSeatMm} mm.`, figures)];
  const sizes = `The motor wheel is ${wheel.beadSeatMm} mm, the bike’s ${ownMm} mm`;
  if (facts.brake === 'rim') {
    return [
      finding('wheel-size', 'stop', `${sizes}: the rim pads do not reach another rim.`, figures, [
        `Take a wheel of ${ownMm} mm.`,
        'Fit a disc brake where hub and frame have the mounts.',
      ]),
    ];
  }
  return [
    finding('wheel-size', 'work', `${sizes}.`, figures, [
      'Check that frame, mudguard and pedals clear, also in a bend, and set the new size in the display.',
    ]),
  ];
}
