import type { AxleStackInput, Stack } from '@cricket/core/axle-stack';
import type { EndFit } from '@cricket/core/end-fit';
import { defaultLimits } from '@cricket/core/limits';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { Txt } from '../../ui/txt';
import { phrase } from '../../ui/say';

/** The formulas with this bike's figures in them. */
export function Working({ fit, stack, input }: { fit: EndFit; stack: Stack; input: AxleStackInput }) {
  const f = (value: number) => figure(value);
  const { hub, want } = input;
  const left = fit.slots.left;
  const lines: [string, string][] = [
    [
      phrase('fit.working.Working.lines-spread-s-shoulders'),
      phrase('fit.working.Working.lines-mm', {
        shoulderWidthMm: f(hub.shoulderWidthMm),
        totalMm: f(stack.left.totalMm),
        totalMm2: f(stack.right.totalMm),
        spacingMm: f(input.spacingMm),
        spreadMm: f(stack.spreadMm),
      }),
    ],
    [
      phrase('fit.working.Working.lines-rim-o-rim'),
      phrase('fit.working.Working.lines-2-mm', {
        rimOffsetMm: f(hub.rimOffsetMm),
        totalMm: f(stack.left.totalMm),
        totalMm2: f(stack.right.totalMm),
        frameOffsetMm: f(input.frameOffsetMm ?? 0),
        rimOffsetMm2: f(stack.rimOffsetMm),
      }),
    ],
  ];
  if (hub.rotorFaceMm !== undefined && want?.rotorFaceMm !== undefined) {
    lines.push([
      phrase('fit.working.Working-rotor-r-hub'),
      phrase('fit.working.Working-mm', {
        rotorFaceMm: f(hub.rotorFaceMm),
        rotorShimMm: f(stack.rotorShimMm),
        totalMm: f(stack.left.totalMm),
        rotorFaceMm2: f(want.rotorFaceMm),
        caliperShimMm: f(stack.caliperShimMm),
        rotorErrorMm: f(stack.rotorErrorMm),
      }),
    ]);
  }
  if (stack.sprocketGapMm !== undefined) {
    lines.push([
      phrase('fit.working.Working-sprocket-gap-g'),
      phrase('fit.working.Working-mm-2', {
        smallSprocketMm: f(hub.smallSprocketMm!),
        totalMm: f(stack.right.totalMm),
        sprocketGapMm: f(stack.sprocketGapMm),
      }),
    ]);
  }
  for (const side of ['left', 'right'] as const) {
    const outside = input.outside[side].reduce((sum, part) => sum + part.thicknessMm, 0);
    lines.push([
      phrase('fit.working.Working-thread-left-axle', { side }),
      phrase('fit.working.Working-mm-3', {
        side: f(hub.axleMm[side]),
        totalMm: f(stack[side].totalMm),
        side2: f(input.plateMm[side]),
        outside: f(outside),
        nutMm: f(input.nutMm),
        side3: f(stack.threadLeftMm[side]),
      }),
    ]);
  }
  if (left.chordMm !== null && left.axleCentreMm !== null) {
    lines.push([
      phrase('fit.working.Working-flat-l-thread'),
      phrase('fit.working.Working-l-mm-centre', {
        chordMm: f(left.chordMm),
        axleCentreMm: f(left.axleCentreMm),
        depthNeededMm: f(left.depthNeededMm ?? 0),
      }),
    ]);
  }
  lines.push([phrase('fit.working.Working-cost-j-4'), f(stack.cost)]);
  lines.push([
    phrase('fit.working.Working-first-time-right'),
    phrase('fit.working.Working-in-100', { firstTimeRight: figure(100 * stack.firstTimeRight, 1) }),
  ]);
  return (
    <View className="gap-3 px-4 py-3">
      {lines.map(([formula, figures]) => (
        <View key={formula}>
          <Txt tone="soft">{formula}</Txt>
          <Txt size="lead" figure bold>
            {figures}
          </Txt>
        </View>
      ))}
      <Txt size="label" tone="soft">
        {phrase('fit.working.Working-limits-are-workshop', {
          rimOffsetMm: f(defaultLimits.rimOffsetMm),
          steel: f(defaultLimits.fileMm.steel),
          insideMax: defaultLimits.insideMax,
        })}
      </Txt>
    </View>
  );
}
