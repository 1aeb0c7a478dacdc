import { said } from '@cricket/core/said';
import { Checked, Timestamp, type RuleDecorator } from '@cricket/core/input';

/** How far ahead of the server a phone's clock may run. */
const aheadMs = 5 * 60 * 1000;
/** A phone whose battery was flat begins anew in 1970: no entry is older than this. */
const earliest = Date.UTC(2020, 0, 1);

/** Day, time and zone of something that has happened: not in the future, and not from a clock that was reset. */
export function Moment(): RuleDecorator {
  return Checked(
    Timestamp(),
    (text: string) => Date.parse(text) <= Date.now() + aheadMs && Date.parse(text) >= earliest,
    said('contract.time-that-has-been-from-2020'),
  );
}
