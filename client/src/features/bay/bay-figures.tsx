import type { BikeRecord } from '@cricket/contract/shapes';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { FigureRow } from '../../job/bike/figure-row';
import { figure } from '../../ui/figure-text';
import { useTell } from '../../data/use-tell';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { bayPath, bayThingPath } from '../../ui/pages';
import { Section } from '../../ui/section';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** Everything that the battery is held against, each a way to where it is written down. */
export function BayFigures({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const { frame, bay } = facts;
  const router = useRouter();
  const { tell, messages } = useTell(record);
  const { tubes, bosses, pedal, inWay } = frame ?? {};
  const battery = bay?.pack?.battery;
  const { rows } = words;
  return (
    <View>
      <Section title={words.figures} />
      <FigureRow
        name={rows.pack}
        says={battery && words.packSays(figure(battery.lengthMm), figure(battery.heightMm), figure(battery.widthMm))}
        to={bayPath(id, 'pack')}
        testID="bay-pack"
      />
      <FigureRow
        name={rows.tubes}
        says={
          tubes && words.tubesSay(figure(tubes.down.lengthMm), figure(tubes.seat.lengthMm), figure(tubes.top.lengthMm))
        }
        to={bayPath(id, 'tubes')}
        testID="bay-tubes"
      />
      <FigureRow
        name={rows.bosses}
        says={
          bosses &&
          (bosses.map(({ tube, fromBbMm }) => `${tube} ${figure(fromBbMm)} mm`).join(' · ') || words.noneOfThem)
        }
        to={bayPath(id, 'bosses')}
        testID="bay-bosses"
      />
      <FigureRow
        name={rows.legs}
        says={pedal && words.legsSay(figure(pedal.qFactorMm), pedal.kneeMm === undefined ? '–' : figure(pedal.kneeMm))}
        to={bayPath(id, 'legs')}
        testID="bay-legs"
      />
      <View className="border-b border-rule px-4 py-3">
        <Txt bold>{rows.inWay}</Txt>
        {inWay?.map((thing) => (
          <ToPage key={thing.id} to={bayThingPath(id, thing.id)} className="min-h-[48px] justify-center">
            <Txt className="underline">{thing.id}</Txt>
          </ToPage>
        ))}
        {inWay && inWay.length > 0 ? null : <Txt tone="soft">{inWay ? words.nothing : words.notLooked}</Txt>}
        <Alerts messages={messages} />
        <View className="flex-row flex-wrap gap-3 pt-2">
          <RoleButton
            needs="work"
            label={words.addThing}
            onPress={() => router.navigate(bayThingPath(id))}
            testID="add-thing"
          />
          {inWay ? null : (
            <RoleButton
              needs="work"
              label={words.nothingThere}
              onPress={() => void tell({ frame: { ...frame, inWay: [] } })}
              testID="nothing-there"
            />
          )}
        </View>
      </View>
    </View>
  );
}
