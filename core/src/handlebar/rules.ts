import { listed, said } from '../said';
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
      said('handlebar.are-cut-off-that-cannot-be', { mm, id }),
      { measured: mm, limit: 0, margin: -mm },
      [said('handlebar.cut-it-last-when-everything-else')],
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
        said('handlebar.is-from-hand-are-reached-with', { id, reachMm, limit }),
        { measured: reachMm, limit, margin: limit - reachMm },
        [said('handlebar.try-it-with-rider-own-hand')],
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
      said('handlebar.is-loose-on-bar-sheet-of', { id, mm }),
      { measured: mm, limit: shimAboveMm / 2 },
      [said('handlebar.lay-sheet-once-round-without-overlap')],
    ),
  );
  const tight = input.parts.flatMap((part) => {
    const play = clampPlayMm(part, input.bar);
    if (!isTooTight(play)) return [];
    return [
      finding(
        'clamp-too-small',
        'stop',
        said('handlebar.does-not-close-round-bar-its', { id: part.id, play: -play }),
        { measured: part.clampMm!, limit: part.clampMm! - play + tightestMm, margin: play - tightestMm },
        [said('handlebar.take-one-whose-clamp-is-made')],
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
      said('handlebar.it-is-not-known-whether-these', {
        open: listed(
          open.map(({ id }) => id),
          'comma',
        ),
      }),
      [said('handlebar.measure-bar-diameter-there-and-bores')],
    ),
  ];
}

/** A throttle without anything that cuts the motor keeps pushing while the brake is pulled. */
export function cutOffRule({ parts, drive }: HandlebarInput): Finding[] {
  if (!parts.some(({ kind }) => isThrottle(kind))) return [];
  if (parts.some(({ cutOff }) => cutOff === true))
    return [told('cut-off', 'goes', said('handlebar.brake-lever-or-switch-cuts-motor'))];
  if (parts.some(({ kind, cutOff }) => isLever(kind) && cutOff === undefined)) {
    return [
      told('cut-off', 'unknown', said('handlebar.it-is-not-known-whether-brake'), [
        said('shared.look-for-cable-at-lever-or'),
      ]),
    ];
  }
  const runsOn = drive ? said('handlebar.it-runs-on', { metres: Number(runOn(drive).toFixed(1)) }) : '';
  return [
    told('cut-off', 'stop', said('handlebar.there-is-throttle-and-no-lever', { runsOn }), [
      said('shared.fit-separate-brake-switch-or-levers'),
    ]),
  ];
}
