import type { BikeFacts } from '../bike-facts';
import { measuredBike } from '../kit-on-bike/measured-bike.testing';
import { cableRunsExample, connectionsExample } from '../../calc/examples';

const { head, forkTravelMm, discs, crank, anchors } = cableRunsExample;
const rim = { kind: 'rim' as const, leverPull: 'long' as const, caliperPull: 'long' as const };
const own = { oneWithShifter: false, cutOff: true };

/** A bike of which everything besides its axles is known. */
export const builtBike: BikeFacts = {
  ...measuredBike,
  riderKg: 80,
  brakes: { front: rim, rear: rim },
  levers: { front: own, rear: own, inLine: 0, atLever: 0, swap: false },
  cables: {
    steering: { head, forkTravelMm },
    turning: { discs, crank },
    anchors: Object.entries(anchors).map(([id, anchor]) => ({ id, ...anchor })),
    runs: [{ id: 'Throttle', path: ['throttle', 'stem', 'head tube'], suppliedMm: 800 }],
  },
  wiring: { plugs: connectionsExample.plugs, repin: true },
  rack: {
    rack: { ratedKg: 25, fixings: 4, material: 'aluminium', onSeatPost: false, lengthMm: 400, widthMm: 120 },
    pack: { massKg: 3, lengthMm: 360, widthMm: 100, onRail: true },
    luggageKg: 5,
    straps: [{ holdsN: 100 }, { holdsN: 100 }],
  },
};
