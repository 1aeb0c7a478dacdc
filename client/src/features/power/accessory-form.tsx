import type { BikeRecord } from '@cricket/contract/shapes';

import { useOneOf } from '../../job/bike/one-of-list';
import { TakeOff } from '../../job/bike/take-off';
import { ToldForm } from '../../job/bike/told-form';
import { Choices, Field } from '../../ui/field';
import { NotThere } from '../../ui/not-there';
import { powerPath } from '../../ui/pages';
import { accessoryToFields, checkAccessory, fieldsToAccessory } from './power-forms';
import { words } from './words';

/** A light, or another thing that is fed from the pack: changed, or new where no name is given. */
export function AccessoryForm({ record, of }: { record: BikeRecord; of: string | undefined }) {
  const { id, facts } = record.bike;
  const { power } = facts;
  const one = useOneOf(power?.accessories ?? [], of);
  if (one.isGone) {
    const gone = { title: words.gone, to: { label: words.title, path: powerPath(id) } };
    return <NotThere title={words.gone} backTo={powerPath(id)} asked={[]} gone={gone} />;
  }
  const { fields } = words;
  return (
    <ToldForm
      record={record}
      title={one.item ? words.accessoryTitle : words.newAccessory}
      about={`power-accessory/${of ?? ''}`}
      backTo={powerPath(id)}
      defaultValues={accessoryToFields(one.item, one.taken)}
      check={checkAccessory(one.taken)}
      change={(typed) => ({ power: { ...power, accessories: one.with(fieldsToAccessory(typed)) } })}
      keepId="keep-accessory"
    >
      {({ control }, keep) => (
        <>
          <Choices
            control={control}
            name="kind"
            label={fields.accessoryKind}
            options={Object.entries(words.accessoryKinds)}
          />
          <Field control={control} name="id" label={fields.id} />
          <Field control={control} name="fromV" label={fields.fromV} numeric />
          <Field control={control} name="toV" label={fields.toV} numeric />
          <Field control={control} name="watts" label={fields.watts} numeric />
          <Choices control={control} name="from" label={fields.from} options={Object.entries(words.feeds)} />
          <Choices control={control} name="works" label={fields.works} options={Object.entries(words.trials)} />
          {one.item ? <TakeOff onTakeOff={() => void keep({ power: { ...power, accessories: one.others } })} /> : null}
        </>
      )}
    </ToldForm>
  );
}
