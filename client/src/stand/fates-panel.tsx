import type { BikeRecord } from '@cricket/contract/shapes';
import { eventsOf, type JobEventData } from '@cricket/core/job-events';
import type { EndJob } from '@cricket/core/procedure';
import { endAt, type End } from '@cricket/core/model';
import { useState } from 'react';
import { View } from 'react-native';

import { Button } from '../ui/button';
import { Segments } from '../ui/segments';
import { Txt } from '../ui/txt';
import { words } from './words';

type Fate = JobEventData<'kit-parts'>['fates'][number]['fate'];

const fates: readonly (readonly [Fate, string])[] = [
  ['used', words.fates.used],
  ['left-out', words.fates['left-out']],
  ['given-back', words.fates['given-back']],
];

/** What became of each part of the kit. */
export function FatesPanel({
  record,
  ends,
  onRecord,
}: {
  record: BikeRecord;
  ends: readonly EndJob[];
  onRecord: (end: End, data: JobEventData<'kit-parts'>) => void;
}) {
  const before = eventsOf(record.events, 'kit-parts');
  const known = Object.fromEntries(
    before.flatMap(({ place, data }) => data.fates.map(({ part, fate }) => [`${endAt(place)}/${part}`, fate] as const)),
  );
  // What the page of kit and rider left out is left out here, too, until somebody says otherwise.
  const planned = new Map(record.bike.facts.job?.parts?.map(({ part }) => [part, 'left-out' as const]));
  const [chosen, setChosen] = useState<Record<string, Fate>>(known);
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
              value={chosen[`${end}/${part}`] ?? planned.get(part) ?? 'used'}
              onChange={(fate) => setChosen({ ...chosen, [`${end}/${part}`]: fate })}
            />
          </View>
        )),
      )}
      <Button
        label={words.fates.record}
        onPress={() => {
          for (const { end, packing } of ends) {
            onRecord(end, {
              fates: packing.map(({ part }) => ({
                part,
                fate: chosen[`${end}/${part}`] ?? planned.get(part) ?? 'used',
              })),
            });
          }
        }}
        className="self-start"
        testID="record-fates"
      />
      {before.length > 0 ? <Txt tone="goes">{words.fates.recorded}</Txt> : null}
    </View>
  );
}
