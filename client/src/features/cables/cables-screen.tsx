import type { BikeRecord } from '@cricket/contract/shapes';
import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { useBike } from '../../data/use-bikes';
import { bikePath } from '../../ui/pages';
import { TakeArrangement } from '../../job/room/take-arrangement';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { CableFigures } from './cable-figures';
import { CableForm } from './cable-form';
import { CablesLaid } from './cables-laid';
import { DiscForm, PlaceForm } from './place-forms';
import { PoseForm } from './pose-form';
import { ExtensionsForm, SteeringForm, TurningForm } from './moving-forms';
import { words } from './words';

/** Where the cables of a bike run, and whether they reach and stay clear over every movement. */
export function CablesScreen() {
  const { bikeId, of, id } = useLocalSearchParams<{ bikeId: string; of?: string; id?: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  const one = { record, of: id };
  switch (of) {
    case 'steering':
      return <SteeringForm record={record} />;
    case 'turning':
      return <TurningForm record={record} />;
    case 'extensions':
      return <ExtensionsForm record={record} />;
    case 'place':
      return <PlaceForm key={id ?? ''} {...one} />;
    case 'disc':
      return <DiscForm key={id ?? ''} {...one} />;
    case 'cable':
      return <CableForm key={id ?? ''} {...one} />;
    case 'pose':
      return <PoseForm key={id ?? ''} {...one} />;
    default:
      return <Cables record={record} />;
  }
}

function Cables({ record }: { record: BikeRecord }) {
  const { bike } = record;
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={<TakeArrangement record={record} station="cables" />}
    >
      <View className="max-w-[720px]">
        <CablesLaid record={record} />
        <CableFigures record={record} />
        <Txt tone="soft" className="px-4 pt-4">
          {words.care}
        </Txt>
      </View>
    </Screen>
  );
}
