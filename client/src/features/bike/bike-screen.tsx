import { openFeatures, type EndFacts } from '@cricket/core/end-facts';
import { isCarbon, firstLookFeatures, type End } from '@cricket/core/features';
import { axleAt } from '@cricket/core/model';
import { endVerdict } from '@cricket/core/next-action';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { useWrites } from '../../data/use-writes';
import { Vouch } from '../../job/vouch/vouch';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { Screen } from '../../ui/screen';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { BikeAside } from './bike-aside';
import { nextMark, nextSentence } from '../../job/next/next-words';
import { nextPath } from '../../job/next/next-path';
import { ReadingsList } from './readings-list';
import { useBothEnds } from '../../job/bike/use-both-ends';
import { words } from './words';
import { editBikePath, endPath, firstLookPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { Notice } from '../../ui/notice';
import { WorkButton } from '../../session/role-button';

/** One bike: its map, its stations, and the one thing to do next. */
export function BikeScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const router = useRouter();
  const wide = useWide();
  const { choose, bringBikeBack } = useWrites();
  const { record, states, end, next, isPending, refetch } = useBothEnds(bikeId);
  if (!record || !states || !next) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} own />;
  }
  const { bike } = record;
  const sentence = nextSentence(next);
  const goOn = () => {
    if (next.kind === 'refused') void choose(bikeId, { place: axleAt(next.other), kind: 'place' });
    else router.navigate(nextPath(bikeId, next));
  };
  return (
    <Screen
      title={wide ? words.ends[end] : bike.name}
      tag={wide ? undefined : bike.tag}
      backTo="/"
      action={
        <ToPage to={editBikePath(bikeId)} className="min-h-[48px] justify-center px-2">
          <Txt className="underline">{words.edit}</Txt>
        </ToPage>
      }
      footer={
        bike.withdrawnAt ? (
          <WorkButton
            label={words.bringBack}
            look="do"
            onPress={() => void bringBikeBack(bikeId)}
            testID="bring-back"
          />
        ) : sentence.button ? (
          <Button label={sentence.button} look="do" onPress={goOn} testID="go-on" />
        ) : null
      }
    >
      {bike.withdrawnAt ? <Notice title={words.out} because={words.copied} /> : null}
      {wide ? null : <BikeAside record={record} end={end} states={states} />}
      <View className="gap-1 px-4 pt-4" testID="next">
        <Txt size="label" figure tone="soft">
          {words.next}
        </Txt>
        <View className="flex-row gap-2">
          <View className="pt-0.5">
            <Mark verdict={nextMark(next, endVerdict(states[end]))} size={28} />
          </View>
          <Txt size="title" bold heading={2} className="min-w-0 flex-1">
            {sentence.action}
          </Txt>
        </View>
        <Txt tone="soft">{sentence.because}</Txt>
        <SoFar bikeId={bikeId} end={end} facts={states[end].facts} />
      </View>
      <Vouch record={record} />
      <ReadingsList record={record} state={states[end]} />
    </Screen>
  );
}

/** A verdict from a few readings, for an end that is not measured yet. */
function SoFar({ bikeId, end, facts }: { bikeId: string; end: End; facts: EndFacts }) {
  if (isCarbon(facts) || openFeatures(facts).length === 0) return null;
  const left = firstLookFeatures.filter((id) => !facts.words.has(id) && !facts.lengths.has(id));
  const path = left.length > 0 ? firstLookPath(bikeId, end) : endPath(bikeId, end, 'match');
  return (
    <ToPage to={path} className="min-h-[48px] justify-center" testID="first-look">
      <Txt className="underline">{left.length > 0 ? words.firstLook(left.length) : words.soFar}</Txt>
    </ToPage>
  );
}
