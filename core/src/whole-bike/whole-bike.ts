import type { BikeFacts } from '../bike-facts';
import type { KitFacts } from '../kit';
import { worstFirst, worstOf, type Verdict } from '../verdict';
import { roomStations, type WholeBike } from './contract';
import { jointFindings } from './joint';
import { answersOf } from './stations';
import { toGet } from './to-get';

/**
 * Everything besides the axles that competes for room on one bike: each station by itself, and where two want the same thing.
 *
 * @param kits - the kits that are chosen for it
 * @returns what is not written down yet without a verdict; nothing goes as long as nothing is written down
 */
export function wholeBike(facts: BikeFacts, kits: readonly KitFacts[]): WholeBike {
  const answers = answersOf(facts, kits);
  const joint = worstFirst(jointFindings(facts, answers));
  const stations = roomStations.map((station) => {
    const answer = answers[station];
    return {
      station,
      verdict: answer?.verdict ?? null,
      open: (answer?.findings ?? []).filter(({ verdict }) => verdict !== 'goes'),
    };
  });
  const verdicts = [...stations.map(({ verdict }) => verdict), ...joint.map(({ verdict }) => verdict)];
  return {
    verdict: worstOf(verdicts.filter((verdict): verdict is Verdict => verdict !== null)),
    stations,
    joint,
    toGet: toGet(facts, answers),
  };
}
