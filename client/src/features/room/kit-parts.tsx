import type { WheelEntry } from '@cricket/contract';
import type { BikeRecord, Wheel } from '@cricket/contract/shapes';
import type { KitFacts, KitOutfit } from '@cricket/core/kit';
import { newToRecord, outfitOf, withOutfit } from '@cricket/core/kit-on-bike';
import { toldBetween } from '@cricket/core/told';
import { View } from 'react-native';

import { useChosenWheels } from '../../job/bike/use-kits';
import { useRefusal } from '../../data/use-refusal';
import { useTell } from '../../data/use-tell';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { toldNames } from '../../job/told/told-names';
import { Alerts } from '../../ui/alerts';
import { Section } from '../../ui/section';
import { Txt } from '../../ui/txt';
import { words as all } from './words';

const words = all.kit;

/**
 * What was measured on this bike of its kit, kept with the kit for every bike after it; and what the kit's record has, told of this
 * bike. With a kit at both ends nobody knows which of them a part is of.
 */
export function KitParts({ record }: { record: BikeRecord }) {
  const [wheel, ...others] = useChosenWheels(record) ?? [];
  if (!wheel?.kit || others.length > 0) return null;
  return <PartsOf record={record} wheel={wheel} kit={wheel.kit} />;
}

function PartsOf({ record, wheel, kit }: { record: BikeRecord; wheel: Wheel; kit: KitFacts }) {
  const { facts } = record.bike;
  const { putWheel } = useWrites();
  const refusal = useRefusal<Wheel>();
  const { tell, messages } = useTell(record);
  const toKeep = newToRecord(facts, kit);
  const filled = withOutfit(facts, kit.outfit ?? {});
  const toTake = toldBetween(facts, filled);
  const known = Object.keys(kit.outfit ?? {}) as (keyof KitOutfit)[];
  if (toKeep.length + toTake.length + known.length === 0) return null;
  const keep = async () => {
    const { id, ...rest } = wheel;
    const entry: WheelEntry = { ...rest, kit: { ...kit, outfit: { ...kit.outfit, ...outfitOf(facts) } } };
    await refusal.settle(await putWheel(id, entry));
  };
  return (
    <View testID="kit-parts">
      <Section title={words.title(wheel.code)} />
      <Alerts messages={[...refusal.messages, ...messages]} />
      {toKeep.length > 0 ? (
        <View className="gap-2 border-b border-rule px-4 py-3">
          <Txt>{words.toKeep(toKeep.map((part) => words.parts[part]))}</Txt>
          <RoleButton
            needs="work"
            label={words.keep(wheel.code)}
            onPress={() => void keep()}
            className="self-start"
            testID="keep-with-kit"
          />
        </View>
      ) : null}
      {toTake.length > 0 ? (
        <View className="gap-2 border-b border-rule px-4 py-3">
          <Txt>{words.toTake(toTake.map(({ feature }) => toldNames[feature] ?? feature))}</Txt>
          <RoleButton
            needs="work"
            label={words.take}
            onPress={() => void tell(filled)}
            className="self-start"
            testID="take-from-kit"
          />
        </View>
      ) : null}
      {toKeep.length + toTake.length === 0 ? (
        <Txt tone="soft" className="px-4 py-2">
          {words.same(known.map((part) => words.parts[part]))}
        </Txt>
      ) : null}
    </View>
  );
}
