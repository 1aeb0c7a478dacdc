import type { BikeRecord } from '@cricket/contract/shapes';
import { fittedStack } from '@cricket/core/as-fitted';
import type { Arrangement } from '@cricket/core/axle-stack';
import type { Side } from '@cricket/core/features';
import type { EndState } from '@cricket/core/next-action';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { figure, signed } from '../../ui/figure-text';
import type { AxlePart } from '@cricket/core/axle-scene';
import { PartStrip } from '../../drawing/axle-line/part-strip';
import { arrangementOf } from '../../job/stack/arrangement';
import { axleLineOf } from '@cricket/core/axle-scene';
import { HandPanel, WasherSizes } from '../../job/stack/hand-panel';
import { useAccept } from '../../job/stack/use-accept';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import type { CheckValues } from './check-values';
import { stackOnAxle } from './stack-on-axle';
import { words } from './words';
import { say } from '../../ui/say';

const sides: readonly Side[] = ['left', 'right'];

export interface AsFittedProps {
  record: BikeRecord;
  state: EndState;
  values: CheckValues;
  /** What was measured is not what this step asks for. */
  against: boolean;
}

/** The washers on the axle: changed here to what is really there, judged at once, taken as they are. */
export function AsFitted({ record, state, values, against }: AsFittedProps) {
  const { end, fit, fitInput, wheel } = state;
  const [hand, setHand] = useState<Arrangement | null>(null);
  const [part, setPart] = useState<AxlePart | null>(null);
  const [sent, setSent] = useState<string | null>(null);
  const planned = stackOnAxle(record, state);
  const measuredMm = useMemo(() => measuredSides(values), [values]);
  const fitted = useMemo(() => {
    if (!planned || !fit || !fitInput) return null;
    return fittedStack(fitInput, fit, { ...(hand ?? arrangementOf(planned)), measuredMm });
  }, [planned, fit, fitInput, hand, measuredMm]);
  const key = fitted ? JSON.stringify([arrangementOf(fitted.stack), measuredMm]) : '';
  const accept = useAccept(record.bike.id, end, key, () => setSent(key));
  const input = fit?.stackInput;
  if (!planned || !fit || !input || !wheel) return null;
  if (!fitted) return <Txt className="px-4 py-2">{words.asFitted.notInStores}</Txt>;
  const { stack, verdict, findings } = fitted;
  const otherwise = sides.some(
    (side) =>
      stack[side].inside.join() !== planned[side].inside.join() ||
      Math.abs(stack[side].totalMm - planned[side].totalMm) > 0.005,
  );
  const change = (next: Arrangement) => {
    setHand(next);
    setPart(null);
  };
  const worst = findings.find((item) => item.verdict !== 'goes');
  return (
    <View className="gap-2 border-y border-rule py-3" testID="as-fitted">
      <Txt bold className="px-4">
        {words.asFitted.title}
      </Txt>
      <PartStrip
        data={axleLineOf(state, stack)!}
        selected={part?.key ?? null}
        onPick={(picked) => setPart(picked.key === part?.key ? null : picked)}
        leftName={words.ridersLeft}
        rightName={words.ridersRight}
      />
      {part ? (
        <HandPanel
          part={part}
          arrangement={arrangementOf(stack)}
          input={input}
          onChange={change}
          onDone={() => setPart(null)}
        />
      ) : null}
      {sides
        .filter((side) => stack[side].inside.length === 0)
        .map((side) => (
          <View key={side} className="px-4">
            <WasherSizes side={side} arrangement={arrangementOf(stack)} input={input} onChange={change} />
          </View>
        ))}
      {otherwise ? (
        <View className="gap-2 px-4" aria-live="polite">
          <VerdictLine verdict={verdict} testID="as-fitted-verdict" />
          <Txt>{worst ? [worst.because, ...worst.remedies].map(say).join(' ') : words.asFitted.fine}</Txt>
          {against && sent !== key ? <Txt bold>{words.asFitted.takeFirst}</Txt> : null}
          <Txt size="label" figure tone="soft">
            {words.asFitted.figures(signed(stack.rimOffsetMm), signed(stack.spreadMm))}
          </Txt>
          {accept.refused?.errors
            .flatMap(({ messages }) => messages)
            .map((message) => (
              <Txt key={message} tone="stop" bold role="alert">
                {message}
              </Txt>
            ))}
          {sent === key ? (
            <Txt bold>{words.asFitted.sent}</Txt>
          ) : (
            <View className="flex-row gap-2">
              {hand ? <Button label={words.asFitted.drop} onPress={() => setHand(null)} className="flex-1" /> : null}
              <RoleButton
                needs="work"
                label={words.asFitted.take}
                look="do"
                disabled={accept.busy || (verdict !== 'goes' && verdict !== 'work')}
                onPress={() => void accept.take(wheel.id, stack, true, measuredMm)}
                className="flex-1"
                testID="take-as-fitted"
              />
            </View>
          )}
        </View>
      ) : (
        <Txt tone="soft" className="px-4">
          {words.asFitted.asPlanned(figure(stack.left.totalMm), figure(stack.right.totalMm))}
        </Txt>
      )}
    </View>
  );
}

/** What the washers of each side measure together, where that was entered. */
function measuredSides({ figures }: CheckValues): { left?: number; right?: number } {
  const left = figures['stack-left'];
  const right = figures['stack-right'];
  return { ...(left !== undefined && { left }), ...(right !== undefined && { right }) };
}
