import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { costTable } from '@cricket/core/job-cost';
import { coreRecord } from '@cricket/contract/core-record';
import { useBothEnds } from '../../job/bike/use-both-ends';
import { FindingRow } from '../../job/findings/finding-row';
import { waysOn, whenceOf } from '../../job/findings/ways-out';
import { CostSums } from '../../job/cost/cost-sums';
import { useHourlyRate } from '../../data/use-workshop';
import { Failed, Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Slider } from '../../ui/slider';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { useWide } from '../../ui/use-wide';
import { words as shared } from '../../ui/words';
import { useWorked } from '../../workers/use-worked';
import { words } from './words';
import { bikePath, endPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** A motor at each end of one bike, drawing on one battery. */
export function BothScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const router = useRouter();
  const wide = useWide();
  const hourlyRate = useHourlyRate();
  const [batteryA, setBatteryA] = useState(20);
  const { record, states, workshop, isPending, refetch } = useBothEnds(bikeId);
  const both = Boolean(states?.front.wheel && states.rear.wheel);
  const worked = useWorked('two-motors', bikeId, record && both ? [record, workshop, batteryA] : null, (worker) =>
    worker.twoMotors(coreRecord(record!), workshop, batteryA),
  );
  const report = worked.data ?? null;
  if (!record || !states) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  if (!both) {
    const missing = states.front.wheel ? 'rear' : 'front';
    return (
      <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        <Notice
          title={words.none}
          because={words.noneWhy}
          action={{ label: shared.next, onPress: () => router.navigate(endPath(bikeId, missing, 'match')) }}
        />
      </Screen>
    );
  }
  return (
    <Screen title={words.title} tag={record.bike.tag} backTo={bikePath(bikeId)}>
      <Txt className="px-4 pb-2">{words.lead}</Txt>
      <Slider
        label={words.battery}
        shown={words.amps(batteryA)}
        value={batteryA}
        min={5}
        max={80}
        step={1}
        onChange={setBatteryA}
        testID="slide-battery"
      />
      {worked.error ? <Failed retry={() => void worked.refetch()} /> : null}
      {report ? (
        <>
          <VerdictLine verdict={report.verdict} heading={2} className="px-4 py-2" testID="both-verdict" />
          <CostSums costs={costTable([report.front, report.rear], report, hourlyRate)} />
          <View className={wide ? 'flex-row' : ''}>
            {(['front', 'rear'] as const).map((end) => (
              <View key={end} className={wide ? 'min-w-0 flex-1 border-r border-rule' : 'border-t-2 border-ink'}>
                <Txt bold size="lead" heading={2} className="px-4 pt-3">
                  {words.at(end, report[end].wheel.code)}
                </Txt>
                <Txt tone="soft" className="px-4">
                  {words.share(report.shareA[end].toFixed(1))}
                </Txt>
                {report[end].findings
                  .filter(({ verdict }) => verdict !== 'goes')
                  .map((finding) => (
                    <FindingRow
                      key={finding.id}
                      finding={finding}
                      ways={waysOn(finding, whenceOf(record, end, report[end].wheel))}
                    />
                  ))}
              </View>
            ))}
          </View>
          <Txt size="label" tone="soft" className="px-4 py-3">
            {words.law}
          </Txt>
        </>
      ) : worked.error ? null : (
        <Txt className="px-4 py-3">{words.working}</Txt>
      )}
    </Screen>
  );
}
