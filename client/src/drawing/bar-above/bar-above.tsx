import type { BarPartKind } from '@cricket/core/handlebar';
import { Fragment } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';

import { SvgTxt } from '../../ui/svg-txt';
import { useTones, type Tones } from '../../ui/tones';
import type { BarBlock, BarScene } from './bar-scene';
import { BlockHandle } from './block-handle';

export interface BarAboveProps {
  scene: BarScene;
  width: number;
  /** Read out instead of the drawing. */
  label: string;
  /** With it parts can be pushed about. */
  push?: BarPush;
}

export interface BarPush {
  /** A part, its place, and that it can be pushed. */
  says: (id: string) => string;
  /** So far from the left end it was pushed. */
  onPush: (id: string, atMm: number) => void;
  /** One place to the side, by key. */
  onStep: (id: string, to: 'left' | 'right') => void;
}

const height = 150;
const barY = 78;
const margin = 14;
const markEveryMm = 50;

/** The handlebar from above, to scale, the rider below it: parts by their numbers, levers before the bar, palms where they lie. */
export function BarAbove({ scene, width, label, push }: BarAboveProps) {
  const tones = useTones();
  const scale = (width - 2 * margin) / (scene.toMm - scene.fromMm);
  const x = (mm: number) => margin + (mm - scene.fromMm) * scale;
  const [start, leftBend, rightBend, end] = scene.barMm;
  return (
    <View style={{ width, height }}>
      <View role="img" aria-label={label} style={{ width, height }}>
        <Svg width={width} height={height} aria-hidden>
          {scene.palmsMm.map(([from, to], index) => (
            <Path
              key={index}
              d={palm(x(from), x(to), index === 0)}
              fill={tones.paper}
              stroke={tones.rule}
              strokeWidth={1.5}
            />
          ))}
          <Rect
            x={x(start)}
            y={barY - 4}
            width={x(end) - x(start)}
            height={8}
            fill={tones.metal}
            stroke={tones.ink}
            strokeWidth={1}
          />
          <Line x1={x(leftBend)} y1={barY - 8} x2={x(leftBend)} y2={barY + 8} stroke={tones.ink} strokeWidth={1} />
          <Line x1={x(rightBend)} y1={barY - 8} x2={x(rightBend)} y2={barY + 8} stroke={tones.ink} strokeWidth={1} />
          {scene.blocks.map((block) => (
            <Block key={block.number} block={block} x={x} tones={tones} />
          ))}
          <Scale scene={scene} x={x} tones={tones} />
        </Svg>
      </View>
      {push
        ? // Always in the same order: a part that is held is not taken out of the page.
          byNumber(scene.blocks).map((block) => (
            <BlockHandle
              key={block.id}
              says={push.says(block.id)}
              middle={(x(block.fromMm) + x(block.toMm)) / 2}
              width={x(block.toMm) - x(block.fromMm)}
              height={height}
              onPush={(pixels) => push.onPush(block.id, scene.fromMm + (pixels - margin) / scale)}
              onStep={(to) => push.onStep(block.id, to)}
            />
          ))
        : null}
    </View>
  );
}

const byNumber = (blocks: readonly BarBlock[]) => [...blocks].sort((a, b) => a.number - b.number);

/** A hand on the bar, its thumb inwards. */
function palm(from: number, to: number, isLeft: boolean): string {
  const [outer, inner] = isLeft ? [from, to] : [to, from];
  const turn = isLeft ? 1 : -1;
  const thumb = inner + turn * 12;
  return [
    `M ${outer} ${barY - 16}`,
    `L ${inner} ${barY - 16}`,
    `Q ${thumb} ${barY + 4} ${thumb} ${barY + 20}`,
    `L ${inner} ${barY + 20}`,
    `L ${inner - turn * 6} ${barY + 52}`,
    `L ${outer} ${barY + 52} Z`,
  ].join(' ');
}

