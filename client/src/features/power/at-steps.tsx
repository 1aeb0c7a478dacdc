import type { BikeRecord } from '@cricket/contract/shapes';

import type { AtSteps } from '../../job/steps/at-steps';
import { AsTaken } from '../../job/room/as-taken';
import { PowerAtStand } from './power-at-stand';

/** What the stand shows of the way of the current. */
export const powerAtSteps: AtSteps = {
  plugs: OnPower,
  'loose-run': OnPower,
};

function OnPower({ record }: { record: BikeRecord }) {
  return (
    <>
      <PowerAtStand record={record} />
      <AsTaken record={record} station="power" />
    </>
  );
}
