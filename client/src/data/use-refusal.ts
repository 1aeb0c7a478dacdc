import { useState } from 'react';

import type { Outcome } from './outbox';
import { outbox } from './shared-outbox';

/**
 * What the server said no to, for a form that shows it itself: the refused write then leaves the outbox.
 *
 * @typeParam T - what a version conflict brings along as stored now
 */
export function useRefusal<T>() {
  const [messages, setMessages] = useState<string[]>([]);
  const [conflict, setConflict] = useState<T | null>(null);
  return {
    messages,
    conflict,
    /** Takes the outcome of a write; returns what is stored now when versions conflict. */
    settle: async (outcome: Outcome): Promise<T | null> => {
      if (outcome.kind !== 'refused') {
        setMessages([]);
        setConflict(null);
        return null;
      }
      const { problem } = outcome;
      for (const { seq, refused } of outbox.snapshot().writes) {
        if (refused === problem || JSON.stringify(refused) === JSON.stringify(problem)) await outbox.discard(seq);
      }
      const current = problem.code === 'version-conflict' ? (problem.current as T) : null;
      const fields = problem.errors.flatMap(({ path, messages: told }) => told.map((message) => `${path}: ${message}`));
      setMessages([problem.title, ...fields]);
      setConflict(current);
      return current;
    },
    clear: () => {
      setMessages([]);
      setConflict(null);
    },
  };
}
