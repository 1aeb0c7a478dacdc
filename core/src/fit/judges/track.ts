import { said } from '../../said';
import { told, type Finding } from '../../verdict';
import type { FitInput } from '../contract';

/** A rim brake needs a track also while the tyre is still open, and on a rim that the hub is yet to be laced into. */
export function trackFinding({ wheel, facts }: FitInput): Finding[] {
  if (!wheel.kit || facts.brake !== 'rim') return [];
  const { rim } = wheel.kit;
  if (rim === null) {
    return [
      told('brake-track', 'work', said('fit.bike-brakes-on-rim-and-hub'), [said('fit.lace-it-into-rim-with-brake')]),
    ];
  }
  if (rim === undefined) {
    return [told('brake-track', 'unknown', said('fit.whether-new-rim-has-brake-track'), [said('fit.record-rim')])];
  }
  return rim.brakeTrack
    ? []
    : [
        told('brake-track', 'stop', said('shared.bike-brakes-on-rim-this-rim'), [
          said('shared.take-wheel-whose-rim-has-brake'),
          said('shared.fit-disc-brake-where-hub-and'),
        ]),
      ];
}
