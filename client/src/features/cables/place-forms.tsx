import type { BikeRecord } from '@cricket/contract/shapes';
import type { BikeCables } from '@cricket/core/cable-question';
import type { FieldPath, FieldValues } from 'react-hook-form';
import type { Control } from 'react-hook-form';

import { ToldForm } from '../../job/bike/told-form';
import { Choices, Field } from '../../ui/field';
import { NotThere } from '../../ui/not-there';
import { cablesPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import { anchorToFields, checkAnchor, checkDisc, discToFields, fieldsToAnchor, fieldsToDisc } from './cable-forms';
import { useOneOf } from '../../job/bike/one-of-list';
import { renamed } from './renamed';
import { TakeOff } from '../../job/bike/take-off';
import { words } from './words';

export interface OneFormProps {
  record: BikeRecord;
  /** The name of what is changed; left out: a new one. */
  of: string | undefined;
}

/** A place that cables run over. Given another name, the cables follow. */
export function PlaceForm({ record, of }: OneFormProps) {
  const { id, facts } = record.bike;
  const { anchors = [], runs = [] } = facts.cables ?? {};
  const one = useOneOf(anchors, of);
  if (one.isGone) return <Gone bikeId={id} />;
  const users = runs.filter(({ path }) => of !== undefined && path.includes(of)).map((run) => run.id);
  return (
    <ToldForm
      record={record}
      title={one.item ? words.placeTitle : words.newPlace}
      about={`cables-place/${of ?? ''}`}
      backTo={cablesPath(id)}
      defaultValues={anchorToFields(one.item)}
      check={checkAnchor(one.taken)}
      change={(fields) => {
        const anchor = fieldsToAnchor(fields);
        const cables: BikeCables = { ...facts.cables, anchors: one.with(anchor) };
        return { cables: of === undefined ? cables : renamed(cables, of, anchor.id) };
      }}
      keepId="keep-place"
    >
      {({ control }, keep) => (
        <>
          <Field control={control} name="id" label={words.fields.id} />
          <Spot control={control} />
          <Body control={control} name="on" />
          {(['room', 'axleExit', 'underNut'] as const).map((name) => (
            <Choices
              key={name}
              control={control}
              name={name}
              label={words.fields[name]}
              options={Object.entries(words.yesNo)}
            />
          ))}
          {one.item && users.length === 0 ? (
            <TakeOff onTakeOff={() => void keep({ cables: { ...facts.cables, anchors: one.others } })} />
          ) : null}
          {users.length > 0 ? <Txt tone="soft">{words.inUse(users.join(', '))}</Txt> : null}
        </>
      )}
    </ToldForm>
  );
}

/** A rotor, a chainring: something besides wheels and cranks that turns. */
export function DiscForm({ record, of }: OneFormProps) {
  const { id, facts } = record.bike;
  const turning = facts.cables?.turning;
  const one = useOneOf(turning?.discs ?? [], of);
  if (one.isGone || !turning) return <Gone bikeId={id} />;
  return (
    <ToldForm
      record={record}
      title={one.item ? words.discTitle : words.newDisc}
      about={`cables-disc/${of ?? ''}`}
      backTo={cablesPath(id)}
      defaultValues={discToFields(one.item)}
      check={checkDisc(one.taken)}
      change={(fields) => ({
        cables: { ...facts.cables, turning: { ...turning, discs: one.with(fieldsToDisc(fields)) } },
      })}
      keepId="keep-disc"
    >
      {({ control }, keep) => (
        <>
          <Field control={control} name="id" label={words.fields.id} />
          <Spot control={control} />
          <Field control={control} name="radiusMm" label={words.fields.radiusMm} numeric />
          <Field control={control} name="halfWidthMm" label={words.fields.halfWidthMm} numeric />
          <Body control={control} name="on" />
          {one.item ? (
            <TakeOff
              onTakeOff={() => void keep({ cables: { ...facts.cables, turning: { ...turning, discs: one.others } } })}
            />
          ) : null}
        </>
      )}
    </ToldForm>
  );
}

export function Gone({ bikeId }: { bikeId: string }) {
  const gone = { title: words.gone, to: { label: words.title, path: cablesPath(bikeId) } };
  return <NotThere title={words.gone} backTo={cablesPath(bikeId)} asked={[]} gone={gone} />;
}

function Spot<T extends FieldValues & { x: string; y: string; z: string }>({ control }: { control: Control<T> }) {
  return (
    <>
      <Txt>{words.origin}</Txt>
      {(['x', 'y', 'z'] as const).map((name) => (
        <Field key={name} control={control} name={name as FieldPath<T>} label={words.fields[name]} numeric />
      ))}
    </>
  );
}

function Body<T extends FieldValues>({ control, name }: { control: Control<T>; name: FieldPath<T> }) {
  return <Choices control={control} name={name} label={words.fields.on} options={Object.entries(words.bodies)} />;
}
