import {
  drawerThreads,
  usualDrawer,
  wheelFromPattern,
  wheelPatterns,
  type DrawerThread,
  type WheelPattern,
} from '@cricket/core/patterns';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useStores, useWheels } from '../../data/use-bikes';
import type { Outcome } from '../../data/outbox';
import { useRefusal } from '../../data/use-refusal';
import { useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { useMay } from '../../data/use-session';
import { Fetching } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Tick } from '../../ui/tick';
import { Txt } from '../../ui/txt';
import { UnitSet } from '../../job/units/units-panel';
import { freeCode } from './free-code';
import { words } from './words';
import { measureWheelPath } from '../../ui/pages';

/** What an empty shop starts from: the usual drawer to be counted, wheels as patterns to be measured. */
export function OpenScreen() {
  const router = useRouter();
  const stores = useStores();
  const wheels = useWheels();
  const settings = useShopSettings();
  const { own } = useMay();
  const { importStores, importWheels } = useWrites();
  const refusal = useRefusal<never>();
  const [threads, setThreads] = useState<readonly DrawerThread[]>([]);
  const [patterns, setPatterns] = useState<readonly WheelPattern['id'][]>([]);
  const [busy, setBusy] = useState(false);
  if (!stores.data || !wheels.data) {
    return (
      <Screen title={words.title} backTo="/">
        <Fetching />
      </Screen>
    );
  }
  const lines = usualDrawer(threads);
  const taken = wheels.data.map(({ code }) => code);
  const picked = wheelPatterns.filter(({ id }) => patterns.includes(id));
  const isIn = async (written: Promise<Outcome>, onIn: () => void) => {
    setBusy(true);
    const outcome = await written;
    await refusal.settle(outcome);
    setBusy(false);
    if (outcome.kind !== 'refused') onIn();
    return outcome.kind !== 'refused';
  };
  const take = async () => {
    const rows = picked.map((pattern) => ({
      ...wheelFromPattern(pattern, crypto.randomUUID(), freeCode(words.patterns[pattern.id].code, taken)),
      note: '',
      version: 0,
    }));
    // What is in is unticked at once: another try after a refusal puts in the rest only.
    if (rows.length > 0 && !(await isIn(importWheels(rows), () => setPatterns([])))) return;
    const drawer = lines.map((line) => ({ ...line, id: crypto.randomUUID() }));
    if (drawer.length > 0 && !(await isIn(importStores(drawer), () => setThreads([])))) return;
    const [first] = rows;
    router.replace(first ? measureWheelPath(first.id) : '/stores');
  };
  return (
    <Screen
      title={words.title}
      backTo="/"
      footer={
        <RoleButton
          needs="work"
          label={lines.length + picked.length ? words.take(lines.length, picked.length) : words.nothing}
          look="do"
          disabled={busy || lines.length + picked.length === 0}
          onPress={() => void take()}
          testID="open-take"
        />
      }
    >
      <View className="max-w-[640px]">
        <Txt tone="soft" className="px-4 pb-2">
          {words.lead}
        </Txt>
        {refusal.messages.map((message) => (
          <Txt key={message} role="alert" tone="stop" bold className="px-4">
            {message}
          </Txt>
        ))}
        <Title text={words.wheels} why={words.wheelsWhy} />
        {wheelPatterns.map(({ id }) => (
          <Tick
            key={id}
            label={words.patterns[id].name}
            about={words.patterns[id].about}
            ticked={patterns.includes(id)}
            onTick={(on) => setPatterns(on ? [...patterns, id] : patterns.filter((item) => item !== id))}
          />
        ))}
        <Title text={words.drawer} why={stores.data.length ? words.drawerThere : words.drawerWhy} />
        {drawerThreads.map((thread) => (
          <Tick
            key={thread}
            label={words.thread(thread)}
            ticked={threads.includes(thread)}
            onTick={(on) => setThreads(on ? [...threads, thread] : threads.filter((item) => item !== thread))}
          />
        ))}
        {own && settings.data ? (
          <>
            <Title text={words.units} why={words.unitsWhy} />
            <View className="px-4 py-3">
              <UnitSet settings={settings.data} />
            </View>
          </>
        ) : null}
      </View>
    </Screen>
  );
}

function Title({ text, why }: { text: string; why: string }) {
  return (
    <View className="border-b-2 border-ink px-4 pb-1 pt-4">
      <Txt size="label" figure tone="soft" heading={2}>
        {text}
      </Txt>
      <Txt tone="soft">{why}</Txt>
    </View>
  );
}
