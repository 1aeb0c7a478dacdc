import type { BikeRecord } from '@cricket/contract/shapes';
import type { JobEventData } from '@cricket/core/job-events';
import type { JobFacts, Step } from '@cricket/core/procedure';
import { axleAt } from '@cricket/core/model';

import { now } from '../../data/clock';
import { useWrites } from '../../data/use-writes';
import { chirp } from '../../job/reading/chirp';
import { useSettings } from '../../settings/settings';
import { countedParts, missingParts, readingsOf, type CheckValues } from './check-values';
import { words } from './words';
import { say } from '../../ui/say';

/** Writes down how a step ended, with everything that belongs to it. */
export function useEnding(
  record: BikeRecord,
  job: JobFacts,
  onWait: (stepId: string, what: string, minutes: number) => void,
) {
  const { addEvent, keepReading } = useWrites();
  const { sound } = useSettings();
  const bikeId = record.bike.id;
  const placeOf = (step: Step) => axleAt((job.ends.find(({ end }) => end === step.end) ?? job.ends[0]!).end);
  const tell = (step: Step, how: JobEventData<'step'>['how'], more: object = {}) =>
    void addEvent(bikeId, 'step', placeOf(step), { stepId: step.id, how, ...more });
  const done = (step: Step, values: CheckValues, minutes: number) => {
    const readings = readingsOf(values);
    tell(step, 'done', {
      minutes: Number(Math.min(1440, minutes).toFixed(2)),
      ...(readings.length && { readings }),
    });
    const place = placeOf(step);
    for (const { feature, where, ...data } of step.irreversible) {
      void addEvent(bikeId, 'irreversible', place, { ...data, where: say(where) });
      // A slot that was filed stays a filed one, however often it is measured again.
      if (feature && data.amountMm !== undefined) {
        const takenAt = now().toISOString();
        void keepReading(bikeId, { place, feature, valueMm: data.amountMm, instrument: 'calipers', takenAt });
      }
    }
    if (sound) chirp();
    if (step.waitMinutes > 0) onWait(step.id, say(step.title), step.waitMinutes);
  };
  /** A parcel that is short: what came is recorded, and the step is a problem until the rest is here. */
  const short = (step: Step, values: CheckValues) => {
    const counts = countedParts(step, values).map(({ what, got, count }) => ({ part: what, expected: count, got }));
    void addEvent(bikeId, 'received', placeOf(step), { counts });
    tell(step, 'problem', { because: words.parcel.missing(missingParts(step, values)) });
  };
  return { tell, done, short };
}
