type Plain = Readonly<Record<string, unknown>>;

/** What differs, field by field; null where nothing does. */
export function changesOf(before: Plain, now: Plain): Plain | null {
  const changed = Object.entries(now).flatMap(([name, value]): [string, unknown][] => {
    const was = before[name];
    if (isPlain(value) && isPlain(was)) {
      const inner = changesOf(was, value);
      return inner ? [[name, inner]] : [];
    }
    return value === was ? [] : [[name, value]];
  });
  return changed.length > 0 ? Object.fromEntries(changed) : null;
}

/** The same with what was changed laid over it; fields that there are no longer are left out. */
export function withChanges<T extends Plain>(before: T, changes: Plain): T {
  const fields = Object.entries(before).map(([name, was]) => {
    const change = changes[name];
    if (change === undefined) return [name, was];
    if (isPlain(was)) return [name, isPlain(change) ? withChanges(was, change) : was];
    return [name, change];
  });
  return Object.fromEntries(fields) as T;
}

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
