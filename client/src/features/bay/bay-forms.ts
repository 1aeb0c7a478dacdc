import type { BikeFrame, FrameSpot, FrameThing } from '@cricket/core/bay-question';
import { frameSpots } from '@cricket/core/battery-bay';
import type { FieldErrors, Resolver } from 'react-hook-form';

import {
  figureErrors,
  lineFigures,
  lineRule,
  resolved,
  wrong,
  type FigureRule,
  type FigureRules,
} from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

const tubeNames = ['down', 'seat', 'top', 'head'] as const;
export type TubeName = (typeof tubeNames)[number];
type TubeField = `${TubeName}Length` | `${TubeName}Diameter` | `${TubeName}Angle`;
export type TubeFields = Record<TubeField, string>;
type Tubes = NonNullable<BikeFrame['tubes']>;

/** Fields of one tube, in the order in which they are measured. */
export const fieldsOf = (name: TubeName) => [`${name}Length`, `${name}Diameter`, `${name}Angle`] as const;

const tubeRules = Object.fromEntries(
  tubeNames.flatMap((name): [TubeField, FigureRule][] => {
    const isRequired = name !== 'head';
    return [
      [`${name}Length`, [5, 1500, 'mm', isRequired]],
      [`${name}Diameter`, [5, 200, 'mm', isRequired]],
      [`${name}Angle`, [-90, 179, '°', isRequired]],
    ];
  }),
) as FigureRules<TubeField>;

export function tubesToFields(tubes: Tubes | undefined): TubeFields {
  return Object.fromEntries(
    tubeNames.flatMap((name) => {
      const [length, diameter, angle] = fieldsOf(name);
      return [
        [length, fieldText(tubes?.[name]?.lengthMm, 'mm')],
        [diameter, fieldText(tubes?.[name]?.diameterMm, 'mm')],
        [angle, fieldText(tubes?.[name]?.angleDeg, '°')],
      ];
    }),
  ) as TubeFields;
}

export const checkTubes: Resolver<TubeFields> = (values) => {
  const errors: FieldErrors<TubeFields> = figureErrors(tubeRules, values);
  const ofHead = fieldsOf('head');
  const given = ofHead.filter((name) => values[name].trim() !== '');
  if (given.length > 0) for (const name of ofHead) if (!given.includes(name)) errors[name] ??= wrong(words.headAll);
  if (Object.keys(errors).length === 0 && !frameSpots(fieldsToTubes(values)))
    errors.downLength = wrong(words.encloseNothing);
  return resolved(values, errors);
};

export function fieldsToTubes(fields: TubeFields): Tubes {
  const tube = (name: TubeName) => ({
    lengthMm: typedFigure(fields[`${name}Length`], 'mm')!,
    diameterMm: typedFigure(fields[`${name}Diameter`], 'mm')!,
    angleDeg: typedFigure(fields[`${name}Angle`], '°')!,
  });
  const head = fields.headLength.trim() ? { head: tube('head') } : {};
  return { down: tube('down'), seat: tube('seat'), top: tube('top'), ...head };
}

export interface BossFields {
  downBosses: string;
  seatBosses: string;
}
const bossTubes = ['down', 'seat'] as const;

export function bossesToFields(bosses: BikeFrame['bosses']): BossFields {
  const line = (tube: 'down' | 'seat') =>
    (bosses ?? [])
      .filter((boss) => boss.tube === tube)
      .map(({ fromBbMm }) => fieldText(fromBbMm, 'mm'))
      .join(' ');
  return { downBosses: line('down'), seatBosses: line('seat') };
}

export const checkBosses: Resolver<BossFields> = (values) => {
  const errors: FieldErrors<BossFields> = {};
  for (const tube of bossTubes) {
    const held = lineRule(-500, 2000, 'mm')(values[`${tube}Bosses`]);
    if (held !== true) errors[`${tube}Bosses`] = wrong(held);
  }
  return resolved(values, errors);
};

export function fieldsToBosses(fields: BossFields): NonNullable<BikeFrame['bosses']> {
  return bossTubes.flatMap((tube) =>
    lineFigures(fields[`${tube}Bosses`], 'mm').map((fromBbMm) => ({ tube, fromBbMm })),
  );
}

const legRules = {
  qFactorMm: [50, 400, 'mm', true],
  crankThicknessMm: [0, 80, 'mm', false],
  kneeMm: [20, 800, 'mm', false],
} as const;
export type LegFields = Record<keyof typeof legRules, string>;
export const legFields = Object.keys(legRules) as (keyof LegFields)[];

export function legsToFields(pedal: BikeFrame['pedal']): LegFields {
  return {
    qFactorMm: fieldText(pedal?.qFactorMm, 'mm'),
    crankThicknessMm: fieldText(pedal?.crankThicknessMm, 'mm'),
    kneeMm: fieldText(pedal?.kneeMm, 'mm'),
  };
}

