import type { Person, Role } from '@cricket/contract/shapes';
import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react-native';
import type { ReactElement } from 'react';

import { keys, queryClient } from '../data/queries';

/** People of an invented shop: an owner, two installers of whom one has no PIN, a learner, and one who has left. */
export const people: readonly Person[] = [
  { id: 'h', name: 'Hesper', role: 'owner', active: true, hasPin: true, version: 1 },
  { id: 'w', name: 'Wren', role: 'installer', active: true, hasPin: true, version: 1 },
  { id: 'o', name: 'Odd', role: 'installer', active: true, hasPin: false, version: 1 },
  { id: 't', name: 'Tolly', role: 'learner', active: true, hasPin: true, version: 1 },
  { id: 'g', name: 'Gale', role: 'installer', active: false, hasPin: true, version: 1 },
];

/** Renders what needs somebody at the phone. */
export function renderAt(name: 'Hesper' | 'Wren' | 'Tolly', element: ReactElement) {
  const { id, role } = people.find((person) => person.name === name)! as { id: string; role: Role };
  queryClient.setDefaultOptions({ queries: { staleTime: Infinity, gcTime: Infinity } });
  queryClient.setQueryData(keys.session, { person: { id, name, role }, empty: false, demo: false });
  queryClient.setQueryData(keys.people, [...people]);
  window.matchMedia = (() => ({ matches: false, addEventListener() {}, removeEventListener() {} })) as never;
  return render(<QueryClientProvider client={queryClient}>{element}</QueryClientProvider>);
}
