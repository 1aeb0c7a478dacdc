import type { BikeRecord } from '@cricket/contract/shapes';

import type { AtSteps } from '../../job/steps/at-steps';
import { AsTaken } from '../../job/room/as-taken';
import { BayAtStand } from './bay-at-stand';
import { BesideFrame } from './beside-frame';
import { KeyNumber } from './key-number';

/** What the stand shows of battery, rack and controller. */
export const bayAtSteps: AtSteps = {
  'pack-place': InBay,
  'mount-fix': InBay,
  'pack-trial': KeyNumber,
  'rack-fix': BesideFrame,
  'controller-place': BesideFrame,
};

function InBay({ record }: { record: BikeRecord }) {
  return (
    <>
      <BayAtStand bike={record.bike} />
      <AsTaken record={record} station="bay" />
    </>
  );
}
