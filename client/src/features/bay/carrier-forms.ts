import type { ControllersInput } from '@cricket/core/controllers';
import type { RacksInput } from '@cricket/core/racks';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, lineFigures, lineRule, resolved, wrong } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

type Maybe = '' | 'yes' | 'no';
const word = (flag: boolean | undefined): Maybe => (flag === undefined ? '' : flag ? 'yes' : 'no');
const mm = (value: number | undefined) => fieldText(value, 'mm');

const rackRules = {
  ratedKg: [1, 200, 'kg', false],
  fixings: [0, 12, '', true],
  rackLength: [10, 1000, 'mm', true],
  rackWidth: [10, 500, 'mm', true],
  packMass: [0.1, 50, 'kg', true],
  packLength: [10, 1200, 'mm', true],
  packWidth: [5, 500, 'mm', true],
  luggageKg: [0, 200, 'kg', true],
} as const;
export type RackFigure = keyof typeof rackRules;
export const rackFigures = Object.keys(rackRules) as RackFigure[];

export interface RackFields extends Record<RackFigure, string> {
  onSeatPost: 'yes' | 'no';
  onRail: 'yes' | 'no';
  straps: string;
}

/** @param pack - the battery as it is measured, where it is: offered */
export function rackToFields(
  rack: RacksInput | undefined,
  pack: { massKg: number; lengthMm: number; widthMm: number } | undefined,
): RackFields {
  const battery = rack?.pack ?? pack;
  return {
    ratedKg: fieldText(rack?.rack.ratedKg, 'kg'),
    fixings: fieldText(rack?.rack.fixings, ''),
    rackLength: mm(rack?.rack.lengthMm),
    rackWidth: mm(rack?.rack.widthMm),
    onSeatPost: rack?.rack.onSeatPost ? 'yes' : 'no',
    packMass: fieldText(battery?.massKg, 'kg'),
    packLength: mm(battery?.lengthMm),
    packWidth: mm(battery?.widthMm),
    onRail: rack?.pack.onRail ? 'yes' : 'no',
    luggageKg: fieldText(rack?.luggageKg, 'kg'),
    straps: (rack?.straps ?? []).map(({ holdsN }) => fieldText(holdsN, 'N')).join(' '),
  };
}

const strapRule = lineRule(1, 20_000, 'N');

export const checkRack: Resolver<RackFields> = (values) => {
  const errors: FieldErrors<RackFields> = figureErrors(rackRules, values);
  if (!errors.fixings && !Number.isInteger(typedFigure(values.fixings)))
    errors.fixings = wrong(words.whole(values.fixings));
  const held = strapRule(values.straps);
  if (held !== true) errors.straps = wrong(held);
  return resolved(values, errors);
};

export function fieldsToRack(fields: RackFields): RacksInput {
  const ratedKg = typedFigure(fields.ratedKg, 'kg');
  return {
    rack: {
      ...(ratedKg !== null && { ratedKg }),
      fixings: typedFigure(fields.fixings)!,
      onSeatPost: fields.onSeatPost === 'yes',
      lengthMm: typedFigure(fields.rackLength, 'mm')!,
      widthMm: typedFigure(fields.rackWidth, 'mm')!,
    },
    pack: {
      massKg: typedFigure(fields.packMass, 'kg')!,
      lengthMm: typedFigure(fields.packLength, 'mm')!,
      widthMm: typedFigure(fields.packWidth, 'mm')!,
      onRail: fields.onRail === 'yes',
    },
    luggageKg: typedFigure(fields.luggageKg, 'kg')!,
    straps: lineFigures(fields.straps, 'N').map((holdsN) => ({ holdsN })),
  };
}

const boxRules = {
  boxLength: [10, 500, 'mm', true],
  boxWidth: [10, 500, 'mm', true],
  boxHeight: [5, 300, 'mm', true],
  lossW: [0, 1000, 'W', true],
  airC: [-20, 60, '°C', false],
  closedLength: [10, 500, 'mm', true],
  closedWidth: [10, 500, 'mm', true],
  closedHeight: [5, 300, 'mm', true],
  belowMm: [0, 1000, 'mm', false],
  aroundMm: [0, 1000, 'mm', false],
} as const;
export type BoxFigure = keyof typeof boxRules;
export const boxFigures = Object.keys(boxRules) as BoxFigure[];
export const isBoxOptional = (name: BoxFigure): boolean => !boxRules[name][3];

export interface BoxFields extends Record<BoxFigure, string> {
  around: ControllersInput['around'];
  exits: NonNullable<ControllersInput['exits']> | '';
  splashed: Maybe;
  watertight: Maybe;
}

export function boxToFields(place: ControllersInput | undefined): BoxFields {
  const { box, closedIn, gaps } = place ?? {};
  return {
    boxLength: mm(box?.lengthMm),
    boxWidth: mm(box?.widthMm),
    boxHeight: mm(box?.heightMm),
    lossW: fieldText(place?.lossW, 'W'),
    airC: fieldText(place?.airC, '°C'),
    around: place?.around ?? 'open',
    closedLength: mm(closedIn?.lengthMm),
    closedWidth: mm(closedIn?.widthMm),
    closedHeight: mm(closedIn?.heightMm),
    belowMm: mm(gaps?.belowMm),
    aroundMm: mm(gaps?.aroundMm),
    exits: place?.exits ?? '',
    splashed: word(place?.splashed),
    watertight: word(place?.watertight),
  };
}

/** In the open there is no box round it. */
export const isBoxAsked = (name: BoxFigure, { around }: Pick<BoxFields, 'around'>): boolean =>
  around !== 'open' || !name.startsWith('closed');

export const checkBox: Resolver<BoxFields> = (values) => {
  const errors: FieldErrors<BoxFields> = figureErrors(boxRules, values, (name) => isBoxAsked(name, values));
  const [below, around] = [values.belowMm.trim(), values.aroundMm.trim()];
  if ((below === '') !== (around === '')) errors[below === '' ? 'belowMm' : 'aroundMm'] ??= wrong(words.bothGaps);
  return resolved(values, errors);
};

export function fieldsToBox(fields: BoxFields): ControllersInput {
  const box = (name: 'box' | 'closed') => ({
    lengthMm: typedFigure(fields[`${name}Length`], 'mm')!,
    widthMm: typedFigure(fields[`${name}Width`], 'mm')!,
    heightMm: typedFigure(fields[`${name}Height`], 'mm')!,
  });
  const [airC, belowMm, aroundMm] = [
    typedFigure(fields.airC, '°C'),
    typedFigure(fields.belowMm, 'mm'),
    typedFigure(fields.aroundMm, 'mm'),
  ];
  return {
    box: box('box'),
    lossW: typedFigure(fields.lossW)!,
    ...(airC !== null && { airC }),
    around: fields.around,
    ...(fields.around !== 'open' && { closedIn: box('closed') }),
    ...(belowMm !== null && aroundMm !== null && { gaps: { belowMm, aroundMm } }),
    ...(fields.exits && { exits: fields.exits }),
    ...(fields.splashed && { splashed: fields.splashed === 'yes' }),
    ...(fields.watertight && { watertight: fields.watertight === 'yes' }),
    plugs: [],
  };
}
