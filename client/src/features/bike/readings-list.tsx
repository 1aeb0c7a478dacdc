import type { BikeRecord } from '@cricket/contract/shapes';
import { measurePlan } from '@cricket/core/end-facts';
import type { EndState } from '@cricket/core/next-action';
import { View } from 'react-native';

import { answerName, featureWords } from '../../job/reading/feature-words';
import { Rule } from '../../ui/rule';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { figure } from '../../ui/figure-text';
import { words } from './words';
import { measurePath } from '../../ui/pages';

/** What is known of an end, reading by reading; each leads to its measuring page. */
export function ReadingsList({ record, state }: { record: BikeRecord; state: EndState }) {
  const { facts, end } = state;
  const known = measurePlan(facts).filter(({ state: how }) => how !== 'open');
  return (
    <View className="px-4 pt-6">
      <Txt size="label" figure tone="soft" heading={2}>
        {words.readings}
      </Txt>
      {known.length === 0 ? <Txt tone="soft">{words.noReadings}</Txt> : null}
      {known.map(({ feature }) => (
        <View key={feature.id}>
          <ToPage
            to={measurePath(record.bike.id, end, feature.id)}
            className="min-h-[48px] flex-row items-center gap-3"
          >
            <Txt className="min-w-0 flex-1">{featureWords(feature.id).title}</Txt>
            <Txt size="lead" figure bold className="max-w-[50%] text-right">
              {shown(feature.id, state)}
            </Txt>
          </ToPage>
          <Rule />
        </View>
      ))}
    </View>
  );
}

function shown(featureId: string, { facts }: EndState): string {
  const statistics = facts.lengths.get(featureId);
  if (statistics?.valueMm != null) return figure(statistics.valueMm);
  const word = facts.words.get(featureId);
  if (word) return answerName(featureId, word);
  return (facts.parts.get(featureId) ?? []).map(({ thicknessMm }) => figure(thicknessMm)).join(' · ') || '0';
}
