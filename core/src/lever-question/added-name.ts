import { asWritten, said, type Said } from '../said';

/** What may be added at a lever, by the codes that {@link leverQuestion} gives: several of one kind are told apart by their number. */
export type AddedKind = 'kit-lever' | 'in-line' | 'at-lever';

export const addedId = (kind: AddedKind, number: number): string => `${kind}-${number}`;

/** What an added lever or switch is called; what an earlier version or somebody else named stays as it was named. */
export function addedName(id: string): Said {
  const [, kind, digits] = /^(kit-lever|in-line|at-lever)-(\d+)$/.exec(id) ?? [];
  const number = Number(digits);
  switch (kind as AddedKind | undefined) {
    case 'kit-lever':
      return said('lever-question.kit-lever', { number });
    case 'in-line':
      return said('lever-question.in-line', { number });
    case 'at-lever':
      return said('lever-question.at-lever', { number });
    case undefined:
      return asWritten(id);
  }
}
