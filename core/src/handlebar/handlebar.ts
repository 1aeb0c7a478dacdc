import { inMm } from '../figures';
import { InputError, readInput } from '../input';
import { finding, told, worstFirst, worstOf, type Finding } from '../verdict';
import { HandlebarInput, type BarLayout, type HandlebarResult } from './contract';
import {
  clampPlayMm,
  figuresOf,
  isHeld,
  isLever,
  isThrottle,
  isTooTight,
  reachLimitMm,
  shimAboveMm,
  tightestMm,
} from './kinds';
import { arrange } from './layouts';
import { waysOut } from './ways-out';

/**
 * In which order do levers, shifters, throttle, grips and display go onto the bar?
 *
 * Every share of the parts between both sides is tried in every order that keeps the rules: one hand place outermost, a palm
 * wide; a thumb throttle beside the hand or a lever; a twist shifter beside the hand and never with a twist throttle. Of those the
 * three that cost least are kept: reach beyond the fingers, a grip that overhangs or is cut, a throttle beside the rear shifter,
 * parts moved from where they are.
 *
 * @param input - bar, parts with their widths and clamps, the rider's hand, what may take a part's place
 * @returns the best three layouts; where there is none, how much is missing and every single change that helps
 * @throws InputError for values out of range, one id twice, over ten parts besides grips that may be on one side, or a swap for a part that is not there
 */
export function handlebar(input: HandlebarInput): HandlebarResult {
  const read = readInput(HandlebarInput, input);
  refuseContradictions(read);
  const { layouts, missingMm } = arrange(read);
  const ways = layouts.length === 0 ? waysOut(read) : null;
  const [best] = layouts;
  const shims = shimsOf(read);
  const findings = [
    layoutRule(best, missingMm, ways?.length ?? 0),
    ...(best ? [...cutRule(best), ...reachRule(read, best)] : []),
    ...clampRules(read, shims),
    ...cutOffRule(read),
  ];
  const { drive } = read;
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    layouts,
    shims,
    ...(drive && { runOnM: runOn(drive) }),
    ...(ways && { impossible: { ...(missingMm !== null && { missingMm }), ways } }),
  };
}

/** More would be tried in more ways than anyone waits for; what works brake and gears has its side anyway. */
const mostOnSide = 10;

const runOn = ({ stopMs, assistedKmh }: NonNullable<HandlebarInput['drive']>): number =>
  ((stopMs / 1000) * assistedKmh) / 3.6;

function refuseContradictions({ parts, swaps = [] }: HandlebarInput): void {
  const ids = new Set<string>();
  parts.forEach(({ id }, index) => {
    if (ids.has(id)) throw new InputError(`parts.${index}.id`, id, 'a name that no other part has');
    ids.add(id);
  });
  for (const side of ['left', 'right'] as const) {
    const most = parts.filter((part) => !isHeld(part.kind) && (part.side === side || part.side === 'either')).length;
    if (most > mostOnSide) {
      throw new InputError('parts', most, `at most ${mostOnSide} parts besides grips that may be on the ${side}`);
    }
  }
  swaps.forEach(({ for: id }, index) => {
    if (!ids.has(id)) throw new InputError(`swaps.${index}.for`, id, 'the id of a part');
  });
}

function layoutRule(best: BarLayout | undefined, missingMm: number | null, ways: number): Finding {
  if (best) return told('layout', 'goes', 'Everything finds its place on the bar.');
  const named = ways > 0 ? ['Take one of the changes that are named.'] : [];
  return missingMm === null
    ? told('layout', 'stop', 'No order of these parts keeps the rules of the bar.', named)
    : finding(
        'layout',
        'stop',
        `The parts are ${inMm(missingMm)} too long for the bar.`,
        { measured: missingMm, limit: 0, margin: -missingMm },
        [...named, 'Take a longer bar, or narrower parts.'],
      );
}

function cutRule({ cuts }: BarLayout): Finding[] {
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

function reachRule(input: HandlebarInput, { left, right }: BarLayout): Finding[] {
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

function shimsOf(input: HandlebarInput): { id: string; mm: number }[] {
  return input.parts.flatMap((part) => {
    const play = clampPlayMm(part, input.bar);
    return play !== null && play > shimAboveMm + 1e-6 ? [{ id: part.id, mm: play / 2 }] : [];
  });
}

function clampRules(input: HandlebarInput, shims: HandlebarResult['shims']): Finding[] {
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
function cutOffRule({ parts, drive }: HandlebarInput): Finding[] {
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
