import { axleLineOf, axleLineTaken, axlePartName, axleScene } from '@cricket/core/axle-scene';
import type { StackAcceptance } from '@cricket/contract/shapes';
import type { EndState } from '@cricket/core/next-action';
import { svgText, type SceneTones } from '@cricket/core/scene';
import type { Content } from 'pdfmake/interfaces';

import type { JobData } from './job-data';

/** The light theme on white paper. */
const paper: SceneTones = {
  paper: '#FFFFFF',
  sheet: '#FFFDF7',
  ink: '#23271F',
  soft: '#5A6053',
  metal: '#DAD6CA',
  lime: '#C9E04A',
  stop: '#A22E1C',
};

/** Width of the text on a sheet, and the height of the section without the names under it, in pt. */
const size = { width: 515, height: 150 };

/** Of the sheets' own face, which is wider than that of the page's figures. */
const letters = { size: 8, letterPx: 4.7 };

/** The section through the axle as it was taken, or as the best stack of today; nothing where there is none to draw. */
export function axleDrawing(
  { facts, ...state }: EndState,
  taken: StackAcceptance | null,
  { speaker: { say } }: Pick<JobData, 'speaker'>,
): Content[] {
  const lips = { left: facts.sides.left.lip, right: facts.sides.right.lip };
  const data = taken
    ? axleLineTaken(taken, lips)
    : axleLineOf({ ...state, facts }, state.fit?.stack?.stacks[0] ?? null);
  if (!data) return [];
  const scene = axleScene(data, {
    ...size,
    view: 'whole',
    letters,
    figure: (mm) => String(Number(mm.toFixed(2))),
    nameOf: (part) => say(axlePartName(part)),
  });
  return [{ svg: svgText(scene, paper, 'Atkinson'), margin: [0, 6, 0, 6] }];
}
