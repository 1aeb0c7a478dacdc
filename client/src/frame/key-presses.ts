/** Roles that Space presses, as it does a button; the platform's own pressables leave it to the browser, which has no such thing. */
const spaced = '[role="radio"], [role="checkbox"], [role="switch"]';

/**
 * Space presses what is ticked or chosen; arrows go round a group of answers. Where an answer is recorded as it is chosen
 * (`data-recorded`), arrows only go there, and Space or Enter gives it.
 *
 * @returns ends it
 */
export function listenToKeys(on: Document): () => void {
  const onKey = (event: KeyboardEvent) => {
    const target = event.target as HTMLElement | null;
    if (!target || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === ' ' && target.matches(spaced)) {
      event.preventDefault();
      if (target.getAttribute('aria-disabled') !== 'true') target.click();
      return;
    }
    const step = steps[event.key];
    if (step === undefined || !target.matches('[role="radio"]')) return;
    const group = target.closest<HTMLElement>('[role="radiogroup"]');
    if (!group) return;
    const radios = [...group.querySelectorAll<HTMLElement>('[role="radio"]')];
    const next = radios[(radios.indexOf(target) + step + radios.length) % radios.length]!;
    event.preventDefault();
    event.stopPropagation();
    next.focus();
    if (group.dataset['recorded'] === undefined) next.click();
  };
  on.addEventListener('keydown', onKey, true);
  return () => on.removeEventListener('keydown', onKey, true);
}

const steps: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
