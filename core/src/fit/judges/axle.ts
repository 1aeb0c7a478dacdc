import type { EndFit } from '../../end-fit';
import { tabFindings } from '../../end-fit';
import { withLimits } from '../../limits';
import { said } from '../../said';
import { getCWasher } from '../../slot-fit';
import type { Finding } from '../../verdict';
import { judging, type Amiss, type Judge, type ToolAsked, type Wanted } from './judge';
import type { Solved } from './solved';

const sides = ['left', 'right'] as const;

/** Slots, spacing, stack: what the end takes, and what is missing for it. */
export const axleJudges: readonly Judge[] = [
  judging('axle', ['axle'], ({ axle }) => axle.findings, {
    ofAnyEnd: true,
    shopping: ({ axle, input }, amiss) => [...stackWants(axle, input.wheel.axle.threadMm), ...cWashers(axle, amiss)],
    tools: axleTools,
  }),
  judging('axle', ['adapter'], ({ adapter }) => adapter.findings, { ofAnyEnd: true }),
];

/** Tabs, by what the motor turns with. */
export const tabJudge: Judge = judging('axle', [], tabsJudged, {
  shopping: ({ input }, amiss) => {
    const bare = amiss('tabs');
    if (!bare) return [];
    return [
      {
        part: { kind: 'tabbed', spec: { thicknessMm: 2, threadMm: input.wheel.axle.threadMm } },
        count: -(bare.margin ?? -1),
        reason: bare.because,
      },
    ];
  },
});

function tabsJudged({ input: { facts, limits }, axle: { tabs, stack }, motor }: Solved): readonly Finding[] {
  // What has no stack says what must be bought.
  if (facts.kind === 'closed' || !stack?.stacks.length) return [];
  return tabFindings(tabs, motor?.peakTorqueNm ?? null, withLimits(limits));
}

/** A washer is bought for its axle; a shim fits every one. */
const onAxle: readonly string[] = ['plain', 'tabbed'];

function stackWants({ stack }: EndFit, threadMm: number): Wanted[] {
  const { impossible } = stack ?? {};
  if (!impossible) return [];
  return (impossible.purchase ?? []).map(({ kind, thicknessMm, count }) => ({
    part: { kind, spec: { thicknessMm, ...(onAxle.includes(kind) && { threadMm }) } },
    count,
    reason: impossible.because,
  }));
}

function cWashers({ slots }: EndFit, amiss: Amiss): Wanted[] {
  return sides.flatMap((side) => {
    const lip = slots[side].cWasher ? null : amiss(`lip.${side}`);
    const remedy = lip?.remedies.find(({ said: code }) => code === getCWasher);
    if (!lip || !remedy) return [];
    const { most, depthMm, depthMm2 } = remedy.with as Record<'most' | 'depthMm' | 'depthMm2', number>;
    const spec = { mostMm: most, fromMm: depthMm, toMm: depthMm2 };
    return [{ part: { kind: 'c-washer', spec }, count: 1, reason: lip.because }];
  });
}

function axleTools({ input: { wheel }, axle: { slots } }: Solved): ToolAsked[] {
  const filed = sides.some((side) => (slots[side].fileMm ?? 0) > 0);
  return [
    { tool: 'Calipers', reason: said('fit.to-measure') },
    ...(filed ? [{ tool: 'Flat file and metal cutters’ oil' as const, reason: said('fit.to-file-slots-evenly') }] : []),
    wheel.axle.threadMm < 13
      ? { tool: 'Spanner 18 mm', reason: said('fit.for-m12-axle-nuts') }
      : { tool: 'Spanner 21 mm', reason: said('fit.for-m14-axle-nuts') },
    { tool: 'Torque wrench 20–80 N·m', reason: said('fit.for-axle-nuts') },
    { tool: 'Torque wrench 2–15 N·m', reason: said('fit.for-rotor-caliper-arm-and-bar') },
  ];
}
