import { conversions, type ConversionsInput } from '../core/src/conversions';
import { invented, inventedFrontWheel, inventedRearWheel, inventedStores } from '../core/src/fit/invented.testing';
import { outfitOf } from '../core/src/kit-on-bike';
import { measuredBike } from '../core/src/kit-on-bike/measured-bike.testing';
import { matchEach } from '../core/src/match';

import { medianMs } from './median';

/** The three best whole conversions over forty kits at both ends, against as many fits in the same run. */
const front = invented();
const rear = invented({ end: 'rear' });
const outfit = outfitOf(measuredBike);
const throttle = {
  id: 'Throttle',
  kind: 'throttle-thumb' as const,
  widthMm: 30,
  clampMm: 22.2,
  side: 'either' as const,
};
const wheels = Array.from({ length: 40 }, (_, at) => {
  const like = at % 2 === 0 ? inventedFrontWheel : inventedRearWheel;
  const lengthMm = outfit.pack!.battery.lengthMm - at;
  return {
    ...like,
    id: `wheel-${at}`,
    code: `W-${at}`,
    kit: {
      ...like.kit!,
      cost: like.kit!.cost + at,
      throttle: 'thumb' as const,
      outfit: {
        ...outfit,
        bar: [...outfit.bar!, throttle],
        pack: { ...outfit.pack!, battery: { ...outfit.pack!.battery, lengthMm } },
      },
    },
  };
});
const input: ConversionsInput = {
  ends: { front: front.facts, rear: rear.facts },
  bike: { ...front.bike, ...measuredBike, law: { ...front.bike.law!, throttle: true } },
  stores: inventedStores,
  delivered: null,
  wheels,
  chosen: [],
};

const matchMs = medianMs(3, () => [...matchEach(input)]);
let looked = 0;
const waysMs = medianMs(3, () => {
  ({ looked } = conversions(input));
});
process.stdout.write(`80 fits          ${matchMs.toFixed(0).padStart(6)} ms\n`);
process.stdout.write(
  `whole search     ${waysMs.toFixed(0).padStart(6)} ms ${(waysMs / matchMs).toFixed(2).padStart(6)} × 80 fits, ${looked} ways\n`,
);
