import type { Station, Step } from './contract';

/** What is ended with one touch: several steps without safety, or one step that safety hangs on, by itself. */
export interface BriefBlock {
  safety: boolean;
  steps: readonly Step[];
}

/** The steps of one station on one card, for practised hands. */
export interface BriefCard {
  /** Id of its first step. */
  id: string;
  station: Station;
  blocks: readonly BriefBlock[];
}

/** Most steps on one card: more are not taken in at a glance. */
const mostOnCard = 9;

/**
 * The same plan in fewer cards: neighbours of one station come together, in an order that the steps themselves allow. What no
 * safety hangs on is merged into one block with one list of checks; a safety step is never merged: it stays a block of its own,
 * ended by itself.
 *
 * @param steps - the led plan, in its order
 * @example briefPlan([]) // []
 */
export function briefPlan(steps: readonly Step[]): BriefCard[] {
  const waiting = new Map(steps.map((step) => [step.id, step]));
  const cards: BriefCard[] = [];
  while (waiting.size > 0) {
    const { station } = [...waiting.values()].find((step) => ready(step, waiting))!;
    const picked: Step[] = [];
    // Plain steps first, as long as there are any: fewer blocks.
    for (let more = true; more && picked.length < mostOnCard;) {
      const may = [...waiting.values()].filter((step) => step.station === station && ready(step, waiting));
      const next = may.find(({ safety }) => !safety) ?? may[0];
      more = next !== undefined;
      if (next) {
        picked.push(next);
        waiting.delete(next.id);
      }
    }
    cards.push({ id: picked[0]!.id, station, blocks: blocksOf(picked) });
  }
  return cards;
}

function blocksOf(steps: readonly Step[]): BriefBlock[] {
  const blocks: { safety: boolean; steps: Step[] }[] = [];
  for (const step of steps) {
    const last = blocks.at(-1);
    if (last && !last.safety && !step.safety) last.steps.push(step);
    else blocks.push({ safety: step.safety, steps: [step] });
  }
  return blocks;
}

function ready({ after }: Step, waiting: ReadonlyMap<string, Step>): boolean {
  return after.every((id) => !waiting.has(id));
}
