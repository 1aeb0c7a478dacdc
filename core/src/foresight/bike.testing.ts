import { inventedBike } from '../fit/invented.testing';
import { exampleLawClasses } from '../law';
import { on, without, lacing, laced, smallWheel, weakTyre, type Surprise } from './cases.testing';

/** Plug, tyre, lacing, the bike as a whole, law, money. */
export const bikeSurprises: readonly Surprise[] = [
  {
    number: 36,
    title: 'Plug larger than what must pass over it',
    cases: [
      on(
        'plug of 18 mm, an arm on each side',
        {
          kit: { motor: { ratedW: 250, statedNm: 50 } },
          hub: { cable: { diameterMm: 6, plugMm: 18, atRotorBolts: false } },
        },
        'plug',
        'work',
        /before the plug is made up|pins out/,
      ),
    ],
  },
  {
    number: 37,
    title: 'Tyre not for this rim; arrow, valve, pump access, pressure',
    cases: [
      on(
        'the bike’s tyre is for 559 mm, the wheel has 622',
        { lengths: { 'bead-seat': 559, 'tyre-width': 47 } },
        'old-tyre',
        'work',
        /stays with the old wheel/,
      ),
      on(
        'rim brake, a motor wheel of another size',
        { lengths: { 'bead-seat': 559 } },
        'wheel-size',
        'stop',
        /rim pads do not reach/,
      ),
      on('a tyre with an arrow', {}, 'tyre-arrow', 'goes', /arrow forward/, { stores: without('tyre') }),
      on('no tyre for this wheel in the stores', { stores: without('tyre') }, 'tyre', 'work', /Get one/),
      on('a small wheel on a large cover', smallWheel(), 'pump-room', 'work', /angled valve/),
      on(
        'a rim that allows 1.5 bar',
        { kit: { rim: { innerWidthMm: 21, brakeTrack: true, valveHole: 'thick', depthMm: 18, maxBar: 2.1 } } },
        'pressure',
        'work',
        /tyre of at least \d+ mm/,
      ),
    ],
  },
  {
    number: 38,
    title: 'Lacing past the tangent, angle at the rim, one-way lean',
    cases: [
      laced('lead 3 into a small rim', { erdMm: 300, lead: 3 }, 'past-tangent.left', 'stop'),
      laced('lead 1 with a 180 mm flange', {}, 'rim-angle.left', 'work'),
      laced(
        'one-way, both flanges leaning alike',
        { pattern: 'oneway', left: { ...lacing.left, lean: 1 }, right: { ...lacing.right, lean: 1 } },
        'lean',
        'stop',
      ),
    ],
  },
  {
    number: 39,
    title: 'Coaster, drum or gear hub lost',
    cases: [
      on(
        'coaster hub at the rear',
        { end: 'rear', words: { 'old-hub': 'coaster' } },
        'hub-lost',
        'work',
        /another rear brake/,
        { end: 'rear' },
      ),
      on('gear hub at the rear', { end: 'rear', words: { 'old-hub': 'gear-hub' } }, 'hub-lost', 'work', /derailleur/, {
        end: 'rear',
      }),
    ],
  },
  {
    number: 40,
    title: 'Brakes too weak for the new speed and mass',
    cases: [
      on('rim brakes down 14 %', { bike: { descentPercent: 14 } }, 'descent-heat', 'stop', /Ride that grade at \d+ km/),
      on('45 km/h with rim brakes', { kit: { assistedKmh: 45 } }, 'discs-both', 'work', /both ends/),
    ],
  },
  {
    number: 41,
    title: 'The front wheel will spin on this climb',
    cases: [
      on(
        '14 % on loose ground',
        { bike: { surface: 'loose', climb: { gradePercent: 14, minutes: 5, speedKmh: 9 } } },
        'traction',
        'work',
        /it will spin/,
      ),
    ],
  },
  {
    number: 42,
    title: 'The hub overheats on this climb',
    cases: [
      on(
        '12 % for twenty minutes at 9 km/h',
        { bike: { climb: { gradePercent: 12, minutes: 20, speedKmh: 9 } } },
        'hub-heat',
        'stop',
        /the winding is at/,
      ),
    ],
  },
  {
    number: 43,
    title: 'Rack, kickstand and tyre ratings',
    cases: [
      on(
        '27 kg on a rack for 20',
        { bike: { ratings: [{ part: 'rack', ratedKg: 20, loadKg: 27 }] } },
        'rating.rack',
        'stop',
        /made for it/,
      ),
      on(
        'a kickstand of unknown rating',
        { bike: { ratings: [{ part: 'kickstand', loadKg: 30 }] } },
        'rating.kickstand',
        'unknown',
      ),
      on('the only tyre carries 30 kg', { stores: [...without('tyre'), weakTyre()] }, 'tyre', 'work', /carries \d+ kg/),
    ],
  },
  {
    number: 44,
    title: 'Law class exceeded',
    cases: [
      on(
        'a 500 W motor in a 250 W class',
        { kit: { motor: { ratedW: 500, statedNm: 35 } } },
        'law-power',
        'stop',
        /the authority decides/,
      ),
      on(
        'a throttle where none is allowed',
        { kit: { throttle: 'thumb' } },
        'law-throttle',
        'stop',
        /Leave the throttle out/,
      ),
      on('32 km/h in a 25 km/h class', { kit: { assistedKmh: 32 } }, 'law-speed', 'work', /Set the limit to 25/, {
        bike: { law: exampleLawClasses[1]! },
      }),
    ],
  },
  {
    number: 45,
    title: 'Budget exceeded once pack and tools are counted',
    cases: [
      on(
        'the kit alone is within 700, with pack and tools it is not',
        { bike: { budget: 700 } },
        'budget',
        'work',
        /battery, parts and tools/,
        { bike: { ...inventedBike, budget: 1500 } },
      ),
    ],
  },
];
