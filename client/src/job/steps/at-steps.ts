import type { BikeRecord } from '@cricket/contract/shapes';
import { createContext, type ComponentType } from 'react';

/** What a station shows beside a step of the stand: how it is to be built there, as far as it is worked out or taken. */
export type BesideStep = ComponentType<{ record: BikeRecord }>;

/** What one station shows, by the step's id. */
export type AtSteps = Readonly<Record<string, BesideStep>>;

/** What every station shows. The stand knows none of them: whoever puts the page together hands them in. */
export const AtStepsContext = createContext<readonly AtSteps[]>([]);
