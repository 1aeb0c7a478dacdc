import type { WheelPattern } from '@cricket/core/patterns';

/** Words of the page that fills an empty shop. */
export const words = {
  title: 'Open the shop',
  lead: 'Tick what you have. Nothing counts before you have counted or measured it.',
  drawer: 'The usual drawer',
  drawerWhy:
    'Washers, tabbed and C-washers by axle thread, with shims and bolts: every line with count 0, to be counted.',
  thread: (mm: number) => `Axles of M${mm}`,
  wheels: 'Wheels, from patterns',
  wheelsWhy: 'Each figure is marked "not measured" until you have measured it on your wheel.',
  patterns: {
    'front-geared': { name: 'Front, geared', code: 'Front geared', about: 'small hub, M12, six rotor bolts' },
    'rear-geared-screw': {
      name: 'Rear, geared, screw-on',
      code: 'Rear screw-on',
      about: 'small hub, M12, thread for a freewheel',
    },
    'rear-geared-cassette': {
      name: 'Rear, geared, cassette',
      code: 'Rear cassette',
      about: 'small hub, M12, splined body',
    },
    'front-direct': { name: 'Front, direct', code: 'Front direct', about: 'large hub, M14, brakes with the motor' },
    'rear-direct-screw': {
      name: 'Rear, direct, screw-on',
      code: 'Rear direct',
      about: 'large hub, M14, thread for a freewheel',
    },
  } satisfies Record<WheelPattern['id'], { name: string; code: string; about: string }>,
  units: 'Units',
  unitsWhy: 'Each by itself, currency and week: on the shop page.',
  take: (lines: number, wheels: number) =>
    `Put in ${lines} ${lines === 1 ? 'line' : 'lines'}, ${wheels} ${wheels === 1 ? 'wheel' : 'wheels'}`,
  nothing: 'Tick something',
  there: (code: string) => `${code} is in the catalogue`,
  drawerThere: 'The stores have lines already: what is ticked here is added to them.',
};
