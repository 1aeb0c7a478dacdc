import type { Said } from '../said';
import { openAtTakeIn } from '../take-in-open';
import type { Purchase } from '../axle-stack';
import { endFacts, openFeatures, type EndFacts, type Reading } from '../end-facts';
import { emptyBikeFacts, type BikeFacts } from '../bike-facts';
import { chosenWheelId, latest, type Choice } from '../choices';
import { fitOfRecord, type FitInput, type FitReport } from '../fit';
import { isCarbon, type Feature } from '../features';
import type { JobEvent } from '../job-events';
import type { LimitsInput } from '../limits';
import { axleAt, type End, type Place } from '../model';
import type { LoggedMinutes, SecondLooks } from '../procedure';
import { overridesOf } from '../overrides';
import type { LoosePart, StoreItem, Wheel } from '../parts';
import { storesFor, type TakenParts } from '../stock';
import type { Finding, Verdict } from '../verdict';
import { handedOverAt } from './handed-over';

/** An accepted stack as far as the next action depends on it. */
export interface AcceptedStack {
  place: Place;
  wheelId: string;
  acceptedAt: string;
  /** From the hub outwards. */
  left: string[];
  right: string[];
  rotorShimMm: number;
  caliperShimMm: number;
}

export interface BikeRecord {
  readings: readonly Reading[];
  choices: readonly Choice[];
  stacks: readonly AcceptedStack[];
  /** What lies with this bike and came out of the stores; nothing when left out. */
  taken?: readonly TakenParts[];
  /** What take-in has recorded; nothing yet when left out. */
  bike?: BikeFacts;
  /** What else has happened; nothing yet when left out. */
  events?: readonly JobEvent[];
}

/** What the workshop has and how it judges. */
export interface Workshop {
  wheels: readonly Wheel[];
  stores: readonly StoreItem[];
  limits?: LimitsInput;
  tools?: readonly string[];
  /** The shop's own minutes for each step. */
  logged?: Readonly<Record<string, LoggedMinutes>>;
  /** Where a second person's word is asked for; nowhere when left out. */
  secondPerson?: SecondLooks;
}

/** The one thing to do next with a bike. */
export type NextAction =
  | { kind: 'take-in'; end: End; open: Said[] }
  | { kind: 'measure'; end: End; feature: Feature; open: number }
  | { kind: 'refused'; end: End; other: End }
  | { kind: 'choose-wheel'; end: End }
  | { kind: 'buy'; end: End; wheelCode: string; purchase: Purchase[]; because: Said }
  | { kind: 'stopped'; end: End; wheelCode: string; finding: Finding }
  | {
      kind: 'accept';
      end: End;
      wheelCode: string;
      fileMm: number;
      twoArms: boolean;
      verdict: 'goes' | 'work';
      /** On whose word it goes against a `stop`; left out where nothing is overridden. */
      onWordOf?: string;
    }
  | { kind: 'fit'; end: End; wheelCode: string; left: string[]; right: string[] }
  /** Ordered, and not here yet. */
  | { kind: 'awaited'; end: End; wheelCode: string; what: string; count: number }
  /** The step in hand at the stand: the `at`-th of `of`. */
  | {
      kind: 'stand';
      end: End;
      wheelCode: string;
      stepId: string;
      title: Said;
      at: number;
      of: number;
      done: number;
      waits: 'problem' | 'second-person' | null;
    }
  /** Back with its rider since then. */
  | { kind: 'care'; end: End; wheelCode: string; since: string };

/** Where one end stands: for the bike map and the lists. */
export interface EndState {
  end: End;
  facts: EndFacts;
  wheel: Wheel | null;
  /** What the fit was asked, and what it answers; null without a wheel. */
  fitInput: FitInput | null;
  fit: FitReport | null;
  accepted: AcceptedStack | null;
  next: NextAction;
}

/**
 * Where one end of a bike stands, and what to do next there.
 *
 * @param record - readings, choices and accepted stacks of the bike
 * @param end - which end
 * @param workshop - catalogue, stores, limits and tools
 */
