import type { BikeRecord } from '@cricket/contract/shapes';

import type { AtSteps } from '../../job/steps/at-steps';
import { AsTaken } from '../../job/room/as-taken';
import { CablesAtStand } from './cables-at-stand';

/** What the stand shows of the cables. */
export const cablesAtSteps: AtSteps = {
  'loom-lay': WithCables,
  'loom-fold': WithCables,
  ties: WithCables,
  surplus: WithCables,
  'lock-to-lock': WithCables,
};

function WithCables({ record }: { record: BikeRecord }) {
  return (
    <>
      <CablesAtStand record={record} />
      <AsTaken record={record} station="cables" />
    </>
  );
}
