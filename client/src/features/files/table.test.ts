import { PartRow, unsuitedPart } from '@cricket/contract';

import { mostBytes, readBytes, readList, toCsv } from './table';

let made = 0;
const newId = () => `new-${++made}`;
const washer = {
  id: 'a',
  kind: 'plain',
  spec: { boreMm: 12.3, outerMm: 22, thicknessMm: 1.5 },
  count: 4,
} as const;
const bolt = {
  id: 'b',
  kind: 'rotor-bolt',
  spec: { threadMm: 5, lengthMm: 10 },
  costEach: 0.8,
  label: '=1+1',
  count: 12,
} as const;
const read = (text: string) => readList(text, PartRow, newId, { together: unsuitedPart });

describe('lists in files', () => {
  it('come back exactly, as CSV and as JSON', () => {
    for (const text of [
      toCsv([washer, bolt]),
      toCsv([washer, bolt], ','),
      JSON.stringify([washer, bolt]),
      JSON.stringify({ rows: [washer, bolt] }),
    ]) {
      expect(read(text)).toEqual({ rows: [washer, bolt], problems: [] });
    }
  });

  it('never hand a spreadsheet a formula', () => {
    const csv = toCsv([bolt]);
    expect(csv).toContain("'=1+1");
    expect(csv).not.toMatch(/(^|,)=1/m);
    // A negative figure is a figure.
    expect(toCsv([{ rimOffsetMm: -0.3 }])).toContain('-0.3');
    expect(toCsv([{ rimOffsetMm: -0.3 }])).not.toContain("'-0.3");
    expect(toCsv([{ rimOffsetMm: -0.3 }], ',')).toBe('rimOffsetMm\r\n-0,3');
    expect(toCsv([bolt], ',')).toContain("'=1+1");
  });

  it('are read as either kind of spreadsheet writes them: a comma is never both', () => {
    const [head, line] = toCsv([washer], ',').split('\r\n') as [string, string];
    expect(head).toContain(';');
    expect(line).toMatch(/;\d+,\d+/);
    // The same line with points, and with tabs for semicolons.
    const points = [head, line.replace(/(\d),(\d)/g, '$1.$2')].join('\n');
    const tabs = [head, line].join('\n').replaceAll(';', '\t');
    for (const text of [points, tabs]) expect(read(text)).toEqual({ rows: [washer], problems: [] });
    // Where commas part the columns, a figure with one is none, and is named.
    const commas = toCsv([washer]).replace(/(,)(\d+)\.(\d+)(?=,|$)/m, '$1"$2,$3"');
    expect(read(commas)).toMatchObject({ rows: [], problems: [{ line: 1 }] });
  });

  it('name every line that does not hold, with field, value and range', () => {
    const answer = read(
      JSON.stringify([
        washer,
        { ...bolt, count: -1 },
        { ...washer, colour: 1 },
        7,
        { ...washer, id: 'c', spec: { thicknessMm: 1 } },
      ]),
    );
    expect(answer).toMatchObject({
      problems: [
        { line: 2, path: 'count', message: expect.stringContaining('count is -1') },
        { line: 3, path: 'id', message: expect.stringContaining('twice') },
        { line: 3, path: 'colour' },
        { line: 4 },
        { line: 5, path: 'spec.boreMm' },
      ],
    });
  });

  it('give a line without id a new one', () => {
    const { id: _, ...bare } = washer;
    expect(read(JSON.stringify([bare]))).toMatchObject({
      rows: [{ id: expect.stringMatching(/^new-/) }],
      problems: [],
    });
  });

  it.each([
    ['', /no line/],
    ['[', /not valid JSON/],
    ['{"a": 1}', /not a list/],
  ])('refuse %j as a whole', (text, words) => {
    expect(read(text)).toEqual({ refused: expect.stringMatching(words) });
  });

  it('take a column named like the prototype for an unknown field', () => {
    const answer = read('id,__proto__.polluted\nx,1\n');
    expect('problems' in answer && answer.problems.length).toBeTruthy();
    expect(({} as { polluted?: unknown }).polluted).toBeUndefined();
  });

  it('refuse what is too large or not UTF-8', () => {
    expect(readBytes(new ArrayBuffer(mostBytes + 1))).toEqual({ refused: expect.stringContaining('at most 4 MB') });
    expect(readBytes(new Uint8Array([0xff, 0xfe, 0x41]).buffer)).toEqual({ refused: expect.stringContaining('UTF-8') });
    expect(readBytes(new TextEncoder().encode('id\nä').buffer as ArrayBuffer)).toEqual({ text: 'id\nä' });
  });
});
