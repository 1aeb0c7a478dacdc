import type { BikeRecord } from '@cricket/contract/shapes';
import { barPlan, barScene, placeOnBar } from '@cricket/core/bar-scene';
import { withKit, type KitOnBar } from '@cricket/core/bar-question';
import {
  holdsEvery,
  laidByHand,
  movedTo,
  orderOf,
  shifted,
  type BarOrder,
  type BarPart,
  type HandlebarInput,
  type HandlebarResult,
} from '@cricket/core/handlebar';
import { startTransition, useMemo, useState } from 'react';
import { View } from 'react-native';

import { useTell } from '../../data/use-tell';
import { SaveDrawing } from '../../drawing/kit/save-drawing';
import { FindingRows } from '../../job/findings/finding-rows';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { BarLayoutShown } from './bar-layout';
import { words } from './words';

interface OwnOrderProps {
  record: BikeRecord;
  question: HandlebarInput;
  result: HandlebarResult;
  /** What the kit brings and the list does not have. */
  missing: readonly KitOnBar[];
  /** Back to what was arranged. */
  onArrange: () => void;
}

/** The bar in an order of one's own: parts are pushed about, and held against every rule at once. */
export function OwnOrder({ record, question, result, missing, onArrange }: OwnOrderProps) {
  const { bar } = record.bike.facts;
  const { tell, messages } = useTell(record);
  const [order, setOrder] = useState<BarOrder>(() => startOf(bar?.order, question, result));
  const laid = useMemo(() => withKit(laidByHand(question, order), missing), [question, order, missing]);
  const plan = barPlan(question.bar, question.parts, laid.layout);
  const isKept = JSON.stringify(bar?.order) === JSON.stringify(order);
  return (
    <View>
      <VerdictLine verdict={laid.verdict} className="px-4 pb-2" />
      <BarLayoutShown
        question={question}
        result={result}
        layout={laid.layout}
        push={{
          says: words.push,
          onPush: (id, atMm) => {
            const { side, at } = placeOnBar(plan, id, atMm);
            const next = movedTo(order, id, side, at);
            // Most of the way nothing changes: the page need not follow.
            if (JSON.stringify(next) !== JSON.stringify(order)) startTransition(() => setOrder(next));
          },
          onStep: (id, to) => setOrder((before) => shifted(before, id, to)),
        }}
      >
        <Txt size="label" tone="soft" className="px-4 pt-2">
          {words.pushWhy}
        </Txt>
        <Alerts messages={messages} />
        <View className="flex-row flex-wrap items-center gap-3 px-4 pt-2">
          {isKept ? (
            <Txt tone="soft">{words.keptOrder}</Txt>
          ) : laid.verdict === 'stop' ? null : (
            <RoleButton
              needs="work"
              label={words.keepOrder}
              onPress={() => void tell({ bar: { ...bar, order } })}
              testID="keep-order"
            />
          )}
          <Button
            label={words.arrangeForMe}
            onPress={() => {
              const { order: _, ...arranged } = bar ?? {};
              void tell({ bar: arranged }).then(onArrange);
            }}
            testID="arrange"
          />
        </View>
      </BarLayoutShown>
      <SaveDrawing name={`${record.bike.tag}-bar`} scene={(wide) => barScene(plan, wide)} />
      <FindingRows findings={laid.findings} />
    </View>
  );
}

/** The order that was kept, as far as it still holds every part; else the best one; else the list as it is. */
function startOf(kept: BarOrder | undefined, { parts }: HandlebarInput, { layouts }: HandlebarResult): BarOrder {
  if (kept && holdsEvery(kept, parts)) return kept;
  if (layouts[0]) return orderOf(layouts[0]);
  const on = (side: BarPart['side']) => parts.filter((part) => part.side === side).map(({ id }) => id);
  return { left: [...on('left'), ...on('either')], right: on('right'), centre: on('centre') };
}
