import type { BikeRecord } from '@cricket/contract/shapes';

import { ToldForm } from '../../job/bike/told-form';
import { Field } from '../../ui/field';
import { barPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import { checkRoom, fieldsToRoom, roomFields, roomToFields } from './bar-forms';
import { words } from './words';

const optional = ['gripDiameterMm', 'centreDiameterMm'];

/** Lengths and diameters of the bar itself. */
export function RoomForm({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.room}
      about="bar-room"
      backTo={barPath(id)}
      defaultValues={roomToFields(facts.bar?.room)}
      check={checkRoom}
      change={(fields) => ({ bar: { ...facts.bar, room: fieldsToRoom(fields) } })}
      keepId="keep-room"
    >
      {({ control }) => (
        <>
          <Txt>{words.roomWhy}</Txt>
          {roomFields.map((name, index) => (
            <Field
              key={name}
              control={control}
              name={name}
              label={words.fields[name]}
              hint={optional.includes(name) ? words.optional : undefined}
              numeric
              autoFocus={index === 0}
            />
          ))}
        </>
      )}
    </ToldForm>
  );
}
