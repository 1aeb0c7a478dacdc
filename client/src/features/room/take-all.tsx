import type { BikeRecord } from '@cricket/contract/shapes';
import { against, factsOfStation, stillSo } from '@cricket/core/arrangement';
import type { KitFacts } from '@cricket/core/kit';
import { roomStations, type RoomStation } from '@cricket/core/whole-bike';
import { useState } from 'react';
import { View } from 'react-native';

import { useKits } from '../../job/bike/use-kits';
import { now } from '../../data/clock';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { Txt } from '../../ui/txt';
import { useWorked } from '../../workers/use-worked';
import { takenOf } from '../../job/room/take-arrangement';
import { words } from './words';

/** Takes every station that goes and is not taken as it is now, in one touch. */
export function TakeAll({ record }: { record: BikeRecord }) {
  const kits = useKits(record);
  return kits ? <All record={record} kits={kits} /> : null;
}

function All({ record, kits }: { record: BikeRecord; kits: KitFacts[] }) {
  const { id, facts } = record.bike;
  const { takeArrangement } = useWrites();
  const [busy, setBusy] = useState(false);
  const { data: going = [] } = useWorked('going', id, [facts, kits], async (worker) => {
    const found: RoomStation[] = [];
    for (const station of roomStations) {
      const arrangement = await worker.arranged(station, facts, kits);
      if (arrangement && !against(arrangement.result)) found.push(station);
    }
    return found;
  });
  const open = going.filter((station) => {
    const taken = takenOf(record, station);
    return !taken || !stillSo(taken.input, station, facts, kits);
  });
  if (open.length === 0) return null;
  const takeAll = async () => {
    setBusy(true);
    for (const kind of open) {
      await takeArrangement(id, crypto.randomUUID(), crypto.randomUUID(), {
        kind,
        facts: factsOfStation(facts, kind),
        acceptedAt: now().toISOString(),
      });
    }
    setBusy(false);
  };
  return (
    <View className="gap-2 px-4 py-3">
      <Txt tone="soft">{words.takeAllLead}</Txt>
      <RoleButton
        needs="work"
        label={words.takeAll(open.length)}
        look="do"
        disabled={busy}
        onPress={() => void takeAll()}
        testID="take-all"
      />
    </View>
  );
}
