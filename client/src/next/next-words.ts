import type { NextAction } from '@cricket/core/next-action';
import type { Purchase } from '@cricket/core/axle-stack';
import { worstOf, type Verdict } from '@cricket/core/verdict';
import { format } from 'date-fns/format';

import { featureWords } from '../measure/feature-words';
import { mm } from '../ui/figure-text';
import { say } from '../ui/say';

export interface NextSentence {
  /** What to do, verb first. */
  action: string;
  /** Why. */
  because: string;
  /** Words on the lime button; null where there is nothing to go on with. */
  button: string | null;
}

/** The mark beside what comes next: how the end stands, unless something is wrong at the stand. */
export function nextMark(next: NextAction, ofEnd: Verdict): Verdict {
  return next.kind === 'stand' && next.waits === 'problem' ? worstOf(['work', ofEnd]) : ofEnd;
}

/** The next action of a bike in one sentence, with the reason. */
export function nextSentence(next: NextAction): NextSentence {
  switch (next.kind) {
    case 'measure': {
      const { todo } = featureWords(next.feature.id);
      const because =
        next.open === 1 ? 'It is the last reading that is open.' : `${next.open} readings are open at the ${next.end}.`;
      return {
        action: todo,
        because,
        button: next.feature.kind === 'length' ? 'Measure now' : 'Carry on',
      };
    }
    case 'take-in':
      return {
        action: 'Finish taking it in',
        because: `Still open: ${next.open.map(say).join(', ')}.`,
        button: 'Take in',
      };
    case 'refused':
      return {
        action: `${next.end === 'front' ? 'Front' : 'Rear'} refused: look at the ${next.other} end`,
        because: 'Carbon takes no motor: clamping and torque crush and split it, at any clearance.',
        button: `Look at the ${next.other} end`,
      };
    case 'choose-wheel':
      return {
        action: 'Choose a kit',
        because: `The ${next.end} end is measured.`,
        button: 'See the kits',
      };
    case 'buy':
      return {
        action: `Get ${purchaseWords(next.purchase)}`,
        because: say(next.because),
        button: 'See the fit',
      };
    case 'stopped':
      return {
        action: next.finding.remedies[0]
          ? say(next.finding.remedies[0]).replace(/\.$/, '')
          : `${next.wheelCode} does not go`,
        because: say(next.finding.because),
        button: 'See why',
      };
    case 'accept': {
      const file = next.fileMm > 0 ? `File ${mm(next.fileMm)}${next.twoArms ? ', then two arms' : ''}` : null;
      return {
        action: file ?? 'Look at the washers and take a stack',
        because:
          next.onWordOf !== undefined
            ? `${next.wheelCode} goes in on ${next.onWordOf}’s word against a stop, after the work named.`
            : next.verdict === 'goes'
              ? `The axle of ${next.wheelCode} goes in as it is.`
              : `${next.wheelCode} goes in after the work named.`,
        button: 'See the fit',
      };
    }
    case 'fit':
      return {
        action: 'Put the washers in as recorded',
        because: `${next.left.length} left and ${next.right.length} right, for ${next.wheelCode}.`,
        button: 'See the stack',
      };
    case 'awaited':
      return {
        action: next.count === 1 ? `Waiting for ${next.what}` : `Waiting for ${next.what} and ${next.count - 1} more`,
        because: 'It is ordered and not here yet; say so when it has come.',
        button: 'See the order',
      };
    case 'stand':
      return {
        action: say(next.title),
        because:
          next.waits === 'problem'
            ? `Something is wrong here: step ${next.at} of ${next.of} is put right first.`
            : next.waits === 'second-person'
              ? `Done; a second person looks at it. Step ${next.at} of ${next.of}.`
              : `Step ${next.at} of ${next.of} at the stand, ${next.wheelCode}.`,
        button: next.done === 0 ? 'Begin at the stand' : 'Go on at the stand',
      };
    case 'care':
      return {
        action: 'In care: re-torque on the day agreed',
        because: `${next.wheelCode} was handed over on ${format(new Date(next.since), 'd MMM yyyy')}.`,
        button: 'See the job',
      };
  }
}

const kinds: Record<Purchase['kind'], [one: string, more: string]> = {
  plain: ['washer', 'washers'],
  tabbed: ['tabbed washer', 'tabbed washers'],
  'rotor-shim': ['rotor shim', 'rotor shims'],
  'caliper-shim': ['caliper shim', 'caliper shims'],
};

/** A purchase in words, such as "1 washer 5 mm and 2 tabbed washers 3 mm". */
export function purchaseWords(purchase: readonly Purchase[]): string {
  return purchase
    .map(({ kind, thicknessMm, count }) => `${count} ${kinds[kind][count === 1 ? 0 : 1]} ${mm(thicknessMm)}`)
    .join(' and ');
}
