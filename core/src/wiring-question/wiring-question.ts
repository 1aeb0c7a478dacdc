import type { Said } from '../said';
import type { BikeFacts } from '../bike-facts';
import { connections, type ConnectionsInput, type ConnectionsResult } from '../connections';
import { InputError } from '../input';

/** The plugs of one bike and how they meet; or in words what contradicts itself. */
export type WiringOfBike =
  | { kind: 'waiting' }
  | { kind: 'contradiction'; because: Said }
  | { kind: 'open'; input: ConnectionsInput; result: ConnectionsResult };

/** How the plugs of one bike meet, from what is written down of them. */
export function wiringOfBike({ wiring }: BikeFacts): WiringOfBike {
  const { plugs = [], adapters = [], repin = false } = wiring ?? {};
  if (plugs.length < 2) return { kind: 'waiting' };
  const input: ConnectionsInput = { plugs, adapters, repin };
  try {
    return { kind: 'open', input, result: connections(input) };
  } catch (error) {
    if (error instanceof InputError) return { kind: 'contradiction', because: error.says };
    throw error;
  }
}

/** The part that most plugs hang on: in a drawing it stands in the middle. */
export function middleOf(plugs: ConnectionsInput['plugs']): string | null {
  const counts = new Map<string, number>();
  for (const { on } of plugs) counts.set(on, (counts.get(on) ?? 0) + 1);
  const [first] = [...counts].sort(([a, one], [b, other]) => other - one || (a < b ? -1 : 1));
  return first?.[0] ?? null;
}
