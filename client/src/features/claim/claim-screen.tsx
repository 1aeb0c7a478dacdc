import { routes } from '@cricket/contract/routes';
import type { End } from '@cricket/core/features';
import { lastParcel } from '@cricket/core/job-events';
import { useLocalSearchParams } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';

import { useBikeEnd } from '../../job/bike/use-bike-end';
import { useShop } from '../../data/use-bikes';
import { dateText } from '../../ui/date-text';
import { Button } from '../../ui/button';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { words } from './words';
import { bikePath, standPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** What is missing or damaged, as a letter to the seller: to print or to keep as PDF. */
export function ClaimScreen() {
  const { bikeId, end: asked } = useLocalSearchParams<{ bikeId: string; end?: string }>();
  const end: End = asked === 'rear' ? 'rear' : 'front';
  const shop = useShop();
  const { record, state, isPending, refetch } = useBikeEnd(bikeId, end);
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const parcel = lastParcel(record.events, end);
  if (!parcel) {
    return (
      <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice title={words.none} because={words.noneWhy} to={{ label: words.toStand, path: standPath(bikeId) }} />
      </Screen>
    );
  }
  const { counts, damage, differs } = parcel.data;
  const off = counts.filter(({ expected, got }) => expected !== got);
  const photos = record.photos.filter(({ about, withdrawnAt }) => about === 'parcel' && !withdrawnAt);
  const code = state.wheel?.code ?? '';
  return (
    <Screen
      title={words.title}
      tag={record.bike.tag}
      backTo={bikePath(bikeId)}
      footer={<Button label={words.print} look="do" onPress={() => window.print()} />}
    >
      <View className="max-w-[640px] gap-3 px-4 py-2" testID="claim">
        <Txt tone="soft">{words.from(shop.data?.name ?? '', dateText(new Date(parcel.at), 'd MMMM yyyy'))}</Txt>
        <Txt size="title" bold heading={2}>
          {words.subject(code)}
        </Txt>
        <Txt>{words.lead(code)}</Txt>
        <Part title={words.missing}>
          {off.length === 0 ? <Txt>{words.complete}</Txt> : null}
          {off.map(({ part, expected, got }) => (
            <Txt key={part}>{words.line(part, expected, got)}</Txt>
          ))}
        </Part>
        {damage ? (
          <Part title={words.damage}>
            <Txt>{damage}</Txt>
          </Part>
        ) : null}
        {differs ? (
          <Part title={words.differs}>
            <Txt>{differs}</Txt>
          </Part>
        ) : null}
        {photos.length > 0 ? (
          <Part title={words.photos}>
            <View className="flex-row flex-wrap gap-2">
              {photos.map(({ id }) => (
                <img
                  key={id}
                  src={routes.fact(bikeId, 'photo', id)}
                  alt={words.photo}
                  className="max-h-[260px] max-w-full"
                />
              ))}
            </View>
          </Part>
        ) : null}
        <Txt>{words.ask}</Txt>
        <Txt>{words.signed(parcel.person)}</Txt>
      </View>
    </Screen>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <View className="gap-1">
      <Txt bold heading={3}>
        {title}
      </Txt>
      {children}
    </View>
  );
}
