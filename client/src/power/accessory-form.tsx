import type { BikeRecord } from '@cricket/contract/shapes';
import { useState } from 'react';

import { ToldForm } from '../bike/told-form';
import { RoleButton } from '../session/role-button';
import { Choices, Field } from '../ui/field';
import { NotThere } from '../ui/not-there';
import { powerPath } from '../ui/pages';
import { accessoryToFields, checkAccessory, fieldsToAccessory } from './power-forms';
import { words } from './words';

/** A light, or another thing that is fed from the pack: changed, or new where no name is given. */
export function AccessoryForm({ record, of }: { record: BikeRecord; of: string | undefined }) {
  const { id, facts } = record.bike;
  const { power } = facts;
  // As the list was when the page was opened: the one that has just been kept is not in its own way.
  const [list] = useState(() => power?.accessories ?? []);
  const [leaving, setLeaving] = useState(false);
  const index = of === undefined ? list.length : list.findIndex((each) => each.id === of);
  if (index < 0) {
    const gone = { title: words.gone, to: { label: words.title, path: powerPath(id) } };
    return <NotThere title={words.gone} backTo={powerPath(id)} asked={[]} gone={gone} />;
  }
  const accessory = list[index];
  const others = list.filter((_, at) => at !== index);
  const taken = others.map((each) => each.id);
  const { fields } = words;
  return (
    <ToldForm
      record={record}
      title={accessory ? words.accessoryTitle : words.newAccessory}
      about={`power-accessory/${of ?? ''}`}
      backTo={powerPath(id)}
      defaultValues={accessoryToFields(accessory, taken)}
      check={checkAccessory(taken)}
      change={(typed) => ({
        power: { ...power, accessories: [...list.slice(0, index), fieldsToAccessory(typed), ...list.slice(index + 1)] },
      })}
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
          {accessory ? (
            <RoleButton
              needs="work"
              label={leaving ? words.takeOffSure : words.takeOff}
              look="stop"
              onPress={() => (leaving ? void keep({ power: { ...power, accessories: others } }) : setLeaving(true))}
              testID="take-off"
            />
          ) : null}
        </>
      )}
    </ToldForm>
  );
}
