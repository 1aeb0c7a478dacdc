import type { BikeFacts } from '@cricket/core/bike-facts';
import type { LawClass } from '@cricket/core/law';

import { numberRule, typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { phrase } from '../../ui/say';
import { writtenLines } from '../../ui/written-lines';

/** Number fields: range, unit, and whether the fit cannot do without. */
export const numberFields = {
  bikeKg: { min: 5, max: 120, unit: 'kg', required: true },
  riderKg: { min: 20, max: 250, unit: 'kg', required: true },
  loadKg: { min: 0, max: 300, unit: 'kg', required: true },
  speedKmh: { min: 5, max: 60, unit: 'km/h', required: true },
  climb: { min: 0, max: 40, unit: '%', required: true },
  minutes: { min: 0.1, max: 120, unit: 'min', required: true },
  climbKmh: { min: 3, max: 60, unit: 'km/h', required: false },
  descent: { min: 0, max: 40, unit: '%', required: true },
  budget: { min: 0, max: 100_000, unit: '', required: false },
  rack: { min: 0.1, max: 500, unit: 'kg', required: false },
  chainring: { min: 18, max: 70, unit: 'teeth', required: false },
  smallest: { min: 9, max: 40, unit: 'teeth', required: false },
} as const;

export type NumberField = keyof typeof numberFields;

export type TakeInFields = Record<NumberField, string> & {
  loadAt: string;
  surface: string;
  law: string;
  frontBrake: string;
  rearBrake: string;
  sensor: string;
  battery: string;
  school: string;
  oldLoom: string;
  folds: string;
  cutOff: string;
  notes: string;
};

const text = (value: number | undefined, name?: NumberField) => fieldText(value, name && numberFields[name].unit);

/** The form's fields for what is recorded. */
export function takeInFields(facts: BikeFacts): TakeInFields {
  return {
    bikeKg: text(facts.bikeKg, 'bikeKg'),
    riderKg: text(facts.riderKg, 'riderKg'),
    loadKg: text(facts.loadKg, 'loadKg'),
    speedKmh: text(facts.speedKmh, 'speedKmh'),
    climb: text(facts.climb?.gradePercent),
    minutes: text(facts.climb?.minutes ?? 5),
    climbKmh: text(facts.climb?.speedKmh, 'climbKmh'),
    descent: text(facts.descentPercent),
    budget: text(facts.budget),
    rack: text(facts.ratings?.find(({ part }) => part === 'rack')?.ratedKg, 'rack'),
    chainring: text(facts.chainringTeeth),
    smallest: text(facts.smallestTeeth),
    loadAt: facts.loadAt ?? 'rear',
    surface: facts.surface ?? 'dry',
    law: facts.law?.id ?? '',
    frontBrake: facts.brakes?.front?.kind ?? '',
    rearBrake: facts.brakes?.rear?.kind ?? '',
    sensor: facts.job?.sensor ?? 'split-ring',
    battery: facts.job?.battery ?? 'triangle',
    school: facts.job?.school ?? 'wheel-first',
    oldLoom: facts.job?.oldLoom ? 'yes' : 'no',
    folds: facts.job?.folds ? 'yes' : 'no',
    cutOff: facts.job?.cutOff === undefined ? '' : facts.job.cutOff ? 'yes' : 'no',
    notes: (facts.notes ?? []).join('\n'),
  };
}

/** Checks the form; every message names value and range. */
export function checkTakeIn(values: TakeInFields) {
  const errors: Partial<Record<keyof TakeInFields, { type: string; message: string }>> = {};
  for (const [name, { min, max, unit, required }] of Object.entries(numberFields) as [
    NumberField,
    (typeof numberFields)[NumberField],
  ][]) {
    const held = numberRule(min, max, unit, required)(values[name]);
    if (held !== true) errors[name] = { type: 'value', message: held };
  }
  if (values.notes.split('\n').some((line) => line.length > 400)) {
    errors.notes = { type: 'value', message: phrase('take-in.take-in-form.checkTakeIn.message-one-line-longer') };
  }
  return Object.keys(errors).length ? { values: {}, errors } : { values, errors: {} };
}

/** What is typed so far, for what is worked out from it meanwhile: what does not hold is not said yet. */
export function typedSoFar(values: TakeInFields, before: BikeFacts, laws: readonly LawClass[]): BikeFacts {
  const wrong = Object.keys(checkTakeIn(values).errors).filter((name) => name in numberFields);
  return takeInFacts({ ...values, ...Object.fromEntries(wrong.map((name) => [name, ''])) }, before, laws);
}

/** What goes to the server; what the form does not show stays as it was. */
export function takeInFacts(values: TakeInFields, before: BikeFacts, laws: readonly LawClass[]): BikeFacts {
  const figure = (name: NumberField) => typedFigure(values[name], numberFields[name].unit) ?? undefined;
  const teeth = (name: 'chainring' | 'smallest') => {
    const count = figure(name);
    return count === undefined ? undefined : Math.round(count);
  };
  const gradePercent = figure('climb');
  const minutes = figure('minutes');
  const climbKmh = figure('climbKmh');
  const law = laws.find(({ id }) => id === values.law) ?? before.law;
  const rack = figure('rack');
  const loadKg = figure('loadKg');
  const notes = writtenLines(values.notes);
  const otherRatings = (before.ratings ?? []).filter(({ part }) => part !== 'rack');
  const ratings =
    rack === undefined
      ? otherRatings
      : [...otherRatings, { part: 'rack', ratedKg: rack, ...(loadKg !== undefined && { loadKg }) }];
  return given({
    ...before,
    bikeKg: figure('bikeKg'),
    riderKg: figure('riderKg'),
    loadKg,
    loadAt: values.loadAt as BikeFacts['loadAt'],
    speedKmh: figure('speedKmh'),
    climb:
      gradePercent === undefined || minutes === undefined
        ? undefined
        : { gradePercent, minutes, ...(climbKmh !== undefined && { speedKmh: climbKmh }) },
    descentPercent: figure('descent'),
    chainringTeeth: teeth('chainring'),
    smallestTeeth: teeth('smallest'),
    surface: values.surface as BikeFacts['surface'],
    budget: figure('budget'),
    law,
    brakes: {
      front: brake(before.brakes?.front, values.frontBrake),
      rear: brake(before.brakes?.rear, values.rearBrake),
    },
    // None at all is an answer, too.
    ratings,
    job: {
      ...withoutCutOff(before.job),
      sensor: values.sensor as Job['sensor'],
      battery: values.battery as Job['battery'],
      school: values.school as Job['school'],
      oldLoom: values.oldLoom === 'yes',
      folds: values.folds === 'yes',
      ...(values.cutOff !== '' && { cutOff: values.cutOff === 'yes' }),
    },
    notes: notes.length ? notes : undefined,
  });
}

type Job = NonNullable<BikeFacts['job']>;

/** What other pages have settled of this job stays; the cut-off is asked here. */
function withoutCutOff({ cutOff: _, ...rest }: Job = {}): Job {
  return rest;
}
type Brake = NonNullable<NonNullable<BikeFacts['brakes']>['front']>;

function brake(before: Brake | undefined, kind: string): Brake {
  return kind === '' ? { ...before } : { ...before, kind: kind as Brake['kind'] };
}

function given(facts: BikeFacts): BikeFacts {
  return Object.fromEntries(Object.entries(facts).filter(([, value]) => value !== undefined));
}
