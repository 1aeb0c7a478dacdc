import type { BikeRecord } from '@cricket/contract/shapes';

import type { AtSteps } from '../../job/steps/at-steps';
import { AsTaken } from '../../job/room/as-taken';
import { OrderOnBar } from './order-on-bar';

/** What the stand shows of the handlebar. */
export const barAtSteps: AtSteps = {
  'levers-trial': OnBar,
  'throttle-on': OnBar,
  'bar-final': OnBar,
  'grips-off': OnBar,
  'grips-on': OnBar,
};

function OnBar({ record }: { record: BikeRecord }) {
  return (
    <>
      <OrderOnBar record={record} />
      <AsTaken record={record} station="bar" />
    </>
  );
}
