import type { StorePart } from '@cricket/contract/shapes';
import { jsonSchema } from '@cricket/core/input';
import { partSpecs } from '@cricket/core/part-specs';
import { partKinds, type PartKind, type PartSpec } from '@cricket/core/part-kinds';

import { numberRule, typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

/** What a line starts from: one of the stores, or one that is to be. */
export type PartLine = Pick<StorePart, 'kind' | 'spec' | 'label' | 'costEach' | 'count'>;

/** One thing that a kind of part is told by, as the form asks for it. */
export type SpecField = { name: SpecName; required: boolean } & (
  | { asks: 'figure'; min: number; max: number; unit: string; whole: boolean }
  | { asks: 'word'; options: readonly string[] }
  | { asks: 'text' }
);
export type SpecName = keyof typeof words.fields.spec;

export interface StoreFields {
  kind: PartKind;
  spec: Record<string, string>;
  label: string;
  costEach: string;
  count: string;
}

/** What a form does not ask: an arm's turned hole, which way a tyre runs. What was recorded of it stays. */
const notAsked: Partial<Record<PartKind, readonly string[]>> = {
  arm: ['form', 'holeDeg', 'stepDeg', 'offsetMm'],
  tyre: ['minBar', 'directional'],
};

/** What is said of a new one where nobody is asked. */
const unasked: Partial<Record<PartKind, PartSpec>> = { tyre: { directional: true } };

/** The unit that a figure's name ends with. */
const units = [
  ['Mm', 'mm'],
  ['Kmh', 'km/h'],
  ['Bar', 'bar'],
  ['Kg', 'kg'],
  ['Wh', 'Wh'],
  ['V', 'V'],
  ['W', 'W'],
  ['A', 'A'],
] as const;

interface Property {
  type?: string;
  minimum?: number;
  maximum?: number;
  enum?: readonly string[];
}

/** What a kind is asked for, in the order of its contract. */
export function fieldsOfKind(kind: PartKind): SpecField[] {
  const { properties, required } = jsonSchema(partSpecs[kind]) as {
    properties: Record<string, Property>;
    required: readonly string[];
  };
  return Object.entries(properties)
    .filter(([name]) => !notAsked[kind]?.includes(name))
    .map(([name, { type, minimum = 0, maximum = 0, enum: options }]): SpecField => {
      const field = { name: name as SpecName, required: required.includes(name) };
      // What need not be said may stay open.
      if (options) return { ...field, asks: 'word', options: field.required ? options : ['', ...options] };
      if (type === 'string') return { ...field, asks: 'text' };
      const unit = units.find(([end]) => name.endsWith(end))?.[1] ?? '';
      return { ...field, asks: 'figure', min: minimum, max: maximum, unit, whole: type === 'integer' };
    });
}

/** The form's fields of a part, or empty ones. */
export function storeFields(part?: PartLine): StoreFields {
  const kind = part?.kind ?? 'plain';
  return {
    kind,
    spec: { ...emptySpec, ...(part && textsOf(part)) },
    label: part?.label ?? '',
    costEach: fieldText(part?.costEach),
    count: String(part?.count ?? 1),
  };
}

/** Every figure of every kind, empty: what is typed stays while one looks at another kind. */
const emptySpec: Record<string, string> = Object.fromEntries(
  partKinds.flatMap((kind) =>
    fieldsOfKind(kind).map((field) => [field.name, field.asks === 'word' ? field.options[0]! : '']),
  ),
);

function textsOf({ kind, spec }: PartLine): Record<string, string> {
  return Object.fromEntries(
    fieldsOfKind(kind).map((field) => {
      const value = spec[field.name];
      return [
        field.name,
        typeof value === 'number' ? fieldText(value, 'unit' in field ? field.unit : '') : String(value ?? ''),
      ];
    }),
  );
}

type Errors = Record<string, { type: string; message: string }>;

/** Checks the form; every message names value and range. */
export function checkStore(values: StoreFields) {
  const spec: Errors = {};
  for (const field of fieldsOfKind(values.kind)) {
    const held = holds(field, values.spec[field.name] ?? '');
    if (held !== true) spec[field.name] = { type: 'value', message: held };
  }
  const errors: Errors & { spec?: Errors } = {};
  const cost = numberRule(0, 10_000, '', false)(values.costEach);
  if (cost !== true) errors.costEach = { type: 'value', message: cost };
  if (values.label.length > 80) errors.label = { type: 'value', message: words.labelRule(values.label.length) };
  const count = typedFigure(values.count);
  if (count === null || !Number.isInteger(count) || count < 0 || count > 9999) {
    errors.count = { type: 'value', message: words.countRule(values.count) };
  }
  if (Object.keys(spec).length > 0) errors.spec = spec as never;
  return Object.keys(errors).length > 0 ? { values: {}, errors } : { values, errors: {} };
}

function holds(field: SpecField, text: string): true | string {
  if (field.asks === 'figure') {
    const held = numberRule(field.min, field.max, field.unit, field.required)(text);
    const figure = typedFigure(text, field.unit);
    if (held !== true || !field.whole || figure === null || Number.isInteger(figure)) return held;
    return words.wholeRule(text, field.min, field.max);
  }
  return field.required && text.trim() === '' ? words.textRule : true;
}

/** What goes to the server. What the form does not ask stays as it was. */
export function storeEntry(values: StoreFields, before: PartLine | undefined, version: number) {
  const { kind } = values;
  return {
    kind,
    spec: specOf(values, before?.kind === kind ? before.spec : (unasked[kind] ?? {})),
    label: values.label.trim() || null,
    costEach: typedFigure(values.costEach),
    // Only what was counted here: what others took meanwhile stands.
    ...countedHere(values, version > 0 ? before : undefined),
    version,
  };
}

function countedHere({ count: typed }: StoreFields, known: PartLine | undefined): { count?: number } {
  const count = typedFigure(typed)!;
  return count === known?.count ? {} : { count };
}

function specOf({ kind, spec }: StoreFields, before: PartSpec): PartSpec {
  const kept = Object.entries(before).filter(([name]) => notAsked[kind]?.includes(name));
  const told = fieldsOfKind(kind).flatMap((field) => {
    const text = (spec[field.name] ?? '').trim();
    const value = field.asks === 'figure' ? typedFigure(text, field.unit) : text || null;
    return value === null ? [] : [[field.name, value] as const];
  });
  const all: Record<string, number | string | boolean> = Object.fromEntries([...kept, ...told]);
  if (kind !== 'arm') return all;
  // With a second link it is adjustable.
  return { ...all, form: 'linkMm' in all ? 'adjustable' : before.form === 'splined' ? 'splined' : 'rigid' };
}
