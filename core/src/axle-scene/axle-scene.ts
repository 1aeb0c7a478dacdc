import {
  dimension,
  labelRowPx,
  leaderLabels,
  leaders,
  pageLetters,
  scaleOf,
  type Letters,
  type Scene,
  type Shape,
} from '../scene';
import { axleLayout, type AxleLineData, type AxlePart } from './axle-parts';
import { clashShapes } from './clashes';
import type { Frame } from './frame';
import { axle, hub } from './hub-and-axle';
import { partShapes } from './part-shapes';
import { rotor, sprocket } from './rotor-and-sprocket';
import { viewBox, type AxleView } from './view-box';

export interface AxleSceneLook {
  width: number;
  height: number;
  view: AxleView;
  /** Key of the part in hand. */
  selected?: string | null;
  /** A figure as it is written where the drawing is looked at. */
  figure: (mm: number) => string;
  /** How large it is lettered; as on the page when left out. */
  letters?: Letters;
  /** What a part is called there; where it is left out no names stand under the drawing. */
  nameOf?: (part: AxlePart) => string;
}

/** Rows of names under a close-up, whether they are needed or not: the drawing does not jump when one is turned to. */
const closeUpRows = 3;

/**
 * A to-scale section through the axle, rider's left on the left; what conflicts is drawn in conflict.
 *
 * @returns parts as groups that name their key, so that a page can have them picked up
 */
export function axleScene(data: AxleLineData, look: AxleSceneLook): Scene {
  const { width, height: asked, view, selected = null, figure, nameOf, letters = pageLetters } = look;
  const rowPx = labelRowPx(letters);
  const layout = axleLayout(data);
  const named = nameOf ? layout.parts.filter(({ side }) => view === 'whole' || side === view) : [];
  const height = view === 'whole' ? asked : asked - closeUpRows * rowPx - 4;
  const stretch = viewBox(layout, view, width, height);
  const frame: Frame = { scale: scaleOf(stretch, width), stretch, height, layout, data };
  const { x, y } = frame.scale;
  const labels = leaderLabels(
    named.map((part) => ({
      at: (x(part.fromMm) + x(part.toMm)) / 2,
      text: `${nameOf!(part)} ${figure(part.thicknessMm)}`,
    })),
    width,
    letters.letterPx,
  );
  const rows = labels.length > 0 ? Math.max(...labels.map(({ row }) => row)) + 1 : 0;
  const band = view === 'whole' ? (rows > 0 ? rows * rowPx + 8 : 0) : asked - height;
  return {
    width,
    height: height + band,
    shapes: [
      hub(frame),
      ...axle(frame),
      ...platesFirst(layout.parts).map((part) => partShapes(frame, part, part.key === selected)),
      ...rotor(frame),
      ...sprocket(frame),
      ...clashShapes(frame),
      ...middle(frame),
      ...(view === 'whole' ? [...spacing(frame, figure, letters), ...gap(frame, figure, letters)] : []),
      ...(labels.length > 0
        ? [
            { shape: 'rect' as const, x: 0, y: height, width, height: band, fill: 'paper' as const },
            ...leaders(labels, Math.min(y(-9), height - 6), height, letters),
          ]
        : []),
    ],
  };
}

/** Dropouts lie behind the tabs that reach into their slots. */
function platesFirst(parts: readonly AxlePart[]): AxlePart[] {
  return [...parts.filter(({ kind }) => kind === 'plate'), ...parts.filter(({ kind }) => kind !== 'plate')];
}

/** The bike's middle plane, and where the rim runs. */
function middle({ scale: { x }, layout, height }: Frame): Shape[] {
  const rim = x(layout.rimMm);
  const at = x(layout.middleMm);
  return [
    { shape: 'path', d: `M${at} 4V${height - 22}`, stroke: 'ink', strokeWidth: 1.1, dash: [10, 4, 2, 4], fill: 'none' },
    { shape: 'path', d: `M${rim - 6} 6h12l-6 10z`, fill: 'lime', stroke: 'ink', strokeWidth: 1.2 },
  ];
}

/** The spacing as measured, dimensioned between the faces. */
function spacing(
  { scale: { x }, layout, data, height }: Frame,
  figure: AxleSceneLook['figure'],
  letters: Letters,
): Shape[] {
  const { left, right } = layout.faces;
  return dimension(x(left), x(right), height - 13, figure(data.input.spacingMm), { letters });
}

/** Room that no washers fill, or metal in metal: dimensioned where it is. */
function gap({ scale: { x, y }, layout, data }: Frame, figure: AxleSceneLook['figure'], letters: Letters): Shape[] {
  const { gapMm = 0 } = data;
  if (Math.abs(gapMm) < 0.005) return [];
  return (['left', 'right'] as const).flatMap((side) =>
    dimension(x(layout.shoulders[side]), x(layout.faces[side]), y(34), figure(Math.abs(gapMm) / 2), {
      tone: 'stop',
      strokeWidth: 1.8,
      above: true,
      letters,
    }),
  );
}
