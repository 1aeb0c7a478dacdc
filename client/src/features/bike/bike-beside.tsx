import { useLocalSearchParams, usePathname } from 'expo-router';
import { useEffect } from 'react';
import { ScrollView, View } from 'react-native';

import { rememberBike } from '../../job/today/use-today-list';
import { Tag } from '../../ui/tag';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { BikeAside } from './bike-aside';
import { useBothEnds } from '../../job/bike/use-both-ends';

/** The bike's map and stations, left of whatever page of the bike is open; nothing on a phone. */
export function BikeBeside() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const wide = useWide();
  useEffect(() => rememberBike(bikeId), [bikeId]);
  return wide ? <Aside bikeId={bikeId} /> : null;
}

function Aside({ bikeId }: { bikeId: string }) {
  const printing = usePathname().endsWith('/stack');
  const { record, end, states } = useBothEnds(bikeId);
  if (!record || !states) return null;
  return (
    <View className={`w-[360px] border-r-2 border-ink ${printing ? 'screen-only' : ''}`}>
      <View className="min-h-[60px] flex-row items-center gap-2 px-4 py-1">
        <Tag text={record.bike.tag} />
        <Txt size="lead" bold numberOfLines={2} className="min-w-0 flex-1">
          {record.bike.name}
        </Txt>
      </View>
      <ScrollView className="flex-1">
        <BikeAside record={record} end={end} states={states} />
      </ScrollView>
    </View>
  );
}
