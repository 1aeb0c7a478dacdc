import { barPlan } from '@cricket/core/bar-scene';
import type { BarLayout, HandlebarInput, HandlebarResult, PlacedPart } from '@cricket/core/handlebar';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { BarAbove, type BarPush } from '../../drawing/bar-above/bar-above';
import { Txt } from '../../ui/txt';
import { words } from './words';

export interface BarLayoutShownProps {
  question: HandlebarInput;
  result: HandlebarResult;
  /** Null: the bar alone. */
  layout: BarLayout | null;
  /** With it parts can be pushed about. */
  push?: BarPush;
  /** Between drawing and lists. */
  children?: ReactNode;
}

/** One order of what is on the bar: drawn from above, and told from both ends inboard. */
export function BarLayoutShown({ question, result, layout, push, children }: BarLayoutShownProps) {
  const [width, setWidth] = useState(0);
  const number = (id: string) => question.parts.findIndex((part) => part.id === id) + 1;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 ? (
        <View className="border-y-2 border-ink bg-sheet py-2">
          <BarAbove
            plan={barPlan(question.bar, question.parts, layout)}
            width={width}
            label={words.drawn(...readOut(layout))}
            {...(push && { push })}
          />
        </View>
      ) : null}
      {children}
      {layout ? (
        <View className="flex-row flex-wrap gap-x-6 px-4 pt-3">
          {(['left', 'right'] as const).map((side) => (
            <View key={side} className="min-w-[150px] flex-1 pb-2">
              <Txt size="label" figure tone="soft" heading={2}>
                {words.sides[side]}
              </Txt>
              {layout[side].map((part) => (
                <PartLine key={part.id} part={part} number={number(part.id)} layout={layout} result={result} />
              ))}
              <Txt size="label" tone="soft">
                {words.used(figure(Math.max(0, layout.usedMm[side])), figure(question.bar.straightMm[side]))}
              </Txt>
            </View>
          ))}
          {layout.centre.length > 0 ? (
            <View className="min-w-full pb-2">
              <Txt size="label" figure tone="soft" heading={2}>
                {words.sides.centre}
              </Txt>
              <Txt>{layout.centre.map((id) => `${number(id)} ${id}`).join(', ')}</Txt>
            </View>
          ) : null}
        </View>
      ) : null}
    </View>
  );
}

interface PartLineProps {
  part: PlacedPart;
  number: number;
  layout: BarLayout;
  result: HandlebarResult;
}

function PartLine({ part, number, layout, result }: PartLineProps) {
  const { id, fromMm, toMm, reachMm } = part;
  const cut = layout.cuts.find((each) => each.id === id);
  const shim = result.shims.find((each) => each.id === id);
  const says = [
    words.span(figure(Math.max(0, fromMm)), figure(toMm)),
    ...(fromMm < 0 ? [words.over(figure(-fromMm))] : []),
    ...(reachMm === undefined ? [] : [words.reach(figure(reachMm))]),
    ...(cut ? [words.cut(figure(cut.mm))] : []),
    ...(shim ? [words.shim(figure(shim.mm))] : []),
  ];
  return (
    <View className="flex-row gap-2 py-1">
      <Txt figure bold className="w-5">
        {String(number)}
      </Txt>
      <View className="min-w-0 flex-1">
        <Txt bold>{id}</Txt>
        <Txt size="label" figure tone="soft">
          {says.join(' · ')}
        </Txt>
      </View>
    </View>
  );
}

/** What the drawing shows, side by side. */
function readOut(layout: BarLayout | null): [left: string, centre: string, right: string] {
  const named = (ids: readonly string[]) => ids.join(', ') || words.nothing;
  return [
    named(layout?.left.map(({ id }) => id) ?? []),
    named(layout?.centre ?? []),
    named(layout?.right.map(({ id }) => id) ?? []),
  ];
}
