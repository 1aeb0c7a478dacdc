import type { StoreKind } from '@cricket/core/parts';

/** Words of the stores. */
export const words = {
  title: 'Stores',
  add: 'Add a line',
  none: 'The stores are empty',
  noneWhy: 'Put in the washers and shims that lie in the drawer: the fit uses only what is there.',
  kinds: {
    plain: 'Plain washers',
    tabbed: 'Tabbed washers',
    'c-washer': 'C-washers',
    'rotor-shim': 'Rotor shims',
    'caliper-shim': 'Caliper shims',
    arm: 'Torque arms',
  } satisfies Record<StoreKind, string>,
  bore: (mm: string) => `bore ${mm}`,
  outer: (mm: string) => `outside ${mm}`,
  tab: (width: string, depth: string) => `tab ${width} wide, ${depth} deep`,
  fewer: (what: string) => `One less: ${what}`,
  more: (what: string) => `One more: ${what}`,
  change: 'Change',
  newTitle: 'New line',
  editTitle: 'Line of the stores',
  save: 'Keep',
  takeOut: 'Take this line out',
  takeOutSure: 'Take out? Nothing is deleted.',
  fields: {
    kind: 'What it is',
    thicknessMm: 'Thickness, mm',
    boreMm: 'Bore, mm',
    outerMm: 'Outside, mm',
    tabWidthMm: 'Tab width, mm',
    tabDepthMm: 'Tab depth, mm',
    count: 'How many',
  },
  optional: 'may stay empty',
  conflict: (theirs: string) =>
    `Someone else changed this line meanwhile: ${theirs} there now. Keep again to write over it.`,
  gone: 'This line is not in the stores',
  countRule: (text: string) => `"${text}" is not a count; enter a whole number from 0 to 9999.`,
};
