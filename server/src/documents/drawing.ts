import { svgText, type Letters, type Scene, type SceneTones } from '@cricket/core/scene';
import type { Content } from 'pdfmake/interfaces';

/** The light theme on white paper. */
const paper: SceneTones = {
  paper: '#FFFFFF',
  sheet: '#FFFDF7',
  ink: '#23271F',
  soft: '#5A6053',
  rule: '#CFC9B8',
  metal: '#DAD6CA',
  lime: '#C9E04A',
  work: '#8F5400',
  stop: '#A22E1C',
};

/** Width of the text on a sheet, in pt. */
export const textWidth = 515;

/** Of the sheets' own face, which is wider than that of the page's figures. */
export const letters: Letters = { size: 8, letterPx: 4.7 };

/** Of a drawing, in pt: two of them have room on a sheet. */
const mostHeight = 340;

/** A drawing on a sheet; it is not torn apart between two pages. */
export function drawing(scene: Scene): Content {
  const share = Math.min(1, mostHeight / scene.height);
  return { svg: svgText(scene, paper, 'Atkinson'), width: scene.width * share, margin: [0, 6, 0, 6] };
}
