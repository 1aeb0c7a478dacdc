import type { ShopSettings } from '@cricket/contract/shapes';
import { limitSaid, limitTable, type LimitArea, type LimitKey } from '@cricket/core/limits';
import { materialWords } from '@cricket/core/materials';
import { useMemo, useState } from 'react';
import { Pressable, TextInput, View } from 'react-native';

import { useRefusal } from '../../data/use-refusal';
import { useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { Screen } from '../../ui/screen';
import { useShopUnits } from '../../ui/shop-units';
import { Txt } from '../../ui/txt';
import { cellError, cellId, limitCells, limitsFrom, ownText, type LimitCell } from './limit-values';
import { unitWord } from '../../ui/unit-word';
import { words } from './words';
import { NotThere } from '../../ui/not-there';
import { say } from '../../ui/say';

/** Every limit with unit, meaning, source, default and the workshop's own figure. */
export function LimitsScreen() {
  const settings = useShopSettings();
  if (!settings.data) {
    return <NotThere backTo="/shop" asked={[settings]} />;
  }
  return <Limits settings={settings.data} />;
}

function Limits({ settings }: { settings: ShopSettings }) {
  const { putSettings } = useWrites();
  const refusal = useRefusal<ShopSettings>();
  const [version, setVersion] = useState<number | null>(null);
  const { units } = useShopUnits();
  // The defaults are told in the shop's units; texts that are typed already stay as they are.
  const cells = useMemo(() => limitCells(units), [units]);
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(cells.map((cell) => [cellId(cell), ownText(settings.limits, cell)])),
  );
  const [saved, setSaved] = useState(true);
  const errors = useMemo(
    () => cells.filter((cell) => cellError(cell, texts[cellId(cell)] ?? '') !== null),
    [cells, texts],
  );
  const set = (id: string, text: string) => {
    setTexts({ ...texts, [id]: text });
    setSaved(false);
  };
  const keep = async () => {
    const next = { ...settings, limits: limitsFrom(cells, texts), version: version ?? settings.version };
    const outcome = await putSettings(next);
    const current = await refusal.settle(outcome);
    if (current) return setVersion(current.version);
    if (outcome.kind === 'refused') return;
    setVersion(null);
    setSaved(true);
  };
  const areas = Object.keys(words.areas) as LimitArea[];
  return (
    <Screen
      title={words.title}
      backTo="/shop"
      footer={
        saved ? null : (
          <RoleButton
            needs="own"
            label={words.keep}
            look="do"
            disabled={errors.length > 0}
            onPress={() => void keep()}
            testID="keep-limits"
          />
        )
      }
    >
      <Txt className="max-w-[760px] px-4 pb-1">{words.lead}</Txt>
      <Txt size="label" tone="soft" className="max-w-[760px] px-4 pb-2">
        {words.note}
      </Txt>
      {refusal.messages.length > 0 ? (
        <Txt role="alert" tone="stop" bold className="px-4 py-2">
          {refusal.conflict ? words.conflict : refusal.messages.join(' ')}
        </Txt>
      ) : null}
      {areas.map((area) => (
        <View key={area} className="pb-3">
          <Txt size="title" bold heading={2} className="border-b-2 border-ink px-4 pb-1 pt-4">
            {words.areas[area]}
          </Txt>
          {keysOf(area).map((key) => (
            <Limit key={key} limitKey={key} cells={cells} texts={texts} onChange={set} />
          ))}
        </View>
      ))}
    </Screen>
  );
}

function keysOf(area: LimitArea): LimitKey[] {
  return (Object.keys(limitTable) as LimitKey[]).filter((key) => limitTable[key].area === area);
}

interface LimitProps {
  limitKey: LimitKey;
  cells: readonly LimitCell[];
  texts: Record<string, string>;
  onChange: (id: string, text: string) => void;
}

function Limit({ limitKey, cells, texts, onChange }: LimitProps) {
  const { units } = useShopUnits();
  const row = limitTable[limitKey];
  const own = cells.filter(({ key }) => key === limitKey);
  return (
    <View className="gap-2 border-b border-rule px-4 py-3 lg:flex-row lg:items-start">
      <View className="min-w-0 lg:w-[420px]">
        <Txt bold>{say(limitSaid(limitKey))}</Txt>
        <Txt size="label" tone="soft">
          {[unitWord(row.unit, units), words.sources[row.source], ...(row.kind === 'material' ? [words.carbon] : [])]
            .filter(Boolean)
            .join(' · ')}
        </Txt>
      </View>
      <View className="min-w-0 flex-1 flex-row flex-wrap gap-3">
        {own.map((cell) => (
          <Cell key={cellId(cell)} cell={cell} text={texts[cellId(cell)] ?? ''} onChange={onChange} />
        ))}
      </View>
    </View>
  );
}

function Cell({ cell, text, onChange }: { cell: LimitCell; text: string; onChange: LimitProps['onChange'] }) {
  const error = cellError(cell, text);
  const id = cellId(cell);
  const name = cell.material ? materialWords[cell.material] : words.own;
  return (
    <View className={cell.row.kind === 'sizes' ? 'w-full gap-1 lg:w-[360px]' : 'w-[150px] gap-1'}>
      <Txt size="label">{say(name)}</Txt>
      <TextInput
        value={text}
        onChangeText={(next) => onChange(id, next)}
        inputMode={cell.row.kind === 'sizes' ? 'text' : 'decimal'}
        aria-label={`${say(limitSaid(cell.key))} ${say(name)}`}
        aria-invalid={error !== null}
        testID={`limit-${id}`}
        className={`h-12 min-w-0 rounded-md border-2 bg-sheet px-3 font-figure text-lead text-ink ${error ? 'border-stop' : text ? 'border-ink' : 'border-rule'}`}
      />
      {error ? (
        <Txt size="label" tone="stop" role="alert">
          {error}
        </Txt>
      ) : text ? (
        <Pressable
          role="button"
          onPress={() => onChange(id, '')}
          className="min-h-[48px] justify-center"
          aria-label={`${words.reset}: ${say(limitSaid(cell.key))} ${say(name)}`}
        >
          <Txt size="label" className="underline">{`${words.reset} ${cell.preset}`}</Txt>
        </Pressable>
      ) : (
        <Txt size="label" tone="soft">
          {words.preset(cell.preset)}
        </Txt>
      )}
    </View>
  );
}
