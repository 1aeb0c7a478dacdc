import { axleRow, type EndJob } from '@cricket/core/procedure';
import type { Speaker } from '@cricket/words';

const ink = '#23271F';
const metal = '#DAD6CA';

/** The axle with its parts from the rider's left to the right, as a drawing that stands alone. */
export function axleSvg(end: EndJob, widthPt: number, { say }: Pick<Speaker, 'say'>): string {
  const parts = axleRow(end, '');
  const shares = parts.reduce((sum, { wide }) => sum + wide, 0);
  const unit = (widthPt - 8) / shares;
  const middle = 66;
  let x = 4;
  const drawn = parts.map(({ name, wide, tall }, index) => {
    const at = x;
    x += unit * wide;
    return [
      `<rect x="${round(at + 0.5)}" y="${round(middle - tall / 2)}" width="${round(unit * wide - 1)}" height="${tall}" fill="${metal}" stroke="${ink}" stroke-width="1"/>`,
      `<text x="${round(at + (unit * wide) / 2)}" y="${index % 2 ? 150 : 138}" font-size="8" font-family="Atkinson" text-anchor="middle" fill="${ink}">${escaped(say(name))}</text>`,
    ].join('');
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthPt}" height="156" viewBox="0 0 ${widthPt} 156">`,
    `<line x1="0" y1="${middle}" x2="${widthPt}" y2="${middle}" stroke="${ink}" stroke-width="4"/>`,
    ...drawn,
    '</svg>',
  ].join('');
}

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
}

function round(value: number): number {
  return Number(value.toFixed(2));
}
