import { OwnLimits, limitTable, withLimits } from '@cricket/core/limits';
import { readInput } from '@cricket/core/input';
import { defaultUnits } from '@cricket/core/units';

import { cellError, cellId, limitCells, limitsFrom, ownText } from './limit-values';

const cells = limitCells(defaultUnits);
const cell = (id: string) => cells.find((item) => cellId(item) === id)!;

describe('the workshop’s limits as typed', () => {
  it('shows every limit once, and every material but carbon', () => {
    const keys = new Set(cells.map(({ key }) => key));
    expect([...keys]).toEqual(Object.keys(limitTable));
    expect(cells.some(({ material }) => material === 'carbon')).toBe(false);
  });

  it('goes to and fro without loss, and the core takes it', () => {
    const texts = { 'fileMm.steel': '0.8', playGoesMm: '0,25', purchaseMm: '1; 2; 3' };
    const own = limitsFrom(cells, texts);
    expect(own).toEqual({ fileMm: { steel: 0.8 }, playGoesMm: 0.25, purchaseMm: [1, 2, 3] });
    expect(readInput(OwnLimits, own)).toEqual(own);
    expect(withLimits(own).fileMm.steel).toBe(0.8);
    expect(ownText(own, cell('fileMm.steel'))).toBe('0.8');
    expect(ownText(own, cell('purchaseMm'))).toBe('1; 2; 3');
    expect(ownText(own, cell('fileMm.titanium'))).toBe('');
  });

  it.each([
    ['fileMm.steel', '9', /9 is out of range; enter a figure from 0 to 3 mm/],
    ['insideMax', '2.5', /not a whole number/],
    ['purchaseMm', '1; many', /not a list of figures/],
    ['purchaseMm', '1,2,3', /not a list of figures/],
    ['playGoesMm', 'wide', /not a figure/],
  ])('says what is wrong with %s %s', (id, text, words) => {
    expect(cellError(cell(id), text)).toMatch(words);
  });

  it('reads sizes with decimals after a comma', () => {
    expect(limitsFrom(cells, { purchaseMm: '0,5; 1,5 2' }).purchaseMm).toEqual([0.5, 1.5, 2]);
    expect(limitsFrom(cells, { purchaseMm: '1, 2' }).purchaseMm).toEqual([1, 2]);
  });

  it('takes an empty field for the default', () => {
    expect(cellError(cell('playGoesMm'), ' ')).toBeNull();
    expect(limitsFrom(cells, { playGoesMm: '' })).toEqual({});
  });
});
