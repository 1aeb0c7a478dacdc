import type { BikeRecord } from '@cricket/contract/shapes';
import { powerOfBike } from '@cricket/core/power-question';
import { useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { useKits } from '../../job/bike/use-kits';
import { useBike } from '../../data/use-bikes';
import { FindingRows } from '../../job/findings/finding-rows';
import { bikePath } from '../../ui/pages';
import { TakeArrangement } from '../../job/room/take-arrangement';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { Accessories } from './accessories';
import { AccessoryForm } from './accessory-form';
import { ChargerForm, ControllerForm, PowerPackForm } from './power-part-forms';
import { ElementForm } from './element-form';
import { PowerLine } from './power-line';
import { Relief } from './relief';
import { words } from './words';
import { say } from '../../ui/say';

/** The way of the current on a bike, from cell to motor. */
export function PowerScreen() {
  const { bikeId, of, at } = useLocalSearchParams<{ bikeId: string; of?: string; at?: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  switch (of) {
    case 'pack':
      return <PowerPackForm record={record} />;
    case 'controller':
      return <ControllerForm record={record} />;
    case 'charger':
      return <ChargerForm record={record} />;
    case 'element':
      return <ElementForm key={at ?? ''} record={record} at={at} />;
    case 'accessory':
      return <AccessoryForm key={at ?? ''} record={record} of={at} />;
    default:
      return <Power record={record} />;
  }
}

function Power({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const kits = useKits(record);
  const power = useMemo(() => (kits ? powerOfBike(bike.facts, kits) : null), [bike.facts, kits]);
  const open = power?.kind === 'open' ? power : null;
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={<TakeArrangement record={record} station="power" />}
    >
      <View className="max-w-[720px]">
        {open ? <VerdictLine verdict={open.result.verdict} className="px-4 pb-2" /> : null}
        {power?.kind === 'contradiction' ? (
          <Txt className="px-4 pb-2">{words.contradiction(say(power.because))}</Txt>
        ) : null}
        {power?.kind === 'waiting' ? (
          <View className="px-4 pb-2">
            <Txt>{words.waiting}</Txt>
            {power.missing.map((need) => (
              <Txt key={need} bold>
                {words.needs[need]}
              </Txt>
            ))}
          </View>
        ) : null}
        <PowerLine record={record} result={open?.result ?? null} />
        {open ? <Relief record={record} result={open.result} /> : null}
        <Accessories record={record} />
        {open ? <FindingRows findings={open.result.findings} /> : null}
        <Txt tone="soft" className="px-4 pt-4">
          {words.care}
        </Txt>
      </View>
    </Screen>
  );
}
