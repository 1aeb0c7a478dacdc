const storageKey = 'cricket-draft';

/** What is typed but not kept yet survives a reload: one draft a phone, since one reading is taken at a time. */
export function loadDraft(place: string): string {
  try {
    const draft = JSON.parse(sessionStorage.getItem(storageKey) ?? 'null') as { place: string; text: string } | null;
    return draft?.place === place ? draft.text : '';
  } catch {
    return '';
  }
}

/** Keeps, or with an empty text forgets, the draft. */
export function saveDraft(place: string, text: string): void {
  try {
    if (text) sessionStorage.setItem(storageKey, JSON.stringify({ place, text }));
    else sessionStorage.removeItem(storageKey);
  } catch {
    // Without storage the draft lives as long as the page.
  }
}
