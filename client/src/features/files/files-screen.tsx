import type { StorePart, Wheel } from '@cricket/contract/shapes';
import { Text } from '@cricket/core/input';
import { PartRow, unsuitedPart } from '@cricket/contract';
import { PlainWheel } from '@cricket/core/part-schemas';
import { partOfItem } from '@cricket/core/parts';
import { useRef, useState } from 'react';
import { View } from 'react-native';

import { useStores, useWheels } from '../../data/use-bikes';
import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { saveFile } from '../../ui/save-file';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { Txt } from '../../ui/txt';
import { JobIn } from './job-in';
import { shopMark } from '../../ui/shop-units';
import { readBytes, readList, toCsv, type ReadList } from './table';
import { words } from './words';
import { NotThere } from '../../ui/not-there';

type Kind = keyof typeof words.kinds;
const kindOptions = Object.entries(words.kinds) as [Kind, string][];

/** A kit's line in a file: the wheel with everything in its kit, and its note. */
class Kit extends PlainWheel {
  @Text(400) note!: string;
}

/** Most problems that are listed one by one. */
const mostListed = 20;

/** Stores and kits as files, out and in. */
export function FilesScreen() {
  const stores = useStores();
  const wheels = useWheels();
  const [kind, setKind] = useState<Kind>('stores');
  if (!stores.data || !wheels.data) {
    return <NotThere title={words.title} backTo="/stores" asked={[stores, wheels]} />;
  }
  if (kind === 'job') {
    return (
      <Screen title={words.title} backTo="/stores">
        <View className="max-w-[760px] gap-4 px-4 py-2">
          <Segments label={words.title} options={kindOptions} value={kind} onChange={setKind} />
          <JobIn />
        </View>
      </Screen>
    );
  }
  const rows: readonly object[] = kind === 'stores' ? stores.data.map(storeRow) : wheels.data.map(kitRow);
  const name = kind === 'stores' ? 'cricket-stores' : 'cricket-kits';
  return (
    <Screen title={words.title} backTo="/stores">
      <View className="max-w-[760px] gap-4 px-4 py-2">
        <Segments label={words.title} options={kindOptions} value={kind} onChange={setKind} />
        <View className="gap-2">
          <Txt size="title" bold heading={2}>
            {words.out}
          </Txt>
          <Txt tone="soft">{words.outNote}</Txt>
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={words.csv(words.kinds[kind])}
              onPress={() => saveFile(`${name}.csv`, 'text/csv', toCsv(rows, shopMark()))}
            />
            <Button
              label={words.json(words.kinds[kind])}
              onPress={() => saveFile(`${name}.json`, 'application/json', `${JSON.stringify(rows, null, 2)}\n`)}
            />
          </View>
        </View>
        <ReadIn key={kind} kind={kind} known={new Set([...stores.data, ...wheels.data].map(({ id }) => id))} />
      </View>
    </Screen>
  );
}

function storeRow({ version: _, withdrawnAt: __, withBikes: ___, onOrder: ____, ...part }: StorePart) {
  return part;
}

/** A line that an earlier version wrote, where every kind had the same columns. */
function fromEarlier(row: Record<string, unknown>): object {
  if ('spec' in row || !('thicknessMm' in row)) return row;
  const { id, count } = row;
  return { id, count, ...partOfItem(row as never) };
}

function kitRow({ version: _, ...wheel }: Wheel) {
  return wheel;
}

function ReadIn({ kind, known }: { kind: 'stores' | 'kits'; known: ReadonlySet<string> }) {
  const picker = useRef<HTMLInputElement>(null);
  const { importStores, importWheels } = useWrites();
  const refusal = useRefusal<never>();
  const [list, setList] = useState<ReadList<{ id: string }> | null>(null);
  const [done, setDone] = useState<number | null>(null);
  const pick = async (file: File | undefined) => {
    setDone(null);
    refusal.clear();
    if (!file) return setList(null);
    const bytes = readBytes(await file.arrayBuffer());
    if ('refused' in bytes) return setList(bytes);
    const newId = () => crypto.randomUUID();
    setList(
      kind === 'stores'
        ? readList(bytes.text, PartRow, newId, { before: fromEarlier, together: unsuitedPart })
        : readList(bytes.text, Kit, newId),
    );
  };
  const aside = () => {
    setList(null);
    if (picker.current) picker.current.value = '';
  };
  const take = async (rows: readonly { id: string }[]) => {
    const outcome = await (kind === 'stores' ? importStores(rows as never) : importWheels(rows as never));
    await refusal.settle(outcome);
    if (outcome.kind === 'refused') return;
    setDone(rows.length);
    aside();
  };
  const ready = list && 'rows' in list && list.problems.length === 0 ? list.rows : null;
  const changed = ready?.filter(({ id }) => known.has(id)).length ?? 0;
  return (
    <View className="gap-2">
      <Txt size="title" bold heading={2}>
        {words.in}
      </Txt>
      <Txt tone="soft">{words.inNote}</Txt>
      <input
        ref={picker}
        type="file"
        accept=".csv,.json,text/csv,application/json"
        aria-label={words.choose}
        data-testid="choose-file"
        onChange={({ target }) => void pick(target.files?.[0])}
        className="min-h-[56px] w-full rounded-lg border-2 border-ink bg-sheet p-3 font-text text-body text-ink"
      />
      {done === null ? null : (
        <Txt bold role="status">
          {words.done(done)}
        </Txt>
      )}
      {refusal.messages.map((message) => (
        <Txt key={message} role="alert" tone="stop">
          {message}
        </Txt>
      ))}
      {list && 'refused' in list ? (
        <Txt role="alert" tone="stop" bold>
          {list.refused}
        </Txt>
      ) : null}
      {list && 'problems' in list
        ? list.problems.slice(0, mostListed).map(({ line, path, message }) => (
            <Txt key={`${line}${path}${message}`} role="alert" tone="stop">
              {words.problem(line, path, message)}
            </Txt>
          ))
        : null}
      {list && 'problems' in list && list.problems.length > mostListed ? (
        <Txt>{words.more(list.problems.length - mostListed)}</Txt>
      ) : null}
      {ready ? (
        <View className="gap-2" testID="preview">
          <Txt bold>{words.preview(ready.length - changed, changed)}</Txt>
          {ready.slice(0, 8).map((row) => (
            <Txt key={row.id} size="label" numberOfLines={1}>
              {Object.entries(row)
                .filter(([name, value]) => name !== 'id' && (typeof value === 'string' || typeof value === 'number'))
                .map(([name, value]) => `${name} ${String(value)}`)
                .join(' · ')}
            </Txt>
          ))}
          <RoleButton
            needs="work"
            label={words.readIn(ready.length)}
            look="do"
            onPress={() => void take(ready)}
            className="self-start"
            testID="read-in"
          />
        </View>
      ) : null}
      {list ? <Button label={words.drop} onPress={aside} className="self-start" /> : null}
    </View>
  );
}
