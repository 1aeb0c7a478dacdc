import { said } from '../said';
import { InputError, readInput } from '../input';
import { finding, told, worstFirst, worstOf, type Finding } from '../verdict';
import { HandlebarInput, type BarLayout, type HandlebarResult } from './contract';
import { isHeld } from './kinds';
import { arrange } from './layouts';
import { clampRules, cutOffRule, cutRule, reachRule, runOn, shimsOf } from './rules';
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

export function refuseContradictions({ parts, swaps = [] }: HandlebarInput): void {
  const ids = new Set<string>();
  parts.forEach(({ id }, index) => {
    if (ids.has(id)) throw new InputError(`parts.${index}.id`, id, said('handlebar.name-that-no-other-part-has'));
    ids.add(id);
  });
  for (const side of ['left', 'right'] as const) {
    const most = parts.filter((part) => !isHeld(part.kind) && (part.side === side || part.side === 'either')).length;
    if (most > mostOnSide) {
      throw new InputError('parts', most, said('handlebar.at-most-parts-besides-grips-that', { mostOnSide, side }));
    }
  }
  swaps.forEach(({ for: id }, index) => {
    if (!ids.has(id)) throw new InputError(`swaps.${index}.for`, id, said('handlebar.id-of-part'));
  });
}

function layoutRule(best: BarLayout | undefined, missingMm: number | null, ways: number): Finding {
  if (best) return told('layout', 'goes', said('handlebar.everything-finds-its-place-on-bar'));
  const named = ways > 0 ? [said('handlebar.take-one-of-changes-that-are')] : [];
  return missingMm === null
    ? told('layout', 'stop', said('handlebar.no-order-of-these-parts-keeps'), named)
    : finding(
        'layout',
        'stop',
        said('handlebar.parts-are-too-long-for-bar', { missingMm }),
        { measured: missingMm, limit: 0, margin: -missingMm },
        [...named, said('handlebar.take-longer-bar-or-narrower-parts')],
      );
}
