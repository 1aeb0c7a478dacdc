import { View } from 'react-native';

import { CostSums } from '../../job/cost/cost-sums';
import { FindingRow } from '../../job/findings/finding-row';
import { waysOn, type Whence } from '../../job/findings/ways-out';
import { Button } from '../../ui/button';
import { measurePath } from '../../ui/pages';
import { Opened } from '../../ui/opened';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { featureWords } from '../../job/reading/feature-words';
import type { MatchLine } from '../../workers/match-line';
import { RoomRows } from './room-of-kit';
import { verdictName } from './verdict-name';
import { words } from './words';

export interface KitSheetProps {
  line: MatchLine;
  /** Of what bike, end and kit it speaks. */
  whence: Whence;
  at: number;
  count: number;
  marked: boolean;
  chosen: boolean;
  onShow: (at: number) => void;
  onMark: () => void;
  onClose: () => void;
}

/** One kit at one end, with what decides and what it takes. */
export function KitSheet({ line, whence, at, count, marked, chosen, onShow, onMark, onClose }: KitSheetProps) {
  return (
    <Opened onClose={onClose} testID="kit-sheet">
      <View className="flex-row items-center gap-2 border-y-2 border-ink bg-sheet px-2 py-2">
        <Button label="‹" spoken={words.before} onPress={() => onShow(at - 1)} disabled={at === 0} className="w-14" />
        <View className="min-w-0 flex-1 items-center">
          <Txt size="title" bold heading={2}>
            {`${line.code} · ${words.at[line.end]}`}
          </Txt>
          <Txt size="label" figure tone="soft">
            {`${words.nth(at + 1, count)}${chosen ? ` · ${words.chosen}` : ''}`}
          </Txt>
        </View>
        <Button
          label="›"
          spoken={words.after}
          onPress={() => onShow(at + 1)}
          disabled={at === count - 1}
          className="w-14"
        />
      </View>
      <VerdictLine verdict={line.verdict} says={verdictName(line)} className="px-4 pt-3" />
      <View className="flex-row flex-wrap gap-x-6 gap-y-1 px-4 py-2">
        <Figure name={words.lead} value={words.days(line.leadDays)} />
        {line.peakTorqueNm === null ? null : (
          <Figure name={words.torque} value={`${Math.round(line.peakTorqueNm)} N·m`} />
        )}
        {line.safety === null ? null : <Figure name={words.held} value={`${line.safety.toFixed(2)} ×`} />}
      </View>
      <CostSums costs={line.costs} />
      {line.findings.length === 0 ? (
        <Txt className="px-4 py-2">{line.couldStop ? words.couldStop(line.couldStop.length) : words.allGoes}</Txt>
      ) : null}
      {(line.couldStop ?? []).map((id) => (
        <ToPage key={id} to={measurePath(whence.bikeId, line.end, id)} className="min-h-[48px] justify-center px-4">
          <Txt className="underline">{featureWords(id).title}</Txt>
        </ToPage>
      ))}
      {line.findings.map((finding, index) => (
        <FindingRow
          key={`${line.wheelId}${line.end}${finding.id}`}
          finding={finding}
          openAtFirst={index === 0}
          ways={waysOn(finding, whence)}
        />
      ))}
      <RoomRows room={line.room} bikeId={whence.bikeId} />
      <View className="flex-row gap-3 px-4 py-3">
        <Button label={words.close} onPress={onClose} testID="kits-all" />
        <Button label={marked ? words.compared : words.compare} onPress={onMark} />
      </View>
    </Opened>
  );
}

export function Figure({ name, value }: { name: string; value: string }) {
  return (
    <View>
      <Txt size="label" figure tone="soft">
        {name}
      </Txt>
      <Txt size="lead" figure bold>
        {value}
      </Txt>
    </View>
  );
}
