import { useRouter } from 'expo-router';

import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { LengthReading } from './length-reading';
import { PartsReading } from './parts-reading';
import { PlanStrip } from './plan-strip';
import { featureWords } from '../../job/reading/feature-words';
import { useMeasuring } from './use-measuring';
import { WordReading } from './word-reading';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** One feature at a time: drawing, number, what it means, next. */
export function MeasureScreen() {
  const router = useRouter();
  const measuring = useMeasuring();
  const { bikeId, record, facts, feature, plan, isPending, refetch } = measuring;
  if (!record || !facts) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  if (!feature) {
    return (
      <Screen title={words.notHere} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice
          title={words.notHere}
          action={{ label: words.toBike, onPress: () => router.navigate(bikePath(bikeId)) }}
        />
      </Screen>
    );
  }
  const common = { measuring, title: featureWords(feature.id).title };
  const strip = <PlanStrip plan={plan} current={feature.id} />;
  if (feature.kind === 'length') return <LengthReading {...common} key={feature.id} feature={feature} strip={strip} />;
  if (feature.kind === 'word') return <WordReading {...common} key={feature.id} feature={feature} strip={strip} />;
  return <PartsReading {...common} key={feature.id} feature={feature} strip={strip} />;
}
