import type { PedalSensorInput } from '@cricket/core/pedal-sensor';
import type { FieldErrors, Resolver } from 'react-hook-form';

import { figureErrors, resolved, wrong } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { words } from './words';

/** Range and unit of each figure, and whether it cannot be done without. */
const rules = {
  roomDrive: [0, 150, 'mm', true],
  roomNonDrive: [0, 150, 'mm', true],
  passDrive: [0, 150, 'mm', false],
  passNonDrive: [0, 150, 'mm', false],
  axleMm: [5, 100, 'mm', true],
  plateMm: [0, 20, 'mm', false],
  thicknessMm: [0.5, 60, 'mm', true],
  boreMm: [5, 100, 'mm', true],
  magnets: [1, 100, '', true],
  magnetRadiusMm: [1, 100, 'mm', false],
  gapMinMm: [0, 30, 'mm', false],
  gapMaxMm: [0, 30, 'mm', false],
  proudMm: [-20, 60, 'mm', false],
  markRadiusMm: [1, 100, 'mm', false],
  startPulses: [1, 1000, '', true],
  stopMs: [0, 20_000, 'ms', true],
} as const;
export type CrankFigure = keyof typeof rules;
type Word = '' | 'yes' | 'no';

export interface CrankFields extends Record<CrankFigure, string> {
  /** Nothing is taken for known that nobody has looked at. */
  fixing: PedalSensorInput['crank']['fixing'] | '';
  shell: PedalSensorInput['shell']['kind'] | '';
  lockRing: 'yes' | 'no';
  ringKind: PedalSensorInput['ring']['kind'] | '';
  madeFor: NonNullable<PedalSensorInput['ring']['madeFor']> | '';
  bothFaces: Word;
  shellRing: 'yes' | 'no';
  tie: 'yes' | 'no';
  bracket: 'yes' | 'no';
}

/** Figures that can be left open. */
export const isOptional = (name: CrankFigure): boolean => !rules[name][3];

export function cranksToFields(facts: PedalSensorInput | undefined): CrankFields {
  const text = (name: CrankFigure, value: number | undefined) => fieldText(value, rules[name][2]);
  const { ring, sensor } = facts ?? {};
  const word = (flag: boolean | undefined) => (flag ? 'yes' : 'no');
  const held = (mount: 'shell-ring' | 'tie' | 'bracket') => word(sensor?.mounts.includes(mount));
  return {
    fixing: facts?.crank.fixing ?? '',
    shell: facts?.shell.kind ?? '',
    lockRing: word(facts?.shell.lockRing),
    roomDrive: text('roomDrive', facts?.roomMm.drive),
    roomNonDrive: text('roomNonDrive', facts?.roomMm.nonDrive),
    passDrive: text('passDrive', facts?.passMm?.drive),
    passNonDrive: text('passNonDrive', facts?.passMm?.nonDrive),
    axleMm: text('axleMm', facts?.axleMm),
    plateMm: text('plateMm', facts?.plateMm),
    ringKind: ring?.kind ?? '',
    thicknessMm: text('thicknessMm', ring?.thicknessMm),
    boreMm: text('boreMm', ring?.boreMm),
    magnets: text('magnets', ring?.magnets),
    magnetRadiusMm: text('magnetRadiusMm', ring?.magnetRadiusMm),
    madeFor: ring?.madeFor ?? '',
    bothFaces: ring?.bothFaces === undefined ? '' : word(ring.bothFaces),
    gapMinMm: text('gapMinMm', sensor?.gapMinMm),
    gapMaxMm: text('gapMaxMm', sensor?.gapMaxMm),
    proudMm: text('proudMm', sensor?.proudMm),
    markRadiusMm: text('markRadiusMm', sensor?.markRadiusMm),
    shellRing: held('shell-ring'),
    tie: held('tie'),
    bracket: held('bracket'),
    startPulses: text('startPulses', facts?.startPulses),
    stopMs: text('stopMs', facts?.stopMs),
  };
}

