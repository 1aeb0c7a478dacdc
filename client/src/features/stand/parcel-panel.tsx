import type { BikeRecord } from '@cricket/contract/shapes';
import { lastParcel, type JobEventData } from '@cricket/core/job-events';
import type { EndJob } from '@cricket/core/procedure';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useDraft } from '../../data/use-draft';
import { Button } from '../../ui/button';
import { TextLine } from '../../ui/text-line';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { Unrecorded, useAtEnd, type AtEnd } from './at-end';
import type { CheckValues } from './check-values';
import { words } from './words';
import { claimPath, wheelPath } from '../../ui/pages';

export interface ParcelPanelProps {
  record: BikeRecord;
  end: EndJob;
  wheelId: string;
  values: CheckValues;
  /** Names what is written here until it is recorded. */
  place: string;
  /** Its step has ended, or cannot yet. */
  byItself: boolean;
  atEnd: AtEnd;
  onRecord: (data: JobEventData<'received'>) => void;
}

/** What the parcel was like, besides the count: damage, and what differs from the order. Recorded when the step ends. */
export function ParcelPanel({ record, end, wheelId, values, place, byItself, atEnd, onRecord }: ParcelPanelProps) {
  const router = useRouter();
  const before = lastParcel(record.events, end.end)?.data ?? null;
  const draft = useDraft(`${place}/parcel`, { damage: before?.damage ?? '', differs: before?.differs ?? '' });
  const { damage, differs } = draft.value;
  const counts = end.packing.map(({ part, count }) => ({
    part,
    expected: count,
    got: values.figures[packed(part)] ?? count,
  }));
  const recorded = before !== null && !draft.changed && sameCounts(before.counts, counts);
  const keep = recorded
    ? null
    : () => {
        onRecord({
          counts,
          ...(damage.trim() && { damage: damage.trim() }),
          ...(differs.trim() && { differs: differs.trim() }),
        });
        draft.drop();
      };
  useAtEnd(atEnd, keep);
  const claim = () => {
    keep?.();
    router.navigate(claimPath(record.bike.id, end.end));
  };
  const amiss = damage.trim() !== '' || differs.trim() !== '' || counts.some(({ expected, got }) => got !== expected);
  return (
    <View className="gap-3 border-b border-rule px-4 py-3" testID="parcel">
      <TextLine
        label={words.parcel.damage}
        hint={words.parcel.damageHint}
        value={damage}
        onChange={(text) => draft.change({ damage: text, differs })}
        maxLength={1000}
        testID="parcel-damage"
      />
      <TextLine
        label={words.parcel.differs}
        hint={words.parcel.damageHint}
        value={differs}
        onChange={(text) => draft.change({ damage, differs: text })}
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
      <Unrecorded draft={draft} byItself={byItself} onRecord={keep} />
      {amiss ? <Button label={words.parcel.claim} onPress={claim} className="self-start" testID="write-claim" /> : null}
      {recorded ? <Txt tone="goes">{words.parcel.recorded}</Txt> : null}
    </View>
  );
}

/** Name of the check that counts a part. */
const packed = (part: string) => `packed-${part}`;

/** What was counted, as the step's checks show it; nothing before a parcel was recorded. */
export function countedBefore(record: BikeRecord, end: EndJob['end']): Record<string, number> {
  const counts = lastParcel(record.events, end)?.data.counts ?? [];
  return Object.fromEntries(counts.map(({ part, got }) => [packed(part), got]));
}

type Counts = JobEventData<'received'>['counts'];

function sameCounts(one: Counts, other: Counts): boolean {
  const got = new Map(one.map((line) => [line.part, line.got]));
  return one.length === other.length && other.every((line) => got.get(line.part) === line.got);
}
