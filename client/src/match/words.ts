import type { Layout } from '@cricket/core/conversions';

/** Words of the match. */
export const words = {
  pattern: (count: number) =>
    count === 1 ? 'One figure of the wheel is a pattern’s' : `${count} figures of the wheel are a pattern’s`,
  title: 'Match',
  working: (done: number, all: number) => `Looking at kit ${done} of ${all}`,
  cancel: 'Stop looking',
  cancelled: 'Stopped',
  again: 'Look again',
  failed: 'The match came to a halt.',
  none: 'Nothing to match yet',
  noneWhy: 'The catalogue has no kit: put in the wheels that you buy, as patterns to be measured or from a file.',
  toOpen: 'Put wheels in',
  at: { front: 'front', rear: 'rear' },
  nth: (at: number, all: number) => `${at} of ${all}`,
  before: 'Before',
  after: 'After',
  take: (code: string, end: string) => `Take ${code} at the ${end}`,
  compare: 'Compare',
  compared: 'Compared',
  compareTwo: 'Two side by side',
  close: 'Back to the list',
  forAll: 'With every kit, whichever is taken',
  filter: {
    shown: (shown: number, all: number) => (shown === all ? `Shown: all ${all}` : `Shown: ${shown} of ${all}`),
    every: 'Show all',
    none: 'Nothing in the catalogue is all of what is asked for.',
    end: 'End',
    ends: { any: 'Either end', front: 'Front', rear: 'Rear' },
    may: 'Verdict',
    mays: { any: 'All', may: 'Not stopped by itself' },
    brake: 'Brake',
    brakes: { any: 'Any brake', rim: 'Rim', disc: 'Disc' },
    most: 'Costs at most',
  },
  mayGo: 'May go',
  couldStop: (count: number) =>
    count === 1 ? 'One reading could still stop it.' : `${count} readings could still stop it.`,
  readNext: (title: string, kits: number) => `${title}: could still stop ${kits === 1 ? 'one kit' : `${kits} kits`}`,
  readNextTitle: 'So far. Read next',
  nothingElse: 'Nothing else.',
  refused: (code: string, end: string) => `${code} ${end}: put its figures right`,
  together: 'Together',
  lead: 'Lead',
  days: (days: number) => `${days} d`,
  time: 'Hands on',
  torque: 'Torque',
  held: 'Held',
  first: 'Right first try',
  toGet: 'To get',
  decides: 'What decides',
  allGoes: 'At the axle everything goes.',
  /** A verdict that knows of the axle alone. */
  atAxle: (verdict: string) => `${verdict} at the axle`,
  chosen: 'taken',
  room: {
    title: 'Besides the axle',
    short: { bar: 'Bar', cranks: 'cranks', bay: 'battery', rack: 'rack', power: 'power' },
    names: {
      bar: 'Handlebar',
      cranks: 'Cranks and sensor',
      bay: 'Battery in the frame',
      rack: 'Battery on the rack',
      power: 'Power',
    },
    group: (names: readonly string[], verdict: string) => {
      const all = names.join(', ');
      return `${all.charAt(0).toUpperCase()}${all.slice(1)}: ${verdict.toLowerCase()}`;
    },
    waits: {
      bike: 'It waits for the bike: measure it here.',
      kit: 'It waits for the kit: nobody has measured these parts of it yet.',
    },
    on: { down: 'Goes on the down tube.', seat: 'Goes on the seat tube.' },
  },
  best: {
    title: 'Best ways to build it',
    lead: 'Every kit at both ends, battery on either tube, on the rack or in a bag, controller and throttle on either side: the three best. Cables and plugs are measured when the kit is here.',
    looked: (ways: number, stopped: number) =>
      `${ways} ways looked at${stopped > 0 ? `; ${stopped === 1 ? 'one kit is' : `${stopped} kits are`} stopped at the axle` : ''}`,
    none: 'No way goes as far as is known',
    noneWhy: 'Every kit is stopped at its axle or at what it needs besides: see the kits one by one.',
    mass: 'Heavier by',
    axle: 'Axle, brake, tyre, law',
    going: (names: readonly string[]) => `Goes: ${names.join(', ')}`,
    take: 'Build it so',
    built: ({ battery, controller, throttle }: Layout) =>
      [
        {
          down: 'Battery on the down tube',
          seat: 'Battery on the seat tube',
          rack: 'Battery on the rack',
          bag: 'Battery in a bag',
          wheel: 'Battery in the wheel',
        }[battery],
        { frame: 'controller in the open at the frame', bag: 'controller in a bag', 'built-in': null }[controller],
        throttle && { left: 'throttle on the left', right: 'throttle on the right' }[throttle],
      ]
        .filter(Boolean)
        .join(', '),
  },
  ways: 'The three best ways to build the whole bike',
  kit: 'Kit',
  delivered: 'Washers as delivered, and all wheels',
};
