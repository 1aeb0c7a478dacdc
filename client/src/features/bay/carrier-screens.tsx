import type { BikeRecord } from '@cricket/contract/shapes';
import { useWatch, type Control } from 'react-hook-form';

import { ToldForm } from '../../job/bike/told-form';
import { Choices, Field } from '../../ui/field';
import { bayPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import {
  boxFigures,
  boxToFields,
  checkBox,
  checkRack,
  fieldsToBox,
  fieldsToRack,
  isBoxAsked,
  isBoxOptional,
  rackFigures,
  rackToFields,
  type BoxFields,
} from './carrier-forms';
import { words } from './words';

interface FormProps {
  record: BikeRecord;
}

const options = (named: object) => Object.entries(named) as [string, string][];

/** The rack that is to carry the battery, and what holds it there. */
export function RackForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  const { fields } = words;
  return (
    <ToldForm
      record={record}
      title={words.rackTitle}
      about="bay-rack"
      backTo={bayPath(id)}
      defaultValues={rackToFields(facts.rack, facts.bay?.pack?.battery)}
      check={checkRack}
      change={(typed) => ({ rack: fieldsToRack(typed) })}
      keepId="keep-rack"
    >
      {({ control }) => (
        <>
          {rackFigures.map((name) => (
            <Field
              key={name}
              control={control}
              name={name}
              label={fields[name]}
              hint={name === 'ratedKg' ? words.onRack : undefined}
              numeric
            />
          ))}
          <Choices control={control} name="onSeatPost" label={fields.onSeatPost} options={options(words.yesNo)} />
          <Choices control={control} name="onRail" label={fields.onRail} options={options(words.yesNo)} />
          <Field control={control} name="straps" label={fields.straps} hint={words.several} />
        </>
      )}
    </ToldForm>
  );
}

/** The controller where it is put: its heat, air round it, water, exits. */
export function ControllerForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.controllerTitle}
      about="bay-controller"
      backTo={bayPath(id)}
      defaultValues={boxToFields(facts.controller)}
      check={checkBox}
      change={(typed) => ({ controller: { ...fieldsToBox(typed), plugs: facts.controller?.plugs ?? [] } })}
      keepId="keep-controller"
    >
      {({ control }) => <BoxShown control={control} />}
    </ToldForm>
  );
}

function BoxShown({ control }: { control: Control<BoxFields> }) {
  const around = useWatch({ control, name: 'around' });
  const { fields } = words;
  return (
    <>
      <Txt>{words.lossWhy}</Txt>
      <Choices control={control} name="around" label={fields.around} options={options(words.arounds)} />
      {boxFigures
        .filter((name) => isBoxAsked(name, { around }))
        .map((name) => (
          <Field
            key={name}
            control={control}
            name={name}
            label={fields[name]}
            hint={name === 'airC' ? words.emptyC : isBoxOptional(name) ? words.optional : undefined}
            numeric
          />
        ))}
      <Choices control={control} name="exits" label={fields.exits} options={options(words.exits)} />
      <Choices control={control} name="splashed" label={fields.splashed} options={options(words.maybe)} />
      <Choices control={control} name="watertight" label={fields.watertight} options={options(words.maybe)} />
    </>
  );
}
