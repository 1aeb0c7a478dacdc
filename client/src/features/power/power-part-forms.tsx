import type { BikeRecord } from '@cricket/contract/shapes';
import { useWatch, type Control } from 'react-hook-form';

import { ToldForm } from '../../job/bike/told-form';
import { useKits } from '../../job/bike/use-kits';
import { Choices, Field } from '../../ui/field';
import { powerPath } from '../../ui/pages';
import {
  chargerToFields,
  checkCharger,
  checkController,
  checkPack,
  controllerFields,
  controllerToFields,
  fieldsToCharger,
  fieldsToController,
  fieldsToPack,
  packFigures,
  packToFields,
  type PackFields,
} from './power-forms';
import { words } from './words';

interface FormProps {
  record: BikeRecord;
}

const options = <T extends string>(named: Record<T, string>) => Object.entries(named) as [T, string][];

export function PowerPackForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  const [kit] = useKits(record) ?? [];
  const { pack: of = 'supplied', packInstead } = facts.job ?? {};
  // What stands elsewhere is offered, to be looked at: nothing is taken over unseen.
  const usual =
    of === 'supplied' ? (kit ? { cells: Math.round(kit.controller.fullV / 4.2) } : {}) : (packInstead ?? {});
  return (
    <ToldForm
      record={record}
      title={words.packTitle}
      about="power-pack"
      backTo={powerPath(id)}
      defaultValues={packToFields(facts.power?.pack, of, usual)}
      check={checkPack}
      change={(fields) => ({ power: { ...facts.power, pack: fieldsToPack(fields) } })}
      keepId="keep-pack"
    >
      {({ control }) => <PackShown control={control} />}
    </ToldForm>
  );
}

function PackShown({ control }: { control: Control<PackFields> }) {
  const { fields } = words;
  const pack = useWatch({ control, name: 'pack' });
  return (
    <>
      <Choices control={control} name="of" label={fields.of} options={options(words.packs)} />
      <Choices control={control} name="chemistry" label={fields.chemistry} options={options(words.chemistries)} />
      {packFigures.map((name) => (
        <Field
          key={name}
          control={control}
          name={name}
          label={fields[name]}
          hint={name === 'packMilliohm' ? words.optional : undefined}
          numeric
        />
      ))}
      <Choices control={control} name="pack" label={fields.pack} options={options(words.cases)} />
      {pack === 'bare' ? (
        <>
          <Choices control={control} name="enclosed" label={fields.enclosed} options={options(words.maybe)} />
          <Choices control={control} name="retained" label={fields.retained} options={options(words.maybe)} />
        </>
      ) : null}
    </>
  );
}

export function ControllerForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  const kits = useKits(record) ?? [];
  const [kit] = kits;
  const { batteryA, phaseA } = kit?.controller ?? {};
  const usual = kits.length === 1 ? { batteryA, phaseA } : {};
  return (
    <ToldForm
      record={record}
      title={words.controllerTitle}
      about="power-controller"
      backTo={powerPath(id)}
      defaultValues={controllerToFields(facts.power?.controller ?? usual)}
      check={checkController}
      change={(fields) => ({ power: { ...facts.power, controller: fieldsToController(fields) } })}
      keepId="keep-controller"
    >
      {({ control }) =>
        controllerFields.map((name) => (
          <Field key={name} control={control} name={name} label={words.fields[name]} numeric />
        ))
      }
    </ToldForm>
  );
}

export function ChargerForm({ record }: FormProps) {
  const { id, facts } = record.bike;
  const { pack, packInstead } = facts.job ?? {};
  const usual = pack && pack !== 'supplied' ? { volts: packInstead?.chargerV } : {};
  return (
    <ToldForm
      record={record}
      title={words.chargerTitle}
      about="power-charger"
      backTo={powerPath(id)}
      defaultValues={chargerToFields(facts.power?.charger ?? usual)}
      check={checkCharger}
      change={(fields) => ({ power: { ...facts.power, charger: fieldsToCharger(fields) } })}
      keepId="keep-charger"
    >
      {({ control }) => (
        <>
          <Field control={control} name="chargerV" label={words.fields.chargerV} numeric />
          <Field control={control} name="chargerA" label={words.fields.chargerA} numeric />
        </>
      )}
    </ToldForm>
  );
}
