import type { StorePart } from '@cricket/contract/shapes';
import { chosenWheelId } from '@cricket/core/choices';
import type { End } from '@cricket/core/model';
import { isStoreKind, partKinds, storeKinds, type PartKind } from '@cricket/core/part-kinds';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { leftoverId } from '../../data/leftover-id';
import { useBike, useStores, useWheels } from '../../data/use-bikes';
import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Choices, Field } from '../../ui/field';
import { DraftNotice } from '../../ui/draft-notice';
import { NotKept } from '../../ui/not-kept';
import { Screen } from '../../ui/screen';
import { Select } from '../../ui/select';
import { useFormDraft } from '../../data/use-form-draft';
import { Txt } from '../../ui/txt';
import { leftoverPart } from './leftover-part';
import { checkStore, fieldsOfKind, storeEntry, storeFields, type PartLine, type StoreFields } from './store-form';
import { specLabel, words } from './words';
import { likeStoreItemPath, putBackPath, standPath, type Page } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { NotThere } from '../../ui/not-there';

type StoreItemQuery = { itemId: string; like?: string; bike?: string; end?: string; part?: string; from?: string };

/** One line of the stores, changed or new. */
export function StoreItemScreen() {
  const { itemId, like, bike, end, part, from } = useLocalSearchParams<StoreItemQuery>();
  const { data, isPending, refetch } = useStores();
  const item = data?.find(({ id }) => id === itemId);
  if (itemId === 'new' && bike && part && (end === 'front' || end === 'rear')) {
    return (
      <LeftoverForm
        bikeId={bike}
        end={end}
        part={part}
        to={from === 'stand' ? standPath(bike, 'parts-fate') : putBackPath(bike)}
      />
    );
  }
  if (itemId === 'new' && (data || !like)) {
    return <ItemForm key={like ?? 'new'} model={data?.find(({ id }) => id === like)} />;
  }
  if (!data || !item) {
    const gone = data && { title: words.gone, to: { label: words.toStores, path: '/stores' as const } };
    return <NotThere title={words.editTitle} backTo="/stores" asked={[{ isPending, refetch }]} gone={gone} />;
  }
  return <ItemForm key={item.id} item={item} />;
}

const named = (kinds: readonly PartKind[]) => kinds.map((kind) => [kind, words.kinds[kind]] as const);

/** A new line for a part that is left over of a bike's kit: what the kit says of it stands there already. */
function LeftoverForm({ bikeId, end, part, to }: { bikeId: string; end: End; part: string; to: Page }) {
  const bike = useBike(bikeId);
  const wheels = useWheels();
  if (!bike.record) return <BikeNotThere bikeId={bikeId} asked={[bike, wheels]} />;
  if (!wheels.data) return <NotThere title={words.newTitle} backTo="/stores" asked={[wheels]} />;
  const wheel = wheels.data.find(({ id }) => id === chosenWheelId(bike.record!.choices, end));
  const model = leftoverPart(wheel, leftoverId(bikeId, end, part), part);
  return <ItemForm key={model.id} model={model} newId={model.id} to={to} />;
}

/**
 * @param model - what a new line starts from
 * @param newId - the id of a new line, where it follows from what the line is
 */
function ItemForm({
  item,
  model,
  newId,
  to = '/stores',
}: {
  item?: StorePart;
  model?: PartLine & { id: string };
  newId?: string;
  /** Where one goes on. */
  to?: Page;
}) {
  const router = useRouter();
  const { putPart, withdrawPart } = useWrites();
  const refusal = useRefusal<StorePart>();
  const [itemId] = useState(() => item?.id ?? newId ?? crypto.randomUUID());
  const [version, setVersion] = useState(item?.version ?? 0);
  const [leaving, setLeaving] = useState(false);
  const [more, setMore] = useState(false);
  const { form, draft } = useFormDraft<StoreFields>(`store-item/${item?.id ?? model?.id ?? 'new'}`, {
    mode: 'onTouched',
    defaultValues: storeFields(item ?? model),
    resolver: checkStore,
  });
  const { control, handleSubmit, setValue } = form;
  const kind = useWatch({ control, name: 'kind' });
  // What goes over an axle is asked for most: the rest of a kit one tap further.
  const all = more || !isStoreKind(kind);
  const back = () => router.navigate(to);
  const keep = handleSubmit(async (fields) => {
    const outcome = await putPart(itemId, storeEntry(fields, item ?? model, version));
    const current = await refusal.settle(outcome);
    if (current) setVersion(current.version);
    if (outcome.kind === 'refused') return;
    draft.done();
    back();
  });
  return (
    <Screen
      title={item ? words.editTitle : words.newTitle}
      backTo={to}
      action={
        item ? (
          <Button label={words.duplicate} low onPress={() => router.navigate(likeStoreItemPath(item.id))} />
        ) : undefined
      }
      footer={
        <>
          <NotKept control={control} />
          <RoleButton needs="work" label={words.save} look="do" onPress={() => void keep()} />
        </>
      }
    >
      <DraftNotice draft={draft} />
      {refusal.messages.length > 0 ? (
        <View role="alert" className="mx-4 mb-2 border-2 border-stop bg-sheet p-3">
          <Txt bold>
            {refusal.conflict ? words.conflict(String(refusal.conflict.count)) : refusal.messages.join(' ')}
          </Txt>
        </View>
      ) : null}
      <View className="max-w-[640px] gap-5 px-4 py-2">
        {all ? (
          <Select
            label={words.fields.kind}
            options={named(partKinds)}
            value={kind}
            onChange={(next) => setValue('kind', next, { shouldDirty: true })}
            testID="field-kind"
          />
        ) : (
          <>
            <Choices control={control} name="kind" label={words.fields.kind} options={named(storeKinds)} />
            <Button label={words.moreKinds} low onPress={() => setMore(true)} />
          </>
        )}
        {fieldsOfKind(kind).map((field) =>
          field.asks === 'word' ? (
            <Choices
              key={field.name}
              control={control}
              name={`spec.${field.name}`}
              label={specLabel(kind, field.name)}
              options={field.options.map((option) => [option, words.choices[option] ?? option] as const)}
            />
          ) : (
            <Field
              key={field.name}
              control={control}
              name={`spec.${field.name}`}
              label={specLabel(kind, field.name)}
              hint={field.required ? undefined : words.optional}
              numeric={field.asks === 'figure'}
            />
          ),
        )}
        <Field control={control} name="costEach" label={words.fields.costEach} hint={words.optional} numeric />
        <Field control={control} name="label" label={words.fields.label} hint={words.optional} />
        <Field control={control} name="count" label={words.fields.count} numeric />
        {item ? (
          <RoleButton
            needs="work"
            label={leaving ? words.takeOutSure : words.takeOut}
            look="stop"
            onPress={() => {
              if (!leaving) return setLeaving(true);
              void withdrawPart(itemId);
              back();
            }}
          />
        ) : null}
      </View>
    </Screen>
  );
}
