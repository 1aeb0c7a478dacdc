import type { BarLayout, HandlebarInput, HandlebarResult, PlacedPart, WayOut } from '@cricket/core/handlebar';
import { useState } from 'react';
import { View } from 'react-native';

import { figure } from '../bike/figures';
import { BarAbove } from '../drawing/bar-above/bar-above';
import { barScene } from '../drawing/bar-above/bar-scene';
import { FindingRow } from '../fit/finding-row';
import { Segments } from '../ui/segments';
import { Txt } from '../ui/txt';
import { VerdictLine } from '../ui/verdict-line';
import { words } from './words';

export interface ArrangedProps {
  question: HandlebarInput;
  result: HandlebarResult;
}

/** The best three orders of what is on the bar, drawn and told; or what would help where there is none. */
export function Arranged({ question, result }: ArrangedProps) {
  const [width, setWidth] = useState(0);
  const [picked, setPicked] = useState(0);
  const { layouts, findings, impossible } = result;
  const layout = layouts[picked] ?? layouts[0] ?? null;
  const number = (id: string) => question.parts.findIndex((part) => part.id === id) + 1;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <VerdictLine verdict={result.verdict} className="px-4 pb-2" />
      {width > 0 ? (
        <View className="border-y-2 border-ink bg-sheet py-2">
          <BarAbove
            scene={barScene(question.bar, question.parts, layout)}
            width={width}
            label={words.drawn(...readOut(layout))}
          />
        </View>
      ) : null}
      {layouts.length > 1 ? (
        <View className="px-4 pt-3">
          <Segments
            label={words.layouts}
            options={layouts.map((_, index) => [String(index), words.best(index + 1)] as const)}
            value={String(layouts.indexOf(layout!))}
            onChange={(index) => setPicked(Number(index))}
          />
        </View>
      ) : null}
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
      {findings.map((finding, index) => (
        <FindingRow key={`${finding.id} ${index}`} finding={finding} openAtFirst={finding.verdict !== 'goes'} />
      ))}
      {impossible && impossible.ways.length > 0 ? (
        <View className="gap-1 px-4 pt-3">
          <Txt bold heading={2}>
            {words.waysTitle}
          </Txt>
          {impossible.ways.map((way) => (
            <Txt key={`${way.do} ${way.id} ${way.with ?? ''}`}>{waySentence(way)}</Txt>
          ))}
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

function waySentence(way: WayOut): string {
  return way.do === 'swap' ? words.ways.swap(way.id, way.with!) : words.ways[way.do](way.id);
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
