import type { BikeRecord } from '@cricket/contract/shapes';
import type { PathElement } from '@cricket/core/power-path';
import { useState } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';

import { TakeOff } from '../../job/bike/take-off';
import { ToldForm } from '../../job/bike/told-form';
import { RoleButton } from '../../session/role-button';
import { Choices, Field } from '../../ui/field';
import { NotThere } from '../../ui/not-there';
import { powerPath } from '../../ui/pages';
import {
  checkElement,
  elementKinds,
  elementToFields,
  fieldsToElement,
  figuresOf,
  isOptional,
  withElement,
  type ElementFields,
} from './element-form-fields';
import { words } from './words';

/** One element on the way of the current, by its place in it; a new one where none is given. */
export function ElementForm({ record, at }: { record: BikeRecord; at: string | undefined }) {
  const { id, facts } = record.bike;
  // As the way was when the page was opened: places are counted in it.
  const [chain] = useState<readonly PathElement[]>(() => facts.power?.chain ?? []);
  const index = at === undefined ? null : Number(at);
  const element = index === null ? undefined : chain[index];
  if (index !== null && !element) {
    const gone = { title: words.gone, to: { label: words.title, path: powerPath(id) } };
    return <NotThere title={words.gone} backTo={powerPath(id)} asked={[]} gone={gone} />;
  }
  const told = (next: readonly PathElement[]) => ({ power: { ...facts.power, chain: [...next] } });
  const without = chain.filter((_, place) => place !== index);
  const moved = (by: number) => {
    const next = [...without];
    next.splice(index! + by, 0, element!);
    return told(next);
  };
  return (
    <ToldForm
      record={record}
      title={element ? words.elementTitle : words.newElement}
      about={`power-element/${at ?? ''}`}
      backTo={powerPath(id)}
      defaultValues={elementToFields(element)}
      check={checkElement}
      change={(fields) => {
        const kept = fieldsToElement(fields);
        return told(
          index === null ? withElement(chain, kept) : chain.map((each, place) => (place === index ? kept : each)),
        );
      }}
      keepId="keep-element"
    >
      {({ control }, keep) => (
        <>
          <ElementShown control={control} />
          {element ? (
            <View className="flex-row flex-wrap gap-3">
              {index! > 0 ? (
                <RoleButton needs="work" label={words.nearer} onPress={() => void keep(moved(-1))} testID="nearer" />
              ) : null}
              {index! < chain.length - 1 ? (
                <RoleButton needs="work" label={words.farther} onPress={() => void keep(moved(1))} testID="farther" />
              ) : null}
              <TakeOff onTakeOff={() => void keep(told(without))} />
            </View>
          ) : null}
        </>
      )}
    </ToldForm>
  );
}

function ElementShown({ control }: { control: Control<ElementFields> }) {
  const { fields } = words;
  const kind = useWatch({ control, name: 'kind' });
  const choices = (name: Exclude<keyof ElementFields, ReturnType<typeof figuresOf>[number]>, named: object) => (
    <Choices
      control={control}
      name={name}
      label={name === 'metal' ? fields.metal : fields[name]}
      hint={name === 'metal' ? words.scrape : undefined}
      options={Object.entries(named) as [string, string][]}
    />
  );
  return (
    <>
      <Choices
        control={control}
        name="kind"
        label={fields.kind}
        options={elementKinds.map((each) => [each, words.elements[each]] as const)}
      />
      {kind === 'lead' ? choices('sizeIn', words.sizes) : null}
      {figuresOf(kind).map((name) => (
        <Field
          key={name}
          control={control}
          name={name}
          label={fields[name]}
          hint={name === 'conductorC' ? words.empty('50 °C') : isOptional(name) ? words.optional : undefined}
          numeric
        />
      ))}
      {kind === 'lead' ? (
        <>
          {choices('metal', words.metalChoices)}
          {choices('insulation', words.insulations)}
          {choices('bundled', words.yesNo)}
        </>
      ) : null}
      {kind === 'connector' ? (
        <>
          {choices('polarised', words.yesNo)}
          {choices('deadWhenOpen', words.maybe)}
          {choices('sparkRated', words.maybe)}
        </>
      ) : null}
      {kind === 'joint' ? (
        <>
          {choices('one', words.metalPair)}
          {choices('other', words.metalPair)}
          {choices('jointRated', words.maybe)}
        </>
      ) : null}
    </>
  );
}
