import type { BikeRecord } from '@cricket/contract/shapes';
import { useWatch, type Control } from 'react-hook-form';

import { ToldForm } from '../../job/bike/told-form';
import { useKits } from '../../job/bike/use-kits';
import { Choices, Field } from '../../ui/field';
import { bayPath } from '../../ui/pages';
import {
  checkPack,
  fieldsToPack,
  isAsked,
  isOptional,
  packToFields,
  usual,
  type PackFields,
  type PackFigure,
} from './pack-fields';
import { words } from './words';

/** The battery's own measures, its rail, and how it goes onto it. */
export function PackForm({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const kits = useKits(record);
  const { pack: of = 'supplied', packInstead } = facts.job ?? {};
  const massKg = of === 'supplied' ? kits?.find(({ battery }) => battery)?.battery?.massKg : packInstead?.massKg;
  return (
    <ToldForm
      record={record}
      title={words.packTitle}
      about="bay-pack"
      backTo={bayPath(id)}
      defaultValues={packToFields(facts.bay?.pack, of, massKg)}
      check={checkPack}
      change={(fields) => ({ bay: { ...facts.bay, pack: fieldsToPack(fields) } })}
      keepId="keep-pack"
    >
      {({ control }) => <PackFieldsShown control={control} />}
    </ToldForm>
  );
}

function PackFieldsShown({ control }: { control: Control<PackFields> }) {
  const insert = useWatch({ control, name: 'insert' });
  const figures = (...names: PackFigure[]) =>
    names
      .filter((name) => isAsked(name, { insert }))
      .map((name) => (
        <Field
          key={name}
          control={control}
          name={name}
          label={words.fields[name]}
          hint={usual[name] ? words.empty(usual[name]) : isOptional(name) ? words.optional : undefined}
          numeric
        />
      ));
  const choices = (name: 'of' | 'insert' | 'toward' | 'pivot', named: object) => (
    <Choices
      control={control}
      name={name}
      label={words.fields[name]}
      options={Object.entries(named) as [string, string][]}
    />
  );
  return (
    <>
      {choices('of', words.packs)}
      {figures('batteryLength', 'batteryHeight', 'batteryWidth', 'massKg', 'railLength', 'railHeight', 'railOffset')}
      <Field control={control} name="slots" label={words.fields.slots} hint={words.slotsHint} />
      {choices('insert', words.inserts)}
      {figures('strokeMm', 'tiltDeg')}
      {insert === 'slide' ? choices('toward', words.towards) : choices('pivot', words.pivots)}
      {figures('keyAlong', 'keyOff', 'keyProud')}
    </>
  );
}