/** What the answers before it leave nothing to ask for is neither held against anything nor kept. */
export function isAsked(
  name: CrankFigure,
  { shellRing, ringKind }: Pick<CrankFields, 'shellRing' | 'ringKind'>,
): boolean {
  if (name === 'plateMm' || name === 'magnetRadiusMm' || name === 'markRadiusMm') return shellRing === 'yes';
  return ringKind !== 'sealed' || (name !== 'proudMm' && name !== 'gapMinMm' && name !== 'gapMaxMm');
}

export const checkCranks: Resolver<CrankFields> = (values) => {
  const errors: FieldErrors<CrankFields> = figureErrors(rules, values, (name) => isAsked(name, values));
  for (const name of ['magnets', 'startPulses'] as const) {
    const value = typedFigure(values[name]);
    if (!errors[name] && value !== null && !Number.isInteger(value)) errors[name] = wrong(words.whole(values[name]));
  }
  const [min, max] = [typedFigure(values.gapMinMm, 'mm') ?? 1, typedFigure(values.gapMaxMm, 'mm') ?? 3];
  if (min > max && values.ringKind !== 'sealed') {
    errors[values.gapMaxMm ? 'gapMaxMm' : 'gapMinMm'] ??= wrong(words.gapRule);
  }
  for (const name of ['fixing', 'shell', 'ringKind'] as const) if (!values[name]) errors[name] = wrong(words.chooseOne);
  if (mountsOf(values).length === 0) errors.tie = wrong(words.noMount);
  return resolved(values, errors);
};

const mountsOf = ({ tie, bracket, shellRing }: CrankFields): PedalSensorInput['sensor']['mounts'] => [
  ...(shellRing === 'yes' ? (['shell-ring'] as const) : []),
  ...(tie === 'yes' ? (['tie'] as const) : []),
  ...(bracket === 'yes' ? (['bracket'] as const) : []),
];

/** The form lets nothing through that was not chosen. */
function chosen<T extends string>(word: T | ''): T {
  if (word === '') throw new Error('a form was kept with nothing chosen');
  return word;
}

export function fieldsToCranks(fields: CrankFields): PedalSensorInput {
  const figure = (name: CrankFigure) => typedFigure(fields[name], rules[name][2])!;
  /** Under its name in the contract, where something was typed. */
  const open = <K extends string>(name: CrankFigure, as: K): { [name in K]?: number } =>
    fields[name].trim() && isAsked(name, fields) ? ({ [as]: figure(name) } as { [name in K]: number }) : {};
  const pass = { ...open('passDrive', 'drive'), ...open('passNonDrive', 'nonDrive') };
  return {
    crank: { fixing: chosen(fields.fixing) },
    shell: { kind: chosen(fields.shell), lockRing: fields.lockRing === 'yes' },
    roomMm: { drive: figure('roomDrive'), nonDrive: figure('roomNonDrive') },
    ...(Object.keys(pass).length > 0 && { passMm: pass }),
    axleMm: figure('axleMm'),
    ring: {
      kind: chosen(fields.ringKind),
      thicknessMm: figure('thicknessMm'),
      boreMm: figure('boreMm'),
      magnets: figure('magnets'),
      ...open('magnetRadiusMm', 'magnetRadiusMm'),
      ...(fields.madeFor && { madeFor: fields.madeFor }),
      ...(fields.bothFaces && { bothFaces: fields.bothFaces === 'yes' }),
    },
    sensor: {
      ...open('gapMinMm', 'gapMinMm'),
      ...open('gapMaxMm', 'gapMaxMm'),
      ...open('proudMm', 'proudMm'),
      ...open('markRadiusMm', 'markRadiusMm'),
      mounts: mountsOf(fields),
    },
    ...open('plateMm', 'plateMm'),
    startPulses: figure('startPulses'),
    stopMs: figure('stopMs'),
  };
}
