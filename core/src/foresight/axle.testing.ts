import { inventedStores } from '../fit/invented.testing';
import { on, slots, both, lips, cWasher, few, bare, filled, type Surprise } from './cases.testing';

/** Slots, washers, faces: whether the axle sits. */
export const axleSurprises: readonly Surprise[] = [
  {
    number: 1,
    title: 'Slot narrower than the flats',
    cases: [
      on('steel slots of 9.6 mm, flats 10', { lengths: slots(9.6) }, 'slot-width.left', 'work', /File 0.45 mm/),
      on('steel slots of 8.7 mm, flats 10', { lengths: slots(8.7) }, 'slot-width.left', 'stop', /narrower flats/),
    ],
  },
  {
    number: 2,
    title: 'A 9 mm slot in steel at the limit of filing',
    cases: [
      on('steel slots of 9.0 mm: 1.05 of 1.1 mm', { lengths: slots(9) }, 'slot-width.left', 'work', /File 1.05 mm/),
      on(
        'steel slots read as 8.96 mm: too near the limit to tell',
        { lengths: slots(8.96) },
        'slot-width.left',
        'unknown',
        /Measure again/,
      ),
    ],
  },
  {
    number: 3,
    title: 'Round seat: the axle sits high, the slot is too shallow',
    cases: [
      on(
        'round seat, 11 mm deep',
        { words: { seat: 'open-round' }, lengths: both('slot-depth', 11) },
        'slot-depth.left',
        'work',
        /sits 1\.\d+ mm high/,
      ),
      on(
        'round seat, 9 mm deep',
        { words: { seat: 'open-round' }, lengths: both('slot-depth', 9) },
        'slot-depth.left',
        'stop',
      ),
    ],
  },
  {
    number: 4,
    title: 'Axle shift: rim pads and caliper radially off',
    cases: [on('the old axle was 9 mm', { lengths: { 'old-axle': 9 } }, 'axle-shift.left', 'work', /Reset rim pads/)],
  },
  {
    number: 5,
    title: 'Nut or washer would stand on the retaining lip',
    cases: [
      on('lip 20 mm, no C-washer in the stores', lips(20, 1.6), 'lip.left', 'stop', /Get a C-washer/),
      on(
        'lip 20 mm, a C-washer of 19 mm in the stores',
        { ...lips(20, 1.6), stores: [...inventedStores, cWasher] },
        'lip.left',
        'work',
        /Fill the recess/,
      ),
    ],
  },
  {
    number: 6,
    title: 'Hub too narrow, too wide, or impossible with these washers',
    cases: [
      on(
        'spacing 110 mm, only thin washers',
        { lengths: { 'spacing.front': 110, 'spacing.back': 110 }, stores: few([[0.5, 2]]), wheel: { delivered: bare } },
        'pinch',
        'stop',
        /Get \d/,
      ),
      on(
        'spacing 86 mm',
        { lengths: { 'spacing.front': 86, 'spacing.back': 86 } },
        'spread',
        'stop',
        /Take another wheel/,
      ),
    ],
  },
  {
    number: 7,
    title: 'Frame not symmetrical',
    cases: [
      on(
        'the old rim runs 1.5 mm off the dropouts’ middle, two equal washers',
        { lengths: { 'rim-to-dropout.left': 36, 'rim-to-dropout.right': 39 }, stores: few([]), wheel: filled },
        'rim-offset',
        'work',
      ),
    ],
  },
  {
    number: 8,
    title: 'Faces not parallel',
    cases: [
      on(
        'spacing 100.1 in front and 100.6 behind the axle',
        { lengths: { 'spacing.front': 100.1, 'spacing.back': 100.6 } },
        'faces-parallel',
        'work',
        /aligned/,
      ),
    ],
  },
  {
    number: 9,
    title: 'Rim off the middle because of dish',
    cases: [
      on(
        'rim laced 1.5 mm to the right of the hub’s middle, two equal washers',
        { wheel: { ...filled, rimOffsetMm: 1.5 }, stores: few([]) },
        'rim-offset',
        'work',
        /Pull the rim/,
      ),
    ],
  },
];
