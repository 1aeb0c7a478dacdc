import type { BayPack } from '@cricket/core/bay-question';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, inLine, resolved, wrong } from '../../ui/figure-rules';
import { numberRule, typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

const rules = {
  batteryLength: [10, 1200, 'mm', true],
  batteryHeight: [5, 500, 'mm', true],
  batteryWidth: [5, 500, 'mm', true],
  massKg: [0.1, 50, 'kg', true],
  railLength: [1, 1200, 'mm', true],
  railHeight: [0, 150, 'mm', true],
  railOffset: [-1000, 1000, 'mm', false],
  strokeMm: [0, 1200, 'mm', true],
  tiltDeg: [0, 89, '°', true],
  keyAlong: [-1500, 1500, 'mm', false],
  keyOff: [-1500, 1500, 'mm', false],
  keyProud: [0, 200, 'mm', false],
} as const;
export type PackFigure = keyof typeof rules;

export interface PackFields extends Record<PackFigure, string> {
  of: BayPack['of'];
  slots: string;
  insert: BayPack['insert']['kind'];
  toward: 'head' | 'bb';
  pivot: 'head' | 'bb';
}

export const isOptional = (name: PackFigure): boolean => !rules[name][3];

/** The usual figure that stands in for one that is left out. */
export const usual: Partial<Record<PackFigure, string>> = { railOffset: '0', keyProud: '20' };

/** @param massKg - what the kit says its battery weighs */
export function packToFields(pack: BayPack | undefined, of: BayPack['of'], massKg: number | undefined): PackFields {
  const { battery, rail, insert, key } = pack ?? {};
  const mm = (value: number | undefined) => fieldText(value, 'mm');
  return {
    of: pack?.of ?? of,
    batteryLength: mm(battery?.lengthMm),
    batteryHeight: mm(battery?.heightMm),
    batteryWidth: mm(battery?.widthMm),
    massKg: fieldText(battery?.massKg ?? massKg, 'kg'),
    railLength: mm(rail?.lengthMm),
    railHeight: mm(rail?.heightMm),
    railOffset: mm(rail?.offsetMm),
    slots: (rail?.slotsMm ?? []).map(([from, to]) => `${mm(from)}-${mm(to)}`).join(' '),
    insert: insert?.kind ?? 'slide',
    strokeMm: mm(insert?.kind === 'slide' ? insert.strokeMm : undefined),
    toward: insert?.kind === 'slide' ? insert.toward : 'bb',
    tiltDeg: fieldText(insert?.kind === 'tilt' ? insert.angleDeg : undefined, '°'),
    pivot: (insert?.kind === 'tilt' && insert.pivot) || 'bb',
    keyAlong: mm(key?.at[0]),
    keyOff: mm(key?.at[1]),
    keyProud: mm(key?.proudMm),
  };
}

/** What goes in by sliding is not tilted. */
export const isAsked = (name: PackFigure, { insert }: Pick<PackFields, 'insert'>): boolean =>
  name === 'strokeMm' ? insert === 'slide' : name === 'tiltDeg' ? insert === 'tilt' : true;

export const checkPack: Resolver<PackFields> = (values) => {
  const errors: FieldErrors<PackFields> = figureErrors(rules, values, (name) => isAsked(name, values));
  const slots = slotTrouble(values.slots);
  if (slots) errors.slots = wrong(slots);
  const [along, off] = [values.keyAlong.trim(), values.keyOff.trim()];
  if ((along === '') !== (off === '')) errors[along === '' ? 'keyAlong' : 'keyOff'] ??= wrong(words.keyBoth);
  return resolved(values, errors);
};

/** A slot as it is written: from-to, with a hyphen or a dash. */
const ends = (slot: string) => /^([^–-]+)[–-]([^–-]+)$/.exec(slot)?.slice(1) as [string, string] | undefined;

function slotTrouble(text: string): string | null {
  for (const slot of inLine(text)) {
    const pair = ends(slot);
    if (!pair) return words.slotPair(slot);
    for (const end of pair) {
      const held = numberRule(0, 1500, 'mm', true)(end);
      if (held !== true) return held;
    }
    if (typedFigure(pair[1])! < typedFigure(pair[0])!) return words.slotOrder(slot);
  }
  return null;
}

export function fieldsToPack(fields: PackFields): BayPack {
  const mm = (name: PackFigure) => typedFigure(fields[name], 'mm');
  const [offset, proud, along, off] = [mm('railOffset'), mm('keyProud'), mm('keyAlong'), mm('keyOff')];
  return {
    of: fields.of,
    battery: {
      lengthMm: mm('batteryLength')!,
      heightMm: mm('batteryHeight')!,
      widthMm: mm('batteryWidth')!,
      massKg: typedFigure(fields.massKg, 'kg')!,
    },
    rail: {
      lengthMm: mm('railLength')!,
      heightMm: mm('railHeight')!,
      ...(offset !== null && { offsetMm: offset }),
      slotsMm: inLine(fields.slots).map((slot) => {
        const [from, to] = ends(slot)!;
        return [typedFigure(from, 'mm')!, typedFigure(to, 'mm')!];
      }),
    },
    insert:
      fields.insert === 'slide'
        ? { kind: 'slide', strokeMm: mm('strokeMm')!, toward: fields.toward }
        : { kind: 'tilt', angleDeg: typedFigure(fields.tiltDeg, '°')!, pivot: fields.pivot },
    ...(along !== null && off !== null && { key: { at: [along, off], ...(proud !== null && { proudMm: proud }) } }),
  };
}
