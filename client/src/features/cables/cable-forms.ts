import type { BikeAnchor, BikeCables, BikeSteering, BikeTurning } from '@cricket/core/cable-question';
import type { CableToRun, Spot, TurningDisc } from '@cricket/core/cable-runs';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, inLine, lineFigures, lineRule, resolved, wrong, type FigureRules } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

const far = 5000;
const place = [-far, far, 'mm', true] as const;
const mm = (text: string): number => typedFigure(text, 'mm')!;
const text = (value: number | undefined): string => fieldText(value, 'mm');
export type YesNo = 'yes' | 'no';
const word = (flag: boolean | undefined): YesNo => (flag ? 'yes' : 'no');

/** What stands against a name: none, or one that another has. */
function nameTrouble(name: string, taken: readonly string[]): string | null {
  const bare = name.trim();
  if (!bare) return words.nameMissing;
  return taken.includes(bare) ? words.nameTwice(bare) : null;
}

function withName<T extends { id: string }>(errors: FieldErrors<T>, { id }: T, taken: readonly string[]) {
  const trouble = nameTrouble(id, taken);
  return trouble ? { ...errors, id: wrong(trouble) } : errors;
}

const steeringRules = {
  pointX: place,
  pointY: place,
  angleDeg: [20, 110, '°', true],
  lockLeft: [0, 180, '°', true],
  lockRight: [0, 180, '°', true],
  forkTravelMm: [0, 400, 'mm', true],
  pivotX: [-far, far, 'mm', false],
  pivotY: [-far, far, 'mm', false],
  swingDeg: [0, 60, '°', false],
} as const;
export type SteeringField = keyof typeof steeringRules;
export type SteeringFields = Record<SteeringField, string>;
export const steeringFields = Object.keys(steeringRules) as SteeringField[];
/** They are there together, or not at all. */
const ofSwingarm = ['pivotX', 'pivotY', 'swingDeg'] as const;
export const isOfSwingarm = (name: SteeringField): boolean => !steeringRules[name][3];

export function steeringToFields(steering: BikeSteering | undefined): SteeringFields {
  const { head, forkTravelMm, rearTravel } = steering ?? {};
  return {
    pointX: text(head?.point[0]),
    pointY: text(head?.point[1]),
    angleDeg: fieldText(head?.angleDeg, '°'),
    lockLeft: fieldText(head?.lockDeg.left, '°'),
    lockRight: fieldText(head?.lockDeg.right, '°'),
    forkTravelMm: text(forkTravelMm),
    pivotX: text(rearTravel?.pivot[0]),
    pivotY: text(rearTravel?.pivot[1]),
    swingDeg: fieldText(rearTravel?.deg, '°'),
  };
}

export const checkSteering: Resolver<SteeringFields> = (values) => {
  const errors: FieldErrors<SteeringFields> = figureErrors(steeringRules, values);
  const given = ofSwingarm.filter((name) => values[name].trim() !== '');
  if (given.length > 0) for (const name of ofSwingarm) if (!given.includes(name)) errors[name] ??= wrong(words.rearAll);
  return resolved(values, errors);
};

export const fieldsToSteering = (fields: SteeringFields): BikeSteering => ({
  head: {
    point: [mm(fields.pointX), mm(fields.pointY), 0],
    angleDeg: typedFigure(fields.angleDeg)!,
    lockDeg: { left: typedFigure(fields.lockLeft)!, right: typedFigure(fields.lockRight)! },
  },
  forkTravelMm: mm(fields.forkTravelMm),
  ...(fields.swingDeg.trim() && {
    rearTravel: { pivot: [mm(fields.pivotX), mm(fields.pivotY), 0], deg: typedFigure(fields.swingDeg)! },
  }),
});

const turningRules = {
  rearX: place,
  rearY: place,
  rearRadius: [1, 1000, 'mm', true],
  rearHalf: [0, 200, 'mm', true],
  frontX: place,
  frontY: place,
  frontRadius: [1, 1000, 'mm', true],
  frontHalf: [0, 200, 'mm', true],
  crankRadius: [1, 400, 'mm', true],
  crankHalf: [0, 300, 'mm', true],
} as const;
export type TurningField = keyof typeof turningRules;
export type TurningFields = Record<TurningField, string>;
export const turningFields = Object.keys(turningRules) as TurningField[];

/** Both wheels by their names: the others that turn have a list of their own. */
const isWheel = ({ id }: TurningDisc) => id === words.rearWheel || id === words.frontWheel;
export const otherDiscs = (turning: BikeTurning | undefined): TurningDisc[] =>
  (turning?.discs ?? []).filter((disc) => !isWheel(disc));

