import { InputError, readInput } from '@cricket/core/input';
import { KitFacts, type KitPart } from '@cricket/core/kit';
import { unitName } from '@cricket/core/units';

import { typedFigure } from '../../ui/number-rule';
import { fieldText, shopUnits } from '../../ui/shop-units';
import { readStated, statedText } from '../../ui/stated-lines';
import { adapterText, readAdapters } from './adapter-lines';
import { phrase, say } from '../../ui/say';
import { writtenLines } from '../../ui/written-lines';
import { readPacked } from './packed-lines';

/** How a field of the kit is entered. `group` is left out as a whole when none of its fields is filled. */
type KitField =
  | { how: 'figure'; unit: string }
  | { how: 'word'; options: readonly string[] }
  | { how: 'yes-no' }
  | { how: 'lines' }
  | { how: 'packing' }
  | { how: 'torques' }
  | { how: 'adapters' };

const figure = (unit: string): KitField => ({ how: 'figure', unit });
const word = (...options: string[]): KitField => ({ how: 'word', options });

/** Every field of a kit by its place in the contract, in the order in which one reads a data sheet. */
export const kitFields = {
  'motor-ratedW': figure('W'),
  'motor-kv': figure('rpm/V'),
  'motor-windingOhm': figure('Ω'),
  'motor-noLoadA': figure('A'),
  'motor-statedNm': figure('N·m'),
  'controller-topology': word('separate', 'in-hub', 'in-battery', 'all-in-wheel'),
  'controller-fullV': figure('V'),
  'controller-batteryA': figure('A'),
  'controller-phaseA': figure('A'),
  assistedKmh: figure('km/h'),
  throttle: word('none', 'thumb', 'twist'),
  display: { how: 'yes-no' },
  'battery-Wh': figure('Wh'),
  'battery-massKg': figure('kg'),
  'battery-cost': figure(''),
  'hub-material': word('aluminium', 'steel'),
  'hub-takes': word('freewheel', 'cassette', 'none'),
  'hub-bodyMm': figure('mm'),
  'hub-throughMm': figure('mm'),
  'hub-rotor-pattern': word('six-bolt', 'four-bolt', 'spline'),
  'hub-rotor-holeDepthMm': figure('mm'),
  'hub-rotor-coverFaceMm': figure('mm'),
  'hub-cable-diameterMm': figure('mm'),
  'hub-cable-plugMm': figure('mm'),
  'hub-cable-atRotorBolts': { how: 'yes-no' },
  'hub-adapters': { how: 'adapters' },
  'rim-innerWidthMm': figure('mm'),
  'rim-brakeTrack': { how: 'yes-no' },
  'rim-valveHole': word('thin', 'thick'),
  'rim-depthMm': figure('mm'),
  'rim-maxBar': figure('bar'),
  'rim-maxLoadKg': figure('kg'),
  'flanges-left-flangeDiameterMm': figure('mm'),
  'flanges-left-flangeOffsetMm': figure('mm'),
  'flanges-left-holeMm': figure('mm'),
  'flanges-right-flangeDiameterMm': figure('mm'),
  'flanges-right-flangeOffsetMm': figure('mm'),
  'flanges-right-holeMm': figure('mm'),
  'flanges-spokes': figure(''),
  massKg: figure('kg'),
  cost: figure(''),
  leadDays: figure('days'),
  packing: { how: 'packing' },
  torques: { how: 'torques' },
  ownSteps: { how: 'lines' },
  exclusions: { how: 'lines' },
  verified: { how: 'yes-no' },
} as const satisfies Record<string, KitField>;

export type KitFieldName = keyof typeof kitFields;
export type KitFieldValues = Record<KitFieldName, string>;
/** What the parts of the packing list are in the shop's catalogue, by what the list calls them; empty where nobody has said. */
export type PackedAs = Readonly<Record<string, KitPart['kind'] | ''>>;

/** Parts of a kit that are left out when nothing of them is filled in. */
const optionalGroups = ['hub-rotor', 'rim', 'flanges', 'battery'] as const;

const names = Object.keys(kitFields) as KitFieldName[];

/** The form's fields of a kit, or empty ones. */
export function kitFieldValues(kit: KitFacts | null | undefined): KitFieldValues {
  return Object.fromEntries(names.map((name) => [name, asText(kitFields[name], at(kit, name))])) as KitFieldValues;
}

function at(kit: unknown, name: string): unknown {
  return name.split('-').reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], kit);
}

