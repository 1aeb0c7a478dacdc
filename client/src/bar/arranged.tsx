import type { HandlebarInput, HandlebarResult, WayOut } from '@cricket/core/handlebar';
import { useState } from 'react';
import { View } from 'react-native';

import { FindingRows } from '../fit/finding-rows';
import { Segments } from '../ui/segments';
import { Txt } from '../ui/txt';
import { VerdictLine } from '../ui/verdict-line';
import { BarLayoutShown } from './bar-layout';
import { words } from './words';

export interface ArrangedProps {
  question: HandlebarInput;
  result: HandlebarResult;
}

/** The best three orders of what is on the bar, drawn and told; or what would help where there is none. */
export function Arranged({ question, result }: ArrangedProps) {
  const [picked, setPicked] = useState(0);
  const { layouts, findings, impossible } = result;
  const layout = layouts[picked] ?? layouts[0] ?? null;
  return (
    <View>
      <VerdictLine verdict={result.verdict} className="px-4 pb-2" />
      <BarLayoutShown question={question} result={result} layout={layout}>
        {layouts.length > 1 ? (
          <View className="px-4 pt-3">
            <Segments
              label={words.layouts}
              options={layouts.map((_, index) => [String(index), words.best(index + 1)] as const)}
              value={String(layouts.indexOf(layout!))}
              onChange={(index) => setPicked(Number(index))}
            />
          </View>
        ) : null}
      </BarLayoutShown>
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