export function endState(record: BikeRecord, end: End, workshop: Workshop): EndState {
  const { wheels, stores, limits, tools, logged, secondPerson } = workshop;
  const bike = record.bike ?? emptyBikeFacts;
  const facts = endFacts(end, record.readings);
  const wheelId = chosenWheelId(record.choices, end);
  const wheel = wheels.find(({ id }) => id === wheelId) ?? null;
  const accepted = latest(
    record.stacks.filter((item) => item.place === axleAt(end) && item.wheelId === wheel?.id),
    ({ acceptedAt }) => acceptedAt,
  );
  const fitInput: FitInput | null = wheel && {
    facts,
    bike,
    wheel,
    stores: storesFor(stores, record.taken ?? [], axleAt(end)),
    delivered: deliveredParts(facts),
    ...(limits && { limits }),
    ...(tools && { tools }),
    ...(logged && { logged }),
    ...(secondPerson && { secondPerson }),
    ...(accepted && { taken: accepted }),
    overrides: overridesOf(record.events ?? [], end, wheel.id, record.choices),
  };
  const fit = fitInput && fitOfRecord(fitInput);
  return {
    end,
    facts,
    wheel,
    fitInput,
    fit,
    accepted,
    next: nextAt(facts, bike, wheel, fit, accepted, record.events ?? []),
  };
}

function nextAt(
  facts: EndFacts,
  bike: BikeFacts,
  wheel: Wheel | null,
  fit: FitReport | null,
  accepted: AcceptedStack | null,
  events: readonly JobEvent[],
): NextAction {
  const { end } = facts;
  if (isCarbon(facts)) return { kind: 'refused', end, other: end === 'front' ? 'rear' : 'front' };
  const open = openFeatures(facts);
  const asked = openAtTakeIn(bike, end);
  // Take-in comes first, but nobody is called away from the stand in the middle of measuring.
  if (asked.length > 0 && (!facts.begun || open.length === 0)) return { kind: 'take-in', end, open: asked };
  if (open[0]) return { kind: 'measure', end, feature: open[0], open: open.length };
  if (!wheel || !fit) return { kind: 'choose-wheel', end };
  const wheelCode = wheel.code;
  const stop = fit.findings.find(({ verdict }) => verdict === 'stop' || verdict === 'unknown');
  const impossible = fit.stack?.impossible;
  // A wheel that is refused for another reason is not worth buying washers for.
  const onlyWashers = fit.findings.every(({ verdict, id }) => verdict !== 'stop' || id === impossible?.limit);
  if (impossible?.purchase && onlyWashers) {
    return { kind: 'buy', end, wheelCode, purchase: impossible.purchase, because: impossible.because };
  }
  if (stop) return { kind: 'stopped', end, wheelCode, finding: stop };
  const since = accepted && handedOverAt(events, accepted.acceptedAt);
  if (since) return { kind: 'care', end, wheelCode, since };
  if (accepted) return { kind: 'fit', end, wheelCode, left: accepted.left, right: accepted.right };
  const fileMm = Math.max(fit.slots.left.fileMm ?? 0, fit.slots.right.fileMm ?? 0);
  const verdict = fit.verdict === 'goes' ? 'goes' : 'work';
  const word = fit.findings.find(({ overridden }) => overridden)?.overridden?.person;
  return { kind: 'accept', end, wheelCode, fileMm, twoArms: fit.twoArms, verdict, ...(word && { onWordOf: word }) };
}

/** How an end stands, in one word for every page: what its fit says; `unknown` while there is none. */
export function endVerdict({ next, fit }: Pick<EndState, 'next' | 'fit'>): Verdict {
  return next.kind === 'refused' ? 'stop' : (fit?.verdict ?? 'unknown');
}

/** What came with the kit, where it was recorded on arrival; null where nobody has. */
export function deliveredParts(facts: EndFacts): { left: LoosePart[]; right: LoosePart[] } | null {
  const left = facts.parts.get('washers-delivered.left');
  const right = facts.parts.get('washers-delivered.right');
  return left || right ? { left: left ?? [], right: right ?? [] } : null;
}