export const checkLegs: Resolver<LegFields> = (values) => resolved(values, figureErrors(legRules, values));

export function fieldsToLegs(fields: LegFields): NonNullable<BikeFrame['pedal']> {
  const thick = typedFigure(fields.crankThicknessMm, 'mm');
  const knees = typedFigure(fields.kneeMm, 'mm');
  return {
    qFactorMm: typedFigure(fields.qFactorMm, 'mm')!,
    ...(thick !== null && { crankThicknessMm: thick }),
    ...(knees !== null && { kneeMm: knees }),
  };
}

export const spotNames = ['at', 'from', 'to', 'movedFrom', 'movedTo'] as const;
export type SpotName = (typeof spotNames)[number];
type SpotFigure = `${SpotName}Along` | `${SpotName}Off`;

export interface ThingFields extends Record<SpotFigure, string>, Record<`${SpotName}Tube`, FrameSpot['tube']> {
  id: string;
  kind: FrameThing['kind'];
  moves: 'yes' | 'no';
  diameterMm: string;
  thickMm: string;
}

const thingRules: FigureRules<SpotFigure | 'diameterMm' | 'thickMm'> = {
  diameterMm: [1, 500, 'mm', true],
  thickMm: [1, 300, 'mm', true],
  ...(Object.fromEntries(
    spotNames.flatMap((name): [SpotFigure, FigureRule][] => [
      [`${name}Along`, [-200, 2000, 'mm', true]],
      [`${name}Off`, [-100, 1000, 'mm', true]],
    ]),
  ) as FigureRules<SpotFigure>),
};

/** Which places a thing has. */
export function spotsOf({ kind, moves }: Pick<ThingFields, 'kind' | 'moves'>): readonly SpotName[] {
  if (kind === 'round') return ['at'];
  return moves === 'yes' ? ['from', 'to', 'movedFrom', 'movedTo'] : ['from', 'to'];
}

export function thingToFields(thing: FrameThing | undefined): ThingFields {
  const long = thing?.kind === 'long' ? thing : undefined;
  const known: Record<SpotName, FrameSpot | undefined> = {
    at: thing?.kind === 'round' ? thing.at : undefined,
    from: long?.from,
    to: long?.to,
    movedFrom: long?.moved?.from,
    movedTo: long?.moved?.to,
  };
  const spots = Object.fromEntries(
    spotNames.flatMap((name) => [
      [`${name}Tube`, known[name]?.tube ?? 'seat'],
      [`${name}Along`, fieldText(known[name]?.alongMm, 'mm')],
      [`${name}Off`, fieldText(known[name]?.offMm, 'mm')],
    ]),
  ) as Record<SpotFigure, string> & Record<`${SpotName}Tube`, FrameSpot['tube']>;
  return {
    id: thing?.id ?? '',
    kind: thing?.kind ?? 'round',
    moves: long?.moved ? 'yes' : 'no',
    diameterMm: fieldText(thing?.kind === 'round' ? thing.diameterMm : undefined, 'mm'),
    thickMm: fieldText(long?.thickMm, 'mm'),
    ...spots,
  };
}

/** @param taken - names of the other things */
export function checkThing(taken: readonly string[]): Resolver<ThingFields> {
  return (values) => {
    const places = spotsOf(values);
    const isAsked = (name: keyof typeof thingRules) => {
      if (name === 'diameterMm') return values.kind === 'round';
      if (name === 'thickMm') return values.kind === 'long';
      return places.some((place) => name === `${place}Along` || name === `${place}Off`);
    };
    const errors: FieldErrors<ThingFields> = figureErrors(thingRules, values, isAsked);
    const name = values.id.trim();
    if (!name) errors.id = wrong(words.nameMissing);
    else if (taken.includes(name)) errors.id = wrong(words.nameTwice(name));
    return resolved(values, errors);
  };
}

export function fieldsToThing(fields: ThingFields): FrameThing {
  const spot = (name: SpotName): FrameSpot => ({
    tube: fields[`${name}Tube`],
    alongMm: typedFigure(fields[`${name}Along`], 'mm')!,
    offMm: typedFigure(fields[`${name}Off`], 'mm')!,
  });
  const id = fields.id.trim();
  if (fields.kind === 'round') {
    return { kind: 'round', id, at: spot('at'), diameterMm: typedFigure(fields.diameterMm, 'mm')! };
  }
  return {
    kind: 'long',
    id,
    from: spot('from'),
    to: spot('to'),
    thickMm: typedFigure(fields.thickMm, 'mm')!,
    ...(fields.moves === 'yes' && { moved: { from: spot('movedFrom'), to: spot('movedTo') } }),
  };
}