function Block({ block, x, tones }: { block: BarBlock; x: (mm: number) => number; tones: Tones }) {
  const { number, kind, fromMm, toMm, side } = block;
  const [from, to] = [x(fromMm), x(toMm)];
  const thick = thickness(kind);
  const middle = (from + to) / 2;
  const turns = kind === 'throttle-half' || kind === 'throttle-full' || kind === 'shifter-twist';
  return (
    <G>
      {isLever(kind) ? (
        <Path
          d={lever(middle, side === 'right' ? x(toMm) + 60 : x(fromMm) - 60)}
          fill="none"
          stroke={tones.ink}
          strokeWidth={3}
        />
      ) : null}
      <Rect
        x={from}
        y={barY - thick / 2}
        width={Math.max(3, to - from)}
        height={thick}
        rx={kind === 'grip' ? 6 : 2}
        fill={kind === 'grip' ? tones.soft : kind.startsWith('throttle') ? tones.lime : tones.sheet}
        stroke={tones.ink}
        strokeWidth={1.5}
      />
      {block.cutMm === undefined ? null : (
        <CutMark
          at={side === 'left' ? to : from}
          inner={x(side === 'left' ? toMm + block.cutMm : fromMm - block.cutMm)}
          tones={tones}
        />
      )}
      {turns
        ? [0.25, 0.5, 0.75].map((share) => (
            <Line
              key={share}
              x1={from + (to - from) * share}
              y1={barY - thick / 2}
              x2={from + (to - from) * share}
              y2={barY + thick / 2}
              stroke={tones.ink}
              strokeWidth={0.8}
            />
          ))
        : null}
      <SvgTxt x={middle} y={barY + thick / 2 + 14} fontSize={13} fontWeight="bold" textAnchor="middle" fill={tones.ink}>
        {String(number)}
      </SvgTxt>
    </G>
  );
}

/** Where a grip is cut, and what comes off it. */
function CutMark({ at, inner, tones }: { at: number; inner: number; tones: Tones }) {
  return (
    <>
      <Rect
        x={Math.min(at, inner)}
        y={barY - 12}
        width={Math.abs(inner - at)}
        height={24}
        fill="none"
        stroke={tones.work}
        strokeWidth={1.2}
        strokeDasharray="3 3"
      />
      <Line x1={at} y1={barY - 22} x2={at} y2={barY + 22} stroke={tones.work} strokeWidth={2.5} strokeDasharray="5 3" />
    </>
  );
}

const isLever = (kind: BarPartKind) => kind === 'lever' || kind === 'lever-shifter';

/** From its clamp forwards and outwards, before the fingers. */
function lever(from: number, outer: number): string {
  return `M ${from} ${barY - 12} Q ${from} ${barY - 40} ${(from + outer) / 2} ${barY - 40} L ${outer} ${barY - 36}`;
}

function thickness(kind: BarPartKind): number {
  if (kind === 'grip') return 24;
  if (kind === 'display' || kind === 'lever-shifter') return 34;
  return kind.startsWith('throttle') ? 28 : 26;
}

/** Marks from both ends inboard, as the figures of the layout are. */
function Scale({ scene, x, tones }: { scene: BarScene; x: (mm: number) => number; tones: Tones }) {
  const [start, leftBend, rightBend, end] = scene.barMm;
  const marks = (length: number) =>
    Array.from({ length: Math.floor(length / markEveryMm) + 1 }, (_, at) => at * markEveryMm);
  const all = [
    ...marks(leftBend - start).map((mm) => ({ at: start + mm, mm })),
    ...marks(end - rightBend).map((mm) => ({ at: end - mm, mm })),
  ];
  return (
    <>
      {all.map(({ at, mm }) => (
        <Fragment key={at}>
          <Line
            x1={x(at)}
            y1={height - 26}
            x2={x(at)}
            y2={height - (mm % 100 === 0 ? 16 : 20)}
            stroke={tones.soft}
            strokeWidth={1}
          />
          {mm % 100 === 0 ? (
            <SvgTxt x={x(at)} y={height - 4} fontSize={11} textAnchor="middle" fill={tones.soft}>
              {String(mm)}
            </SvgTxt>
          ) : null}
        </Fragment>
      ))}
    </>
  );
}
