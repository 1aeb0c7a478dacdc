import type { BikeFacts } from '@cricket/core/bike-facts';

type Cables = NonNullable<BikeFacts['cables']>;
type Anchor = NonNullable<Cables['anchors']>[number];

const place = (id: string, at: Anchor['at'], on: Anchor['on'], more: Partial<Anchor> = {}): Anchor => ({
  id,
  at,
  on,
  ...more,
});

/** Where the looms of the longtail run: motor at the rear, throttle and display on the bars. */
export const longtailCables: Cables = {
  steering: { head: { point: [470, 430, 0], angleDeg: 72, lockDeg: { left: 65, right: 65 } }, forkTravelMm: 0 },
  turning: {
    discs: [
      { id: 'Rear wheel', centre: [-637, 62, 0], radiusMm: 325, halfWidthMm: 27, on: 'frame' },
      { id: 'Front wheel', centre: [683, 62, 0], radiusMm: 325, halfWidthMm: 27, on: 'fork' },
    ],
    crank: { radiusMm: 190, halfWidthMm: 75 },
  },
  anchors: [
    place('Throttle', [385, 640, -235], 'bar'),
    place('Display', [400, 650, 0], 'bar'),
    place('Stem', [425, 600, -22], 'bar'),
    place('Head tube', [428, 470, -26], 'frame', { room: true }),
    place('Down tube', [240, 262, -52], 'frame', { room: true }),
    place('Controller', [-45, 320, 0], 'frame'),
    place('Bottom bracket', [-30, 30, -52], 'frame'),
    place('Chain stay', [-250, 38, -58], 'frame'),
    place('Rear axle', [-637, 62, -68], 'frame', { axleExit: true }),
  ],
  runs: [
    {
      id: 'Throttle',
      path: ['Throttle', 'Stem', 'Head tube', 'Down tube', 'Controller'],
      suppliedMm: 1250,
      plug: 'three-pin',
      dripLoop: true,
    },
    {
      id: 'Display',
      path: ['Display', 'Stem', 'Head tube', 'Down tube', 'Controller'],
      suppliedMm: 900,
      plug: 'five-pin',
      dripLoop: true,
    },
    {
      id: 'Motor',
      path: ['Rear axle', 'Chain stay', 'Bottom bracket', 'Down tube', 'Controller'],
      suppliedMm: 1600,
      plug: 'nine-pin',
      minBendMm: 40,
      dripLoop: true,
    },
  ],
  extensions: [{ id: 'five-pin 300', lengthMm: 300, plug: 'five-pin' }],
};
