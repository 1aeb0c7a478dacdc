import type { End } from '@cricket/core/features';
import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';

import { useBikeEnd } from '../../job/bike/use-bike-end';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { ArmTemplate, FlatsGauge, ScaleCheck, SlotTemplate } from './template-drawings';
import { words } from './words';
import { endPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** Slots, flats gauge and arm in their own size, to print and lay on the bike. */
export function TemplateScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const { record, state, workshop, isPending, refetch } = useBikeEnd(bikeId, end);
  const backTo = endPath(bikeId, end, 'fit');
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const { wheel, fit, facts } = state;
  const axle = wheel?.axle ?? { threadMm: 12, flatsMm: 10 };
  const placed = fit?.arms?.chosen[0];
  const arm = placed && workshop.stores.find(({ id }) => id === placed.armId.replace(/#2$/, ''))?.details?.arm;
  return (
    <Screen
      title={words.title}
      tag={record.bike.tag}
      backTo={backTo}
      footer={<Button label={words.print} look="do" onPress={() => window.print()} />}
    >
      <View role="region" aria-label={words.title} tabIndex={0} className="gap-4 overflow-x-auto px-4 py-2">
        <Txt bold>{words.check}</Txt>
        <ScaleCheck name={words.hundred} />
        <Txt>{words.gauge}</Txt>
        <FlatsGauge name={words.gauge} />
        {(['left', 'right'] as const).map((side) => {
          const { slotMinMm, depthMm } = facts.sides[side];
          const slot = fit?.slots[side];
          if (slotMinMm === null || depthMm === null)
            return <Txt key={side}>{words.notMeasured(words.sides[side])}</Txt>;
          return (
            <View key={side} className="gap-1">
              <Txt>{words.slot(words.sides[side])}</Txt>
              <SlotTemplate
                name={words.slot(words.sides[side])}
                slotMm={slotMinMm}
                fileMm={slot?.fileMm ?? 0}
                depthMm={depthMm}
                threadMm={axle.threadMm}
                flatsMm={axle.flatsMm}
                centreMm={slot?.axleCentreMm ?? axle.threadMm / 2}
                round={facts.seat === 'round'}
              />
            </View>
          );
        })}
        {placed && arm ? (
          <View className="gap-1">
            <Txt>{words.arm}</Txt>
            <ArmTemplate
              name={words.arm}
              lengthMm={placed.clampAtMm}
              widthMm={arm.widthMm}
              threadMm={axle.threadMm}
              flatsMm={axle.flatsMm}
            />
          </View>
        ) : (
          <Txt>{words.noArm}</Txt>
        )}
      </View>
    </Screen>
  );
}
