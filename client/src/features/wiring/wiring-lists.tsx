import type { BikeRecord } from '@cricket/contract/shapes';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useTell } from '../../data/use-tell';
import { RoleButton } from '../../session/role-button';
import { useMay } from '../../data/use-session';
import { Alerts } from '../../ui/alerts';
import { wiringThingPath, type WiringThing } from '../../ui/pages';
import { Section } from '../../ui/section';
import { Segments } from '../../ui/segments';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** Plugs and adapters as they are written down, and whether contacts are moved. */
export function WiringLists({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const { plugs = [], adapters = [], repin = false } = facts.wiring ?? {};
  const router = useRouter();
  const may = useMay();
  const { tell, messages } = useTell(record);
  const list = (title: string, of: WiringThing, rows: readonly { id: string; says: string }[], add: string) => (
    <View className="screen-only">
      <Section title={title} />
      {rows.map((row) => (
        <ToPage
          key={row.id}
          to={wiringThingPath(id, of, row.id)}
          className="min-h-[60px] justify-center border-b border-rule px-4 py-2"
        >
          <Txt bold className="underline">
            {row.id}
          </Txt>
          <Txt size="label" tone="soft">
            {row.says}
          </Txt>
        </ToPage>
      ))}
      {rows.length === 0 ? (
        <Txt tone="soft" className="px-4 py-2">
          {words.none}
        </Txt>
      ) : null}
      <View className="items-start px-4 py-3">
        <RoleButton
          needs="work"
          label={add}
          onPress={() => router.navigate(wiringThingPath(id, of))}
          testID={`add-${of}`}
        />
      </View>
    </View>
  );
  return (
    <View>
      {list(
        words.plugs,
        'plug',
        plugs.map((plug) => ({ id: plug.id, says: words.plugSays(plug.on, plug.to) })),
        words.addPlug,
      )}
      {list(
        words.adapters,
        'adapter',
        adapters.map((adapter) => ({
          id: adapter.id,
          says: [adapter.from, adapter.to]
            .map(({ family, gender, key, pins }) => words.half(family, words.genderWords[gender], key, pins))
            .join(' — '),
        })),
        words.addAdapter,
      )}
      <View className="screen-only gap-2 px-4 py-2" testID="repin">
        <Txt bold>{words.repin}</Txt>
        <Txt size="label" tone="soft">
          {words.repinWhy}
        </Txt>
        <Alerts messages={messages} />
        {may.work ? (
          <Segments
            label={words.repin}
            options={Object.entries(words.yesNo) as ['yes' | 'no', string][]}
            value={repin ? 'yes' : 'no'}
            onChange={(value) => void tell({ wiring: { ...facts.wiring, repin: value === 'yes' } })}
          />
        ) : (
          <Txt>{words.yesNo[repin ? 'yes' : 'no']}</Txt>
        )}
      </View>
    </View>
  );
}
