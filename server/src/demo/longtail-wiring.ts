import type { BikeFacts } from '@cricket/core/bike-facts';

type Wiring = NonNullable<BikeFacts['wiring']>;
type Plug = NonNullable<Wiring['plugs']>[number];
type Pins = readonly (readonly [carries: NonNullable<Plug['pins'][number]['carries']>, wire: string])[];

const plug = (id: string, on: string, to: string, family: string, gender: Plug['gender'], pins: Pins): Plug => ({
  id,
  on,
  to,
  family,
  gender,
  pins: pins.map(([carries, wire], at) => ({ n: at + 1, carries, wire })),
});

const throttle: Pins = [
  ['supply', 'red'],
  ['ground', 'black'],
  ['throttle', 'green'],
];
const motor: Pins = [
  ['phase-a', 'yellow'],
  ['phase-b', 'green'],
  ['phase-c', 'blue'],
  ['supply', 'red'],
  ['ground', 'black'],
  ['hall-a', 'yellow'],
  ['hall-b', 'green'],
  ['hall-c', 'blue'],
  ['speed', 'white'],
];
const display: Pins = [
  ['lock', 'orange'],
  ['ground', 'black'],
  ['data-out', 'white'],
  ['data-in', 'brown'],
];
const brake: Pins = [
  ['brake', 'yellow'],
  ['ground', 'black'],
];

/** Plugs of the longtail's kit: the throttle's contacts sit elsewhere, one brake plug and the light's stay open. */
export const longtailWiring: Wiring = {
  plugs: [
    plug('Motor lead', 'Motor', 'Controller', 'Round nine', 'pin', motor),
    plug('To motor', 'Controller', 'Motor', 'Round nine', 'socket', motor),
    plug('Throttle lead', 'Throttle', 'Controller', 'Round three', 'pin', [throttle[2]!, throttle[1]!, throttle[0]!]),
    plug('To throttle', 'Controller', 'Throttle', 'Round three', 'socket', throttle),
    plug('Display lead', 'Display', 'Controller', 'Round five', 'pin', [
      display[0]!,
      display[1]!,
      ['data-in', 'white'],
      ['data-out', 'brown'],
    ]),
    plug('To display', 'Controller', 'Display', 'Round five', 'socket', display),
    plug('Left brake lead', 'Brake levers', 'Controller', 'Round two', 'pin', brake),
    plug('To brake 1', 'Controller', 'Brake levers', 'Round two', 'socket', brake),
    plug('To brake 2', 'Controller', 'Brake levers', 'Round two', 'socket', brake),
    {
      ...plug('To light', 'Controller', 'Light', 'Flat two', 'socket', [
        ['light-plus', 'red'],
        ['light-minus', 'black'],
      ]),
      live: true,
    },
  ],
  repin: true,
};

/** The longtail's own levers, and what is in the drawer. */
export const longtailLevers: NonNullable<BikeFacts['levers']> = {
  front: { oneWithShifter: false, cutOff: false, reachMm: 62 },
  rear: { oneWithShifter: false, cutOff: false, reachMm: 64 },
  kitPull: 'long',
  kitReachMm: 60,
  kitCutOff: true,
  inLine: 0,
  atLever: 1,
  swap: false,
  handReachMm: 70,
};
