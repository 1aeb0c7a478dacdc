import type { RoomStation } from '@cricket/core/whole-bike';

import { barPath, bayPath, cablesPath, cranksPath, leversPath, powerPath, wiringPath, type Page } from '../../ui/pages';

/** Where each station besides the axles is worked on. */
export const pageOf: Record<RoomStation, (bikeId: string) => Page> = {
  bar: barPath,
  levers: leversPath,
  cranks: cranksPath,
  bay: bayPath,
  rack: (bikeId) => bayPath(bikeId, 'rack'),
  controller: (bikeId) => bayPath(bikeId, 'controller'),
  power: powerPath,
  cables: cablesPath,
  wiring: wiringPath,
};
