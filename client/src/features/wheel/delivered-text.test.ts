import { defaultUnits } from '@cricket/core/units';

import { inGerman } from '../../ui/german.testing';
import { takeShopUnits } from '../../ui/shop-units';
import { deliveredText, readDelivered } from './delivered-text';

afterEach(() => takeShopUnits({}));

describe('washers as they are typed', () => {
  it('are parted by semicolons: a comma is that of decimals', () => {
    const parts = [
      { kind: 'plain', thicknessMm: 1.5 },
      { kind: 'tabbed', thicknessMm: 2.5 },
    ];
    for (const text of ['1,5; tab 2,5', '1.5;tab 2.5', ' 1,5 mm ; TAB 2.5 mm;', '1.5\ntab 2.5']) {
      expect(readDelivered(text)).toEqual({ parts });
    }
    expect(readDelivered('  ')).toEqual({ parts: [] });
  });

  it.each([
    ['1.5, tab 2.5', '1.5, tab 2.5'],
    ['1,5,2', '1,5,2'],
    ['1.5 2.5', '1.5 2.5'],
    ['1,001', '1,001'],
    ['1; thick', 'thick'],
    ['2; 0.05', '0.05'],
    ['41', '41'],
  ])('%s is asked about, not guessed at', (text, unreadable) => {
    expect(readDelivered(text)).toEqual({ unreadable });
  });

  it('are written in the words of whoever writes them', () => {
    const german = inGerman(() => jest.requireActual<typeof import('./delivered-text')>('./delivered-text'));
    const parts = [{ kind: 'tabbed' as const, thicknessMm: 2.5 }];
    expect(german.deliveredText(parts)).toBe('Nase 2.5');
    expect(german.readDelivered('nase 2,5 mm')).toEqual({ parts });
    expect(german.readDelivered('tab 2.5')).toEqual({ unreadable: 'tab 2.5' });
  });

  it.each(['.', ','] as const)('come back as they were where decimals are after %s', (decimalMark) => {
    takeShopUnits({ units: { ...defaultUnits, decimalMark } });
    for (let hundredths = 10; hundredths <= 4000; hundredths += 1) {
      const parts = [
        { kind: 'plain' as const, thicknessMm: hundredths / 100 },
        { kind: 'tabbed' as const, thicknessMm: (4010 - hundredths) / 100 },
      ];
      expect(readDelivered(deliveredText(parts))).toEqual({ parts });
    }
    expect(deliveredText([{ kind: 'tabbed', thicknessMm: 2.5 }])).toBe(`tab 2${decimalMark}5`);
  });
});
