import { barQuestion, notOnBar, withKit } from '../bar-question';
import { bayOfBike, type BayOfBike } from '../bay-question';
import type { BikeFacts } from '../bike-facts';
import type { BrakeLeversResult } from '../brake-levers';
import type { ConnectionsResult } from '../connections';
import { answerCables, cableQuestion } from '../cable-question';
import type { CableRunsResult } from '../cable-runs';
import { controllers } from '../controllers';
import { handlebar, holdsEvery, laidByHand, type HandlebarResult } from '../handlebar';
import type { KitFacts } from '../kit';
import { leversOfBike } from '../lever-question';
import { pedalSensor } from '../pedal-sensor';
import type { PowerPathResult } from '../power-path';
import { powerOfBike } from '../power-question';
import { racks } from '../racks';
import { told, type Finding, type Verdict } from '../verdict';
import { wiringOfBike } from '../wiring-question';

interface Judged {
  verdict: Verdict;
  findings: Finding[];
}

/** Every station answered by itself; null where it is not written down. */
export interface Answers {
  bar: HandlebarResult | null;
  levers: BrakeLeversResult | null;
  cranks: Judged | null;
  bay: Judged | null;
  rack: Judged | null;
  controller: Judged | null;
  power: (Judged & Pick<Partial<PowerPathResult>, 'fuseA'>) | null;
  cables: CableRunsResult | null;
  wiring: (Judged & Partial<Pick<ConnectionsResult, 'missing'>>) | null;
  /** The battery in its frame, where tubes and pack are measured. */
  opened: Extract<BayOfBike, { kind: 'open' }> | null;
}

export function answersOf(facts: BikeFacts, kits: readonly KitFacts[]): Answers {
  const bay = bayOfBike(facts);
  const opened = bay.kind === 'open' ? bay : null;
  const laidAt = facts.bay?.at?.fromMm;
  const power = powerOfBike(facts, kits);
  const wiring = wiringOfBike(facts);
  return {
    bar: barOf(facts, kits),
    levers: leversOfBike(facts, kits),
    cranks: facts.cranks ? pedalSensor(facts.cranks) : null,
    bay:
      bay.kind === 'no-frame'
        ? contradiction('the tubes do not meet')
        : opened && (laidAt === undefined ? opened.result : opened.laidAt(laidAt)),
    rack: facts.rack ? racks(facts.rack) : null,
    controller: facts.controller ? controllers(facts.controller) : null,
    power: power.kind === 'contradiction' ? contradiction(power.because) : power.kind === 'open' ? power.result : null,
    cables: cablesOf(facts),
    wiring:
      wiring.kind === 'contradiction' ? contradiction(wiring.because) : wiring.kind === 'open' ? wiring.result : null,
    opened,
  };
}

function barOf(facts: BikeFacts, kits: readonly KitFacts[]): HandlebarResult | null {
  const question = barQuestion(facts);
  if (!question) return null;
  const result = handlebar(question);
  const order = facts.bar?.order;
  // An order of one's own is what is built: its verdict counts, not that of the best.
  const own = order && holdsEvery(order, question.parts) ? laidByHand(question, order) : null;
  return withKit(own ? { ...result, verdict: own.verdict, findings: own.findings } : result, notOnBar(facts, kits));
}

function cablesOf(facts: BikeFacts): CableRunsResult | null {
  const question = cableQuestion(facts);
  if (Array.isArray(question)) return null;
  const { result, contradiction: because } = answerCables(question);
  return result ?? { ...contradiction(because!), cables: [] };
}

function contradiction(because: string): Judged {
  return {
    verdict: 'unknown',
    findings: [
      told('contradiction', 'unknown', `What is written down contradicts itself: ${because}.`, [
        'Put it right on its page.',
      ]),
    ],
  };
}
