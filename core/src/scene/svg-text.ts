import type { Paint, Scene, SceneTones, Shape } from './scene';

/** Tilt and line of each hatch: metal that is cut, and metal that would be in metal. */
export const hatches = {
  cut: { tilt: 45, step: 6, strokeWidth: 1.2, ground: 'sheet', line: 'soft' },
  clash: { tilt: -45, step: 5, strokeWidth: 2.4, ground: 'paper', line: 'stop' },
} as const satisfies Record<string, object>;

/**
 * A scene as SVG that stands alone.
 *
 * @param font - name of the face for its figures
 */
export function svgText({ width, height, shapes }: Scene, tones: SceneTones, font: string): string {
  const write = (shape: Shape): string => {
    switch (shape.shape) {
      case 'group':
        return `<g>${shape.shapes.map(write).join('')}</g>`;
      case 'rect': {
        const { x, y, width: wide, height: tall } = shape;
        const corners = shape.radius === undefined ? '' : ` rx="${shape.radius}"`;
        return `<rect x="${r(x)}" y="${r(y)}" width="${r(wide)}" height="${r(tall)}"${corners}${inked(shape, tones)}/>`;
      }
      case 'path':
        return `<path d="${shape.d.replace(/-?\d+\.\d{3,}/g, (figure) => String(r(Number(figure))))}"${inked(shape, tones)}/>`;
      case 'text': {
        const { x, y, size, fill, text } = shape;
        const face = `font-size="${r(size)}" font-family="${font}" font-weight="600" text-anchor="${shape.from ?? 'middle'}"`;
        return `<text x="${r(x)}" y="${r(y)}" ${face} fill="${tones[fill]}">${escaped(text)}</text>`;
      }
    }
  };
  const patterns = Object.entries(hatches).map(
    ([name, { tilt, step, strokeWidth, ground, line }]) =>
      `<pattern id="${name}" width="${step}" height="${step}" patternUnits="userSpaceOnUse" patternTransform="rotate(${tilt})">` +
      `<rect width="${step}" height="${step}" fill="${tones[ground]}"/>` +
      `<line x1="0" y1="0" x2="0" y2="${step}" stroke="${tones[line]}" stroke-width="${strokeWidth}"/></pattern>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${r(width)}" height="${r(height)}" viewBox="0 0 ${r(width)} ${r(height)}">`,
    `<defs>${patterns.join('')}</defs>`,
    ...shapes.map(write),
    '</svg>',
  ].join('');
}

/** A colour, or the hatch of that name. */
export function paintOf(paint: Paint, tones: SceneTones): string {
  return paint === 'none' ? 'none' : paint === 'cut' || paint === 'clash' ? `url(#${paint})` : tones[paint];
}

function inked(
  { fill = 'none', stroke, strokeWidth, dash, opacity, roundEnds }: Extract<Shape, { shape: 'rect' | 'path' }>,
  tones: SceneTones,
): string {
  return [
    ` fill="${paintOf(fill, tones)}"`,
    stroke ? ` stroke="${tones[stroke]}" stroke-width="${strokeWidth ?? 1}" stroke-linejoin="round"` : '',
    roundEnds ? ' stroke-linecap="round"' : '',
    dash ? ` stroke-dasharray="${dash.join(' ')}"` : '',
    opacity === undefined ? '' : ` opacity="${opacity}"`,
  ].join('');
}

const r = (value: number): number => Number(value.toFixed(2));

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}
