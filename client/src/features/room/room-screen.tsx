import type { BikeRecord } from '@cricket/contract/shapes';
import { stillSo } from '@cricket/core/arrangement';
import type { StationAnswer, WholeBike } from '@cricket/core/whole-bike';
import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';

import { BikeNotThere } from '../../job/bike/bike-not-there';
import { useKits } from '../../job/bike/use-kits';
import { useBike } from '../../data/use-bikes';
import { FindingRows } from '../../job/findings/finding-rows';
import { Mark, verdictWords } from '../../ui/mark';
import { bikePath, waysPath, type Page } from '../../ui/pages';
import { Screen } from '../../ui/screen';
import { Section } from '../../ui/section';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { KitParts } from './kit-parts';
import { TakeAll } from './take-all';
import { takenOf } from '../../job/room/take-arrangement';
import { pageOf } from '../../job/room/station-pages';
import { useWholeBike } from '../../job/room/use-whole-bike';
import { words } from './words';
import { say } from '../../ui/say';
import { words as stationWords } from '../../job/room/words';

/** Everything besides the axles on one page: verdicts, and where two want the same thing. */
export function RoomScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  if (!record) return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  return <Room record={record} />;
}

function Room({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const { data } = useWholeBike(record);
  return (
    <Screen title={words.title} tag={bike.tag} backTo={bikePath(bike.id)}>
      <View className="max-w-[720px]">
        <Txt className="px-4 pb-2">{words.lead}</Txt>
        {data ? <Answered record={record} whole={data} /> : <Txt className="px-4">{words.working}</Txt>}
        <TakeAll record={record} />
        <KitParts record={record} />
        <ToPage to={waysPath(bike.id)} className="min-h-[48px] justify-center px-4 py-2">
          <Txt className="underline">{words.ways}</Txt>
        </ToPage>
      </View>
    </Screen>
  );
}

function Answered({ record, whole }: { record: BikeRecord; whole: WholeBike }) {
  const { id: bikeId } = record.bike;
  return (
    <View>
      <VerdictLine verdict={whole.verdict} className="px-4 pb-2" />
      <Section title={words.joint} />
      {whole.joint.length > 0 ? (
        <FindingRows findings={whole.joint} />
      ) : (
        <Txt tone="soft" className="px-4 py-2">
          {words.noJoint}
        </Txt>
      )}
      {whole.toGet.length > 0 ? <Section title={words.toGet} /> : null}
      {whole.toGet.map(({ station, what, because }) => (
        <View key={`${station} ${say(what)} ${say(because)}`} className="border-b border-rule px-4 py-2">
          <Txt bold>{say(what)}</Txt>
          <Txt size="label" tone="soft">
            {`${stationWords.names[station]}: ${say(because)}`}
          </Txt>
        </View>
      ))}
      <Section title={words.stations} />
      {whole.stations.map((answer) => (
        <Station key={answer.station} record={record} answer={answer} to={pageOf[answer.station](bikeId)} />
      ))}
    </View>
  );
}

interface StationProps {
  record: BikeRecord;
  answer: StationAnswer;
  to: Page;
}

function Station({ record, answer: { station, verdict, open }, to }: StationProps) {
  const says = verdict === null ? words.notYet : verdictWords[verdict];
  const kits = useKits(record);
  const taken = takenOf(record, station);
  const isSo = taken && kits && stillSo(taken.input, station, record.bike.facts, kits);
  const state = taken ? [isSo ? words.takenShort : words.takenOtherwise] : [];
  return (
    <ToPage
      to={to}
      className="min-h-[60px] flex-row items-center gap-3 border-b border-rule px-4 py-2"
      testID={`room-${station}`}
    >
      <Mark verdict={verdict ?? 'unknown'} size={26} />
      <View className="min-w-0 flex-1">
        <Txt bold className="underline">
          {stationWords.names[station]}
        </Txt>
        <Txt size="label" tone="soft">
          {[says, ...(open.length > 0 ? [words.open(open.length)] : []), ...state].join(' · ')}
        </Txt>
      </View>
    </ToPage>
  );
}
