import type { PartKind } from '@cricket/core/part-kinds';

import { phrase } from '../../ui/say';

/** What the kinds of part are called. */
export const kindNames: Readonly<Record<PartKind, string>> = {
  plain: phrase('stores.kinds.plain'),
  tabbed: phrase('stores.kinds.tabbed'),
  'c-washer': phrase('stores.kinds.c-washer'),
  'lock-plate': phrase('stores.kinds.lock-plate'),
  'rotor-shim': phrase('stores.kinds.rotor-shim'),
  'caliper-shim': phrase('stores.kinds.caliper-shim'),
  arm: phrase('stores.kinds.arm'),
  'rotor-bolt': phrase('stores.kinds.rotor-bolt'),
  'caliper-bolt': phrase('stores.kinds.caliper-bolt'),
  rotor: phrase('stores.kinds.rotor'),
  caliper: phrase('stores.kinds.caliper'),
  spoke: phrase('stores.kinds.spoke'),
  tyre: phrase('stores.kinds.tyre'),
  'cassette-spacer': phrase('stores.kinds.cassette-spacer'),
  kit: phrase('stores.kinds.kit'),
  nut: phrase('stores.kinds.nut'),
  motor: phrase('stores.kinds.motor'),
  controller: phrase('stores.kinds.controller'),
  battery: phrase('stores.kinds.battery'),
  charger: phrase('stores.kinds.charger'),
  display: phrase('stores.kinds.display'),
  throttle: phrase('stores.kinds.throttle'),
  sensor: phrase('stores.kinds.sensor'),
  lever: phrase('stores.kinds.lever'),
  shifter: phrase('stores.kinds.shifter'),
  cable: phrase('stores.kinds.cable'),
  cluster: phrase('stores.kinds.cluster'),
  tube: phrase('stores.kinds.tube'),
  'rim-tape': phrase('stores.kinds.rim-tape'),
  liner: phrase('stores.kinds.liner'),
  other: phrase('stores.kinds.other'),
};

/** Words of what is left over of a kit. */
export const words = {
  put: phrase('stores.leftover.put'),
  putPart: (part: string) => phrase('stores.leftover.putPart', { part }),
  there: phrase('stores.leftover.there'),
};
