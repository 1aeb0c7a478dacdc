import type { BikeRecord } from '@cricket/contract/shapes';

import type { AtSteps } from '../../job/steps/at-steps';
import { AsTaken } from '../../job/room/as-taken';
import { BestSensorWay } from './sensor-way';

/** What the stand shows of ring and sensor. */
export const cranksAtSteps: AtSteps = {
  'ring-room': AtCranks,
  'ring-on': AtCranks,
  'sensor-gap': AtCranks,
};

function AtCranks({ record }: { record: BikeRecord }) {
  return (
    <>
      <BestSensorWay bike={record.bike} />
      <AsTaken record={record} station="cranks" />
    </>
  );
}
