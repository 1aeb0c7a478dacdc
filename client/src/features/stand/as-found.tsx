import type { BikeRecord } from '@cricket/contract/shapes';
import { coverGapAsFound, fittedStack, rimAsFound, runningGapAsFound } from '@cricket/core/as-fitted';
import type { Stack } from '@cricket/core/axle-stack';
import type { LimitsInput } from '@cricket/core/limits';
import type { EndState } from '@cricket/core/next-action';
import { washerName } from '@cricket/core/part-names';
import type { Finding } from '@cricket/core/verdict';
import { useMemo } from 'react';
import { View } from 'react-native';

import { figure, signed } from '../../ui/figure-text';
import { arrangementOf } from '../../job/stack/arrangement';
import { useAccept } from '../../job/stack/use-accept';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import type { CheckValues } from './check-values';
import { Judged } from './judged';
import { words } from './words';
import { say } from '../../ui/say';

export interface AsFoundProps {
  record: BikeRecord;
  state: EndState;
  /** The stack on the axle. */
  stack: Stack | null;
  limits: LimitsInput | undefined;
  values: CheckValues;
  /** The figure is not within what the step asks for. */
  against: boolean;
  /** Leads to the step at which washers go on. */
  onWashers: () => void;
}

/** Figures found at the step, against what was worked out: what they mean, and which washers would be better. */
export function AsFound({ record, state, stack, limits, values: { figures }, against, onWashers }: AsFoundProps) {
  const { fit } = state;
  const nearer = figures['rim-left-right'] ?? figures['rim-after'];
  const running = figures['gap'];
  const cover = figures['pad-gap'];
  if (nearer !== undefined && fit?.stackInput && stack) {
    const rim = rimAsFound(fit.stackInput, stack, nearer);
    return (
      <Found
        finding={rim.finding}
        against={against}
        planned={words.asFound.rim(signed(rim.offsetMm), signed(stack.rimOffsetMm))}
      >
        {rim.surprising ? <Txt>{words.asFound.surprising}</Txt> : null}
        {rim.better ? (
          <>
            <Txt bold>{betterWords(rim.better)}</Txt>
            <TakeBetter record={record} state={state} better={rim.better} onTaken={onWashers} />
            <Button label={words.asFound.toWashers} onPress={onWashers} className="self-start" />
          </>
        ) : null}
      </Found>
    );
  }
  if (running !== undefined)
    return <Found finding={runningGapAsFound(running, limits)} against={against} planned={null} />;
  if (cover !== undefined) {
    const planned = fit?.rotor?.coverGapMm ?? null;
    return (
      <Found
        finding={coverGapAsFound(cover, limits)}
        against={against}
        planned={planned === null ? null : words.asFound.cover(figure(planned))}
      />
    );
  }
  return null;
}

/** The better washers become the stack of this bike here and now, judged as every stack is. */
function TakeBetter({
  record,
  state,
  better,
  onTaken,
}: {
  record: BikeRecord;
  state: EndState;
  better: Stack;
  onTaken: () => void;
}) {
  const { end, fit, fitInput, wheel } = state;
  const fitted = useMemo(
    () => (fit && fitInput ? fittedStack(fitInput, fit, arrangementOf(better)) : null),
    [fit, fitInput, better],
  );
  const accept = useAccept(record.bike.id, end, JSON.stringify(arrangementOf(better)), onTaken);
  if (!wheel || !fitted || (fitted.verdict !== 'goes' && fitted.verdict !== 'work')) return null;
  return (
    <>
      {accept.refused ? (
        <Txt tone="stop" bold role="alert">
          {accept.refused.errors.flatMap(({ messages }) => messages).join(' ')}
        </Txt>
      ) : null}
      <RoleButton
        needs="work"
        label={words.asFound.take}
        look="do"
        disabled={accept.busy}
        onPress={() => void accept.take(wheel.id, fitted.stack, true)}
        testID="take-better"
      />
    </>
  );
}

interface FoundProps {
  finding: Finding;
  against: boolean;
  planned: string | null;
  children?: React.ReactNode;
}

function Found({ finding, against, planned, children }: FoundProps) {
  return (
    <View className="gap-1 border-b border-rule px-4 py-3" testID="as-found" aria-live="polite">
      <Judged {...finding} against={against} />
      {planned ? <Txt tone="soft">{planned}</Txt> : null}
      {children}
    </View>
  );
}

function betterWords({ left, right, rimOffsetMm }: Stack): string {
  const side = (ids: readonly string[]) => ids.map((id) => say(washerName(id))).join(', ') || words.asFound.none;
  return words.asFound.better(side(left.inside), side(right.inside), signed(rimOffsetMm));
}
