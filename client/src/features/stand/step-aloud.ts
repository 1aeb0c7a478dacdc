import type { Step } from '@cricket/core/procedure';
import { inUnits } from '@cricket/core/units';

import { shopUnits } from '../../ui/shop-units';
import { say } from '../../ui/say';

/** Reads the step aloud, where the browser can; a second touch stops it. */
export function stepAloud({ title, why, cautions, checks }: Step): void {
  const speech = window.speechSynthesis as SpeechSynthesis | undefined;
  if (!speech) return;
  if (speech.speaking) {
    speech.cancel();
    return;
  }
  const spoken = checks.flatMap((check) => ('what' in check && check.kind !== 'photo' ? [check.what] : []));
  const sentence = new SpeechSynthesisUtterance(
    inUnits([title, why, ...cautions, ...spoken].map(say).join('. '), shopUnits()),
  );
  sentence.lang = 'en-GB';
  speech.speak(sentence);
}
