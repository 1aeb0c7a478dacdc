/** What is being put in and not sent yet survives a closed page: one draft a place. */
export function keptDraft<T>(place: string): T | null {
  try {
    const kept = localStorage.getItem(place);
    return kept === null ? null : (JSON.parse(kept) as T);
  } catch {
    return null;
  }
}

/** Keeps the draft of a place. */
export function keepDraft(place: string, draft: unknown): void {
  try {
    localStorage.setItem(place, JSON.stringify(draft));
  } catch {
    // Then it lasts as long as the page.
  }
}
