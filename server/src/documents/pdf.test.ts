import { marked } from './pdf';

describe('the content of a sheet', () => {
  const content = [
    { text: 'Slot 10.02 mm', style: 'part.1.5', margin: [0, 1.5] },
    { table: { widths: [14.5, '*'], body: [['1.25', { text: ['2.5 N·m', { qr: 'http://127.0.0.1:4620/1.5' }] }]] } },
    { svg: '<svg viewBox="0 0 1.5 2"><path d="M1.5 2.5"/><text x="1.5">9.58</text></svg>' },
  ];

  it('has its decimals after the shop’s mark, and nothing else changed: no measure, no address, no line of a drawing', () => {
    expect(marked(content, ',')).toEqual([
      { text: 'Slot 10,02 mm', style: 'part.1.5', margin: [0, 1.5] },
      { table: { widths: [14.5, '*'], body: [['1,25', { text: ['2,5 N·m', { qr: 'http://127.0.0.1:4620/1.5' }] }]] } },
      { svg: '<svg viewBox="0 0 1.5 2"><path d="M1.5 2.5"/><text x="1.5">9,58</text></svg>' },
    ]);
  });

  it.each(['.', undefined] as const)('is as it is with %s', (mark) => {
    expect(marked(content, mark)).toBe(content);
  });
});
