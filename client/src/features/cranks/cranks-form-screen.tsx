import type { BikeRecord } from '@cricket/contract/shapes';
import { useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';

import { ToldForm } from '../../job/bike/told-form';
import { Choices, Field } from '../../ui/field';
import { cranksPath } from '../../ui/pages';
import { RingArrows } from '../../drawing/crank-section/ring-arrows';
import { PartHeading } from '../../ui/part-heading';
import { Txt } from '../../ui/txt';
import {
  checkCranks,
  cranksToFields,
  fieldsToCranks,
  isAsked,
  isOptional,
  type CrankFields,
  type CrankFigure,
} from './cranks-form';
import { words } from './words';

/** Everything that a ring and its sensor are held against, on one page. */
export function CranksForm({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.figures}
      about="cranks"
      backTo={cranksPath(id)}
      defaultValues={cranksToFields(facts.cranks)}
      check={checkCranks}
      change={(fields) => ({ cranks: fieldsToCranks(fields) })}
      keepId="keep-cranks"
    >
      {({ control }) => <CrankFieldsShown control={control} />}
    </ToldForm>
  );
}

function CrankFieldsShown({ control }: { control: Control<CrankFields> }) {
  const [shell, ringKind, shellRing] = useWatch({ control, name: ['shell', 'ringKind', 'shellRing'] });
  const figures = (...names: CrankFigure[]) =>
    names
      .filter((name) => isAsked(name, { shellRing, ringKind }))
      .map((name) => (
        <Field
          key={name}
          control={control}
          name={name}
          label={words.fields[name]}
          hint={isOptional(name) ? words.optional : undefined}
          numeric
        />
      ));
  const choices = (name: keyof CrankFields & keyof typeof words.fields, named: object) => (
    <Choices
      control={control}
      name={name}
      label={words.fields[name]}
      options={Object.entries(named) as [string, string][]}
    />
  );
  return (
    <>
      <PartHeading text={words.sections.bike} />
      {choices('fixing', words.fixings)}
      {choices('shell', words.shells)}
      {shell === 'threaded' ? choices('lockRing', words.yesNo) : null}
      {figures('roomDrive', 'roomNonDrive', 'passDrive', 'passNonDrive', 'axleMm')}
      <PartHeading text={words.sections.ring} />
      {choices('ringKind', words.rings)}
      {figures('thicknessMm', 'boreMm', 'magnets')}
      <View className="gap-2">
        <Txt>{words.whichWay}</Txt>
        <RingArrows names={{ clockwise: words.madeFors.nonDrive, anticlockwise: words.madeFors.drive }} />
      </View>
      {choices('madeFor', words.madeFors)}
      {ringKind === 'sealed' ? null : choices('bothFaces', words.maybe)}
      <PartHeading text={words.sections.sensor} />
      {choices('tie', words.yesNo)}
      {choices('bracket', words.yesNo)}
      {choices('shellRing', words.yesNo)}
      {figures('plateMm', 'magnetRadiusMm', 'markRadiusMm', 'proudMm', 'gapMinMm', 'gapMaxMm')}
      {figures('startPulses', 'stopMs')}
    </>
  );
}
