import type { Wheel } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/model';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useWheels } from '../../data/use-bikes';
import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Choices, Field } from '../../ui/field';
import { DraftNotice } from '../../ui/draft-notice';
import { NotKept } from '../../ui/not-kept';
import { Screen } from '../../ui/screen';
import { useFormDraft } from '../../data/use-form-draft';
import { Txt } from '../../ui/txt';
import { WheelFacts } from './wheel-facts';
import { checkWheel, copyFields, numberFields, wheelEntry, wheelFields, type WheelFields } from './wheel-form';
import { KitFields } from './kit-fields';
import { kitWords } from './kit-words';
import { words } from './words';
import { endPath, likeWheelPath, measureWheelPath, type Page } from '../../ui/pages';
import { NotThere } from '../../ui/not-there';

/** One wheel of the catalogue, or a new one from own measurements. */
export function WheelScreen() {
  const { wheelId, like, bike, end } = useLocalSearchParams<{
    wheelId: string;
    like?: string;
    bike?: string;
    end?: string;
  }>();
  // From a bike it goes back there: to its fit, or to choosing what was added.
  const at: End = end === 'rear' ? 'rear' : 'front';
  const back: Page = bike ? endPath(bike, at, wheelId === 'new' ? 'wheel' : 'fit') : '/wheels';
  const { data, isPending, refetch } = useWheels();
  const wheel = data?.find(({ id }) => id === wheelId);
  if (wheelId === 'new' && (data || !like)) {
    const model = data?.find(({ id }) => id === like);
    return <WheelForm key={like ?? 'new'} model={model} back={back} />;
  }
  if (!data || !wheel) {
    const gone = data && { title: words.gone, to: { label: words.toCatalogue, path: '/wheels' as const } };
    return <NotThere title={words.title} backTo={back} asked={[{ isPending, refetch }]} gone={gone} />;
  }
  return <WheelForm key={wheel.id} wheel={wheel} back={back} />;
}

/** @param model - what a new wheel starts from: a copy that gets a code of its own */
function WheelForm({ wheel, model, back }: { wheel?: Wheel; model?: Wheel; back: Page }) {
  const router = useRouter();
  const { putWheel } = useWrites();
  const refusal = useRefusal<Wheel>();
  const [wheelId] = useState(() => wheel?.id ?? crypto.randomUUID());
  const [version, setVersion] = useState(wheel?.version ?? 0);
  const { form, draft } = useFormDraft<WheelFields>(`wheel/${wheel?.id ?? model?.id ?? 'new'}`, {
    mode: 'onTouched',
    defaultValues: wheel ? wheelFields(wheel) : copyFields(model),
    resolver: checkWheel,
  });
  const { control, watch } = form;
  const kitKnown = watch('kitKnown');
  const keep = form.handleSubmit(async (values) => {
    const outcome = await putWheel(wheelId, wheelEntry(values, version, wheel ?? model));
    const current = await refusal.settle(outcome);
    if (current) setVersion(current.version);
    if (outcome.kind === 'refused') return;
    draft.done();
    router.navigate(back);
  });
  return (
    <Screen
      title={wheel?.code ?? (model ? words.copyOf(model.code) : words.newTitle)}
      backTo={back}
      action={
        wheel ? (
          <Button label={words.duplicate} low onPress={() => router.navigate(likeWheelPath(wheel.id))} />
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
      {wheel?.kit?.unmeasured?.length ? (
        <View className="gap-2 px-4 pb-2">
          <Txt tone="unknown" bold>
            {words.patternLeft(wheel.kit.unmeasured.length)}
          </Txt>
          <Button
            label={words.measureIt}
            look="do"
            onPress={() => router.navigate(measureWheelPath(wheel.id))}
            className="self-start"
            testID="measure-wheel"
          />
        </View>
      ) : null}
      {wheel ? <WheelFacts wheel={wheel} /> : null}
      {refusal.messages.length > 0 ? (
        <View role="alert" className="mx-4 mb-2 border-2 border-stop bg-sheet p-3">
          <Txt bold>{refusal.conflict ? words.conflict : words.refused}</Txt>
          {refusal.messages.map((message) => (
            <Txt key={message}>{message}</Txt>
          ))}
        </View>
      ) : null}
      <View className="max-w-[640px] gap-5 px-4 py-2">
        <Field control={control} name="code" label={words.fields.code} />
        <Field control={control} name="note" label={words.fields.note} />
        <Choices
          control={control}
          name="soldFor"
          label={words.fields.soldFor}
          options={[
            ['front', words.front],
            ['rear', words.rear],
          ]}
        />
        <Choices
          control={control}
          name="drive"
          label={words.fields.drive}
          options={[
            ['geared', words.geared],
            ['direct', words.direct],
          ]}
        />
        <Choices
          control={control}
          name="regen"
          label={words.fields.regen}
          options={[
            ['no', words.no],
            ['yes', words.yes],
          ]}
        />
        {(Object.keys(numberFields) as (keyof typeof numberFields)[]).map((name) => (
          <Field
            key={name}
            control={control}
            name={name}
            label={words.fields[name]}
            hint={numberFields[name].required ? undefined : words.none2}
            numeric
          />
        ))}
        <Choices
          control={control}
          name="cableExit"
          label={words.fields.cableExit}
          options={[
            ['left', words.left],
            ['right', words.right],
          ]}
        />
        <Choices
          control={control}
          name="downMark"
          label={words.fields.downMark}
          options={[
            ['arrow', words.marks.arrow],
            ['notch', words.marks.notch],
            ['none', words.marks.none],
          ]}
        />
        <Field control={control} name="deliveredLeft" label={words.deliveredLeft} hint={words.deliveredHint} />
        <Field control={control} name="deliveredRight" label={words.deliveredRight} hint={words.deliveredHint} />
        <Choices
          control={control}
          name="kitKnown"
          label={kitWords.known}
          options={[
            ['no', kitWords.knownOptions.no],
            ['yes', kitWords.knownOptions.yes],
          ]}
        />
        {kitKnown === 'yes' ? <KitFields control={control} /> : null}
      </View>
    </Screen>
  );
}
