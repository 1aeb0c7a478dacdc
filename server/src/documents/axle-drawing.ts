import { axleLineOf, axleLineTaken, axlePartName, axleScene } from '@cricket/core/axle-scene';
import type { StackAcceptance } from '@cricket/contract/shapes';
import type { EndState } from '@cricket/core/next-action';
import type { Content } from 'pdfmake/interfaces';

import { drawing, letters, textWidth } from './drawing';
import type { JobData } from './job-data';

/** Height of the section without the names under it, in pt. */
const height = 150;

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
    width: textWidth,
    height,
    view: 'whole',
    letters,
    figure: (mm) => String(Number(mm.toFixed(2))),
    nameOf: (part) => say(axlePartName(part)),
  });
  return [drawing(scene)];
}
