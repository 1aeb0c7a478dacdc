import type { BikeRecord } from '@cricket/contract/shapes';
import { usualSteering, usualTurning } from '@cricket/core/cable-question';

import { ToldForm } from '../../job/bike/told-form';
import { Field } from '../../ui/field';
import { cablesPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import {
  checkExtensions,
  checkSteering,
  checkTurning,
  extensionsToFields,
  fieldsToExtensions,
  fieldsToSteering,
  fieldsToTurning,
  isOfSwingarm,
  steeringFields,
  steeringToFields,
  turningFields,
  turningToFields,
} from './cable-forms';
import { say } from '../../ui/say';
import { words } from './words';

interface FormProps {
  record: BikeRecord;
}

export function SteeringForm({ record }: FormProps) {
  const { bike } = record;
  const { id, facts } = bike;
  const often = steeringToFields(usualSteering(facts, bike));
  return (
    <ToldForm
      record={record}
      title={words.steeringTitle}
      about="cables-steering"
      backTo={cablesPath(id)}
      defaultValues={steeringToFields(facts.cables?.steering)}
      check={checkSteering}
      change={(fields) => ({ cables: { ...facts.cables, steering: fieldsToSteering(fields) } })}
      keepId="keep-steering"
    >
      {({ control }) => (
        <>
          <Txt>{words.origin}</Txt>
          {steeringFields.map((name) => (
            <Field
              key={name}
              control={control}
              name={name}
              label={words.fields[name]}
              hint={isOfSwingarm(name) ? words.noRear : words.usual(often[name])}
              numeric
            />
          ))}
        </>
      )}
    </ToldForm>
  );
}

export function TurningForm({ record }: FormProps) {
  const { bike } = record;
  const { id, facts } = bike;
  const { turning, steering } = facts.cables ?? {};
  const often = turningToFields(usualTurning(facts, bike, say));
  return (
    <ToldForm
      record={record}
      title={words.turningTitle}
      about="cables-turning"
      backTo={cablesPath(id)}
      defaultValues={turningToFields(turning)}
      check={checkTurning}
      change={(fields) => ({
        cables: { ...facts.cables, turning: fieldsToTurning(fields, turning, steering?.rearTravel !== undefined) },
      })}
      keepId="keep-turning"
    >
      {({ control }) => (
        <>
          <Txt>{words.origin}</Txt>
          {turningFields.map((name) => (
            <Field
              key={name}
              control={control}
              name={name}
              label={words.fields[name]}
              hint={words.usual(often[name])}
              numeric
            />
          ))}
        </>
      )}
    </ToldForm>
  );
}

export function ExtensionsForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.extensionTitle}
      about="cables-extensions"
      backTo={cablesPath(id)}
      defaultValues={extensionsToFields(facts.cables?.extensions)}
      check={checkExtensions}
      change={(fields) => ({ cables: { ...facts.cables, extensions: fieldsToExtensions(fields) } })}
      keepId="keep-extensions"
    >
      {({ control }) => <Field control={control} name="lines" label={words.fields.extensions} lines={4} />}
    </ToldForm>
  );
}
