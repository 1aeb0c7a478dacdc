import { useState } from 'react';

/**
 * One thing of a list as it was when its page was opened, by its name; a new one where none is given. What has just been kept is
 * not in its own way.
 */
export function useOneOf<T extends { id: string }>(list: readonly T[], id: string | undefined) {
  const [items] = useState(list);
  const index = id === undefined ? items.length : items.findIndex((each) => each.id === id);
  const others = items.filter((_, at) => at !== index);
  return {
    item: items[index] as T | undefined,
    /** It was taken off the list meanwhile. */
    isGone: index < 0,
    others,
    taken: others.map((each) => each.id),
    with: (item: T): T[] => [...items.slice(0, index), item, ...items.slice(index + 1)],
  };
}
