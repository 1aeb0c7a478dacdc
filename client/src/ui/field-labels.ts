import { useEffect } from 'react';

const labels = new WeakMap<object, Map<string, string>>();

/** Notes what a field of a form is called, for whoever speaks of it elsewhere on the page. */
export function useFieldLabel(form: object, name: string, label: string): void {
  useEffect(() => {
    let known = labels.get(form);
    if (!known) labels.set(form, (known = new Map()));
    known.set(name, label);
    return () => void known.delete(name);
  }, [form, name, label]);
}

/** What the fields that are on the page are called, from the first to the last. */
export function fieldLabels(form: object): ReadonlyMap<string, string> {
  return labels.get(form) ?? new Map();
}

/** Brings a field into sight, with the cursor in it or on its first answer. */
export function goToField(name: string): void {
  const field = document.querySelector<HTMLElement>(`[data-testid="field-${CSS.escape(name)}"]`);
  field?.scrollIntoView({ block: 'center' });
  const answer = field?.matches('input, textarea') ? field : field?.querySelector<HTMLElement>('[role="radio"]');
  answer?.focus({ preventScroll: true });
}
