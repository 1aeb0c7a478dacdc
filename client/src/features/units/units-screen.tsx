import type { ShopSettings } from '@cricket/contract/shapes';
import { isTimeZone } from '@cricket/core/shop-settings';
import { isCurrency } from '@cricket/core/units';
import { useState } from 'react';
import { View } from 'react-native';

import { useRefusal } from '../../data/use-refusal';
import { useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { useMay } from '../../data/use-session';
import { Button } from '../../ui/button';
import { Failed, Fetching } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { Decimals, UnitsByKind, UnitSet } from '../../job/units/units-panel';
import { words } from './words';

/** What the shop reads and types in: units, currency, its clock, the week. */
export function UnitsScreen() {
  const { data: settings, isPending, refetch } = useShopSettings();
  const { own } = useMay();
  return (
    <Screen title={words.title} backTo="/shop">
      <View className="max-w-[640px] gap-6 px-4 py-2">
        <Txt tone="soft">{words.lead}</Txt>
        {settings && own ? (
          <>
            <UnitSet settings={settings} />
            <UnitsByKind settings={settings} />
            <Decimals settings={settings} />
            <Currency settings={settings} />
            <Zone settings={settings} />
            <Week settings={settings} />
          </>
        ) : settings ? (
          <Txt>{words.own}</Txt>
        ) : isPending ? (
          <Fetching />
        ) : (
          <Failed retry={() => void refetch()} />
        )}
      </View>
    </Screen>
  );
}

function Currency({ settings }: { settings: ShopSettings }) {
  return (
    <Worded
      settings={settings}
      name="currency"
      label={words.currency}
      hint={words.currencyHint}
      read={(text) => text.trim().toUpperCase()}
      holds={isCurrency}
      bad={words.badCurrency}
      keep={words.keepCurrency}
      maxLength={3}
    />
  );
}

function Zone({ settings }: { settings: ShopSettings }) {
  const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return (
    <Worded
      settings={settings}
      name="timeZone"
      label={words.timeZone}
      hint={words.timeZoneHint(own)}
      read={(text) => text.trim()}
      holds={isTimeZone}
      bad={words.badTimeZone}
      keep={words.keepTimeZone}
      maxLength={60}
    />
  );
}

interface WordedProps {
  settings: ShopSettings;
  name: 'currency' | 'timeZone';
  label: string;
  hint: string;
  /** What is meant by what is typed. */
  read: (text: string) => string;
  holds: (value: string) => boolean;
  bad: (text: string) => string;
  keep: string;
  maxLength: number;
}

/** A setting that is one word, or none: what does not hold is named and stays. */
function Worded({ settings, name, label, hint, read, holds, bad, keep, maxLength }: WordedProps) {
  const { putSettings } = useWrites();
  const refusal = useRefusal<ShopSettings>();
  const [text, setText] = useState(settings[name] ?? '');
  const [wrong, setWrong] = useState(false);
  const value = read(text);
  const send = async () => {
    if (value !== '' && !holds(value)) return setWrong(true);
    await refusal.settle(await putSettings({ ...settings, [name]: value === '' ? undefined : value }));
  };
  return (
    <View className="gap-2">
      <TextLine
        label={label}
        hint={hint}
        value={text}
        onChange={(next) => {
          setText(next);
          setWrong(false);
        }}
        onEnter={() => void send()}
        maxLength={maxLength}
        testID={name}
      />
      {wrong ? (
        <Txt role="alert" tone="stop" bold>
          {bad(text)}
        </Txt>
      ) : null}
      {refusal.messages.map((message) => (
        <Txt key={message} role="alert" tone="stop" bold>
          {message}
        </Txt>
      ))}
      {value === (settings[name] ?? '') ? null : (
        <Button label={keep} onPress={() => void send()} className="self-start" testID={`keep-${name}`} />
      )}
    </View>
  );
}

function Week({ settings }: { settings: ShopSettings }) {
  const { putSettings } = useWrites();
  return (
    <View className="gap-1">
      <Txt bold>{words.week}</Txt>
      <Segments
        label={words.week}
        options={(['1', '0', '6'] as const).map((day) => [day, words.days[day]] as const)}
        value={String(settings.weekStartsOn ?? 1) as '0' | '1' | '6'}
        onChange={(day) => void putSettings({ ...settings, weekStartsOn: Number(day) as 0 | 1 | 6 })}
      />
    </View>
  );
}
