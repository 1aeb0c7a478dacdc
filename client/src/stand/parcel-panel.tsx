import type { BikeRecord } from '@cricket/contract/shapes';
import { lastParcel, type JobEventData } from '@cricket/core/job-events';
import type { EndJob } from '@cricket/core/procedure';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { Button } from '../ui/button';
import { TextLine } from '../ui/text-line';
import { ToPage } from '../ui/to-page';
import { Txt } from '../ui/txt';
import type { CheckValues } from './check-values';
import { words } from './words';
import { claimPath, wheelPath } from '../ui/pages';

export interface ParcelPanelProps {
  record: BikeRecord;
  end: EndJob;
  wheelId: string;
  values: CheckValues;
  onRecord: (data: JobEventData<'received'>) => void;
}

/** What the parcel was like, besides the count: damage, and what differs from the order. */
export function ParcelPanel({ record, end, wheelId, values, onRecord }: ParcelPanelProps) {
  const router = useRouter();
  const before = lastParcel(record.events, end.end)?.data ?? null;
  const [damage, setDamage] = useState(before?.damage ?? '');
  const [differs, setDiffers] = useState(before?.differs ?? '');
  const keep = () =>
    onRecord({
      counts: end.packing.map(({ part, count }) => ({
        part,
        expected: count,
        got: values.figures[`packed-${part}`] ?? count,
      })),
      ...(damage.trim() && { damage: damage.trim() }),
      ...(differs.trim() && { differs: differs.trim() }),
    });
  return (
    <View className="gap-3 border-b border-rule px-4 py-3" testID="parcel">
      <TextLine
        label={words.parcel.damage}
        hint={words.parcel.damageHint}
        value={damage}
        onChange={setDamage}
        maxLength={1000}
        testID="parcel-damage"
      />
      <TextLine
        label={words.parcel.differs}
        hint={words.parcel.damageHint}
        value={differs}
        onChange={setDiffers}
        maxLength={1000}
        testID="parcel-differs"
      />
      {differs.trim() ? (
        <View>
          <Txt>{words.parcel.differsWhat}</Txt>
          <ToPage to={wheelPath(wheelId)} className="min-h-[48px] justify-center">
            <Txt className="underline">{words.parcel.toCatalogue}</Txt>
          </ToPage>
        </View>
      ) : null}
      <View className="flex-row gap-2">
        <Button label={words.parcel.record} onPress={keep} className="flex-1" testID="record-parcel" />
        {before ? (
          <Button
            label={words.parcel.claim}
            onPress={() => router.navigate(claimPath(record.bike.id, end.end))}
            className="flex-1"
          />
        ) : null}
      </View>
      {before ? <Txt tone="goes">{words.parcel.recorded}</Txt> : null}
    </View>
  );
}
