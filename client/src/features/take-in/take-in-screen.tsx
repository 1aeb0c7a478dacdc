import type { Bike, BikeRecord } from '@cricket/contract/shapes';
import { takeIn, type MotorPlace } from '@cricket/core/take-in';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { toldBetween } from '@cricket/core/told';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import { useWindowDimensions, View } from 'react-native';

import { useBothEnds } from '../../job/bike/use-both-ends';
import { useBikes } from '../../data/use-bikes';
import { useRefusal } from '../../data/use-refusal';
import { useShopSettings } from '../../data/use-workshop';
import { useWrites } from '../../data/use-writes';
import { PhotoStrip } from '../../job/photos/photo-strip';
import { RoleButton } from '../../session/role-button';
import { Choices, Field } from '../../ui/field';
import { DraftNotice } from '../../ui/draft-notice';
import { NotKept } from '../../ui/not-kept';
import { Screen } from '../../ui/screen';
import { useFormDraft } from '../../data/use-form-draft';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { PlaceScoreRow } from './place-score';
import { scoreInput } from './score-input';
import {
  checkTakeIn,
  takeInFacts,
  takeInFields,
  typedSoFar,
  type NumberField,
  type TakeInFields,
} from './take-in-form';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { say } from '../../ui/say';
import { words as toldWords } from '../../job/told/words';

/** Rider, wishes, brakes and what the walk round found; and which end that speaks for. */
export function TakeInScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const { record, states, isPending, refetch } = useBothEnds(bikeId);
  const settings = useShopSettings();
  if (!record || !states || !settings.data) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }, settings]} />;
  }
  return <TakeInForm key={record.bike.id} record={record} states={states} laws={settings.data.laws} />;
}

type States = NonNullable<ReturnType<typeof useBothEnds>['states']>;
type Laws = NonNullable<ReturnType<typeof useShopSettings>['data']>['laws'];

function TakeInForm({ record, states, laws }: { record: BikeRecord; states: States; laws: Laws }) {
  const { bike } = record;
  const router = useRouter();
  const wide = useWide();
  const { takeIn: keepTakeIn } = useWrites();
  const refusal = useRefusal<never>();
  // Only what is changed here is told: what others tell meanwhile stands.
  const [known, setKnown] = useState(bike.facts);
  const { form, draft } = useFormDraft<TakeInFields>(`take-in/${bike.id}`, {
    mode: 'onTouched',
    defaultValues: takeInFields(known),
    resolver: checkTakeIn,
  });
  const { control, handleSubmit } = form;
  const keep = handleSubmit(async (values) => {
    const facts = takeInFacts(values, known, laws);
    const outcome = await keepTakeIn(bike.id, toldBetween(known, facts));
    await refusal.settle(outcome);
    if (outcome.kind === 'refused') return;
    setKnown(facts);
    draft.done();
    router.navigate(bikePath(bike.id));
  });
  const fields = (
    <View className="min-w-0 max-w-[640px] flex-1 gap-5 px-4 py-2">
      <Txt size="label" figure tone="soft" heading={2}>
        {words.rider}
      </Txt>
      <FigurePair control={control} names={['bikeKg', 'riderKg']} />
      <FigurePair control={control} names={['loadKg', 'rack']} />
      <Choices control={control} name="loadAt" label={words.loadAt} options={Object.entries(words.loadPlaces)} />
      <Txt size="label" figure tone="soft" heading={2}>
        {words.wishes}
      </Txt>
      <FigurePair control={control} names={['climb', 'minutes']} />
      <FigurePair control={control} names={['climbKmh', 'descent']} />
      <Choices control={control} name="surface" label={words.surface} options={Object.entries(words.surfaces)} />
      <FigurePair control={control} names={['speedKmh', 'budget']} />
      <FigurePair control={control} names={['chainring', 'smallest']} />
      <Choices
        control={control}
        name="law"
        label={words.law}
        options={laws.map(({ id, name }) => [id, name] as const)}
      />
      <Txt size="label" tone="soft">
        {words.lawNote}
      </Txt>
      <Txt size="label" figure tone="soft" heading={2}>
        {words.brakes}
      </Txt>
      <Choices
        control={control}
        name="frontBrake"
        label={words.frontBrake}
        options={Object.entries(words.brakeKinds)}
      />
      <Choices control={control} name="rearBrake" label={words.rearBrake} options={Object.entries(words.brakeKinds)} />
      <Txt size="label" figure tone="soft" heading={2}>
        {words.build}
      </Txt>
      <Choices control={control} name="sensor" label={words.sensor} options={Object.entries(toldWords.sensors)} />
      <Choices control={control} name="battery" label={words.battery} options={Object.entries(words.batteryPlaces)} />
      <Choices control={control} name="school" label={words.school} options={Object.entries(words.schools)} />
      {(['oldLoom', 'folds', 'cutOff'] as const).map((name) => (
        <Choices key={name} control={control} name={name} label={words[name]} options={Object.entries(words.yesNo)} />
      ))}
      <Field control={control} name="notes" label={words.notes} hint={words.notesHint} lines={4} />
      <PhotoStrip record={record} about="condition" title={words.photos} hint={words.photosHint} />
    </View>
  );
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={
        <>
          <NotKept control={control} />
          <RoleButton needs="work" label={words.keep} look="do" onPress={() => void keep()} testID="keep-take-in" />
        </>
      }
    >
      <DraftNotice draft={draft} />
      {refusal.messages.length > 0 ? (
        <View role="alert" className="mx-4 mb-2 border-2 border-stop bg-sheet p-3">
          <Txt bold>{refusal.messages.join(' ')}</Txt>
        </View>
      ) : null}
      <View className={wide ? 'flex-row' : ''}>
        {fields}
        <Score bike={bike} typed={{ control, known, laws }} states={states} />
      </View>
    </Screen>
  );
}

