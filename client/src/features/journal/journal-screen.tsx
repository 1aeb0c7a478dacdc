import type { JournalRow } from '@cricket/contract/shapes';
import { activeEnd } from '@cricket/core/choices';
import { axleAt } from '@cricket/core/model';
import { startOfWeek } from 'date-fns/startOfWeek';
import { useLocalSearchParams } from 'expo-router';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { useWrites } from '../../data/use-writes';
import { saveFile } from '../../ui/save-file';
import { useStand } from '../../job/steps/use-stand';
import { dateText } from '../../ui/date-text';
import { Button } from '../../ui/button';
import { Failed, Fetching } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { SearchLine } from '../../ui/search-line';
import { Segments } from '../../ui/segments';
import { useShopUnits } from '../../ui/shop-units';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { groupOf, saysOf, type JournalGroup } from './journal-line';
import { useJournal } from './use-journal';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { say } from '../../ui/say';

/** Everything that happened to a job: filtered, searched, noted, kept as a file. */
export function JournalScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const { record, steps } = useStand(bikeId);
  const titles = useMemo(() => new Map(steps.map(({ step }) => [step.id, say(step.title)])), [steps]);
  const { addEvent } = useWrites();
  const [group, setGroup] = useState<JournalGroup | 'all'>('all');
  const [search, setSearch] = useState('');
  const [note, setNote] = useState('');
  const { weekStartsOn } = useShopUnits();
  const sought = search.trim().toLowerCase();
  const journal = useJournal(bikeId, sought !== '' || group !== 'all');
  const isShown = (row: JournalRow) =>
    (group === 'all' || groupOf(row) === group) &&
    `${row.person} ${saysOf(row, titles)}`.toLowerCase().includes(sought);
  const all = journal.rows ?? [];
  const rows = all.filter(isShown);
  const weekOf = ({ at }: JournalRow) => dateText(startOfWeek(new Date(at), { weekStartsOn }), 'd MMM yyyy');
  const csv = async () => {
    const lines = ((await journal.all()) ?? []).filter(isShown).map((row) => ({
      at: row.at,
      person: row.person,
      action: row.action,
      says: saysOf(row, titles),
    }));
    // A file that lacks what could not be fetched would pass for the whole.
    if (lines.length === 0) return;
    saveFile(`${record?.bike.tag ?? 'job'}-journal.csv`, 'text/csv', Papa.unparse(lines, { escapeFormulae: true }));
  };
  return (
    <Screen
      title={words.title}
      tag={record?.bike.tag}
      backTo={bikePath(bikeId)}
      action={<Button label={words.csv} low onPress={() => void csv()} disabled={rows.length === 0} />}
    >
      {journal.isPending ? <Fetching /> : null}
      {journal.hasFailed ? <Failed retry={journal.retry} /> : null}
      <View className="max-w-[720px]">
        <View className="gap-3 px-4 pb-2">
          <Segments
            label={words.kinds}
            options={[['all', words.all], ...(Object.entries(words.groups) as [JournalGroup, string][])]}
            value={group}
            onChange={setGroup}
          />
          <SearchLine
            label={words.search(rows.length, all.length)}
            value={search}
            onChange={setSearch}
            testID="search-journal"
          />
        </View>
        {journal.isFetchingOlder ? <Fetching /> : null}
        {journal.hasOlder && !journal.isFetchingOlder ? (
          <Button
            label={words.older}
            onPress={journal.older}
            className="screen-only mx-4 my-2 self-start"
            testID="older-rows"
          />
        ) : null}
        {journal.rows && !journal.hasOlder && rows.length === 0 ? <Txt className="px-4 py-3">{words.none}</Txt> : null}
        {rows.map((row, index) => (
          <View key={row.id} className="border-b border-rule px-4 py-2">
            {index === 0 || weekOf(rows[index - 1]!) !== weekOf(row) ? (
              <Txt size="label" figure bold heading={2} className="pb-2 pt-3">
                {words.week(weekOf(row))}
              </Txt>
            ) : null}
            {/* A line may hold what a person wrote: it stays as it was written. */}
            <Txt verbatim>{saysOf(row, titles)}</Txt>
            <Txt size="label" tone="soft">
              {`${dateText(new Date(row.at), 'd MMM yyyy, HH:mm')} · ${row.person}`}
            </Txt>
          </View>
        ))}
        {record ? (
          <View className="screen-only gap-2 px-4 py-4">
            <TextLine label={words.noteLabel} value={note} onChange={setNote} maxLength={1000} testID="note" />
            <Button
              label={words.note}
              disabled={note.trim() === ''}
              onPress={() => {
                void addEvent(bikeId, 'note', axleAt(activeEnd(record)), { words: note.trim() }).then(() =>
                  journal.refetch(),
                );
                setNote('');
              }}
              className="self-start"
            />
          </View>
        ) : null}
      </View>
    </Screen>
  );
}
