import { said, type Said } from '../said';
import { axleStack } from '../axle-stack';
import { openFeatures, type EndFacts } from '../end-facts';
import { isCarbon, type Feature, type Side } from '../features';
import { worstFirst, worstOf, type Finding } from '../verdict';
import type { EndFit, EndFitInput, SolvedStack } from './contract';
import { endFindings } from './end-findings';
import { outsideChoices } from './outside-parts';
import { tabsInside, tabWays } from './tab-ways';
import { bothSlots } from './slots';
import { stackInput } from './stack-input';

/** Chooses what goes outside the dropouts and the washers inside; null until everything is measured that it needs. */
export type StackSolver = (input: EndFitInput, slots: EndFit['slots'], twoArms: boolean) => SolvedStack | null;

/**
 * Judges one end with one motor wheel: both slots, the end's own condition, and the best washers, for which arms and
 * C-washers outside the dropouts are tried in the order of preference until thread and nut hold too.
 *
 * Torque is judged elsewhere: a `goes` here means that the axle sits and the washers are known.
 */
export function endFit(input: EndFitInput, solve: StackSolver = firstThatFits): EndFit {
  const { facts, wheel } = input;
  const slots = bothSlots(input);
  const open = openFeatures(facts);
  const twoArms =
    slots.left.twoArms || slots.right.twoArms || (facts.end === 'front' && aluminium(facts)) || wheel.regen;
  const solved = isCarbon(facts) ? null : solve(input, slots, twoArms);
  const findings = worstFirst([
    ...endFindings(input),
    ...sided('left', slots.left.findings),
    ...sided('right', slots.right.findings),
    ...(solved?.stack.findings ?? []),
    ...openFindings(open, facts),
  ]);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: once(findings),
    slots,
    outside: solved?.outside ?? { left: [], right: [] },
    tabs: solved?.tabs ?? { left: 'none', right: 'none' },
    stack: solved?.stack ?? null,
    stackInput: solved?.input ?? null,
    open,
    twoArms,
  };
}

/** The first way in the order of preference that has a stack; else the first, which says why there is none. */
function firstThatFits(input: EndFitInput, slots: EndFit['slots'], twoArms: boolean): SolvedStack | null {
  let first: SolvedStack | null = null;
  const bare = stackInput(input, slots, { left: [], right: [] });
  if (!bare) return null;
  const ways = tabWays(input, bare.washers, undefined).filter(
    ({ places }) => input.facts.kind === 'closed' || places.left !== 'none' || places.right !== 'none',
  );
  for (const way of [...ways, tabsInside]) {
    for (const arms of outsideChoices(input, slots, twoArms)) {
      const outside = { left: [...way.outside.left, ...arms.left], right: [...way.outside.right, ...arms.right] };
      const stackData = stackInput(input, slots, outside, way.places);
      if (!stackData) return null;
      const solved = { stack: axleStack(stackData), input: stackData, outside, tabs: way.places };
      if (solved.stack.stacks.length > 0) return solved;
      first ??= solved;
    }
  }
  return first;
}

function aluminium({ material, bladeMaterial }: EndFacts): boolean {
  return [material, bladeMaterial].some((metal) => metal === 'forged-aluminium' || metal === 'cast-aluminium');
}

/** A sentence of one side names it: both sides say the same, on paper and in a headline. */
function onSide(side: Side, because: Said): Said {
  return because.with?.side === side ? because : said('end-fit.on-side', { side, because });
}

function sided(side: Side, findings: readonly Finding[]): Finding[] {
  return findings.map((finding) => ({
    ...finding,
    id: `${finding.id}.${side}`,
    because: onSide(side, finding.because),
  }));
}

function openFindings(open: readonly Feature[], facts: EndFacts): Finding[] {
  if (open.length === 0 || isCarbon(facts)) return [];
  return [
    {
      id: 'not-measured',
      verdict: 'unknown',
      measured: open.length,
      limit: 0,
      margin: -open.length,
      unit: '',
      because:
        open.length === 1
          ? said('end-fit.one-reading-is-still-open')
          : said('end-fit.readings-are-still-open', { open: open.length }),
      remedies: [said('end-fit.measure-what-is-open-there-is')],
    },
  ];
}

/** What is true of the whole end is said once, not once a side. */
function once(findings: readonly Finding[]): Finding[] {
  const seen = new Set<string>();
  return findings.flatMap((finding) => {
    const [head] = finding.id.split('.');
    const whole = head === 'carbon' || head === 'material';
    if (!whole) return [finding];
    if (seen.has(head!)) return [];
    seen.add(head!);
    return [{ ...finding, id: head! }];
  });
}
