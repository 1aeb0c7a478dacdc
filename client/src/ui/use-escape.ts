import { useEffect, useRef } from 'react';

/** What Escape closes: what has opened last, first. */
const open: (() => void)[] = [];

/** On its way down: a text field keeps its keys to itself on their way up. */
function onKey(event: KeyboardEvent): void {
  if (event.key !== 'Escape' || open.length === 0) return;
  event.preventDefault();
  open.at(-1)!();
}

/** Escape closes this while it is open; null while it is not. */
export function useEscape(close: (() => void) | null): void {
  const latest = useRef(close);
  useEffect(() => {
    latest.current = close;
  });
  const isOpen = close !== null;
  useEffect(() => {
    // Without a browser there are no keys.
    if (!isOpen || typeof document === 'undefined') return undefined;
    const closeIt = () => latest.current?.();
    if (open.length === 0) document.addEventListener('keydown', onKey, true);
    open.push(closeIt);
    return () => {
      open.splice(open.indexOf(closeIt), 1);
      if (open.length === 0) document.removeEventListener('keydown', onKey, true);
    };
  }, [isOpen]);
}
