import type { SecondLooks } from '@cricket/core/procedure';
import { useState } from 'react';
import { TextInput, View } from 'react-native';

import type { PendingWrite } from '../../data/outbox-store';
import { outbox } from '../../data/shared-outbox';
import { useShop } from '../../data/use-bikes';
import { useOutbox } from '../../data/use-outbox';
import { useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { useMay } from '../../data/use-session';
import { saveFile } from '../../ui/save-file';
import { WhoIsHere } from '../../session/who-is-here';
import { changeSettings, useSettings } from '../../settings/settings';
import { dateText } from '../../ui/date-text';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { entryLine } from './entry-line';
import { words } from './words';

/** Who is here, how the page looks, and what is on its way to the server. */
export function ShopScreen() {
  const shop = useShop();
  const { theme, sound } = useSettings();
  const { data: settings } = useShopSettings();
  const { putSettings } = useWrites();
  const { own } = useMay();
  return (
    <Screen title={shop.data?.name ?? words.title}>
      <View className="max-w-[640px] gap-6 px-4 py-2">
        <Txt tone="soft">{shop.data?.demo ? words.demo : words.own}</Txt>
        <WhoIsHere />
        <Switch
          label={words.theme}
          options={[
            ['auto', words.themes.auto],
            ['light', words.themes.light],
            ['dark', words.themes.dark],
          ]}
          value={theme}
          onPick={(value) => changeSettings({ theme: value })}
        />
        <Switch
          label={words.sound}
          options={[
            ['on', words.on],
            ['off', words.off],
          ]}
          value={sound ? 'on' : 'off'}
          onPick={(value) => changeSettings({ sound: value === 'on' })}
        />
        {own && settings ? (
          <Switch
            label={words.second}
            options={Object.entries(words.secondOptions) as [SecondLooks, string][]}
            value={settings.secondPerson ?? 'none'}
            onPick={(secondPerson) => void putSettings({ ...settings, secondPerson })}
          />
        ) : null}
        <View>
          {(['/units', '/tools', '/limits'] as const).map((path) => (
            <ToPage key={path} to={path} className="min-h-[48px] justify-center">
              <Txt bold className="underline">
                {words.pages[path]}
              </Txt>
            </ToPage>
          ))}
        </View>
        <Sync />
      </View>
    </Screen>
  );
}

interface SwitchProps<T extends string> {
  label: string;
  options: readonly (readonly [T, string])[];
  value: T;
  onPick: (value: T) => void;
}

function Switch<T extends string>({ label, options, value, onPick }: SwitchProps<T>) {
  return (
    <View className="gap-1">
      <Txt bold>{label}</Txt>
      <Segments label={label} options={options} value={value} onChange={onPick} />
    </View>
  );
}

function Sync() {
  const { writes, unreachable } = useOutbox();
  return (
    <View className="gap-1">
      <Txt bold heading={2}>
        {words.sync}
      </Txt>
      {writes.length === 0 ? <Txt tone="soft">{words.allSent}</Txt> : null}
      {writes.map((write) => (
        <Entry key={write.seq} write={write} />
      ))}
      {unreachable ? <Button label={words.tryNow} onPress={outbox.tryNow} className="self-start" /> : null}
    </View>
  );
}

function Entry({ write }: { write: PendingWrite }) {
  const { refused, about, madeAt, body } = write;
  return (
    <View className="gap-1 border-b border-rule py-2">
      <Txt bold>{`${words.kinds[about.kind]} · ${write.person} · ${dateText(new Date(madeAt), 'd MMM HH:mm')}`}</Txt>
      <Txt size="label" tone="soft">
        {entryLine(body)}
      </Txt>
      {refused ? (
        <>
          <Txt tone="stop" bold>{`${words.refused}: ${refused.title}`}</Txt>
          {refused.errors.map(({ path, messages }) => (
            <Txt key={path}>{`${path}: ${messages.join(', ')}`}</Txt>
          ))}
          {refused.current ? <Txt>{`${words.theirs}: ${entryLine(refused.current)}`}</Txt> : null}
          {refused.yours ? <Txt>{`${words.yours}: ${entryLine(refused.yours)}`}</Txt> : null}
          <View className="flex-row gap-2">
            <Button label={words.sendAgain} onPress={() => void outbox.sendAgain(write.seq)} />
            <Button label={words.discard} onPress={() => void outbox.discard(write.seq)} />
          </View>
          <Content write={write} />
        </>
      ) : (
        <Txt size="label" tone="soft">
          {words.waiting}
        </Txt>
      )}
    </View>
  );
}

/** Everything that a refused entry says: looked at, put right, kept as a file. Nothing that was entered is lost. */
function Content({ write }: { write: PendingWrite }) {
  const [text, setText] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const whole = JSON.stringify(write.body, null, 1);
  if (text === null) {
    return (
      <View className="flex-row gap-2">
        <Button label={words.change} onPress={() => setText(whole)} testID="change-entry" />
        <Button
          label={words.asFile}
          onPress={() => saveFile(`entry-${write.seq}.json`, 'application/json', JSON.stringify(write, null, 1))}
        />
      </View>
    );
  }
  const keep = () => {
    const body = asObject(text);
    if (body) void outbox.change(write.seq, body);
    else setWrong(true);
  };
  return (
    <View className="gap-2">
      <TextInput
        value={text}
        onChangeText={(next) => {
          setText(next);
          setWrong(false);
        }}
        multiline
        numberOfLines={8}
        aria-label={words.content}
        testID="entry-content"
        className="min-h-[180px] rounded-md border-2 border-ink bg-sheet p-3 font-figure text-body text-ink"
      />
      {wrong ? (
        <Txt role="alert" tone="stop" bold>
          {words.notReadable}
        </Txt>
      ) : null}
      <Button label={words.sendChanged} onPress={keep} className="self-start" testID="send-changed" />
    </View>
  );
}

function asObject(text: string): object | null {
  try {
    const body: unknown = JSON.parse(text);
    return typeof body === 'object' && body !== null && !Array.isArray(body) ? body : null;
  } catch {
    return null;
  }
}
