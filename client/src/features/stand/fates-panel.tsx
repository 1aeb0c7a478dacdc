import type { BikeRecord } from '@cricket/contract/shapes';
import { eventsOf, type JobEventData } from '@cricket/core/job-events';
import type { EndJob } from '@cricket/core/procedure';
import { endAt, type End } from '@cricket/core/model';
import { View } from 'react-native';

import { useDraft } from '../../data/use-draft';
import { Segments } from '../../ui/segments';
import { Txt } from '../../ui/txt';
import { Unrecorded, useAtEnd, type AtEnd } from './at-end';
import { words } from './words';
import { ShelfLink } from '../../job/shelf/shelf-link';
import { words as stepWords } from '../../job/steps/words';

type Fate = JobEventData<'kit-parts'>['fates'][number]['fate'];

const fates: readonly (readonly [Fate, string])[] = [
  ['used', stepWords.fates.used],
  ['left-out', stepWords.fates['left-out']],
  ['given-back', stepWords.fates['given-back']],
];

/** What became of each part of the kit; recorded when the step ends. */
export function FatesPanel({
  record,
  ends,
  place,
  byItself,
  atEnd,
  onRecord,
}: {
  record: BikeRecord;
  ends: readonly EndJob[];
  /** Names what is chosen here until it is recorded. */
  place: string;
  /** Its step has ended, or cannot yet. */
  byItself: boolean;
  atEnd: AtEnd;
  onRecord: (end: End, data: JobEventData<'kit-parts'>) => void;
}) {
  const before = eventsOf(record.events, 'kit-parts');
  const known = Object.fromEntries(
    before.flatMap(({ place: where, data }) =>
      data.fates.map(({ part, fate }) => [`${endAt(where)}/${part}`, fate] as const),
    ),
  );
  // What the page of kit and rider left out is left out here, too, until somebody says otherwise.
  const planned = new Map(record.bike.facts.job?.parts?.map(({ part }) => [part, 'left-out' as const]));
  const draft = useDraft<Record<string, Fate>>(`${place}/fates`, known);
  const chosen = draft.value;
  const fateOf = (end: End, part: string): Fate => chosen[`${end}/${part}`] ?? planned.get(part) ?? 'used';
  const recorded = ends.every(({ end, packing }) => packing.every(({ part }) => `${end}/${part}` in known));
  const keep =
    recorded && !draft.changed
      ? null
      : () => {
          for (const { end, packing } of ends) {
            onRecord(end, { fates: packing.map(({ part }) => ({ part, fate: fateOf(end, part) })) });
          }
          draft.drop();
        };
  useAtEnd(atEnd, keep);
  return (
    <View className="gap-3 border-b border-rule px-4 py-3" testID="fates">
      <Txt bold>{words.fates.title}</Txt>
      {ends.flatMap(({ end, packing }) =>
        packing.map(({ part, count }) => (
          <View key={`${end}/${part}`} className="gap-1">
            <Txt>{`${count} × ${part}`}</Txt>
            <Segments
              label={part}
              options={fates}
              value={fateOf(end, part)}
              onChange={(fate) => draft.change({ ...chosen, [`${end}/${part}`]: fate })}
            />
            {known[`${end}/${part}`] === 'left-out' && fateOf(end, part) === 'left-out' ? (
              <ShelfLink bikeId={record.bike.id} end={end} part={part} from="stand" />
            ) : null}
          </View>
        )),
      )}
      <Unrecorded draft={draft} byItself={byItself} onRecord={keep} />
      {before.length > 0 && !keep ? <Txt tone="goes">{words.fates.recorded}</Txt> : null}
    </View>
  );
}
