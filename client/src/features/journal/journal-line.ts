import { featureById } from '@cricket/core/features';
import { say, within } from '../../ui/say';
import type { JournalRow } from '@cricket/contract/shapes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { spotOf, type IrreversibleSpot } from '@cricket/core/job-events';
import { toldBetween } from '@cricket/core/told';
import type { Place } from '@cricket/core/model';

import { findingTitle } from '../../job/findings/finding-titles';
import { answerName, featureWords } from '../../job/reading/feature-words';
import { toldNames } from '../../job/told/told-names';
import { words as shared } from '../../ui/words';
import { words } from './words';
import { words as stepWords } from '../../job/steps/words';

export type JournalGroup = keyof typeof words.groups;

/** Which of the groups a row belongs to. */
export function groupOf({ action }: Pick<JournalRow, 'action'>): JournalGroup {
  if (action.startsWith('reading')) return 'reading';
  if (action.startsWith('event')) return 'event';
  if (action.startsWith('photo')) return 'photo';
  return 'other';
}

/**
 * What happened, in a few words.
 *
 * @param titles - what the steps of this bike's plan are called, by id
 */
export function saysOf(
  { action, after, before }: Pick<JournalRow, 'action' | 'after' | 'before'>,
  titles: ReadonlyMap<string, string> = new Map(),
): string {
  if (action === 'taken-in') return [words.actions[action]!, toldAnew(before, after)].filter(Boolean).join(': ');
  const what = (after ?? before ?? {}) as Record<string, unknown>;
  const data = (what['data'] ?? what) as Record<string, unknown>;
  const text = (name: string) => {
    const value = data[name];
    return typeof value === 'string' && value !== '' ? value : undefined;
  };
  const named = (name: string, say: (value: string) => string) => {
    const value = text(name);
    return value === undefined ? undefined : say(value);
  };
  const feature = text('feature');
  const valueMm = data['valueMm'];
  const parts = [
    // Rows from before there were places say which end.
    named('end', (end) => words.ends[end] ?? end),
    placeSaid(what['place']),
    named('feature', (id) => toldNames[id] ?? within(featureWords(id).title)),
    named('stepId', (id) => titles.get(id) ?? stepName(id)),
    named('how', (how) => stepWords.endings[how] ?? how),
    typeof valueMm === 'number' ? `${valueMm} mm` : undefined,
    named('word', (word) => (feature ? answerName(feature, word) : word)),
    named('findingId', (id) => within(findingTitle(id))),
    named('about', (id) => titles.get(id) ?? (featureById(id) ? within(featureWords(id).title) : stepName(id))),
    named('what', (kind) => words.irreversible[kind] ?? kind),
    text('where') && say(spotOf(data as { where: string; spot?: IrreversibleSpot })),
    text('words'),
    text('because'),
    named('state', (state) => words.orderStates[state] ?? state),
    text('name'),
  ].filter((part) => part !== undefined);
  return [words.actions[action] ?? readable(action), parts.join(' · ')].filter(Boolean).join(': ');
}

/** What a take-in has told that was not known, or known otherwise. */
function toldAnew(before: unknown, after: unknown): string {
  const told = toldBetween((before ?? {}) as BikeFacts, (after ?? {}) as BikeFacts);
  return told.map(({ feature }) => toldNames[feature]).join(', ');
}

/** Where it was, unless it was the whole bike. */
function placeSaid(place: unknown): string | undefined {
  if (typeof place !== 'string' || place === 'bike') return undefined;
  return shared.places[place as Place] ? within(shared.places[place as Place]) : readable(place);
}

/** A step that the plan no longer has, told by its id: "axle-tight.front" is "axle tight, front". */
function stepName(id: string): string {
  const [head = id, ...rest] = id.split('.');
  return [head, ...rest].map(readable).join(', ');
}

function readable(code: string): string {
  return code.replaceAll('-', ' ');
}
