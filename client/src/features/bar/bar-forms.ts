import type { BarPart, BarPartKind, BarRoom } from '@cricket/core/handlebar';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, resolved, wrong } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { partKinds, words } from './words';

/** Range of each figure, and whether it cannot be done without. */
const roomRules = {
  straightLeft: [0, 600, 'mm', true],
  straightRight: [0, 600, 'mm', true],
  centreMm: [0, 400, 'mm', true],
  gripDiameterMm: [10, 40, 'mm', false],
  centreDiameterMm: [10, 60, 'mm', false],
} as const;
export type RoomFields = Record<keyof typeof roomRules, string>;
export const roomFields = Object.keys(roomRules) as (keyof RoomFields)[];

export function roomToFields(room: BarRoom | undefined): RoomFields {
  return {
    straightLeft: fieldText(room?.straightMm.left, 'mm'),
    straightRight: fieldText(room?.straightMm.right, 'mm'),
    centreMm: fieldText(room?.centreMm, 'mm'),
    gripDiameterMm: fieldText(room?.gripDiameterMm, 'mm'),
    centreDiameterMm: fieldText(room?.centreDiameterMm, 'mm'),
  };
}

export const checkRoom: Resolver<RoomFields> = (values) => resolved(values, figureErrors(roomRules, values));

export function fieldsToRoom(fields: RoomFields): BarRoom {
  const figure = (name: keyof RoomFields) => typedFigure(fields[name], 'mm') ?? undefined;
  const [gripDiameterMm, centreDiameterMm] = [figure('gripDiameterMm'), figure('centreDiameterMm')];
  return {
    straightMm: { left: figure('straightLeft')!, right: figure('straightRight')! },
    centreMm: figure('centreMm')!,
    ...(gripDiameterMm !== undefined && { gripDiameterMm }),
    ...(centreDiameterMm !== undefined && { centreDiameterMm }),
  };
}

const partRules = {
  widthMm: [1, 400, 'mm', true],
  clampMm: [5, 60, 'mm', false],
  minWidthMm: [0, 400, 'mm', false],
  sweepMm: [0, 200, 'mm', false],
} as const;

export interface PartFields {
  kind: BarPartKind;
  id: string;
  widthMm: string;
  clampMm: string;
  minWidthMm: string;
  sweepMm: string;
  side: BarPart['side'];
  nowSide: NonNullable<BarPart['nowSide']> | '';
  rear: '' | 'yes' | 'no';
  cutOff: '' | 'yes' | 'no';
}

const told = (flag: boolean | undefined) => (flag === undefined ? '' : flag ? 'yes' : 'no');

/** @param taken - names that other parts have: a new part gets another one */
export function partToFields(part: BarPart | undefined, taken: readonly string[]): PartFields {
  return {
    kind: part?.kind ?? 'grip',
    id: part?.id ?? freeName('grip', taken),
    widthMm: fieldText(part?.widthMm, 'mm'),
    clampMm: fieldText(part?.clampMm, 'mm'),
    minWidthMm: fieldText(part?.minWidthMm, 'mm'),
    sweepMm: fieldText(part?.sweepMm, 'mm'),
    side: part?.side ?? 'left',
    nowSide: part?.nowSide ?? '',
    rear: told(part?.rear),
    cutOff: told(part?.cutOff),
  };
}

/** The kind's own name, with a number if that is taken. */
export function freeName(kind: BarPartKind, taken: readonly string[]): string {
  const name = partKinds[kind];
  for (let number = 1; ; number++) {
    const numbered = number === 1 ? name : `${name} ${number}`;
    if (!taken.includes(numbered)) return numbered;
  }
}

/** Which of the further fields a kind has. */
export function asksOf(kind: BarPartKind): {
  clamp: boolean;
  cut: boolean;
  sweep: boolean;
  rear: boolean;
  cutOff: boolean;
} {
  const shifts = kind === 'shifter-trigger' || kind === 'shifter-twist' || kind === 'lever-shifter';
  const isLever = kind === 'lever' || kind === 'lever-shifter';
  return {
    clamp: kind !== 'grip',
    cut: kind === 'grip',
    sweep: isLever || kind === 'shifter-trigger' || kind === 'throttle-thumb',
    rear: shifts,
    cutOff: isLever || kind === 'switch',
  };
}

export function checkPart(taken: readonly string[]): Resolver<PartFields> {
  return (values) => {
    const name = values.id.trim();
    const { clamp, cut, sweep } = asksOf(values.kind);
    const asked = { widthMm: true, clampMm: clamp, minWidthMm: cut, sweepMm: sweep };
    const errors: FieldErrors<PartFields> = figureErrors(partRules, values, (field) => asked[field]);
    if (!name) errors.id = wrong(words.nameMissing);
    else if (taken.includes(name)) errors.id = wrong(words.nameTwice(name));
    return resolved(values, errors);
  };
}

/** What a kind does not have is left out, whatever was typed before the kind was changed. */
export function fieldsToPart(fields: PartFields): BarPart {
  const asks = asksOf(fields.kind);
  const figure = (text: string, isAsked: boolean) => (isAsked ? (typedFigure(text, 'mm') ?? undefined) : undefined);
  const flag = (word: '' | 'yes' | 'no', isAsked: boolean) => (isAsked && word ? word === 'yes' : undefined);
  const further = {
    clampMm: figure(fields.clampMm, asks.clamp),
    minWidthMm: figure(fields.minWidthMm, asks.cut),
    sweepMm: figure(fields.sweepMm, asks.sweep),
    nowSide: fields.nowSide || undefined,
    rear: flag(fields.rear, asks.rear),
    cutOff: flag(fields.cutOff, asks.cutOff),
  };
  return {
    id: fields.id.trim(),
    kind: fields.kind,
    widthMm: typedFigure(fields.widthMm, 'mm')!,
    side: fields.side,
    ...(Object.fromEntries(Object.entries(further).filter(([, value]) => value !== undefined)) as Partial<BarPart>),
  };
}
