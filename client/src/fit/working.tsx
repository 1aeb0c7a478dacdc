import type { AxleStackInput, Stack } from '@cricket/core/axle-stack';
import type { EndFit } from '@cricket/core/end-fit';
import { defaultLimits } from '@cricket/core/limits';
import { View } from 'react-native';

import { figure } from '../ui/figure-text';
import { Txt } from '../ui/txt';

/** The formulas with this bike's figures in them. */
export function Working({ fit, stack, input }: { fit: EndFit; stack: Stack; input: AxleStackInput }) {
  const f = (value: number) => figure(value);
  const { hub, want } = input;
  const left = fit.slots.left;
  const lines: [string, string][] = [
    [
      'Spread S = shoulders + left + right − spacing',
      `${f(hub.shoulderWidthMm)} + ${f(stack.left.totalMm)} + ${f(stack.right.totalMm)} − ${f(input.spacingMm)} = ${f(stack.spreadMm)} mm`,
    ],
    [
      'Rim O = rim of the hub + (left − right) ÷ 2 + frame',
      `${f(hub.rimOffsetMm)} + (${f(stack.left.totalMm)} − ${f(stack.right.totalMm)}) ÷ 2 + ${f(input.frameOffsetMm ?? 0)} = ${f(stack.rimOffsetMm)} mm`,
    ],
  ];
  if (hub.rotorFaceMm !== undefined && want?.rotorFaceMm !== undefined) {
    lines.push([
      'Rotor R = (hub’s rotor − rotor shim + left) − (old rotor + caliper shim)',
      `(${f(hub.rotorFaceMm)} − ${f(stack.rotorShimMm)} + ${f(stack.left.totalMm)}) − (${f(want.rotorFaceMm)} + ${f(stack.caliperShimMm)}) = ${f(stack.rotorErrorMm)} mm`,
    ]);
  }
  if (stack.sprocketGapMm !== undefined) {
    lines.push([
      'Sprocket gap G = sprocket from shoulder + right',
      `${f(hub.smallSprocketMm!)} + ${f(stack.right.totalMm)} = ${f(stack.sprocketGapMm)} mm`,
    ]);
  }
  for (const side of ['left', 'right'] as const) {
    const outside = input.outside[side].reduce((sum, part) => sum + part.thicknessMm, 0);
    lines.push([
      `Thread left, ${side} = axle − stack − plate − outside − nut`,
      `${f(hub.axleMm[side])} − ${f(stack[side].totalMm)} − ${f(input.plateMm[side])} − ${f(outside)} − ${f(input.nutMm)} = ${f(stack.threadLeftMm[side])} mm`,
    ]);
  }
  if (left.chordMm !== null && left.axleCentreMm !== null) {
    lines.push([
      'Flat l = √(thread² − flats²); centre of the axle above the seat',
      `l = ${f(left.chordMm)} mm; centre ${f(left.axleCentreMm)} mm; depth needed ${f(left.depthNeededMm ?? 0)} mm`,
    ]);
  }
  lines.push(['Cost J = 4·O² + 2·R² + 2·(S ÷ limit)² + 0.15 a washer + 0.5 a shim', f(stack.cost)]);
  lines.push([
    'First time right: chance that S, O, R and G all hold, with the usual scatter of measuring and making',
    `${figure(100 * stack.firstTimeRight, 1)} in 100`,
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
        {`Limits are the workshop’s: rim ${f(defaultLimits.rimOffsetMm)} mm, filing in steel ${f(defaultLimits.fileMm.steel)} mm, and the like are engineering judgement, not a maker’s word. Every choice of at most ${defaultLimits.insideMax} washers a side was covered.`}
      </Txt>
    </View>
  );
}
