import type { JournalRow } from '@cricket/contract/shapes';

import { words } from './words';

export type JournalGroup = keyof typeof words.groups;

/** Which of the groups a row belongs to. */
export function groupOf({ action }: Pick<JournalRow, 'action'>): JournalGroup {
  if (action.startsWith('reading')) return 'reading';
  if (action.startsWith('event')) return 'event';
  if (action.startsWith('photo')) return 'photo';
  return 'other';
}

/** What happened, in a few words. */
export function saysOf({ action, after, before }: Pick<JournalRow, 'action' | 'after' | 'before'>): string {
  const what = (after ?? before ?? {}) as Record<string, unknown>;
  const data = (what['data'] ?? what) as Record<string, unknown>;
  const parts = [
    data['end'],
    data['feature'],
    data['stepId'],
    data['how'],
    data['valueMm'] === null || data['valueMm'] === undefined ? undefined : `${String(data['valueMm'])} mm`,
    data['word'],
    data['findingId'],
    data['about'],
    data['what'],
    data['where'],
    data['words'],
    data['because'],
    data['state'],
    data['name'],
  ].filter((part): part is string => typeof part === 'string' && part !== '');
  return [words.actions[action] ?? action, parts.join(' ')].filter(Boolean).join(': ');
}
