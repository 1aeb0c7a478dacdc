import type { BikeRecord } from '@cricket/contract/shapes';

import type { AtSteps } from '../../job/steps/at-steps';
import { AsTaken } from '../../job/room/as-taken';
import { PlugsAtStand } from './plugs-at-stand';

/** What the stand shows of the plugs. */
export const wiringAtSteps: AtSteps = {
  plugs: AtPlugs,
  'pins-back': AtPlugs,
  caps: AtPlugs,
};

function AtPlugs({ record }: { record: BikeRecord }) {
  return (
    <>
      <PlugsAtStand bike={record.bike} />
      <AsTaken record={record} station="wiring" />
    </>
  );
}
