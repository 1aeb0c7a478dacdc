import type { Carried, WiringAdapter, WiringPlug } from '@cricket/core/connections';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, inLine, resolved, wrong } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { words } from './words';

export interface PlugFields {
  id: string;
  on: string;
  to: string;
  family: string;
  gender: WiringPlug['gender'];
  key: string;
  colour: string;
  live: 'yes' | 'no';
  pins: { carries: Carried | ''; wire: string }[];
}

export const mostContacts = 40;

export function plugToFields(plug: WiringPlug | undefined): PlugFields {
  const most = Math.max(0, ...(plug?.pins ?? []).map(({ n }) => n));
  return {
    id: plug?.id ?? '',
    on: plug?.on ?? '',
    to: plug?.to ?? '',
    family: plug?.family ?? '',
    gender: plug?.gender ?? 'socket',
    key: plug?.key ?? '',
    colour: plug?.colour ?? '',
    live: plug?.live ? 'yes' : 'no',
    pins: Array.from({ length: plug ? most : 3 }, (_, at) => {
      const pin = plug?.pins.find(({ n }) => n === at + 1);
      return { carries: pin?.carries ?? '', wire: pin?.wire ?? '' };
    }),
  };
}

function nameTrouble(id: string, taken: readonly string[]): string | null {
  const name = id.trim();
  if (!name) return words.nameMissing;
  return taken.includes(name) ? words.nameTwice(name) : null;
}

export function checkPlug(taken: readonly string[]): Resolver<PlugFields> {
  return (values) => {
    const errors: FieldErrors<PlugFields> = {};
    const trouble = nameTrouble(values.id, taken);
    if (trouble) errors.id = wrong(trouble);
    for (const name of ['on', 'family'] as const) if (!values[name].trim()) errors[name] = wrong(words.missingText);
    if (values.to.trim() && values.to.trim() === values.on.trim()) errors.to = wrong(words.ownPart);
    return resolved(values, errors);
  };
}

export function fieldsToPlug(fields: PlugFields): WiringPlug {
  const text = <K extends string>(name: K, value: string): { [name in K]?: string } =>
    value.trim() ? ({ [name]: value.trim() } as { [name in K]: string }) : {};
  return {
    id: fields.id.trim(),
    on: fields.on.trim(),
    ...text('to', fields.to),
    family: fields.family.trim(),
    gender: fields.gender,
    ...text('key', fields.key),
    ...text('colour', fields.colour),
    pins: fields.pins.map(({ carries, wire }, at) => ({
      n: at + 1,
      ...(carries && { carries }),
      ...text('wire', wire),
    })),
    ...(fields.live === 'yes' && { live: true }),
  };
}

const adapterRules = { fromPins: [1, 40, '', true], toPins: [1, 40, '', true] } as const;

export interface AdapterFields extends Record<keyof typeof adapterRules, string> {
  id: string;
  fromFamily: string;
  fromGender: WiringPlug['gender'];
  fromKey: string;
  toFamily: string;
  toGender: WiringPlug['gender'];
  toKey: string;
  map: string;
}

export function adapterToFields(adapter: WiringAdapter | undefined): AdapterFields {
  const { from, to, map = [] } = adapter ?? {};
  return {
    id: adapter?.id ?? '',
    fromFamily: from?.family ?? '',
    fromGender: from?.gender ?? 'pin',
    fromKey: from?.key ?? '',
    fromPins: from ? String(from.pins) : '',
    toFamily: to?.family ?? '',
    toGender: to?.gender ?? 'socket',
    toKey: to?.key ?? '',
    toPins: to ? String(to.pins) : '',
    map: map.map(([one, other]) => `${one}-${other}`).join(' '),
  };
}

const pairOf = (text: string): [number, number] | null => {
  const found = /^(\d+)[–-](\d+)$/.exec(text);
  return found ? [Number(found[1]), Number(found[2])] : null;
};

export function checkAdapter(taken: readonly string[]): Resolver<AdapterFields> {
  return (values) => {
    const errors: FieldErrors<AdapterFields> = figureErrors(adapterRules, values);
    const trouble = nameTrouble(values.id, taken);
    if (trouble) errors.id = wrong(trouble);
    for (const name of ['fromFamily', 'toFamily'] as const)
      if (!values[name].trim()) errors[name] = wrong(words.missingText);
    const [from, to] = [typedFigure(values.fromPins) ?? 0, typedFigure(values.toPins) ?? 0];
    for (const text of inLine(values.map)) {
      const pair = pairOf(text);
      if (!pair) errors.map ??= wrong(words.mapPair(text));
      else if (pair[0] < 1 || pair[1] < 1 || pair[0] > from || pair[1] > to) errors.map ??= wrong(words.mapRange(text));
    }
    return resolved(values, errors);
  };
}

export function fieldsToAdapter(fields: AdapterFields): WiringAdapter {
  const end = (name: 'from' | 'to') => ({
    family: fields[`${name}Family`].trim(),
    gender: fields[`${name}Gender`],
    ...(fields[`${name}Key`].trim() && { key: fields[`${name}Key`].trim() }),
    pins: Math.round(typedFigure(fields[`${name}Pins`])!),
  });
  return {
    id: fields.id.trim(),
    from: end('from'),
    to: end('to'),
    map: inLine(fields.map).map((text) => pairOf(text)!),
  };
}
