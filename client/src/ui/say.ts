import type { Language, Said } from '@cricket/core/said';
import type { Params, Speaker } from '@cricket/words';

let speaker: Speaker | null = null;

/** From now on the page speaks like this. */
export function speakAs(next: Speaker): void {
  speaker = next;
}

/** The language that this page has begun in; null before. */
export function spokenNow(): Language | null {
  return speaker?.language ?? null;
}

/** Who speaks on this page. */
export function speaking(): Speaker {
  if (!speaker) throw new Error('nothing is said before the words are there');
  return speaker;
}

/** What core only names, in the words of this page. */
export function say(told: Said | string): string {
  return speaking().say(told);
}

/** What the page says of itself. */
export function phrase(code: string, params?: Params): string {
  return speaking().message(code, params);
}

/** A title as it stands within a sentence. */
export function within(text: string): string {
  return speaking().within(text);
}
