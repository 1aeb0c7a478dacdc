import type { ShopSettings } from '@cricket/contract/shapes';
import { isCurrency } from '@cricket/core/units';
import { useState } from 'react';
import { View } from 'react-native';

import { useRefusal } from '../data/use-refusal';
import { useShopSettings } from '../data/use-workshop';
import { useWrites } from '../data/use-writes';
import { useMay } from '../session/use-session';
import { Button } from '../ui/button';
import { Failed, Fetching } from '../ui/notice';
import { Screen } from '../ui/screen';
import { Segments } from '../ui/segments';
import { TextLine } from '../ui/text-line';
import { Txt } from '../ui/txt';
import { UnitsByKind, UnitSet } from './units-panel';
import { words } from './words';

/** What the shop reads and types in: units, currency, the week. */
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
            <Currency settings={settings} />
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
  const { putSettings } = useWrites();
  const refusal = useRefusal<ShopSettings>();
  const [text, setText] = useState(settings.currency ?? '');
  const [wrong, setWrong] = useState(false);
  const code = text.trim().toUpperCase();
  const keep = async () => {
    if (code !== '' && !isCurrency(code)) return setWrong(true);
    await refusal.settle(await putSettings({ ...settings, currency: code === '' ? undefined : code }));
  };
  return (
    <View className="gap-2">
      <TextLine
        label={words.currency}
        hint={words.currencyHint}
        value={text}
        onChange={(next) => {
          setText(next);
          setWrong(false);
        }}
        onEnter={() => void keep()}
        maxLength={3}
        testID="currency"
      />
      {wrong ? (
        <Txt role="alert" tone="stop" bold>
          {words.badCurrency(text)}
        </Txt>
      ) : null}
      {refusal.messages.map((message) => (
        <Txt key={message} role="alert" tone="stop" bold>
          {message}
        </Txt>
      ))}
      {code === (settings.currency ?? '') ? null : (
        <Button label={words.keepCurrency} onPress={() => void keep()} className="self-start" testID="keep-currency" />
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
