import type { JobEventData } from '@cricket/core/job-events';
import type { WheelTruingInput } from '@cricket/core/wheel-truing';

import { readTyped } from '../../ui/typed-number';

export type TruingReading = 'lateralMm' | 'radialMm' | 'tensionN';

type Spoke = WheelTruingInput['spokes'][number];

/** A round of readings as it is being taken. */
export interface TruingDraft {
  spokes: Spoke[];
  reading: TruingReading;
  /** Which spoke is in hand, from 0. */
  at: number;
  dish: string;
}

const limits: Record<TruingReading, readonly [number, number]> = {
  lateralMm: [-20, 20],
  radialMm: [-20, 20],
  tensionN: [0, 3000],
};

/** Nothing read yet; spokes alternate, the first one to the left of the valve hole. */
export function newTruing(count: number): TruingDraft {
  return {
    spokes: Array.from({ length: count }, (_, at) => ({ side: at % 2 ? 'right' : 'left' })),
    reading: 'lateralMm',
    at: 0,
    dish: '',
  };
}

/** Whether a figure can be a reading of this kind. */
export function plausible(reading: TruingReading, value: number): boolean {
  const [min, max] = limits[reading];
  return value >= min && value <= max;
}

/** Keeps a reading of the spoke in hand and goes to the next; after the last one comes the next kind of reading. */
export function withReading(draft: TruingDraft, value: number): TruingDraft {
  const { reading, at } = draft;
  const spokes = draft.spokes.map((spoke, index) => (index === at ? { ...spoke, [reading]: value } : spoke));
  if (at + 1 < spokes.length) return { ...draft, spokes, at: at + 1 };
  const kinds: TruingReading[] = ['lateralMm', 'radialMm', 'tensionN'];
  const next = kinds.find((kind) => spokes.some((spoke) => spoke[kind] === undefined));
  if (!next) return { ...draft, spokes };
  return { ...draft, spokes, reading: next, at: spokes.findIndex((spoke) => spoke[next] === undefined) };
}

/** The round as it is recorded with the job. */
export function truingData(draft: TruingDraft): JobEventData<'truing'> {
  const dishMm = dishOf(draft.dish);
  return { spokes: draft.spokes, ...(dishMm !== undefined && { dishMm }) };
}

/** The dish as typed; undefined while it is none. */
export function dishOf(text: string): number | undefined {
  const typed = readTyped(text);
  return typed.kind === 'number' && Math.abs(typed.value) <= 30 ? typed.value : undefined;
}
