import { said, type Said } from '../said';

/** A standard size: its value, its name at the bench and where it is met. */
export interface Standard {
  valueMm: number;
  label: Said;
}

const named = (name: string, values: readonly number[]): Standard[] =>
  values.map((valueMm) => ({ valueMm, label: said(`standard.${name}`, { valueMm }) }));

const usedFor = (name: string, rows: readonly (readonly [number, string])[]): Standard[] =>
  rows.map(([valueMm, use]) => ({
    valueMm,
    label: said('standard.used-for', { size: said(`standard.${name}`, { valueMm }), use: said(`standard-use.${use}`) }),
  }));

/** The standard sizes that a reading may be near, by feature. Bead seats after ISO 5775. */
export const standards = {
  'front-spacing': usedFor('front', [
    [74, 'small-folding-wheels'],
    [91, 'old-small-wheel-forks'],
    [96, 'old-light-forks'],
    [100, 'most-forks'],
    [110, 'through-axle-forks'],
    [135, 'wide-tyre-and-load-forks'],
    [142, 'wide-tyre-through-axle-forks'],
    [150, 'widest-forks'],
  ]),
  'rear-spacing': usedFor('rear', [
    [110, 'single-speed-old'],
    [114, 'three-speed-narrow'],
    [120, 'single-speed-and-hub-gears'],
    [126, 'six-and-seven-speed'],
    [130, 'eight-speed-and-more-light-frames'],
    [135, 'most-frames-with-a-derailleur'],
    [141, 'open-slot-wide'],
    [142, 'through-axle'],
    [145, 'tandems-load-bikes'],
    [148, 'through-axle-wide'],
    [150, 'heavy-duty'],
    [157, 'heavy-duty-through-axle'],
    [170, 'wide-tyres'],
    [177, 'wide-tyres-through-axle'],
    [190, 'widest-tyres'],
    [197, 'widest-tyres-through-axle'],
  ]),
  'open-slot': usedFor('slot', [
    [8, 'small-front-axles'],
    [9, 'quick-release-front-axles'],
    [9.5, 'solid-front-axles'],
    [10, 'rear-axles-and-motor-flats'],
    [10.5, 'wide-rear-slots'],
    [12, 'motor-flats-12'],
    [14, 'large-axles'],
  ]),
  'through-hole': named('hole', [9, 10, 12, 15, 20]),
  'bead-seat': named(
    'bead-seat',
    [
      203, 254, 305, 317, 340, 349, 355, 369, 390, 406, 438, 440, 451, 457, 501, 507, 520, 540, 541, 547, 559, 571, 584,
      590, 597, 622, 630, 635,
    ],
  ),
  rotor: named('rotor', [140, 160, 180, 183, 200, 203, 205, 220, 223]),
  'rotor-offset': usedFor('rotor-offset', [
    [10.5, 'front-open-slot'],
    [15.3, 'rear'],
    [15.5, 'front-through-axle'],
  ]),
  'bottom-bracket-shell': named('shell', [68, 70, 73, 83, 86.5, 89.5, 92, 100, 107, 120, 121, 132]),
  'bar-grip': named('grip', [22.2, 23.8]),
  'bar-clamp': named('clamp', [22.2, 25.4, 26, 31.8, 35]),
} satisfies Record<string, readonly Standard[]>;

export type StandardFeature = keyof typeof standards;

export const standardFeatures = Object.keys(standards) as StandardFeature[];
