import { useCallback, useLayoutEffect, useRef, useState } from 'react';

import { loadDraft, saveDraft } from './draft';

/** Longest entry that makes sense: a caliper sends at most eight characters. */
const longest = 12;

/**
 * What is being typed, by keypad, by keyboard or by a caliper that types, and by pasting. Enter accepts.
 *
 * @param place - names the reading, so that the draft of another one is not taken
 * @param onAccept - called with the text on Enter
 */
export function useTyped(place: string, onAccept: (text: string) => void) {
  const [text, setText] = useState(() => loadDraft(place));
  const latest = useRef({ text, onAccept });
  // Before the page is painted: a caliper's first digit may follow the last Enter at once.
  useLayoutEffect(() => {
    latest.current = { text, onAccept };
  });
  const change = useCallback(
    (next: string) => {
      // A caliper types faster than the page draws: the next digit must see this one.
      latest.current.text = next;
      saveDraft(place, next);
      setText(next);
    },
    [place],
  );
  const press = useCallback(
    (key: string) => {
      const before = latest.current.text;
      if (key === 'erase') change(before.slice(0, -1));
      else if (key === '±') change(before.startsWith('-') ? before.slice(1) : `-${before}`);
      else if (before.length < longest) change(before + key);
    },
    [change],
  );
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (event.ctrlKey || event.metaKey || event.altKey || target?.matches('input, textarea')) return;
      if (event.key === 'Enter') {
        // On a button Enter presses that button, unless something is typed: then it is the caliper's.
        if (latest.current.text === '' && target?.matches('button, a, [role]')) return;
        event.preventDefault();
        event.stopPropagation();
        latest.current.onAccept(latest.current.text);
      } else if (event.key === 'Backspace') press('erase');
      else if (event.key.length === 1 && event.key !== ' ') press(event.key);
    };
    const onPaste = (event: ClipboardEvent) =>
      change((event.clipboardData?.getData('text') ?? '').trim().slice(0, longest));
    window.addEventListener('keydown', onKey, true);
    window.addEventListener('paste', onPaste);
    return () => {
      window.removeEventListener('keydown', onKey, true);
      window.removeEventListener('paste', onPaste);
    };
  }, [press, change]);
  return { text, press, change };
}
