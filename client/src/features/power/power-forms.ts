import { mm2OfAwg, thinnestMm2 } from '@cricket/core/power-path';
import type { BikePower } from '@cricket/core/power-question';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, resolved, wrong } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

export type Maybe = '' | 'yes' | 'no';
export const word = (flag: boolean | undefined): Maybe => (flag === undefined ? '' : flag ? 'yes' : 'no');
const flagOf = (answer: Maybe): boolean | undefined => (answer === '' ? undefined : answer === 'yes');

/** Without what is not known. */
export function known<T extends object>(fields: T): { [K in keyof T]: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as never;
}
/** A field by a name that is known in the contract, and left out where nobody has said. */
export const said = <K extends string>(name: K, answer: Maybe): { [name in K]?: boolean } =>
  known({ [name]: flagOf(answer) }) as { [name in K]?: boolean };
export const figureSaid = <K extends string>(name: K, text: string, unit: string): { [name in K]?: number } =>
  known({ [name]: typedFigure(text, unit) ?? undefined }) as { [name in K]?: number };

type Pack = NonNullable<BikePower['pack']>;

const packRules = {
  cells: [1, 60, '', true],
  ah: [0.1, 500, 'Ah', true],
  continuousA: [0.1, 1000, 'A', true],
  peakA: [0.1, 2000, 'A', true],
  packMilliohm: [0.1, 10_000, 'mΩ', false],
  cutoffVPerCell: [0.5, 4.5, 'V', true],
} as const;
export type PackFigure = keyof typeof packRules;
export const packFigures = Object.keys(packRules) as PackFigure[];

export interface PackFields extends Record<PackFigure, string> {
  of: Pack['of'];
  chemistry: Pack['battery']['chemistry'];
  pack: 'cased' | 'bare';
  enclosed: Maybe;
  retained: Maybe;
}

/** @param usual - what is known of the pack from elsewhere, offered where nothing is written down yet */
export function packToFields(pack: Pack | undefined, of: Pack['of'], usual: Partial<Pack['battery']>): PackFields {
  const battery: Partial<Pack['battery']> = pack?.battery ?? usual;
  return {
    of: pack?.of ?? of,
    chemistry: battery.chemistry ?? 'nmc',
    cells: fieldText(battery.cells, ''),
    ah: fieldText(battery.ah, 'Ah'),
    continuousA: fieldText(battery.continuousA, 'A'),
    peakA: fieldText(battery.peakA, 'A'),
    packMilliohm: fieldText(
      battery.packOhm === undefined ? undefined : Number((1000 * battery.packOhm).toFixed(3)),
      '',
    ),
    cutoffVPerCell: fieldText(battery.cutoffVPerCell, 'V'),
    pack: battery.pack ?? 'cased',
    enclosed: word(battery.enclosed),
    retained: word(battery.retained),
  };
}

export const checkPack: Resolver<PackFields> = (values) => {
  const errors: FieldErrors<PackFields> = figureErrors(packRules, values);
  if (!errors.cells && !Number.isInteger(typedFigure(values.cells))) errors.cells = wrong(words.whole(values.cells));
  const [long, moment] = [typedFigure(values.continuousA), typedFigure(values.peakA)];
  if (!errors.peakA && long !== null && moment !== null && moment < long) errors.peakA = wrong(words.peakRule);
  return resolved(values, errors);
};

export function fieldsToPack(fields: PackFields): Pack {
  const milliohm = typedFigure(fields.packMilliohm);
  return {
    of: fields.of,
    battery: {
      cells: typedFigure(fields.cells)!,
      ah: typedFigure(fields.ah)!,
      continuousA: typedFigure(fields.continuousA)!,
      peakA: typedFigure(fields.peakA)!,
      ...(milliohm !== null && { packOhm: milliohm / 1000 }),
      chemistry: fields.chemistry,
      cutoffVPerCell: typedFigure(fields.cutoffVPerCell)!,
      pack: fields.pack,
      ...(fields.pack === 'bare' && { ...said('enclosed', fields.enclosed), ...said('retained', fields.retained) }),
    },
  };
}

type Controller = NonNullable<BikePower['controller']>;

