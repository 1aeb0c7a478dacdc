import type { WheelEntry } from '@cricket/contract';
import type { Wheel } from '@cricket/contract/shapes';

import { numberRule, typedFigure } from '../../ui/number-rule';
import { deliveredText, readDelivered } from './delivered-text';
import { kitFieldValues, readKit, type KitFieldName, type KitFieldValues, type PackedAs } from './kit-form';
import { words } from './words';
import { phrase } from '../../ui/say';

/** A number field of the form: range, and whether it may stay empty. */
interface NumberField {
  min: number;
  max: number;
  required: boolean;
}

const axleFields = {
  threadMm: { min: 8, max: 20, required: true },
  flatsMm: { min: 5, max: 18, required: true },
  leftMm: { min: 5, max: 120, required: true },
  rightMm: { min: 5, max: 120, required: true },
  threadFromLeftMm: { min: 0, max: 100, required: true },
  threadFromRightMm: { min: 0, max: 100, required: true },
} satisfies Record<keyof Wheel['axle'], NumberField>;

const ownFields = {
  shoulderWidthMm: { min: 40, max: 200, required: true },
  rimOffsetMm: { min: -40, max: 40, required: true },
  rotorFaceMm: { min: -40, max: 80, required: false },
  smallSprocketMm: { min: -60, max: 60, required: false },
  nutMm: { min: 3, max: 30, required: true },
  nutFlangeMm: { min: 10, max: 50, required: true },
  coverDiameterMm: { min: 60, max: 320, required: true },
  coverWidthMm: { min: 20, max: 160, required: true },
  rotorDiameterMm: { min: 100, max: 260, required: false },
  beadSeatMm: { min: 200, max: 700, required: true },
} satisfies Partial<Record<keyof Wheel, NumberField>>;

type AxleField = keyof typeof axleFields;
type OwnField = keyof typeof ownFields;

/** Every number field, in the order in which one measures them. */
export const numberFields: Record<AxleField | OwnField, NumberField> = { ...axleFields, ...ownFields };

export type WheelFields = Record<AxleField | OwnField, string> & {
  code: string;
  note: string;
  soldFor: Wheel['soldFor'];
  drive: Wheel['drive'];
  regen: 'yes' | 'no';
  cableExit: Wheel['cableExit'];
  downMark: Wheel['downMark'];
  deliveredLeft: string;
  deliveredRight: string;
  /** Whether anything besides the wheel's dimensions is recorded. */
  kitKnown: 'yes' | 'no';
  kit: KitFieldValues;
  packedAs: PackedAs;
};

/** Fields that a message can stand against by themselves. */
type CheckedField = Exclude<keyof WheelFields, 'kit' | 'packedAs'>;

/** The form's fields of a wheel, or empty ones. */
export function wheelFields(wheel?: Wheel): WheelFields {
  const text = (value: number | null | undefined) => (value == null ? '' : String(value));
  const axle = Object.fromEntries(Object.keys(axleFields).map((name) => [name, text(wheel?.axle[name as AxleField])]));
  const own = Object.fromEntries(Object.keys(ownFields).map((name) => [name, text(wheel?.[name as OwnField])]));
  return {
    ...(axle as Record<AxleField, string>),
    ...(own as Record<OwnField, string>),
    code: wheel?.code ?? '',
    note: wheel?.note ?? '',
    soldFor: wheel?.soldFor ?? 'front',
    drive: wheel?.drive ?? 'geared',
    regen: wheel?.regen ? 'yes' : 'no',
    cableExit: wheel?.cableExit ?? 'right',
    downMark: wheel?.downMark ?? 'none',
    deliveredLeft: deliveredText(wheel?.delivered.left ?? []),
    deliveredRight: deliveredText(wheel?.delivered.right ?? []),
    kitKnown: wheel?.kit ? 'yes' : 'no',
    kit: kitFieldValues(wheel?.kit),
    packedAs: packedAs(wheel?.kit),
  };
}

function packedAs(kit: Wheel['kit']): PackedAs {
  return Object.fromEntries(
    (kit?.packing ?? []).map(({ part, kind }): [string, PackedAs[string]] => [part, kind ?? '']),
  );
}

/** The fields of a copy: everything of the model but its code. */
export function copyFields(model?: Wheel): WheelFields {
  return { ...wheelFields(model), code: '' };
}

