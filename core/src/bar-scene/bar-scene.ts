import type { BarPartKind } from '../handlebar';
import { polyline, scaleOf, type Paint, type Scene, type Shape } from '../scene';
import type { BarBlock, BarPlan } from './bar-plan';

const height = 150;
const barY = 78;
const margin = 14;
const markEveryMm = 50;

/** How the plan of a bar becomes a drawing of some width, and a place on the drawing one on the bar. */
export function barScale({ fromMm, toMm }: Pick<BarPlan, 'fromMm' | 'toMm'>, width: number) {
  const { x, pxPerMm } = scaleOf({ leftMm: fromMm, rightMm: toMm, upMm: 0, downMm: 0 }, width - 2 * margin);
  return {
    x: (mm: number): number => margin + x(mm),
    mmAt: (px: number): number => fromMm + (px - margin) / pxPerMm,
  };
}

/** The handlebar from above, to scale, the rider below it: parts by their numbers, levers before the bar, palms where they lie. */
export function barScene(plan: BarPlan, width: number): Scene {
  const { x } = barScale(plan, width);
  const [start, leftBend, rightBend, end] = plan.barMm;
  return {
    width,
    height,
    shapes: [
      ...plan.palmsMm.map(([from, to], index) => palm(x(from), x(to), index === 0)),
      {
        shape: 'rect',
        x: x(start),
        y: barY - 4,
        width: x(end) - x(start),
        height: 8,
        fill: 'metal',
        stroke: 'ink',
        strokeWidth: 1,
      },
      ...[leftBend, rightBend].map((mm) => upright(x(mm), barY - 8, barY + 8)),
      ...plan.blocks.flatMap((block) => blockShapes(block, x)),
      ...marks(plan, x),
    ],
  };
}

function upright(x: number, from: number, to: number, strokeWidth = 1): Shape {
  return polyline(
    [
      [x, from],
      [x, to],
    ],
    { stroke: 'ink', strokeWidth },
  );
}

/** A hand on the bar, its thumb inwards. */
function palm(from: number, to: number, isLeft: boolean): Shape {
  const [outer, inner] = isLeft ? [from, to] : [to, from];
  const turn = isLeft ? 1 : -1;
  const thumb = inner + turn * 12;
  const d = [
    `M ${outer} ${barY - 16}`,
    `L ${inner} ${barY - 16}`,
    `Q ${thumb} ${barY + 4} ${thumb} ${barY + 20}`,
    `L ${inner} ${barY + 20}`,
    `L ${inner - turn * 6} ${barY + 52}`,
    `L ${outer} ${barY + 52} Z`,
  ].join(' ');
  return { shape: 'path', d, fill: 'paper', stroke: 'rule', strokeWidth: 1.5 };
}

function blockShapes({ number, kind, fromMm, toMm, side, cutMm }: BarBlock, x: (mm: number) => number): Shape[] {
  const [from, to] = [x(fromMm), x(toMm)];
  const thick = thickness(kind);
  const middle = (from + to) / 2;
  const top = barY - thick / 2;
  const turns = kind === 'throttle-half' || kind === 'throttle-full' || kind === 'shifter-twist';
  return [
    ...(kind === 'lever' || kind === 'lever-shifter' ? [lever(middle, side === 'right' ? to + 60 : from - 60)] : []),
    {
      shape: 'rect',
      x: from,
      y: top,
      width: Math.max(3, to - from),
      height: thick,
      radius: kind === 'grip' ? 6 : 2,
      fill: paintOfPart(kind),
      stroke: 'ink',
      strokeWidth: 1.5,
    },
    ...(cutMm === undefined
      ? []
      : cut(side === 'left' ? to : from, x(side === 'left' ? toMm + cutMm : fromMm - cutMm))),
    ...(turns ? [0.25, 0.5, 0.75].map((share) => upright(from + (to - from) * share, top, top + thick, 0.8)) : []),
    { shape: 'text', x: middle, y: barY + thick / 2 + 14, text: String(number), size: 13, fill: 'ink' },
  ];
}

function paintOfPart(kind: BarPartKind): Paint {
  if (kind === 'grip') return 'soft';
  return kind.startsWith('throttle') ? 'lime' : 'sheet';
}

/** Where a grip is cut, and what comes off it. */
function cut(at: number, inner: number): Shape[] {
  return [
    {
      shape: 'rect',
      x: Math.min(at, inner),
      y: barY - 12,
      width: Math.abs(inner - at),
      height: 24,
      stroke: 'work',
      strokeWidth: 1.2,
      dash: [3, 3],
    },
    polyline(
      [
        [at, barY - 22],
        [at, barY + 22],
      ],
      { stroke: 'work', strokeWidth: 2.5, dash: [5, 3] },
    ),
  ];
}

/** From its clamp forwards and outwards, before the fingers. */
function lever(from: number, outer: number): Shape {
  const d = `M ${from} ${barY - 12} Q ${from} ${barY - 40} ${(from + outer) / 2} ${barY - 40} L ${outer} ${barY - 36}`;
  return { shape: 'path', d, stroke: 'ink', strokeWidth: 3 };
}

function thickness(kind: BarPartKind): number {
  if (kind === 'grip') return 24;
  if (kind === 'display' || kind === 'lever-shifter') return 34;
  return kind.startsWith('throttle') ? 28 : 26;
}

/** Marks from both ends inboard, as the figures of the layout are. */
function marks({ barMm: [start, leftBend, rightBend, end] }: BarPlan, x: (mm: number) => number): Shape[] {
  const steps = (length: number) =>
    Array.from({ length: Math.floor(length / markEveryMm) + 1 }, (_, at) => at * markEveryMm);
  return [
    ...steps(leftBend - start).map((mm) => ({ at: x(start + mm), mm })),
    ...steps(end - rightBend).map((mm) => ({ at: x(end - mm), mm })),
  ].flatMap(({ at, mm }): Shape[] => {
    const isHundred = mm % 100 === 0;
    return [
      polyline(
        [
          [at, height - 26],
          [at, height - (isHundred ? 16 : 20)],
        ],
        { stroke: 'soft', strokeWidth: 1 },
      ),
      ...(isHundred
        ? [{ shape: 'text' as const, x: at, y: height - 4, text: String(mm), size: 11, fill: 'soft' as const }]
        : []),
    ];
  });
}
