import { listed, said, type Said } from '../said';
import type { BikeFacts } from '../bike-facts';
import { cableRuns, type CableRunsInput, type CableRunsResult } from '../cable-runs';
import { InputError } from '../input';
import { told, withFindings, type Finding } from '../verdict';

/** What the runs of cables cannot be without. */
export const cableNeeds = ['steering', 'turning', 'anchors', 'runs'] as const;
export type CableNeed = (typeof cableNeeds)[number];

export interface CableQuestion {
  input: CableRunsInput;
  /** What nobody has measured or looked at yet. */
  open: Finding[];
}

/**
 * What the cables of one bike are asked, from what is known of it.
 *
 * @returns the needs that are missing as long as there are any
 */
export function cableQuestion({ cables, job }: BikeFacts): CableQuestion | CableNeed[] {
  const { steering, turning, anchors = [], runs = [], extensions = [], poses } = cables ?? {};
  const missing = cableNeeds.filter((need) => {
    const value = cables?.[need];
    return value === undefined || (Array.isArray(value) && value.length === 0);
  });
  if (!steering || !turning || missing.length > 0) return missing;
  const onPath = new Set(runs.flatMap(({ path }) => path));
  const guessed = anchors.filter((anchor) => anchor.guessed && onPath.has(anchor.id)).map(({ id }) => id);
  return {
    input: {
      ...steering,
      ...turning,
      anchors: Object.fromEntries(anchors.map(({ id, guessed: _, ...anchor }) => [id, anchor])),
      cables: runs,
      extensions,
      ...(poses && poses.length > 0 && { poses }),
    },
    open: [
      ...(guessed.length > 0
        ? [
            told(
              'guessed',
              'unknown',
              said('cable-question.nobody-has-measured-where-these-are', { guessed: listed(guessed, 'comma') }),
              [said('cable-question.push-each-to-its-place-in')],
            ),
          ]
        : []),
      ...(job?.folds && !poses
        ? [
            told('folded', 'unknown', said('cable-question.bike-folds-and-where-its-cables'), [
              said('cable-question.fold-it-and-write-down-where'),
            ]),
          ]
        : []),
    ],
  };
}

/** The answer to a question; null where what is written down contradicts itself, which is told in words. */
export interface CableAnswer {
  result: CableRunsResult | null;
  contradiction: Said | null;
}

export function answerCables({ input, open }: CableQuestion): CableAnswer {
  try {
    return { result: withFindings(cableRuns(input), open), contradiction: null };
  } catch (error) {
    if (error instanceof InputError) return { result: null, contradiction: error.says };
    throw error;
  }
}
