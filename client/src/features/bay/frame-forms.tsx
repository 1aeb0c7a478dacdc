import type { BikeRecord } from '@cricket/contract/shapes';
import { Fragment } from 'react';

import { ToldForm } from '../../job/bike/told-form';
import { Field } from '../../ui/field';
import { bayPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import {
  bossesToFields,
  checkBosses,
  checkLegs,
  checkTubes,
  fieldsOf,
  fieldsToBosses,
  fieldsToLegs,
  fieldsToTubes,
  legFields,
  legsToFields,
  tubesToFields,
} from './bay-forms';
import { words } from './words';

interface FormProps {
  record: BikeRecord;
}

const figureNames = ['lengthMm', 'diameterMm', 'angleDeg'] as const;

export function TubeForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.tubesTitle}
      about="frame-tubes"
      backTo={bayPath(id)}
      defaultValues={tubesToFields(facts.frame?.tubes)}
      check={checkTubes}
      change={(fields) => ({ frame: { ...facts.frame, tubes: fieldsToTubes(fields) } })}
      keepId="keep-tubes"
    >
      {({ control }) => (
        <>
          <Txt>{words.tubesWhy}</Txt>
          {(['down', 'seat', 'top', 'head'] as const).map((tube) => (
            <Fragment key={tube}>
              <Txt size="title" bold heading={2}>
                {words.tubeNames[tube]}
              </Txt>
              {tube === 'head' ? <Txt>{words.headWhy}</Txt> : null}
              {fieldsOf(tube).map((name, index) => (
                <Field
                  key={name}
                  control={control}
                  name={name}
                  label={words.fields[figureNames[index]!]}
                  hint={words.tubeNames[tube]}
                  numeric
                />
              ))}
            </Fragment>
          ))}
        </>
      )}
    </ToldForm>
  );
}

export function BossForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.bossesTitle}
      about="frame-bosses"
      backTo={bayPath(id)}
      defaultValues={bossesToFields(facts.frame?.bosses)}
      check={checkBosses}
      change={(fields) => ({ frame: { ...facts.frame, bosses: fieldsToBosses(fields) } })}
      keepId="keep-bosses"
    >
      {({ control }) => (
        <>
          <Txt>{words.bossesWhy}</Txt>
          <Field control={control} name="downBosses" label={words.fields.downBosses} hint={words.several} />
          <Field control={control} name="seatBosses" label={words.fields.seatBosses} hint={words.several} />
        </>
      )}
    </ToldForm>
  );
}

export function LegForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.legsTitle}
      about="frame-legs"
      backTo={bayPath(id)}
      defaultValues={legsToFields(facts.frame?.pedal)}
      check={checkLegs}
      change={(fields) => ({ frame: { ...facts.frame, pedal: fieldsToLegs(fields) } })}
      keepId="keep-legs"
    >
      {({ control }) =>
        legFields.map((name) => (
          <Field
            key={name}
            control={control}
            name={name}
            label={words.fields[name]}
            hint={name === 'crankThicknessMm' ? words.empty('15') : name === 'kneeMm' ? words.optional : undefined}
            numeric
          />
        ))
      }
    </ToldForm>
  );
}
