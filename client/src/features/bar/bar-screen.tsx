import type { BikeRecord } from '@cricket/contract/shapes';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { figure } from '../../ui/figure-text';
import { useBike } from '../../data/use-bikes';
import { RoleButton } from '../../session/role-button';
import { barPath, bikePath } from '../../ui/pages';
import { TakeArrangement } from '../../job/room/take-arrangement';
import { Screen } from '../../ui/screen';
import { Section } from '../../ui/section';
import { Txt } from '../../ui/txt';
import { ToPage } from '../../ui/to-page';
import { Arranged } from './arranged';
import { PartForm } from './part-form';
import { RoomForm } from './room-form';
import { useArranged } from './use-arranged';
import { partKinds, words } from './words';

/** What is on the handlebar, and the best three orders of it. */
export function BarScreen() {
  const { bikeId, of } = useLocalSearchParams<{ bikeId: string; of?: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  if (of === 'room') return <RoomForm key="room" record={record} />;
  if (of !== undefined) return <PartForm key={of} record={record} of={of} />;
  return <Bar record={record} />;
}

function Bar({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const router = useRouter();
  const { room, parts = [] } = bike.facts.bar ?? {};
  const { question, missing, result } = useArranged(record);
  return (
    <Screen
      title={words.title}
      tag={bike.tag}
      backTo={bikePath(bike.id)}
      footer={<TakeArrangement record={record} station="bar" />}
    >
      <View className="max-w-[720px]">
        {question && missing && result ? (
          <Arranged record={record} question={question} result={result} missing={missing} />
        ) : (
          <Txt className="px-4 pb-2">{question ? words.working : words.waiting}</Txt>
        )}
        <Section title={words.room} />
        <ToPage to={barPath(bike.id, 'room')} className="min-h-[60px] justify-center px-4 py-2" testID="bar-room">
          <Txt className="underline">
            {room
              ? words.roomSays(figure(room.straightMm.left), figure(room.straightMm.right), figure(room.centreMm))
              : words.noRoom}
          </Txt>
        </ToPage>
        <Section title={words.parts} />
        {parts.length === 0 ? <Txt className="px-4 py-3">{words.noParts}</Txt> : null}
        {parts.map((part, index) => (
          <ToPage
            key={part.id}
            to={barPath(bike.id, part.id)}
            className="min-h-[60px] flex-row items-center gap-3 border-b border-rule px-4 py-2"
          >
            <Txt size="lead" figure bold className="w-7">
              {String(index + 1)}
            </Txt>
            <View className="min-w-0 flex-1">
              <Txt bold>{part.id}</Txt>
              <Txt size="label" tone="soft">
                {[
                  ...(part.id.startsWith(partKinds[part.kind]) ? [] : [partKinds[part.kind]]),
                  words.sideNames[part.side],
                ].join(' · ')}
              </Txt>
            </View>
            <Txt figure>{`${figure(part.widthMm)} mm`}</Txt>
          </ToPage>
        ))}
        <View className="items-start px-4 pt-4">
          <RoleButton
            needs="work"
            label={words.add}
            onPress={() => router.navigate(barPath(bike.id, 'new'))}
            testID="add-part"
          />
        </View>
        <Txt tone="soft" className="px-4 pt-4">
          {words.caution}
        </Txt>
      </View>
    </Screen>
  );
}
