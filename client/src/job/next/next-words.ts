import type { NextAction } from '@cricket/core/next-action';
import type { Purchase } from '@cricket/core/axle-stack';
import { worstOf, type Verdict } from '@cricket/core/verdict';

import { featureWords } from '../reading/feature-words';
import { dateText } from '../../ui/date-text';
import { mm } from '../../ui/figure-text';
import { phrase, say } from '../../ui/say';

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
        next.open === 1
          ? phrase('next.next.nextSentence.because-last-reading-that')
          : phrase('next.next.nextSentence.because-readings-are-open', { open: next.open, end: next.end });
      return {
        action: todo,
        because,
        button:
          next.feature.kind === 'length'
            ? phrase('next.next.nextSentence.button-measure-now')
            : phrase('next.next.nextSentence.button-carry-on'),
      };
    }
    case 'take-in':
      return {
        action: phrase('next.next.nextSentence.action-finish-taking-in'),
        because: phrase('next.next.nextSentence.because-still-open', { open: next.open.map(say).join(', ') }),
        button: phrase('next.next.nextSentence.button-take-in'),
      };
    case 'refused':
      return {
        action: phrase('next.next.nextSentence.action-refused-look-at', { end: next.end, other: next.other }),
        because: phrase('next.next.nextSentence.because-carbon-takes-no'),
        button: phrase('next.next.nextSentence.button-look-at-end', { other: next.other }),
      };
    case 'choose-wheel':
      return {
        action: phrase('next.next.nextSentence.action-choose-kit'),
        because: phrase('next.next.nextSentence.because-end-measured', { end: next.end }),
        button: phrase('next.next.nextSentence.button-see-kits'),
      };
    case 'buy':
      return {
        action: phrase('next.next.nextSentence.action-get', { purchase: purchaseWords(next.purchase) }),
        because: say(next.because),
        button: phrase('next.next.nextSentence.button-see-fit'),
      };
    case 'stopped':
      return {
        action: next.finding.remedies[0]
          ? say(next.finding.remedies[0]).replace(/\.$/, '')
          : phrase('next.next.nextSentence.action-does-not-go', { wheelCode: next.wheelCode }),
        because: say(next.finding.because),
        button: phrase('next.next.nextSentence.button-see-why'),
      };
    case 'accept': {
      const file =
        next.fileMm > 0
          ? phrase('next.next.nextSentence.file-file', {
              fileMm: mm(next.fileMm),
              isTwoArms: next.twoArms ? 'yes' : 'no',
            })
          : null;
      return {
        action: file ?? phrase('next.next.nextSentence.action-look-at-washers'),
        because:
          next.onWordOf !== undefined
            ? phrase('next.next.nextSentence.because-goes-in-on', {
                wheelCode: next.wheelCode,
                onWordOf: next.onWordOf,
              })
            : next.verdict === 'goes'
              ? phrase('next.next.nextSentence.because-axle-goes-in', { wheelCode: next.wheelCode })
              : phrase('next.next.nextSentence.because-goes-in-after', { wheelCode: next.wheelCode }),
        button: phrase('next.next.nextSentence.button-see-fit'),
      };
    }
    case 'fit':
      return {
        action: phrase('next.next.nextSentence.action-put-washers-in'),
        because: phrase('next.next.nextSentence.because-left-and-right', {
          left: next.left.length,
          right: next.right.length,
          wheelCode: next.wheelCode,
        }),
        button: phrase('next.next.nextSentence.button-see-stack'),
      };
    case 'awaited':
      return {
        action:
          next.count === 1
            ? phrase('next.next.nextSentence.action-waiting-for', { what: next.what })
            : phrase('next.next.nextSentence.action-waiting-for-and', { what: next.what, count: next.count - 1 }),
        because: phrase('next.next.nextSentence.because-ordered-and-not'),
        button: phrase('next.next.nextSentence.button-see-order'),
      };
    case 'stand':
      return {
        action: say(next.title),
        because:
          next.waits === 'problem'
            ? phrase('next.next.nextSentence.because-something-wrong-here', { at: next.at, of: next.of })
            : next.waits === 'second-person'
              ? phrase('next.next.nextSentence.because-done-second-person', { at: next.at, of: next.of })
              : phrase('next.next.nextSentence.because-step-at-stand', {
                  at: next.at,
                  of: next.of,
                  wheelCode: next.wheelCode,
                }),
        button:
          next.done === 0
            ? phrase('next.next.nextSentence.button-begin-at-stand')
            : phrase('next.next.nextSentence.button-go-on-at'),
      };
    case 'care':
      return {
        action: phrase('next.next.nextSentence.action-in-care-re'),
        because: phrase('next.next.nextSentence.because-was-handed-over', {
          wheelCode: next.wheelCode,
          it: dateText(new Date(next.since), 'd MMM yyyy'),
        }),
        button: phrase('next.next.nextSentence.button-see-job'),
      };
  }
}

const kinds: Record<Purchase['kind'], [one: string, more: string]> = {
  plain: [phrase('next.next.kinds.plain-washer'), phrase('next.next.kinds.plain-washers')],
  tabbed: [phrase('next.next.kinds.tabbed-tabbed-washer'), phrase('next.next.kinds.tabbed-tabbed-washers')],
  'rotor-shim': [phrase('next.next.kinds.rotor-shim-rotor-shim'), phrase('next.next.kinds.rotor-shim-rotor-shims')],
  'caliper-shim': [
    phrase('next.next.kinds.caliper-shim-caliper-shim'),
    phrase('next.next.kinds.caliper-shim-caliper-shims'),
  ],
};

/** A purchase in words, such as "1 washer 5 mm and 2 tabbed washers 3 mm". */
export function purchaseWords(purchase: readonly Purchase[]): string {
  return purchase
    .map(({ kind, thicknessMm, count }) => `${count} ${kinds[kind][count === 1 ? 0 : 1]} ${mm(thicknessMm)}`)
    .join(phrase('next.next.purchaseWords-and'));
}
