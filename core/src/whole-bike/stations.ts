import { said, type Said } from '../said';
import { barQuestion, notOnBar, withKit } from '../bar-question';
import { bayOfBike, type BayOfBike } from '../bay-question';
import type { BikeFacts } from '../bike-facts';
import type { BrakeLeversResult } from '../brake-levers';
import type { ConnectionsResult } from '../connections';
import { answerCables, cableQuestion } from '../cable-question';
import type { CableRunsResult } from '../cable-runs';
import { controllerOfBike } from '../box-place';
import { handlebar, holdsEvery, laidByHand, type HandlebarResult } from '../handlebar';
import type { KitFacts } from '../kit';
import type { RoomStation } from './contract';
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

/** Each station by itself. */
export const answering: {
  [Station in RoomStation]: (facts: BikeFacts, kits: readonly KitFacts[]) => Answers[Station];
} = {
  bar: barOf,
  levers: leversOfBike,
  cranks: ({ cranks }) => (cranks ? pedalSensor(cranks) : null),
  bay: (facts) => laid(facts, bayOfBike(facts)),
  rack: ({ rack }) => (rack ? racks(rack) : null),
  controller: (facts) => controllerOfBike(facts),
  power: powerOf,
  cables: cablesOf,
  wiring: wiringOf,
};

export function answersOf(facts: BikeFacts, kits: readonly KitFacts[]): Answers {
  const bay = bayOfBike(facts);
  return {
    bar: answering.bar(facts, kits),
    levers: answering.levers(facts, kits),
    cranks: answering.cranks(facts, kits),
    bay: laid(facts, bay),
    rack: answering.rack(facts, kits),
    controller: answering.controller(facts, kits),
    power: answering.power(facts, kits),
    cables: answering.cables(facts, kits),
    wiring: answering.wiring(facts, kits),
    opened: bay.kind === 'open' ? bay : null,
  };
}

function laid({ bay: { at } = {} }: BikeFacts, bay: BayOfBike): Judged | null {
  if (bay.kind === 'no-frame') return contradiction(said('whole-bike.tubes-do-not-meet'));
  if (bay.kind !== 'open') return null;
  return at?.fromMm === undefined ? bay.result : bay.laidAt(at.fromMm);
}

function powerOf(facts: BikeFacts, kits: readonly KitFacts[]): Answers['power'] {
  const power = powerOfBike(facts, kits);
  if (power.kind === 'contradiction') return contradiction(power.because);
  return power.kind === 'open' ? power.result : null;
}

function wiringOf(facts: BikeFacts): Answers['wiring'] {
  const wiring = wiringOfBike(facts);
  if (wiring.kind === 'contradiction') return contradiction(wiring.because);
  return wiring.kind === 'open' ? wiring.result : null;
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

function contradiction(because: Said): Judged {
  return {
    verdict: 'unknown',
    findings: [
      told('contradiction', 'unknown', said('whole-bike.what-is-written-down-contradicts-itself', { because }), [
        said('whole-bike.put-it-right-on-its-page'),
      ]),
    ],
  };
}
