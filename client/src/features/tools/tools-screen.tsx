import type { ShopSettings } from '@cricket/contract/shapes';
import { knownTools, toolName } from '@cricket/core/tools';
import { useState } from 'react';
import { View } from 'react-native';

import { useRefusal } from '../../data/use-refusal';
import { useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { HandOver } from '../../session/hand-over';
import { useMay } from '../../data/use-session';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { NotThere } from '../../ui/not-there';
import { Screen } from '../../ui/screen';
import { fieldText } from '../../ui/shop-units';
import { TextLine } from '../../ui/text-line';
import { Tick } from '../../ui/tick';
import { Txt } from '../../ui/txt';
import { readTyped } from '../../ui/typed-number';
import { useOwnTools } from '../../job/tools/use-own-tools';
import { words } from './words';
import { say } from '../../ui/say';
import { words as toolWords } from '../../job/tools/words';

/** The tools that the shop has, and what an hour of its work costs: recorded once, reckoned with everywhere. */
export function ToolsScreen() {
  const settings = useShopSettings();
  const { own } = useMay();
  const { tools, record, messages } = useOwnTools();
  if (!settings.data) return <NotThere backTo="/shop" asked={[settings]} />;
  // Tools of an earlier list stay: nobody throws away what the shop has said.
  const named = [...knownTools, ...tools.filter((name) => !knownTools.includes(name))];
  return (
    <Screen title={words.title} backTo="/shop">
      <View className="max-w-[640px]">
        <Txt className="px-4 pb-3">{words.lead}</Txt>
        {own ? (
          <Hour settings={settings.data} />
        ) : (
          <View className="px-4 pb-3">
            <HandOver title={words.own} to={['owner']} />
          </View>
        )}
        <Txt size="title" bold heading={2} className="border-b-2 border-ink px-4 pb-1 pt-4">
          {words.tools}
        </Txt>
        <Alerts messages={messages} />
        {named.map((tool) => (
          <Tick
            key={tool}
            label={say(toolName(tool))}
            ticked={tools.includes(tool)}
            disabled={!own}
            onTick={(onHand) => void record(tool, onHand)}
          />
        ))}
      </View>
    </Screen>
  );
}

function Hour({ settings }: { settings: ShopSettings }) {
  const { putSettings } = useWrites();
  const refusal = useRefusal<ShopSettings>();
  const [text, setText] = useState(fieldText(settings.hourlyRate));
  const [wrong, setWrong] = useState(false);
  const typed = readTyped(text);
  const rate = typed.kind === 'number' && typed.value >= 0 && typed.value <= 1000 ? typed.value : null;
  const keep = async () => {
    setWrong(rate === null);
    if (rate !== null) await refusal.settle(await putSettings({ ...settings, hourlyRate: rate }));
  };
  return (
    <View className="gap-2 px-4">
      <TextLine
        label={words.hour}
        hint={words.hourHint}
        value={text}
        onChange={setText}
        onEnter={() => void keep()}
        maxLength={12}
        testID="hourly-rate"
      />
      {wrong ? (
        <Txt role="alert" tone="stop" bold>
          {words.badHour(text)}
        </Txt>
      ) : null}
      {refusal.messages.length > 0 ? (
        <Txt role="alert" tone="stop" bold>
          {refusal.conflict ? toolWords.conflict : refusal.messages.join(' ')}
        </Txt>
      ) : null}
      {rate !== settings.hourlyRate ? (
        <Button
          label={words.keepHour}
          look="do"
          onPress={() => void keep()}
          className="self-start"
          testID="keep-hour"
        />
      ) : null}
    </View>
  );
}
