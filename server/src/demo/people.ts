import type { Role } from '@cricket/contract/shapes';

import { demoId } from './demo-id';

/** The invented people of the demo shop. They have no password: a visitor becomes one of them by choosing a role. */
export const demoPeople: readonly { role: Role; name: string; number: number; pin: string }[] = [
  { role: 'owner', name: 'Hesper', number: 1, pin: '4610' },
  { role: 'installer', name: 'Wren', number: 2, pin: '4620' },
  { role: 'learner', name: 'Tolly', number: 3, pin: '4630' },
];

/** The demo shop's person of a role. */
export function demoPersonId(role: Role): string {
  return demoId(12, demoPeople.find((person) => person.role === role)!.number);
}
