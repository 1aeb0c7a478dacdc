import { axleStack } from '../src/axle-stack';
import { identifyStandard } from '../src/identify-standard';
import { readingStatistics } from '../src/reading-statistics';
import { slotFit } from '../src/slot-fit';

/** A calculator as the shell sees it. */
export interface Calculator {
  /** What it answers, in one line. */
  answers: string;
  /** An input that works. */
  example: unknown;
  run: (input: never) => unknown;
}

/** Every calculator by its name. */
export const calculators: Record<string, Calculator> = {
  'identify-standard': {
    answers: 'Which standard size is a reading near?',
    example: { feature: 'front-spacing', valueMm: 99.8 },
    run: identifyStandard,
  },
  'reading-statistics': {
    answers: 'What do repeated readings at one place say together?',
    example: { instrument: 'calipers', valuesMm: [9.58, 9.6, 9.56] },
    run: readingStatistics,
  },
  'slot-fit': {
    answers: 'Does this axle sit in this dropout, and how?',
    example: {
      axle: { threadMm: 12, flatsMm: 10 },
      side: {
        kind: 'open',
        slotMinMm: 10.05,
        slotMaxMm: 10.1,
        depthMm: 14,
        plateMm: 5,
        material: 'steel',
        oldAxleMm: 9,
      },
    },
    run: slotFit,
  },
  'axle-stack': {
    answers: 'Which washers go where on the axle?',
    example: {
      spacingMm: 100,
      material: 'steel',
      plateMm: { left: 5, right: 5 },
      hub: { shoulderWidthMm: 96, rimOffsetMm: 0, axleMm: { left: 40, right: 40 }, threadMm: 12 },
      outside: { left: [], right: [] },
      nutMm: 9,
      tabs: { left: false, right: false },
      washers: [{ id: 'w2', kind: 'plain', thicknessMm: 2, count: 4 }],
      rotorShims: [],
    },
    run: axleStack,
  },
};
