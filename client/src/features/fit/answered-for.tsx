import type { BikeRecord } from '@cricket/contract/shapes';
import { eventsOf } from '@cricket/core/job-events';

import { StoodInList } from '../../job/steps/stood-in-list';
import { useStand } from '../../job/steps/use-stand';

/** What the owner answers for at the stand, on the page that judges the bike. */
export function AnsweredFor({ record }: { record: BikeRecord }) {
  const any = eventsOf(record.events, 'step').some(({ data }) => data.how === 'stood-in');
  return any ? <Listed bikeId={record.bike.id} /> : null;
}

function Listed({ bikeId }: { bikeId: string }) {
  return <StoodInList steps={useStand(bikeId).steps} />;
}