function asText(field: KitField, value: unknown): string {
  const { how } = field;
  if (value === undefined || value === null) return '';
  if (field.how === 'figure') return fieldText(value as number, field.unit);
  if (how === 'yes-no') return value ? 'yes' : 'no';
  if (how === 'lines') return (value as string[]).join('\n');
  if (how === 'packing') {
    return (value as KitFacts['packing']).map(({ part, count }) => `${count} × ${part}`).join('\n');
  }
  if (how === 'adapters') return adapterText(value as NonNullable<KitFacts['hub']['adapters']>);
  if (how === 'torques') return statedText(value as KitFacts['torques']);
  return String(value);
}

/** What stands against a field, by name. */
export type KitErrors = Partial<Record<KitFieldName, string>>;

/**
 * Reads the kit from the form.
 *
 * @param before - the kit as it was: what the form does not show, such as the screws of end adapters, stays
 * @param packedAs - kinds of the packed parts as they are chosen on the form
 * @returns the kit, or what stands against it, field by field
 */
export function readKit(
  values: KitFieldValues,
  before: KitFacts | null | undefined,
  packedAs: PackedAs = {},
): { kit: KitFacts } | { errors: KitErrors } {
  const errors: KitErrors = {};
  const kit: Record<string, unknown> = {};
  for (const name of names) {
    const text = values[name]?.trim() ?? '';
    const group = optionalGroups.find((each) => name.startsWith(`${each}-`));
    if (group && !filled(values, group)) {
      // An empty group says that the kit has none; left out it would be "nobody knows".
      if (group === 'rim' || group === 'battery') kit[group] = null;
      continue;
    }
    const read = readField(kitFields[name], text, before);
    if (read === undefined) continue;
    if (read instanceof Error) errors[name] = read.message;
    else put(kit, name.split('-'), read);
  }
  if (Object.keys(errors).length) return { errors };
  kit['packing'] = (kit['packing'] as KitPart[]).map((line) => ofKind(line, packedAs, before));
  if (before?.cluster !== undefined) kit['cluster'] = before.cluster;
  if (before?.outfit !== undefined) kit['outfit'] = before.outfit;
  try {
    return { kit: readInput(KitFacts, kit) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const field = names.find((name) => error.path.startsWith(name.replaceAll('-', '.')));
    const message = error.value === undefined ? missing(kitFields[field ?? firstOf(error.path)]) : say(error.says);
    return { errors: { [field ?? firstOf(error.path)]: message } };
  }
}

/** The first field of a group, for an error that names the group. */
function firstOf(path: string): KitFieldName {
  return names.find((name) => name.startsWith(path.replaceAll('.', '-'))) ?? 'motor-ratedW';
}

function filled(values: KitFieldValues, group: string): boolean {
  // A choice alone does not make a part: it may only show what was asked first.
  return names.some(
    (name) => name.startsWith(`${group}-`) && kitFields[name].how === 'figure' && values[name]?.trim() !== '',
  );
}

function readField(field: KitField, text: string, before: KitFacts | null | undefined): unknown {
  if (field.how === 'adapters') return readAdapters(text, before?.hub.adapters);
  if (field.how === 'torques')
    return text === '' ? undefined : readStated(text, phrase('wheel.kit-form.readField-kit-maker'));
  if (field.how === 'lines' || field.how === 'packing') {
    const lines = writtenLines(text);
    if (field.how === 'lines') return lines;
    const packed = lines.map(readPacked);
    return packed.find((item) => item instanceof Error) ?? packed;
  }
  if (text === '') return undefined;
  if (field.how === 'yes-no') return text === 'yes';
  if (field.how === 'word') return text;
  return (
    typedFigure(text, field.unit) ??
    new Error(phrase('wheel.kit-form.readField-not-figure', { text, unit: unitOf(field.unit) }))
  );
}

/** What to say of a field that must be filled in. */
function missing(field: KitField): string {
  return field.how === 'figure'
    ? phrase('wheel.kit-form.missing-enter-figure', { unit: unitOf(field.unit) })
    : phrase('wheel.kit-form.missing-choose-one');
}

function unitOf(unit: string): string {
  return unit ? ` in ${unitName(unit, shopUnits())}` : '';
}

/** A line with its kind; figures that somebody recorded of a part stay as long as it is of that kind. */
function ofKind({ part, count }: KitPart, packedAs: PackedAs, before: KitFacts | null | undefined): KitPart {
  const known = before?.packing.find((line) => line.part === part);
  const kind = packedAs[part] ?? known?.kind;
  if (!kind) return { part, count };
  return { part, count, kind, ...(known?.kind === kind && known.spec && { spec: known.spec }) };
}

function put(target: Record<string, unknown>, [key, ...rest]: string[], value: unknown): void {
  if (rest.length === 0) target[key!] = value;
  else put((target[key!] ??= {}) as Record<string, unknown>, rest, value);
}
