import type { BikeRecord } from '@cricket/contract/shapes';
import { useWatch, type Control } from 'react-hook-form';

import { ToldForm } from '../../job/bike/told-form';
import { Choices, Field } from '../../ui/field';
import { leversPath } from '../../ui/pages';
import { PartHeading } from '../../ui/part-heading';
import { Txt } from '../../ui/txt';
import {
  checkLevers,
  fieldsToLevers,
  isAsked,
  leversToFields,
  type LeverFields,
  type LeverFigure,
} from './lever-form-fields';
import { words } from './words';

/** The levers on the bike, what the kit and the drawer bring, and the rider's hand. */
export function LeverForm({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  return (
    <ToldForm
      record={record}
      title={words.formTitle}
      about="levers"
      backTo={leversPath(id)}
      defaultValues={leversToFields(facts.levers)}
      check={checkLevers}
      change={(fields) => ({ levers: fieldsToLevers(fields) })}
      keepId="keep-levers"
    >
      {({ control }) => <Shown control={control} />}
    </ToldForm>
  );
}

function Shown({ control }: { control: Control<LeverFields> }) {
  const [frontPresent, rearPresent, kitPull] = useWatch({ control, name: ['frontPresent', 'rearPresent', 'kitPull'] });
  const { fields } = words;
  const figure = (name: LeverFigure, label: string) =>
    isAsked(name, { frontPresent, rearPresent, kitPull }) ? (
      <Field key={name} control={control} name={name} label={label} hint={words.optional} numeric />
    ) : null;
  const choices = (name: Exclude<keyof LeverFields, LeverFigure>, label: string, named: object, hint?: string) => (
    <Choices
      key={name}
      control={control}
      name={name}
      label={label}
      hint={hint}
      options={Object.entries(named) as [string, string][]}
    />
  );
  const ofEnd = (end: 'front' | 'rear', present: string) => {
    const section = words.sections[end];
    return [
      <PartHeading key={end} text={section} />,
      choices(`${end}Present`, fields.present, words.yesNo, section),
      ...(present === 'yes'
        ? [
            choices(`${end}One`, fields.oneWithShifter, words.yesNo, section),
            choices(`${end}Cut`, fields.cutOff, words.maybe, section),
            figure(`${end}Reach`, fields.reachMm),
          ]
        : []),
    ];
  };
  return (
    <>
      <Txt>{words.pullsElsewhere}</Txt>
      {ofEnd('front', frontPresent)}
      {ofEnd('rear', rearPresent)}
      <PartHeading text={words.sections.kit} />
      {choices('kitPull', fields.kitPull, words.pulls)}
      {kitPull !== '' && kitPull !== 'none' ? choices('kitCut', fields.kitCut, words.maybe) : null}
      {figure('kitReachMm', fields.kitReachMm)}
      {choices('inLine', fields.inLine, words.counts)}
      {choices('atLever', fields.atLever, words.counts)}
      <PartHeading text={words.sections.rider} />
      {choices('swap', fields.swap, words.yesNo)}
      {figure('handReachMm', fields.handReachMm)}
    </>
  );
}
