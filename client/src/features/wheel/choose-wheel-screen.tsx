import { chosenWheel } from '@cricket/core/choices';
import type { End } from '@cricket/core/features';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { useBikeEnd } from '../../job/bike/use-bike-end';
import { useTakeKit } from '../../job/bike/use-take-kit';
import { useWrites } from '../../data/use-writes';
import { RoleButton } from '../../session/role-button';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { WheelFacts, wheelLine } from './wheel-facts';
import { words } from './words';
import { bikePath, endPath, measurePath, newWheelPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** Picks the motor wheel for an end; those sold for it come first, the others stay in sight. */
export function ChooseWheelScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const { takeChoiceBack } = useWrites();
  const takeKit = useTakeKit();
  const { record, state, workshop, isPending, refetch } = useBikeEnd(bikeId, end);
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const { wheels } = workshop;
  // The chosen one first, then those sold for this end.
  const rank = ({ id, soldFor }: (typeof wheels)[number]) => (id === state.wheel?.id ? 0 : soldFor === end ? 1 : 2);
  const sorted = [...wheels].sort((a, b) => rank(a) - rank(b) || a.code.localeCompare(b.code, 'en', { numeric: true }));
  const take = (wheelId: string) => {
    takeKit(record, end, wheelId);
    router.navigate(endPath(bikeId, end, 'fit'));
  };
  const choice = chosenWheel(record.choices, end);
  const deliveredLeft = state.facts.parts.get('washers-delivered.left');
  const deliveredRight = state.facts.parts.get('washers-delivered.right');
  return (
    <Screen title={words.choose(words[end])} tag={record.bike.tag} backTo={bikePath(bikeId)}>
      {sorted.length === 0 ? (
        <Notice
          title={words.none}
          because={words.noneWhy}
          action={{ label: words.add, onPress: () => router.navigate(newWheelPath(bikeId, end)) }}
        />
      ) : null}
      {sorted.map((wheel) => {
        const chosen = wheel.id === state.wheel?.id;
        const recorded = chosen && (deliveredLeft || deliveredRight);
        return (
          <View key={wheel.id} className={`border-b border-rule py-3 ${chosen ? 'bg-sheet' : ''}`}>
            <View className="flex-row items-center gap-3 px-4">
              <View className="min-w-0 flex-1">
                <Txt size="title" bold heading={2}>
                  {wheel.code}
                  {chosen ? <Txt tone="soft">{`  ${words.chosen}`}</Txt> : null}
                </Txt>
                <Txt tone="soft">{[words[wheel.soldFor], wheelLine(wheel)].join(' · ')}</Txt>
              </View>
              <RoleButton
                needs="work"
                label={words.chooseThis(wheel.code)}
                look={chosen || !state.wheel ? 'do' : 'other'}
                onPress={() => take(wheel.id)}
              />
            </View>
            {chosen ? (
              <>
                <WheelFacts
                  wheel={wheel}
                  delivered={recorded ? { left: deliveredLeft ?? [], right: deliveredRight ?? [] } : undefined}
                />
                {choice ? (
                  <View className="flex-row flex-wrap items-center gap-x-4 px-4">
                    <Txt tone="soft">{words.chosenBy(choice.person)}</Txt>
                    <RoleButton
                      needs="work"
                      label={words.takeBack}
                      onPress={() => void takeChoiceBack(bikeId, choice.id)}
                      testID="take-choice-back"
                    />
                  </View>
                ) : null}
                <View className="flex-row flex-wrap items-center gap-x-4 px-4">
                  <Txt>{words.recordDelivered}</Txt>
                  {(['left', 'right'] as const).map((side) => (
                    <ToPage
                      key={side}
                      to={measurePath(bikeId, end, `washers-delivered.${side}`)}
                      className="min-h-[48px] justify-center"
                    >
                      <Txt className="underline">{side === 'left' ? words.recordLeft : words.recordRight}</Txt>
                    </ToPage>
                  ))}
                </View>
              </>
            ) : null}
          </View>
        );
      })}
      {sorted.length > 0 ? (
        <ToPage to={newWheelPath(bikeId, end)} className="min-h-[48px] justify-center px-4">
          <Txt className="underline">{words.addAnother}</Txt>
        </ToPage>
      ) : null}
    </Screen>
  );
}
