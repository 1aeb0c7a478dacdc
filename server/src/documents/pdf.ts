import { createRequire } from 'node:module';

import type pdfMakeModule from 'pdfmake';
import { withMark, type DecimalMark } from '@cricket/core/units';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';

const require = createRequire(import.meta.url);
const font = (weight: 400 | 700) =>
  require.resolve(`@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-${weight}-normal.woff`);

let made: Promise<typeof pdfMakeModule> | null = null;

/** Our text face, and nothing from the network or from elsewhere on the disk. Loaded by the first sheet: much else needs none. */
async function prepare(): Promise<typeof pdfMakeModule> {
  const { default: pdfMake } = await import('pdfmake');
  const files = { normal: font(400), bold: font(700), italics: font(400), bolditalics: font(700) };
  pdfMake.setFonts({ Atkinson: files });
  pdfMake.setUrlAccessPolicy(() => false);
  pdfMake.setLocalAccessPolicy((path: string) => Object.values(files).includes(path));
  return pdfMake;
}

/** A sheet: what is on it, and what the shop writes before decimals. */
interface Sheet extends Omit<TDocumentDefinitions, 'defaultStyle' | 'pageSize'> {
  decimalMark: DecimalMark | undefined;
}

/** Sets a document as PDF, A4, in our face. */
export async function pdfOf({ content, decimalMark, ...definition }: Sheet): Promise<Buffer> {
  const pdfMake = await (made ??= prepare());
  return pdfMake
    .createPdf({
      pageSize: 'A4',
      pageMargins: [40, 36, 40, 44],
      defaultStyle: { font: 'Atkinson', fontSize: 10, lineHeight: 1.15, color: '#23271F' },
      styles: {
        title: { fontSize: 19, bold: true },
        part: { fontSize: 13, bold: true, margin: [0, 10, 0, 3] },
        small: { fontSize: 8, color: '#5A6053' },
      },
      footer: (page: number, pages: number) => ({
        text: `${page} / ${pages}`,
        alignment: 'center',
        fontSize: 8,
        margin: [0, 10, 0, 0],
      }),
      content: marked(content, decimalMark),
      ...definition,
    })
    .getBuffer();
}

/** What no reader sees: names of styles, what a code opens, paths of a drawing. */
const unread = new Set(['style', 'qr', 'color', 'layout']);

/** The same content with its decimals after the shop's mark. */
export function marked<T>(content: T, mark: DecimalMark | undefined): T {
  if (mark !== ',') return content;
  if (typeof content === 'string') return withMark(content, mark) as T;
  if (Array.isArray(content)) return content.map((item: unknown) => marked(item, mark)) as T;
  if (typeof content !== 'object' || content === null) return content;
  const fields = Object.entries(content).map(([name, value]: [string, unknown]) => {
    if (name === 'svg') return [name, String(value).replace(/>[^<]+</g, (text) => withMark(text, mark))];
    return [name, unread.has(name) ? value : marked(value, mark)];
  });
  return Object.fromEntries(fields) as T;
}
