import type { BikeRecord } from '@cricket/contract/shapes';
import type { KitOnBar } from '@cricket/core/bar-question';
import { barPlan, barScene } from '@cricket/core/bar-scene';
import { holdsEvery, type HandlebarInput, type HandlebarResult, type WayOut } from '@cricket/core/handlebar';
import { useState } from 'react';
import { View } from 'react-native';

import { SaveDrawing } from '../../drawing/kit/save-drawing';
import { FindingRows } from '../../job/findings/finding-rows';
import { Segments } from '../../ui/segments';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { BarLayoutShown } from './bar-layout';
import { OwnOrder } from './own-order';
import { words } from './words';

export interface ArrangedProps {
  record: BikeRecord;
  question: HandlebarInput;
  result: HandlebarResult;
  /** What the kit brings and the list does not have. */
  missing: readonly KitOnBar[];
}

/** The best three orders of what is on the bar, drawn and told; or what would help where there is none. */
export function Arranged({ record, question, result, missing }: ArrangedProps) {
  const kept = record.bike.facts.bar?.order;
  const [picked, setPicked] = useState<number | 'own'>(kept && holdsEvery(kept, question.parts) ? 'own' : 0);
  const { layouts, findings, impossible } = result;
  const layout = (picked === 'own' ? null : layouts[picked]) ?? layouts[0] ?? null;
  const choose = (
    <View className="px-4 pb-2 pt-3">
      <Segments
        label={words.layouts}
        options={[
          ...layouts.map((_, index) => [String(index), words.best(index + 1)] as const),
          ['own', words.own] as const,
        ]}
        value={picked === 'own' ? 'own' : layout ? String(layouts.indexOf(layout)) : ''}
        onChange={(index) => setPicked(index === 'own' ? 'own' : Number(index))}
      />
    </View>
  );
  if (picked === 'own') {
    return (
      <View>
        {choose}
        <OwnOrder
          key={question.parts.map(({ id }) => id).join(' ')}
          record={record}
          question={question}
          result={result}
          missing={missing}
          onArrange={() => setPicked(0)}
        />
      </View>
    );
  }
  return (
    <View>
      <VerdictLine verdict={result.verdict} className="px-4 pb-2" />
      <BarLayoutShown question={question} result={result} layout={layout}>
        {choose}
      </BarLayoutShown>
      <SaveDrawing
        name={`${record.bike.tag}-bar`}
        scene={(wide) => barScene(barPlan(question.bar, question.parts, layout), wide)}
      />
      <FindingRows findings={findings} />
      {impossible && impossible.ways.length > 0 ? (
        <View className="gap-1 px-4 pt-3">
          <Txt bold heading={2}>
            {words.waysTitle}
          </Txt>
          {impossible.ways.map((way) => (
            <Txt key={`${way.do} ${way.id} ${way.with ?? ''}`}>{waySentence(way)}</Txt>
          ))}
        </View>
      ) : null}
    </View>
  );
}

function waySentence(way: WayOut): string {
  return way.do === 'swap' ? words.ways.swap(way.id, way.with!) : words.ways[way.do](way.id);
}
