import type { BikeRecord } from '@cricket/contract/shapes';
import { controllerOfBike } from '@cricket/core/box-place';
import { racks } from '@cricket/core/racks';
import type { Finding, Verdict } from '@cricket/core/verdict';
import { useMemo } from 'react';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { useTell } from '../../data/use-tell';
import { FindingRows } from '../../job/findings/finding-rows';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { bayPath, type BayPageOf } from '../../ui/pages';
import { Section } from '../../ui/section';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { words } from './words';

/** The battery on a rack instead of in the frame, and the controller, wherever it is put. */
export function BesideFrame({ record }: { record: BikeRecord }) {
  const { id, facts } = record.bike;
  const { tell, messages } = useTell(record);
  const rack = useMemo(() => (facts.rack ? racks(facts.rack) : null), [facts.rack]);
  const controller = useMemo(() => controllerOfBike(facts), [facts]);
  const isOnRack = facts.job?.battery === 'rack';
  return (
    <View>
      <Section title={words.rackTitle} />
      {rack ? (
        <Judged
          verdict={rack.verdict}
          says={words.rackSays(figure(rack.loadKg, 1), figure(rack.neededN, 0))}
          findings={rack.findings}
        />
      ) : null}
      <Alerts messages={messages} />
      {rack && rack.verdict !== 'stop' && !isOnRack ? (
        <View className="items-start px-4 pb-2">
          <RoleButton
            needs="work"
            label={words.takeRack}
            onPress={() => void tell({ job: { ...facts.job, battery: 'rack' } })}
            testID="take-rack"
          />
        </View>
      ) : null}
      {isOnRack ? (
        <Txt tone="soft" className="px-4">
          {words.rackTaken}
        </Txt>
      ) : null}
      <Link bikeId={id} of="rack" label={rack ? words.changeRack : words.writeRack} />
      <Section title={words.bagTitle} />
      <Txt className="px-4 py-2">{words.bagWhy}</Txt>
      {facts.job?.battery === 'bag' ? (
        <Txt tone="soft" className="px-4 pb-2">
          {words.bagTaken}
        </Txt>
      ) : (
        <View className="items-start px-4 pb-2">
          <RoleButton
            needs="work"
            label={words.takeBag}
            onPress={() => void tell({ job: { ...facts.job, battery: 'bag' } })}
            testID="take-bag"
          />
        </View>
      )}
      <Section title={words.controllerTitle} />
      {controller ? (
        <Judged
          verdict={controller.verdict}
          says={words.controllerSays(figure(controller.boxC, 0), figure(controller.mostLossW, 0))}
          findings={controller.findings}
        />
      ) : null}
      <Link bikeId={id} of="controller" label={controller ? words.changeController : words.writeController} />
    </View>
  );
}

function Judged({ verdict, says, findings }: { verdict: Verdict; says: string; findings: readonly Finding[] }) {
  return (
    <View>
      <VerdictLine verdict={verdict} className="px-4 pt-2" />
      <Txt className="px-4 pb-2">{says}</Txt>
      <FindingRows findings={findings.filter((finding) => finding.verdict !== 'goes')} />
    </View>
  );
}

function Link({ bikeId, of, label }: { bikeId: string; of: BayPageOf; label: string }) {
  return (
    <ToPage to={bayPath(bikeId, of)} className="min-h-[56px] justify-center px-4" testID={`bay-${of}`}>
      <Txt className="underline">{label}</Txt>
    </ToPage>
  );
}