export function turningToFields(turning: BikeTurning | undefined): TurningFields {
  const rear = turning?.discs.find(({ id }) => id === words.rearWheel);
  const front = turning?.discs.find(({ id }) => id === words.frontWheel);
  return {
    rearX: text(rear?.centre[0]),
    rearY: text(rear?.centre[1]),
    rearRadius: text(rear?.radiusMm),
    rearHalf: text(rear?.halfWidthMm),
    frontX: text(front?.centre[0]),
    frontY: text(front?.centre[1]),
    frontRadius: text(front?.radiusMm),
    frontHalf: text(front?.halfWidthMm),
    crankRadius: text(turning?.crank.radiusMm),
    crankHalf: text(turning?.crank.halfWidthMm),
  };
}

export const checkTurning: Resolver<TurningFields> = (values) => resolved(values, figureErrors(turningRules, values));

/** @param hasSwingarm - then the rear wheel moves with it */
export function fieldsToTurning(
  fields: TurningFields,
  before: BikeTurning | undefined,
  hasSwingarm: boolean,
): BikeTurning {
  const wheel = (id: string, end: 'rear' | 'front', on: TurningDisc['on']): TurningDisc => ({
    id,
    centre: [mm(fields[`${end}X`]), mm(fields[`${end}Y`]), 0],
    radiusMm: mm(fields[`${end}Radius`]),
    halfWidthMm: mm(fields[`${end}Half`]),
    on,
  });
  return {
    ...before,
    discs: [
      wheel(words.rearWheel, 'rear', hasSwingarm ? 'swingarm' : 'frame'),
      wheel(words.frontWheel, 'front', 'fork'),
      ...otherDiscs(before),
    ],
    crank: { radiusMm: mm(fields.crankRadius), halfWidthMm: mm(fields.crankHalf) },
  };
}

const spotRules = { x: place, y: place, z: place } as const;
type SpotFields = Record<keyof typeof spotRules, string>;
const spotTexts = (at: Spot | undefined): SpotFields => ({ x: text(at?.[0]), y: text(at?.[1]), z: text(at?.[2]) });
const spotOf = ({ x, y, z }: SpotFields): Spot => [mm(x), mm(y), mm(z)];

export interface AnchorFields extends SpotFields {
  id: string;
  on: BikeAnchor['on'];
  room: YesNo;
  axleExit: YesNo;
  underNut: YesNo;
}

export const anchorToFields = (anchor: BikeAnchor | undefined): AnchorFields => ({
  id: anchor?.id ?? '',
  ...spotTexts(anchor?.at),
  on: anchor?.on ?? 'frame',
  room: word(anchor?.room),
  axleExit: word(anchor?.axleExit),
  underNut: word(anchor?.underNut),
});

export const checkAnchor =
  (taken: readonly string[]): Resolver<AnchorFields> =>
  (values) =>
    resolved(values, withName(figureErrors(spotRules, values), values, taken));

/** Written down by somebody: not guessed any more. */
export const fieldsToAnchor = (fields: AnchorFields): BikeAnchor => ({
  id: fields.id.trim(),
  at: spotOf(fields),
  on: fields.on,
  ...(fields.room === 'yes' && { room: true }),
  ...(fields.axleExit === 'yes' && { axleExit: true }),
  ...(fields.underNut === 'yes' && { underNut: true }),
});

const discRules = { ...spotRules, radiusMm: [1, 1000, 'mm', true], halfWidthMm: [0, 200, 'mm', true] } as const;

export interface DiscFields extends SpotFields {
  id: string;
  on: TurningDisc['on'];
  radiusMm: string;
  halfWidthMm: string;
}

export const discToFields = (disc: TurningDisc | undefined): DiscFields => ({
  id: disc?.id ?? '',
  ...spotTexts(disc?.centre),
  radiusMm: text(disc?.radiusMm),
  halfWidthMm: text(disc?.halfWidthMm),
  on: disc?.on ?? 'frame',
});

export const checkDisc =
  (taken: readonly string[]): Resolver<DiscFields> =>
  (values) =>
    resolved(values, withName(figureErrors(discRules, values), values, taken));

export const fieldsToDisc = (fields: DiscFields): TurningDisc => ({
  id: fields.id.trim(),
  centre: spotOf(fields),
  radiusMm: mm(fields.radiusMm),
  halfWidthMm: mm(fields.halfWidthMm),
  on: fields.on,
});

