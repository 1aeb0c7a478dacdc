import type { StoreItem } from '@cricket/contract/shapes';
import { storeKinds, type StoreKind } from '@cricket/core/parts';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { useStores } from '../data/use-bikes';
import { useRefusal } from '../data/use-refusal';
import { useWrites } from '../data/use-writes';
import { Button } from '../ui/button';
import { Choices, Field } from '../ui/field';
import { Failed, Fetching, Notice } from '../ui/notice';
import { numberRule, typedFigure } from '../ui/number-rule';
import { Screen } from '../ui/screen';
import { Txt } from '../ui/txt';
import { words } from './words';

interface Fields {
  kind: StoreKind;
  thicknessMm: string;
  boreMm: string;
  outerMm: string;
  tabWidthMm: string;
  tabDepthMm: string;
  count: string;
}

/** One line of the stores, changed or new. */
export function StoreItemScreen() {
  const { itemId } = useLocalSearchParams<{ itemId: string }>();
  const { data, isPending, refetch } = useStores();
  const item = data?.find(({ id }) => id === itemId);
  if (itemId === 'new') return <ItemForm key="new" />;
  if (!data || !item) {
    return (
      <Screen title={words.editTitle} backTo="/stores">
        {data ? <Notice title={words.gone} /> : isPending ? <Fetching /> : <Failed retry={() => void refetch()} />}
      </Screen>
    );
  }
  return <ItemForm key={item.id} item={item} />;
}

function ItemForm({ item }: { item?: StoreItem }) {
  const router = useRouter();
  const { putStoreItem, withdrawStoreItem } = useWrites();
  const refusal = useRefusal<StoreItem>();
  const [itemId] = useState(() => item?.id ?? crypto.randomUUID());
  const [version, setVersion] = useState(item?.version ?? 0);
  const [leaving, setLeaving] = useState(false);
  const { control, handleSubmit } = useForm<Fields>({
    mode: 'onTouched',
    defaultValues: fieldsOf(item),
    resolver: check,
  });
  const kind = useWatch({ control, name: 'kind' });
  const back = () => router.navigate('/stores' as never);
  const keep = handleSubmit(async (fields) => {
    const outcome = await putStoreItem(itemId, entryOf(fields, version));
    const current = await refusal.settle(outcome);
    if (current) setVersion(current.version);
    if (outcome.kind !== 'refused') back();
  });
  return (
    <Screen
      title={item ? words.editTitle : words.newTitle}
      backTo="/stores"
      footer={<Button label={words.save} look="do" onPress={() => void keep()} />}
    >
      {refusal.messages.length > 0 ? (
        <View role="alert" className="mx-4 mb-2 border-2 border-stop bg-sheet p-3">
          <Txt bold>
            {refusal.conflict ? words.conflict(String(refusal.conflict.count)) : refusal.messages.join(' ')}
          </Txt>
        </View>
      ) : null}
      <View className="max-w-[640px] gap-5 px-4 py-2">
        <Choices
          control={control}
          name="kind"
          label={words.fields.kind}
          options={storeKinds.map((name) => [name, words.kinds[name]] as const)}
        />
        <Field control={control} name="thicknessMm" label={words.fields.thicknessMm} numeric />
        {kind !== 'caliper-shim' ? (
          <Field
            control={control}
            name="boreMm"
            label={words.fields.boreMm}
            hint={needsBore(kind) ? undefined : words.optional}
            numeric
          />
        ) : null}
        {kind !== 'caliper-shim' ? (
          <Field
            control={control}
            name="outerMm"
            label={words.fields.outerMm}
            hint={kind === 'c-washer' ? undefined : words.optional}
            numeric
          />
        ) : null}
        {kind === 'tabbed' ? (
          <Field control={control} name="tabWidthMm" label={words.fields.tabWidthMm} numeric />
        ) : null}
        {kind === 'tabbed' ? (
          <Field control={control} name="tabDepthMm" label={words.fields.tabDepthMm} numeric />
        ) : null}
        <Field control={control} name="count" label={words.fields.count} numeric />
        {item ? (
          <Button
            label={leaving ? words.takeOutSure : words.takeOut}
            look="stop"
            onPress={() => {
              if (!leaving) return setLeaving(true);
              void withdrawStoreItem(itemId);
              back();
            }}
          />
        ) : null}
      </View>
    </Screen>
  );
}

const needsBore = (kind: StoreKind) => kind === 'plain' || kind === 'tabbed' || kind === 'c-washer' || kind === 'arm';

function fieldsOf(item?: StoreItem): Fields {
  const text = (value: number | null | undefined) => (value == null ? '' : String(value));
  return {
    kind: item?.kind ?? 'plain',
    thicknessMm: text(item?.thicknessMm),
    boreMm: text(item?.boreMm),
    outerMm: text(item?.outerMm),
    tabWidthMm: text(item?.tabWidthMm),
    tabDepthMm: text(item?.tabDepthMm),
    count: text(item?.count ?? 1),
  };
}

function entryOf(fields: Fields, version: number) {
  const shim = fields.kind === 'caliper-shim';
  const tabbed = fields.kind === 'tabbed';
  return {
    kind: fields.kind,
    thicknessMm: typedFigure(fields.thicknessMm)!,
    boreMm: shim ? null : typedFigure(fields.boreMm),
    outerMm: shim ? null : typedFigure(fields.outerMm),
    tabWidthMm: tabbed ? typedFigure(fields.tabWidthMm) : null,
    tabDepthMm: tabbed ? typedFigure(fields.tabDepthMm) : null,
    count: typedFigure(fields.count)!,
    version,
  };
}

function check(values: Fields) {
  const errors: Partial<Record<keyof Fields, { type: string; message: string }>> = {};
  const complain = (name: keyof Fields, message: string) => (errors[name] = { type: 'value', message });
  const hold = (name: keyof Fields, min: number, max: number, required: boolean) => {
    const held = numberRule(min, max, 'mm', required)(values[name]);
    if (held !== true) complain(name, held);
  };
  hold('thicknessMm', 0.05, 30, true);
  if (values.kind !== 'caliper-shim') {
    hold('boreMm', 4, 60, needsBore(values.kind));
    hold('outerMm', 6, 90, values.kind === 'c-washer');
  }
  if (values.kind === 'tabbed') {
    hold('tabWidthMm', 4, 20, true);
    hold('tabDepthMm', 0.5, 20, true);
  }
  const count = typedFigure(values.count);
  if (count === null || !Number.isInteger(count) || count < 0 || count > 9999)
    complain('count', words.countRule(values.count));
  return Object.keys(errors).length ? { values: {}, errors } : { values, errors: {} };
}