/** Checks the form; every message names value and range. */
export function checkWheel(values: WheelFields) {
  const errors: Partial<Record<CheckedField, { type: string; message: string }>> = {};
  const complain = (name: CheckedField, message: string) => (errors[name] = { type: 'value', message });
  if (values.code.trim().length < 1 || values.code.trim().length > 20)
    complain('code', phrase('wheel.wheel-form.checkWheel-enter-1-20'));
  if (values.note.length > 400)
    complain('note', phrase('wheel.wheel-form.checkWheel-characters-at-most', { note: values.note.length }));
  for (const [name, { min, max, required }] of Object.entries(numberFields) as [AxleField | OwnField, NumberField][]) {
    const held = numberRule(min, max, 'mm', required)(values[name]);
    if (held !== true) complain(name, held);
  }
  const thread = typedFigure(values.threadMm);
  const flats = typedFigure(values.flatsMm);
  if (!errors.flatsMm && thread !== null && flats !== null && flats >= thread)
    complain('flatsMm', phrase('wheel.wheel-form.checkWheel-not-smaller-than', { flats, thread }));
  for (const name of ['deliveredLeft', 'deliveredRight'] as const) {
    const read = readDelivered(values[name]);
    if ('unreadable' in read) complain(name, words.unreadablePart(read.unreadable));
  }
  const kit = values.kitKnown === 'yes' ? readKit(values.kit, null) : null;
  const kitErrors = kit && 'errors' in kit ? kit.errors : {};
  if (Object.keys(kitErrors).length) {
    const told = Object.entries(kitErrors).map(([name, message]) => [name, { type: 'value', message }]);
    return { values: {}, errors: { ...errors, kit: Object.fromEntries(told) } };
  }
  return Object.keys(errors).length ? { values: {}, errors } : { values, errors: {} };
}

/** What goes to the server; `before` keeps what the form does not show, and says what was a pattern's until now. */
export function wheelEntry(values: WheelFields, version: number, before?: Wheel): WheelEntry {
  const kit = values.kitKnown === 'yes' ? readKit(values.kit, before?.kit, values.packedAs) : null;
  const numbers = (names: readonly string[]) =>
    Object.fromEntries(names.map((name) => [name, typedFigure(values[name as AxleField | OwnField])]));
  const parts = (text: string) => {
    const read = readDelivered(text);
    return 'parts' in read ? read.parts : [];
  };
  return {
    ...(numbers(Object.keys(ownFields)) as Record<OwnField, number>),
    axle: numbers(Object.keys(axleFields)) as unknown as WheelEntry['axle'],
    code: values.code.trim(),
    note: values.note,
    soldFor: values.soldFor,
    drive: values.drive,
    regen: values.regen === 'yes',
    cableExit: values.cableExit,
    downMark: values.downMark,
    delivered: { left: parts(values.deliveredLeft), right: parts(values.deliveredRight) },
    kit: kit && 'kit' in kit ? { ...kit.kit, ...stillUnmeasured(values, before) } : null,
    version,
  };
}

/** A figure of a pattern that somebody has changed is measured; the others stay marked. */
function stillUnmeasured(values: WheelFields, before: Wheel | undefined): { unmeasured?: string[] } {
  const marked = before?.kit?.unmeasured;
  if (!marked) return {};
  const shown = wheelFields(before);
  const left = marked.filter((path) => figureText(values, path) === figureText(shown, path));
  return left.length ? { unmeasured: left } : {};
}

/** The form's text of the figure at a path such as `axle.leftMm` or `kit.motor.ratedW`. */
export function figureText(values: WheelFields, path: string): string {
  const { kit, name } = fieldAt(path);
  return kit ? values.kit[name as KitFieldName] : values[name as AxleField | OwnField];
}

/** The same form with another text at a path. */
export function withFigure(values: WheelFields, path: string, text: string): WheelFields {
  const { kit, name } = fieldAt(path);
  return kit ? { ...values, kit: { ...values.kit, [name]: text } } : { ...values, [name]: text };
}

/** What the form calls the figure at a path, and whether the kit has it. */
export function fieldAt(path: string): { kit: boolean; name: string } {
  return path.startsWith('kit.')
    ? { kit: true, name: path.slice('kit.'.length).replaceAll('.', '-') }
    : { kit: false, name: path.split('.').at(-1)! };
}