/** Two figures side by side. */
function FigurePair({
  control,
  names,
}: {
  control: Control<TakeInFields>;
  names: readonly [NumberField, NumberField];
}) {
  return (
    <View className="flex-row gap-3">
      {names.map((name) => (
        <View key={name} className="min-w-0 flex-1">
          <Field control={control} name={name} label={words[name]} numeric />
        </View>
      ))}
    </View>
  );
}

interface ScoreProps {
  bike: Bike;
  typed: { control: Control<TakeInFields>; known: BikeFacts; laws: Laws };
  states: States;
}

/** The score of each place by what is typed, live, and the rider's other bikes. */
function Score({ bike, typed: { control, known, laws }, states }: ScoreProps) {
  const { width } = useWindowDimensions();
  const wide = useWide();
  const [open, setOpen] = useState<MotorPlace | null>(null);
  const bikes = useBikes();
  const limits = useShopSettings().data?.limits;
  const values = useWatch({ control }) as TakeInFields;
  const facts = useMemo(() => typedSoFar(values, known, laws), [values, known, laws]);
  const result = useMemo(
    () =>
      takeIn({
        ...scoreInput(facts, { front: states.front.facts, rear: states.rear.facts }, 35),
        ...(limits && { limits }),
      }),
    [facts, states, limits],
  );
  const others = (bikes.data ?? []).filter(
    (row) =>
      row.bike.id !== bike.id && row.bike.riderInitials !== null && row.bike.riderInitials === bike.riderInitials,
  );
  return (
    <View className={wide ? 'w-[440px] border-l border-rule' : 'mt-4 border-t-2 border-ink'}>
      <View className="px-4 py-3">
        <Txt size="title" bold heading={2}>
          {words.score}
        </Txt>
        <Txt>{say(result.because)}</Txt>
      </View>
      {(['front', 'rear', 'mid'] as const).map((place) => (
        <PlaceScoreRow
          key={place}
          score={result.scores[place]}
          width={wide ? 440 : width}
          open={open === place}
          onOpen={(picked) => setOpen(open === picked ? null : picked)}
        />
      ))}
      {others.length > 0 ? (
        <View className="px-4 py-3">
          <Txt size="label" figure tone="soft" heading={2}>
            {words.others}
          </Txt>
          {others.map((row) => (
            <ToPage key={row.bike.id} to={bikePath(row.bike.id)} className="min-h-[48px] justify-center">
              <Txt className="underline">{`${row.bike.tag} ${row.bike.name}`}</Txt>
            </ToPage>
          ))}
        </View>
      ) : null}
    </View>
  );
}
