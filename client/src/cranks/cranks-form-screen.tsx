import type { BikeRecord } from '@cricket/contract/shapes';
import { useRouter } from 'expo-router';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { useFormDraft } from '../data/use-form-draft';
import { useTell } from '../data/use-tell';
import { RoleButton } from '../session/role-button';
import { Alerts } from '../ui/alerts';
import { DraftNotice } from '../ui/draft-notice';
import { Choices, Field } from '../ui/field';
import { NotKept } from '../ui/not-kept';
import { cranksPath } from '../ui/pages';
import { Screen } from '../ui/screen';
import { Txt } from '../ui/txt';
import {
  checkCranks,
  isAsked,
  cranksToFields,
  fieldsToCranks,
  isOptional,
  type CrankFields,
  type CrankFigure,
} from './cranks-form';
import { words } from './words';

/** Everything that a ring and its sensor are held against, on one page. */
export function CranksForm({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const router = useRouter();
  const { tell, messages } = useTell(record);
  const { form, draft } = useFormDraft<CrankFields>(`cranks/${bike.id}`, {
    mode: 'onTouched',
    defaultValues: cranksToFields(bike.facts.cranks),
    resolver: checkCranks,
  });
  const { control, handleSubmit } = form;
  const [shell, ringKind, shellRing] = useWatch({ control, name: ['shell', 'ringKind', 'shellRing'] });
  const submit = handleSubmit(async (fields) => {
    if (!(await tell({ cranks: fieldsToCranks(fields) }))) return;
    draft.done();
    router.navigate(cranksPath(bike.id));
  });
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
    <Screen
      title={words.figures}
      tag={bike.tag}
      backTo={cranksPath(bike.id)}
      footer={
        <>
          <NotKept control={control} />
          <RoleButton needs="work" label={words.keep} look="do" onPress={() => void submit()} testID="keep-cranks" />
        </>
      }
    >
      <DraftNotice draft={draft} />
      <Alerts messages={messages} />
      <View className="max-w-[640px] gap-5 px-4 py-2">
        <Heading text={words.sections.bike} />
        {choices('fixing', words.fixings)}
        {choices('shell', words.shells)}
        {shell === 'threaded' ? choices('lockRing', words.yesNo) : null}
        {figures('roomDrive', 'roomNonDrive', 'passDrive', 'passNonDrive', 'axleMm')}
        <Heading text={words.sections.ring} />
        {choices('ringKind', words.rings)}
        {figures('thicknessMm', 'boreMm', 'magnets')}
        {choices('madeFor', words.madeFors)}
        {ringKind === 'sealed' ? null : choices('bothFaces', words.maybe)}
        <Heading text={words.sections.sensor} />
        {choices('tie', words.yesNo)}
        {choices('bracket', words.yesNo)}
        {choices('shellRing', words.yesNo)}
        {figures('plateMm', 'magnetRadiusMm', 'markRadiusMm', 'proudMm', 'gapMinMm', 'gapMaxMm')}
        {figures('startPulses', 'stopMs')}
      </View>
    </Screen>
  );
}

function Heading({ text }: { text: string }) {
  return (
    <Txt size="title" bold heading={2}>
      {text}
    </Txt>
  );
}