const controllerRules = {
  batteryA: [0.1, 1000, 'A', true],
  phaseA: [0.1, 2000, 'A', true],
  minV: [1, 500, 'V', true],
  maxV: [1, 500, 'V', true],
  lowCutV: [0, 500, 'V', true],
} as const;
export type ControllerFields = Record<keyof typeof controllerRules, string>;
export const controllerFields = Object.keys(controllerRules) as (keyof ControllerFields)[];

export function controllerToFields(controller: Partial<Controller>): ControllerFields {
  return Object.fromEntries(
    controllerFields.map((name) => [name, fieldText(controller[name], controllerRules[name][2])]),
  ) as ControllerFields;
}

export const checkController: Resolver<ControllerFields> = (values) => {
  const errors: FieldErrors<ControllerFields> = figureErrors(controllerRules, values);
  if (!errors.minV && !errors.maxV && typedFigure(values.maxV)! < typedFigure(values.minV)!) {
    errors.maxV = wrong(words.rangeRule);
  }
  return resolved(values, errors);
};

export const fieldsToController = (fields: ControllerFields): Controller => ({
  batteryA: typedFigure(fields.batteryA)!,
  phaseA: typedFigure(fields.phaseA)!,
  minV: typedFigure(fields.minV)!,
  maxV: typedFigure(fields.maxV)!,
  lowCutV: typedFigure(fields.lowCutV)!,
});

const chargerRules = { chargerV: [1, 500, 'V', true], chargerA: [0.01, 200, 'A', true] } as const;
export type ChargerFields = Record<keyof typeof chargerRules, string>;

export const chargerToFields = (charger: Partial<NonNullable<BikePower['charger']>>): ChargerFields => ({
  chargerV: fieldText(charger.volts, 'V'),
  chargerA: fieldText(charger.amps, 'A'),
});

export const checkCharger: Resolver<ChargerFields> = (values) => resolved(values, figureErrors(chargerRules, values));

export const fieldsToCharger = (fields: ChargerFields): NonNullable<BikePower['charger']> => ({
  volts: typedFigure(fields.chargerV)!,
  amps: typedFigure(fields.chargerA)!,
});

type Accessory = NonNullable<BikePower['accessories']>[number];

const accessoryRules = { fromV: [0, 500, 'V', true], toV: [0, 500, 'V', true], watts: [0, 2000, 'W', true] } as const;

export interface AccessoryFields extends Record<keyof typeof accessoryRules, string> {
  id: string;
  kind: Accessory['kind'];
  from: Accessory['from'];
  works: Maybe;
}

/** @param taken - names that other things have: a new one gets another */
export function accessoryToFields(accessory: Accessory | undefined, taken: readonly string[]): AccessoryFields {
  const kind = accessory?.kind ?? 'front-light';
  return {
    id: accessory?.id ?? (taken.includes(words.accessoryKinds[kind]) ? '' : words.accessoryKinds[kind]),
    kind,
    from: accessory?.from ?? 'main',
    works: word(accessory?.works),
    fromV: fieldText(accessory?.fromV, 'V'),
    toV: fieldText(accessory?.toV, 'V'),
    watts: fieldText(accessory?.watts, 'W'),
  };
}

export function checkAccessory(taken: readonly string[]): Resolver<AccessoryFields> {
  return (values) => {
    const errors: FieldErrors<AccessoryFields> = figureErrors(accessoryRules, values);
    if (!errors.fromV && !errors.toV && typedFigure(values.toV)! < typedFigure(values.fromV)!) {
      errors.toV = wrong(words.rangeRule);
    }
    const name = values.id.trim();
    if (!name) errors.id = wrong(words.nameMissing);
    else if (taken.includes(name)) errors.id = wrong(words.nameTwice(name));
    return resolved(values, errors);
  };
}

export const fieldsToAccessory = (fields: AccessoryFields): Accessory => ({
  id: fields.id.trim(),
  kind: fields.kind,
  fromV: typedFigure(fields.fromV)!,
  toV: typedFigure(fields.toV)!,
  watts: typedFigure(fields.watts)!,
  from: fields.from,
  ...said('works', fields.works),
});

/** @returns whether a lead is thick enough to be reckoned with */
export function isThickEnough(sizeIn: 'mm2' | 'awg', size: number): boolean {
  return (sizeIn === 'mm2' ? size : mm2OfAwg(size)) >= thinnestMm2 - 1e-9;
}
