import type { BikeRecord } from '@cricket/contract/shapes';

import type { AtSteps } from '../../job/steps/at-steps';
import { AsTaken } from '../../job/room/as-taken';
import { LeversAtStand } from './levers-at-stand';

/** What the stand shows of levers and cut-off. */
export const leversAtSteps: AtSteps = {
  'cut-off': AtLevers,
  'no-cut-off': AtLevers,
  'both-brakes': AtLevers,
};

function AtLevers({ record }: { record: BikeRecord }) {
  return (
    <>
      <LeversAtStand record={record} />
      <AsTaken record={record} station="levers" />
    </>
  );
}
