import type { BikeRecord } from '@cricket/contract/shapes';
import { useWatch, type Control } from 'react-hook-form';

import { useOneOf } from '../../job/bike/one-of-list';
import { TakeOff } from '../../job/bike/take-off';
import { ToldForm } from '../../job/bike/told-form';
import { Choices, Field } from '../../ui/field';
import { NotThere } from '../../ui/not-there';
import { bayPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import { checkThing, fieldsToThing, spotsOf, thingToFields, type SpotName, type ThingFields } from './bay-forms';
import { words } from './words';

/** One thing in the frame that a battery keeps clear of: changed, or new where no name is given. */
export function ThingForm({ record, of }: { record: BikeRecord; of: string | undefined }) {
  const { id, facts } = record.bike;
  const { frame } = facts;
  const one = useOneOf(frame?.inWay ?? [], of);
  if (one.isGone) {
    const gone = { title: words.gone, to: { label: words.title, path: bayPath(id) } };
    return <NotThere title={words.gone} backTo={bayPath(id)} asked={[]} gone={gone} />;
  }
  return (
    <ToldForm
      record={record}
      title={one.item ? words.thingTitle : words.newThing}
      about={`frame-thing/${of ?? ''}`}
      backTo={bayPath(id)}
      defaultValues={thingToFields(one.item)}
      check={checkThing(one.taken)}
      change={(fields) => ({ frame: { ...frame, inWay: one.with(fieldsToThing(fields)) } })}
      keepId="keep-thing"
    >
      {({ control }, keep) => (
        <>
          <ThingFieldsShown control={control} />
          {one.item ? <TakeOff onTakeOff={() => void keep({ frame: { ...frame, inWay: one.others } })} /> : null}
        </>
      )}
    </ToldForm>
  );
}

function ThingFieldsShown({ control }: { control: Control<ThingFields> }) {
  const [kind, moves] = useWatch({ control, name: ['kind', 'moves'] });
  const { fields } = words;
  return (
    <>
      <Field control={control} name="id" label={fields.thing} />
      <Choices control={control} name="kind" label={fields.shape} options={Object.entries(words.shapes)} />
      {kind === 'round' ? (
        <Field control={control} name="diameterMm" label={fields.diameter} numeric />
      ) : (
        <>
          <Field control={control} name="thickMm" label={fields.thick} numeric />
          <Choices control={control} name="moves" label={fields.moves} options={Object.entries(words.moves)} />
        </>
      )}
      <Txt>{words.spotWhy}</Txt>
      {spotsOf({ kind, moves }).map((name) => (
        <Spot key={name} control={control} name={name} />
      ))}
    </>
  );
}

function Spot({ control, name }: { control: Control<ThingFields>; name: SpotName }) {
  const { fields } = words;
  return (
    <>
      <Txt size="title" bold heading={2}>
        {words.spots[name]}
      </Txt>
      <Choices
        control={control}
        name={`${name}Tube`}
        label={fields.spotTube}
        options={Object.entries(words.spotTubes)}
      />
      <Field control={control} name={`${name}Along`} label={fields.along} hint={words.spots[name]} numeric />
      <Field control={control} name={`${name}Off`} label={fields.off} hint={words.spots[name]} numeric />
    </>
  );
}
