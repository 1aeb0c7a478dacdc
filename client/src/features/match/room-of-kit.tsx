import type { RoomOfKit } from '@cricket/core/kit-on-bike';
import type { Verdict } from '@cricket/core/verdict';
import { View } from 'react-native';

import { pageOf } from '../../job/room/station-pages';
import { Mark, verdictWords } from '../../ui/mark';
import { Section } from '../../ui/section';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';
import { say } from '../../ui/say';

const order: readonly Verdict[] = ['stop', 'work', 'unknown', 'goes'];

/** How a kit does besides the axle, in one line: what stops first. */
export function RoomLine({ room }: { room: readonly RoomOfKit[] }) {
  const groups = order.flatMap((verdict) => {
    const those = room.filter((each) => each.verdict === verdict).map(({ station }) => words.room.short[station]);
    return those.length > 0 ? [{ verdict, text: words.room.group(those, verdictWords[verdict]) }] : [];
  });
  if (groups.length === 0) return null;
  return (
    <Txt size="label" tone="soft" testID="room-line">
      {groups.map(({ verdict, text }, at) => (
        <Txt key={verdict} size="label" tone={verdict === 'goes' ? 'soft' : verdict}>
          {`${at > 0 ? ' · ' : ''}${text}`}
        </Txt>
      ))}
    </Txt>
  );
}

/** The same, station by station, with what decides and where it is measured. */
export function RoomRows({ room, bikeId }: { room: readonly RoomOfKit[]; bikeId: string }) {
  if (room.length === 0) return null;
  return (
    <View testID="room-of-kit">
      <Section title={words.room.title} />
      {room.map(({ station, verdict, decides, waitsFor, tube }) => (
        <ToPage
          key={station}
          to={pageOf[station](bikeId)}
          className="min-h-[56px] flex-row items-center gap-3 border-b border-rule px-4 py-2"
        >
          <Mark verdict={verdict} size={24} />
          <View className="min-w-0 flex-1">
            <Txt bold className="underline">
              {words.room.names[station]}
            </Txt>
            <Txt size="label" tone="soft">
              {say(
                decides?.because ??
                  (waitsFor ? words.room.waits[waitsFor] : tube ? words.room.on[tube] : verdictWords[verdict]),
              )}
            </Txt>
          </View>
        </ToPage>
      ))}
    </View>
  );
}
