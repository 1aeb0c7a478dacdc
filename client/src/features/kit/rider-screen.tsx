import type { BikeRecord } from '@cricket/contract/shapes';
import { chosenWheelId } from '@cricket/core/choices';
import type { End } from '@cricket/core/features';
import type { KitFacts } from '@cricket/core/kit';
import { toldBetween } from '@cricket/core/told';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWatch, type Resolver } from 'react-hook-form';
import { View } from 'react-native';

import { useBike, useWheels } from '../../data/use-bikes';
import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { words as toldWords } from '../../job/told/words';
import { Choices, Field } from '../../ui/field';
import { Notice } from '../../ui/notice';
import { DraftNotice } from '../../ui/draft-notice';
import { NotKept } from '../../ui/not-kept';
import { Screen } from '../../ui/screen';
import { useFormDraft } from '../../data/use-form-draft';
import { Txt } from '../../ui/txt';
import { PackFields } from './pack-fields';
import { checkRider, riderFacts, riderFields, type RiderFields } from './rider-form';
import { words } from './words';
import { bikePath, endPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** One page a job: what of this kit goes on, for this rider. */
export function RiderScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const { record, isPending, refetch } = useBike(bikeId);
  const wheels = useWheels();
  if (!record || !wheels.data) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }, wheels]} />;
  }
  const wheel = wheels.data.find(({ id }) => id === chosenWheelId(record.choices, end));
  if (!wheel?.kit) {
    const action = { label: words.toMatch, onPress: () => router.navigate(endPath(bikeId, end, 'match')) };
    return (
      <Screen title={words.noKit} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice title={words.noKit} action={action} />
      </Screen>
    );
  }
  return (
    <RiderForm key={`${record.bike.id}${wheel.id}${end}`} record={record} end={end} code={wheel.code} kit={wheel.kit} />
  );
}

const options = <K extends string>(named: { label: string } & Record<K, string>): readonly (readonly [K, string])[] =>
  (Object.entries(named) as [K, string][]).filter(([name]) => (name as string) !== 'label');

interface RiderFormProps {
  record: BikeRecord;
  end: End;
  code: string;
  kit: KitFacts;
}

function RiderForm({ record, end, code, kit }: RiderFormProps) {
  const { bike } = record;
  const router = useRouter();
  const { takeIn } = useWrites();
  const refusal = useRefusal<never>();
  // Only what is changed here is told: what others tell meanwhile stands.
  const [known, setKnown] = useState(bike.facts);
  const { form, draft } = useFormDraft<RiderFields>(`rider/${bike.id}/${end}`, {
    mode: 'onTouched',
    defaultValues: riderFields(known, kit, end),
    resolver: checkRider as Resolver<RiderFields>,
  });
  const { control, handleSubmit } = form;
  const [use, throttle, pack] = useWatch({ control, name: ['use', 'throttle', 'pack'] });
  const keep = handleSubmit(async (values) => {
    const facts = riderFacts(values, known, kit, end);
    const outcome = await takeIn(bike.id, toldBetween(known, facts));
    await refusal.settle(outcome);
    if (outcome.kind === 'refused') return;
    setKnown(facts);
    draft.done();
    router.navigate(bikePath(bike.id));
  });
  return (
    <Screen
      title={words.title(code)}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={
        <>
          <NotKept control={control} />
          <RoleButton needs="work" label={words.keep} look="do" onPress={() => void keep()} testID="keep-rider" />
        </>
      }
    >
      <DraftNotice draft={draft} />
      {refusal.messages.length > 0 ? (
        <View role="alert" className="mx-4 mb-2 border-2 border-stop bg-sheet p-3">
          <Txt bold>{refusal.messages.join(' ')}</Txt>
        </View>
      ) : null}
      <View className="max-w-[720px] gap-5 px-4 py-2">
        <Txt>{words.lead}</Txt>
        {kit.throttle === 'none' ? (
          <Txt tone="soft">{words.noThrottle}</Txt>
        ) : (
          <>
            <Choices
              control={control}
              name="throttle"
              label={words.throttle.label}
              hint={words.throttleWhy}
              options={options(words.throttle)}
            />
            {throttle === 'used' ? (
              <Choices
                control={control}
                name="throttleSide"
                label={words.throttleSide.label}
                hint={words.throttleSideWhy}
                options={options(words.throttleSide)}
              />
            ) : null}
          </>
        )}
        <Choices
          control={control}
          name="levers"
          label={words.levers.label}
          hint={words.leversWhy}
          options={options(words.levers)}
        />
        <Choices
          control={control}
          name="sensor"
          label={words.sensor.label}
          hint={words.sensorWhy}
          options={Object.entries(toldWords.sensors)}
        />
        <Field control={control} name="sensorRoomMm" label={words.sensorRoomMm} numeric />
        <View className="flex-row gap-3">
          {(['sensorMinMm', 'sensorMaxMm'] as const).map((name) => (
            <View key={name} className="min-w-0 flex-1">
              <Field control={control} name={name} label={words[name]} numeric />
            </View>
          ))}
        </View>
        <Choices
          control={control}
          name="tabs"
          label={words.tabs.label}
          hint={words.tabsWhy}
          options={options(words.tabs)}
        />
        <Choices control={control} name="nuts" label={words.nuts.label} options={options(words.nuts)} />
        <Choices
          control={control}
          name="wheelOrder"
          label={words.wheelOrder.label}
          options={options(words.wheelOrder)}
        />
        <Choices
          control={control}
          name="liner"
          label={words.liner.label}
          hint={words.linerWhy}
          options={options(words.liner)}
        />
        {kit.rim ? (
          <View className="gap-3" testID="own-tyre">
            <Txt bold>{words.tyre.label}</Txt>
            <Txt tone="soft">{words.tyre.why}</Txt>
            {(
              [
                ['loadKg', 'speedKmh'],
                ['minBar', 'maxBar'],
              ] as const
            ).map((row) => (
              <View key={row[0]} className="flex-row items-end gap-3">
                {row.map((name) => (
                  <View key={name} className="min-w-0 flex-1">
                    <Field control={control} name={`tyre.${name}`} label={words.tyre[name]} numeric />
                  </View>
                ))}
              </View>
            ))}
          </View>
        ) : null}
        <Choices
          control={control}
          name="charging"
          label={words.charging.label}
          hint={words.chargingWhy}
          options={options(words.charging)}
        />
        <Choices control={control} name="pack" label={words.packFrom.label} options={options(words.packFrom)} />
        {pack === 'supplied' ? null : <PackFields control={control} />}
        <Txt size="lead" bold heading={2} className="border-b-2 border-ink">
          {words.parts}
        </Txt>
        {kit.packing.map(({ part, count }, at) => (
          <View key={part} className="gap-2">
            <Choices
              control={control}
              name={`use.${at}`}
              label={`${count} × ${part}`}
              options={Object.entries(words.use)}
            />
            {use[at] === 'replaced' ? <Field control={control} name={`by.${at}`} label={words.by} /> : null}
          </View>
        ))}
        <Field control={control} name="torques" label={words.torques} hint={words.torquesHint} lines={4} />
      </View>
    </Screen>
  );
}
