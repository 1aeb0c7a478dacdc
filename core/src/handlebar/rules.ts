import { inMm } from '../figures';
import { finding, told, type Finding } from '../verdict';
import type { BarLayout, HandlebarInput, HandlebarResult } from './contract';
import {
  clampPlayMm,
  figuresOf,
  isLever,
  isThrottle,
  isTooTight,
  reachLimitMm,
  shimAboveMm,
  tightestMm,
} from './kinds';

export const runOn = ({ stopMs, assistedKmh }: NonNullable<HandlebarInput['drive']>): number =>
  ((stopMs / 1000) * assistedKmh) / 3.6;

export function cutRule({ cuts }: BarLayout): Finding[] {
  return cuts.map(({ id, mm }) =>
    finding(
      'cut',
      'work',
      `${inMm(mm)} are cut off ${id}: that cannot be undone.`,
      { measured: mm, limit: 0, margin: -mm },
      ['Cut it last, when everything else is on.'],
    ),
  );
}

export function reachRule(input: HandlebarInput, { left, right }: BarLayout): Finding[] {
  const figures = figuresOf(input);
  const kinds = new Map(input.parts.map(({ id, kind }) => [id, kind]));
  return [...left, ...right].flatMap(({ id, reachMm }) => {
    const limit = reachLimitMm(kinds.get(id)!, figures);
    if (reachMm === undefined || limit === null || reachMm <= limit + 1e-6) return [];
    return [
      finding(
        'reach',
        'work',
        `${id} is ${inMm(reachMm)} from the hand; ${inMm(limit)} are reached with ease.`,
        { measured: reachMm, limit, margin: limit - reachMm },
        ['Try it with the rider’s own hand, gloves on.'],
      ),
    ];
  });
}

export function shimsOf(input: HandlebarInput): { id: string; mm: number }[] {
  return input.parts.flatMap((part) => {
    const play = clampPlayMm(part, input.bar);
    return play !== null && play > shimAboveMm + 1e-6 ? [{ id: part.id, mm: play / 2 }] : [];
  });
}

export function clampRules(input: HandlebarInput, shims: HandlebarResult['shims']): Finding[] {
  const shimmed = shims.map(({ id, mm }) =>
    finding(
      'shim',
      'work',
      `${id} is loose on the bar: a sheet of ${inMm(mm)} goes under its clamp.`,
      { measured: mm, limit: shimAboveMm / 2 },
      ['Lay the sheet once round, without overlap.'],
    ),
  );
  const tight = input.parts.flatMap((part) => {
    const play = clampPlayMm(part, input.bar);
    if (!isTooTight(play)) return [];
    return [
      finding(
        'clamp-too-small',
        'stop',
        `${part.id} does not close round the bar: its bore is ${inMm(-play)} too small there.`,
        { measured: part.clampMm!, limit: part.clampMm! - play + tightestMm, margin: play - tightestMm },
        ['Take one whose clamp is made for this diameter.'],
      ),
    ];
  });
  const open = input.parts.filter((part) => part.kind !== 'grip' && clampPlayMm(part, input.bar) === null);
  const known = [...tight, ...shimmed];
  if (open.length === 0) return known;
  return [
    ...known,
    told(
      'clamp',
      'unknown',
      `It is not known whether these clamp onto the bar: ${open.map(({ id }) => id).join(', ')}.`,
      ['Measure the bar’s diameter there, and the bores.'],
    ),
  ];
}

/** A throttle without anything that cuts the motor keeps pushing while the brake is pulled. */
export function cutOffRule({ parts, drive }: HandlebarInput): Finding[] {
  if (!parts.some(({ kind }) => isThrottle(kind))) return [];
  if (parts.some(({ cutOff }) => cutOff === true))
    return [told('cut-off', 'goes', 'A brake lever or switch cuts the motor.')];
  if (parts.some(({ kind, cutOff }) => isLever(kind) && cutOff === undefined)) {
    return [
      told('cut-off', 'unknown', 'It is not known whether the brake levers cut the motor.', [
        'Look for a cable at the lever, or ask the maker.',
      ]),
    ];
  }
  const metres = drive ? ` It runs on for ${Number(runOn(drive).toFixed(1))} m.` : '';
  return [
    told('cut-off', 'stop', `There is a throttle, and no lever or switch cuts the motor.${metres}`, [
      'Fit a separate brake switch, or levers that cut the motor.',
    ]),
  ];
}