const cableRules: FigureRules<'suppliedMm' | 'minBendMm'> = {
  suppliedMm: [0, 20_000, 'mm', true],
  minBendMm: [0, 300, 'mm', false],
};

export interface CableFields {
  id: string;
  path: string[];
  suppliedMm: string;
  plug: string;
  minBendMm: string;
  dripLoop: YesNo;
}

export const cableToFields = (cable: CableToRun | undefined): CableFields => ({
  id: cable?.id ?? '',
  path: cable?.path ?? [],
  suppliedMm: text(cable?.suppliedMm),
  plug: cable?.plug ?? '',
  minBendMm: text(cable?.minBendMm),
  dripLoop: cable ? word(cable.dripLoop) : 'yes',
});

export const checkCable =
  (taken: readonly string[]): Resolver<CableFields> =>
  (values) => {
    const errors: FieldErrors<CableFields> = withName(figureErrors(cableRules, values), values, taken);
    if (values.path.length < 2) errors.path = wrong(words.twoPlaces) as never;
    return resolved(values, errors);
  };

export const fieldsToCable = (fields: CableFields): CableToRun => ({
  id: fields.id.trim(),
  path: fields.path,
  suppliedMm: mm(fields.suppliedMm),
  ...(fields.plug.trim() && { plug: fields.plug.trim() }),
  ...(fields.minBendMm.trim() && { minBendMm: mm(fields.minBendMm) }),
  ...(fields.dripLoop === 'yes' && { dripLoop: true }),
});

export interface ExtensionFields {
  lines: string;
}
type Extensions = NonNullable<BikeCables['extensions']>;
const lineRuleMm = lineRule(1, 10_000, 'mm');

export const extensionsToFields = (extensions: Extensions | undefined): ExtensionFields => ({
  lines: (extensions ?? []).map(({ plug, lengthMm }) => `${plug} ${text(lengthMm)}`).join('\n'),
});

/** Plug and length of a line. */
const parted = (line: string) => /^(.*\S)\s+(\S+)$/.exec(line.trim())?.slice(1) as [string, string] | undefined;
const linesOf = (lines: string) => lines.split('\n').filter((line) => line.trim() !== '');

export const checkExtensions: Resolver<ExtensionFields> = (values) => {
  const errors: FieldErrors<ExtensionFields> = {};
  for (const line of linesOf(values.lines)) {
    const parts = parted(line);
    const held = parts ? lineRuleMm(parts[1]) : words.extensionLine(line);
    if (held !== true) errors.lines ??= wrong(held);
  }
  return resolved(values, errors);
};

/** Two that are alike have numbers behind their names. */
export function fieldsToExtensions({ lines }: ExtensionFields): Extensions {
  const names = new Map<string, number>();
  return linesOf(lines).map((line) => {
    const [plug, length] = parted(line)!;
    const name = `${plug} ${length}`;
    const count = (names.get(name) ?? 0) + 1;
    names.set(name, count);
    return { id: count === 1 ? name : `${name} (${count})`, lengthMm: mm(length), plug };
  });
}

type Pose = NonNullable<BikeCables['poses']>[number];

export interface PoseFields {
  id: string;
  /** By the number of the place in the list of the bike. */
  spots: string[];
}

export const poseToFields = (pose: Pose | undefined, anchors: readonly BikeAnchor[]): PoseFields => ({
  id: pose?.id ?? words.folded,
  spots: anchors.map(({ id }) => (pose?.at[id] ?? []).map((value) => text(value)).join(' ')),
});

export const checkPose =
  (taken: readonly string[], anchors: readonly BikeAnchor[]): Resolver<PoseFields> =>
  (values) => {
    const errors = withName<PoseFields>({}, values, taken);
    const held = lineRule(-far, far, 'mm');
    const spots = values.spots.map((spot, at) => {
      const count = inLine(spot).length;
      const rule = count === 0 || count === 3 ? held(spot) : words.poseLine(anchors[at]!.id);
      return rule === true ? undefined : wrong(rule);
    });
    return resolved(values, spots.some(Boolean) ? ({ ...errors, spots } as FieldErrors<PoseFields>) : errors);
  };

export const fieldsToPose = (fields: PoseFields, anchors: readonly BikeAnchor[]): Pose => ({
  id: fields.id.trim(),
  at: Object.fromEntries(
    fields.spots.flatMap((spot, at): [string, Spot][] =>
      inLine(spot).length === 3 ? [[anchors[at]!.id, lineFigures(spot, 'mm') as Spot]] : [],
    ),
  ),
});
