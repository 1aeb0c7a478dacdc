import { verdictWords } from '../../ui/mark';
import type { MatchLine } from '../../workers/match-line';
import { words } from './words';

/** What a kit's verdict is called: as long as something besides its axle is open or stops, it is that of the axle alone. */
export function verdictName({ verdict, couldStop, room }: Pick<MatchLine, 'verdict' | 'couldStop' | 'room'>): string {
  if (couldStop) return words.mayGo;
  const isOpen = room.some((each) => each.verdict === 'unknown' || each.verdict === 'stop');
  const isGoing = verdict === 'goes' || verdict === 'work';
  return isOpen && isGoing ? words.atAxle(verdictWords[verdict]) : verdictWords[verdict];
}
