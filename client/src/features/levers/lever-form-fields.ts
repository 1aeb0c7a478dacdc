import type { BikeLevers, LeverOfBike } from '@cricket/core/lever-question';
import type { Resolver } from 'react-hook-form';

import { figureErrors, resolved } from '../../ui/figure-rules';
import { typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';

const reach = [20, 150, 'mm', false] as const;
const rules = { frontReach: reach, rearReach: reach, kitReachMm: reach, handReachMm: reach };
export type LeverFigure = keyof typeof rules;
type Maybe = '' | 'yes' | 'no';
type Count = '0' | '1' | '2' | '3';

export interface LeverFields extends Record<LeverFigure, string> {
  frontPresent: 'yes' | 'no';
  frontOne: 'yes' | 'no';
  frontCut: Maybe;
  rearPresent: 'yes' | 'no';
  rearOne: 'yes' | 'no';
  rearCut: Maybe;
  kitPull: NonNullable<BikeLevers['kitPull']> | '';
  kitCut: Maybe;
  inLine: Count;
  atLever: Count;
  swap: 'yes' | 'no';
}

const word = (flag: boolean | undefined): Maybe => (flag === undefined ? '' : flag ? 'yes' : 'no');
const text = (value: number | undefined) => fieldText(value, 'mm');

export function leversToFields(levers: BikeLevers | undefined): LeverFields {
  const { front, rear } = levers ?? {};
  const isThere = (lever: LeverOfBike | undefined) => (levers && !lever ? 'no' : 'yes');
  return {
    frontPresent: isThere(front),
    frontOne: front?.oneWithShifter ? 'yes' : 'no',
    frontCut: word(front?.cutOff),
    frontReach: text(front?.reachMm),
    rearPresent: isThere(rear),
    rearOne: rear?.oneWithShifter ? 'yes' : 'no',
    rearCut: word(rear?.cutOff),
    rearReach: text(rear?.reachMm),
    kitPull: levers?.kitPull ?? '',
    kitCut: word(levers?.kitCutOff),
    kitReachMm: text(levers?.kitReachMm),
    inLine: String(levers?.inLine ?? 0) as Count,
    atLever: String(levers?.atLever ?? 0) as Count,
    swap: levers?.swap ? 'yes' : 'no',
    handReachMm: text(levers?.handReachMm),
  };
}

/** What is not asked is not held against anything. */
export function isAsked(
  name: LeverFigure,
  { frontPresent, rearPresent, kitPull }: Pick<LeverFields, 'frontPresent' | 'rearPresent' | 'kitPull'>,
): boolean {
  if (name === 'frontReach') return frontPresent === 'yes';
  if (name === 'rearReach') return rearPresent === 'yes';
  return name !== 'kitReachMm' || (kitPull !== '' && kitPull !== 'none');
}

export const checkLevers: Resolver<LeverFields> = (values) =>
  resolved(
    values,
    figureErrors(rules, values, (name) => isAsked(name, values)),
  );

export function fieldsToLevers(fields: LeverFields): BikeLevers {
  const figure = <K extends string>(name: LeverFigure, as: K): { [name in K]?: number } => {
    const value = isAsked(name, fields) ? typedFigure(fields[name], 'mm') : null;
    return value === null ? {} : ({ [as]: value } as { [name in K]: number });
  };
  const lever = (end: 'front' | 'rear'): LeverOfBike => ({
    oneWithShifter: fields[`${end}One`] === 'yes',
    ...(fields[`${end}Cut`] && { cutOff: fields[`${end}Cut`] === 'yes' }),
    ...figure(`${end}Reach`, 'reachMm'),
  });
  return {
    ...(fields.frontPresent === 'yes' && { front: lever('front') }),
    ...(fields.rearPresent === 'yes' && { rear: lever('rear') }),
    ...(fields.kitPull && { kitPull: fields.kitPull }),
    ...figure('kitReachMm', 'kitReachMm'),
    ...(fields.kitCut && isAsked('kitReachMm', fields) && { kitCutOff: fields.kitCut === 'yes' }),
    inLine: Number(fields.inLine),
    atLever: Number(fields.atLever),
    swap: fields.swap === 'yes',
    ...figure('handReachMm', 'handReachMm'),
  };
}
