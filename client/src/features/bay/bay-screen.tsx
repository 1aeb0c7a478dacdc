import type { BikeRecord } from '@cricket/contract/shapes';
import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { useBike } from '../../data/use-bikes';
import { bikePath } from '../../ui/pages';
import { TakeArrangement } from '../../job/room/take-arrangement';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { BayFigures } from './bay-figures';
import { BayLaid } from './bay-laid';
import { BesideFrame } from './beside-frame';
import { ControllerForm, RackForm } from './carrier-screens';
import { BossForm, LegForm, TubeForm } from './frame-forms';
import { PackForm } from './pack-form';
import { ThingForm } from './thing-form';
import { words } from './words';

/** The battery in the frame of a bike: where it has room, what holds it, how it goes in. */
export function BayScreen() {
  const { bikeId, of, thing } = useLocalSearchParams<{ bikeId: string; of?: string; thing?: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  switch (of) {
    case 'tubes':
      return <TubeForm record={record} />;
    case 'bosses':
      return <BossForm record={record} />;
    case 'legs':
      return <LegForm record={record} />;
    case 'pack':
      return <PackForm record={record} />;
    case 'rack':
      return <RackForm record={record} />;
    case 'controller':
      return <ControllerForm record={record} />;
    case 'thing':
      return <ThingForm key={thing ?? ''} record={record} of={thing} />;
    default:
      return <Bay record={record} />;
  }
}

function Bay({ record }: { record: BikeRecord }) {
  const { bike } = record;
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={<TakeArrangement record={record} station="bay" />}
    >
      <View className="max-w-[720px]">
        <BayLaid record={record} />
        <BayFigures record={record} />
        <BesideFrame record={record} />
        <Txt tone="soft" className="px-4 pt-4">
          {words.care}
        </Txt>
      </View>
    </Screen>
  );
}
