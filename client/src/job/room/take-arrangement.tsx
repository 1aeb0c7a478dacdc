import type { ArrangementAcceptance, BikeRecord } from '@cricket/contract/shapes';
import { heldArrangements } from '@cricket/contract/core-record';
import { against, factsOfStation, mayBeSigned, stillSo } from '@cricket/core/arrangement';
import type { KitFacts } from '@cricket/core/kit';
import type { RoomStation } from '@cricket/core/whole-bike';
import { useState } from 'react';
import { View } from 'react-native';

import { useKits } from '../bike/use-kits';
import { useOutbox } from '../../data/use-outbox';
import { OwnersWord } from '../../session/owners-word';
import { RoleButton } from '../../session/role-button';
import { dateText } from '../../ui/date-text';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import { useWorked } from '../../workers/use-worked';
import { useTakeArrangement } from './use-take-arrangement';
import { words as all } from './words';

const words = all.taking;

export interface TakeArrangementProps {
  record: BikeRecord;
  station: RoomStation;
}

/** Takes how a station is to be built, at the foot of its page: who took it when, and whether it is still so. */
export function TakeArrangement({ record, station }: TakeArrangementProps) {
  const kits = useKits(record);
  return kits ? <Taking record={record} station={station} kits={kits} /> : null;
}

function Taking({ record, station, kits }: TakeArrangementProps & { kits: KitFacts[] }) {
  const { bike } = record;
  const { data: arrangement } = useWorked('arranged', `${bike.id} ${station}`, [bike.facts, kits], (worker) =>
    worker.arranged(station, bike.facts, kits),
  );
  const { take, busy, messages } = useTakeArrangement(bike.id, station);
  const taken = takenOf(record, station);
  const isWaiting = useWaiting(bike.id, station);
  const facts = factsOfStation(bike.facts, station);
  if (!arrangement) return taken ? <TakenLine taken={taken} isSo={false} /> : null;
  const isSo = taken !== null && stillSo(taken.input, station, bike.facts, kits);
  if (isWaiting) return <Txt tone="soft">{words.waits}</Txt>;
  if (isSo) return <TakenLine taken={taken} isSo />;
  const reason = against(arrangement.result);
  const open = arrangement.result.findings.filter(({ verdict }) => verdict === 'stop' || verdict === 'unknown').length;
  return (
    <View className="gap-2" testID="taking">
      <Alerts messages={messages} />
      {taken ? <TakenLine taken={taken} isSo={false} /> : null}
      {reason ? <Txt size="label">{words.notYet(open)}</Txt> : null}
      {reason && mayBeSigned(reason) ? (
        <Signed onWord={(because) => void take(facts, because)} />
      ) : (
        <RoleButton
          needs="work"
          label={taken ? words.anew : words.take}
          look="do"
          disabled={busy || reason !== null}
          onPress={() => void take(facts)}
          testID="take-arrangement"
        />
      )}
    </View>
  );
}

/** No brake cuts the motor: the owner may answer for it. */
function Signed({ onWord }: { onWord: (because: string) => void }) {
  const [asking, setAsking] = useState(false);
  if (!asking) return <Button label={words.sign} onPress={() => setAsking(true)} testID="sign-arrangement" />;
  return (
    <OwnersWord
      label={words.because}
      keep={words.signed}
      onWord={onWord}
      onCancel={() => setAsking(false)}
      about="arrangement"
    />
  );
}

/** Who took it, and whether what it hangs on is still the same. */
export function TakenLine({ taken, isSo }: { taken: ArrangementAcceptance; isSo: boolean }) {
  const when = dateText(new Date(taken.acceptedAt), 'd MMMM yyyy, HH:mm');
  return (
    <Txt tone={isSo ? 'goes' : 'work'} verbatim testID={isSo ? 'taken' : 'taken-otherwise'}>
      {isSo ? words.taken(when, taken.person) : words.otherwise(when, taken.person)}
    </Txt>
  );
}

/** What was taken last at a station and holds. */
export function takenOf(record: BikeRecord, station: RoomStation): ArrangementAcceptance | null {
  return heldArrangements(record).find(({ kind }) => kind === station) ?? null;
}

function useWaiting(bikeId: string, station: RoomStation): boolean {
  const { writes } = useOutbox();
  return writes.some(
    ({ about, body, refused }) =>
      about.kind === 'arrangement' &&
      about.bikeId === bikeId &&
      (body as { kind?: string }).kind === station &&
      !refused,
  );
}
