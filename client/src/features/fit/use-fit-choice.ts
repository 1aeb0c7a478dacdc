import { fittedStack } from '@cricket/core/as-fitted';
import { findingsWith } from '@cricket/core/fit';
import type { Arrangement, Stack } from '@cricket/core/axle-stack';
import type { FitFinding } from '@cricket/core/fit';
import type { EndState } from '@cricket/core/next-action';
import { worstOf, type Verdict } from '@cricket/core/verdict';
import { useMemo, useState } from 'react';

import { useDraft } from '../../data/use-draft';
import { arrangementOf } from '../../job/stack/arrangement';

/** The stack in view: one of those computed, or changed by hand. */
export interface FitChoice {
  stack: Stack | null;
  /** Position among the computed ones; kept while a change by hand is in view. */
  index: number;
  count: number;
  byHand: boolean;
  findings: FitFinding[];
  verdict: Verdict;
  show: (index: number) => void;
  change: (arrangement: Arrangement) => void;
  dropHand: () => void;
  /** Names this very arrangement: accepting it twice is one acceptance. */
  key: string;
}

const noStacks: Stack[] = [];

/** A stack changed by hand, and the wheel that it is for. */
interface ByHand {
  wheelId: string | undefined;
  arrangement: Arrangement;
}

/**
 * Which stack of a fit is in view, with findings that follow every change at once. One that was changed by hand stays while the
 * owner is fetched, over a reload, and whoever then looks at it.
 *
 * @param place - names the end of the bike
 */
export function useFitChoice(state: Pick<EndState, 'fit' | 'fitInput'> | null, place: string): FitChoice {
  const fit = state?.fit ?? null;
  const asked = state?.fitInput ?? null;
  const [index, setIndex] = useState(0);
  const draft = useDraft<ByHand | null>(`cricket-hand/${place}`, null);
  const wheelId = asked?.wheel.id;
  const hand = draft.value?.wheelId === wheelId ? (draft.value?.arrangement ?? null) : null;
  const stacks = fit?.stack?.stacks ?? noStacks;
  const at = Math.min(index, Math.max(0, stacks.length - 1));
  const { stack, findings } = useMemo(() => {
    // A washer that left the stores meanwhile cannot be judged: back to the computed stack.
    const byHand = hand && fit && asked ? fittedStack(asked, fit, hand) : null;
    if (byHand) return byHand;
    const computed = stacks[at] ?? null;
    if (!fit) return { stack: computed, findings: [] };
    const judged = computed && asked;
    return { stack: computed, findings: judged ? findingsWith(asked, fit, computed) : fit.findings };
  }, [hand, fit, asked, stacks, at]);
  return {
    stack,
    index: at,
    count: stacks.length,
    byHand: hand !== null,
    findings,
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    show: (next) => {
      draft.drop();
      setIndex(Math.min(Math.max(next, 0), stacks.length - 1));
    },
    change: (arrangement) => draft.change({ wheelId, arrangement }),
    dropHand: draft.drop,
    key: stack ? JSON.stringify(arrangementOf(stack)) : '',
  };
}
