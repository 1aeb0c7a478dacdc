import { said } from '../../said';
import { finding, type Finding } from '../../verdict';
import type { FitInput } from '../contract';
import { lengthOf } from './readings';
import { judging, type Judge } from './judge';

/** Two sizes nearer than this are one, read twice. */
const sameMm = 1.5;

/**
 * The motor wheel's size against the bike's. Rim pads reach one size only; with another brake frame, mudguard and pedals have
 * to clear the other wheel, and the bike sits higher or lower.
 */
function wheelSizeFindings({ facts, wheel }: FitInput): Finding[] {
  const ownMm = lengthOf(facts, 'bead-seat');
  if (ownMm === null) return [];
  const apart = Math.abs(ownMm - wheel.beadSeatMm);
  const figures = { measured: wheel.beadSeatMm, limit: ownMm, margin: sameMm - apart };
  if (apart < sameMm)
    return [
      finding(
        'wheel-size',
        'goes',
        said('fit.bike-and-motor-wheel-are-both', { beadSeatMm: wheel.beadSeatMm }),
        figures,
      ),
    ];
  const sizes = said('fit.motor-wheel-is-bike', { beadSeatMm: wheel.beadSeatMm, ownMm });
  if (facts.brake === 'rim') {
    return [
      finding('wheel-size', 'stop', said('fit.rim-pads-do-not-reach-another', { sizes }), figures, [
        said('fit.take-wheel-of', { ownMm }),
        said('shared.fit-disc-brake-where-hub-and'),
      ]),
    ];
  }
  return [
    finding('wheel-size', 'work', said('fit.text', { sizes }), figures, [
      said('fit.check-that-frame-mudguard-and-pedals'),
    ]),
  ];
}

export const wheelSizeJudge: Judge = judging('kit', [], ({ input }) => wheelSizeFindings(input));
