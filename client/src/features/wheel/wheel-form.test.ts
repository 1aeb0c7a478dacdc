import { deliveredText, readDelivered } from './delivered-text';
import { checkWheel, wheelEntry, wheelFields } from './wheel-form';

describe('washers as typed', () => {
  it('reads what it writes', () => {
    const parts = [
      { kind: 'plain' as const, thicknessMm: 1.5 },
      { kind: 'tabbed' as const, thicknessMm: 2.5 },
    ];
    expect(readDelivered(deliveredText(parts))).toEqual({ parts });
    expect(readDelivered('')).toEqual({ parts: [] });
  });

  it.each(['1.5, wide', '0', '99', 'tab'])('names the piece of %j that is not understood', (text) => {
    expect(readDelivered(text)).toHaveProperty('unreadable');
  });
});

describe('the wheel form', () => {
  const filled = {
    ...wheelFields(),
    code: 'OWN-1',
    threadMm: '12',
    flatsMm: '10',
    leftMm: '36',
    rightMm: '38',
    threadFromLeftMm: '5',
    threadFromRightMm: '5',
    shoulderWidthMm: '92',
    rimOffsetMm: '-0,4',
    nutMm: '9',
    nutFlangeMm: '22',
    coverDiameterMm: '130',
    coverWidthMm: '66',
    beadSeatMm: '559',
    deliveredLeft: '1.5; tab 2,5',
  };

  it('makes an entry of what was typed, empty optional figures as none', () => {
    expect(checkWheel(filled).errors).toEqual({});
    expect(wheelEntry(filled, 0)).toMatchObject({
      code: 'OWN-1',
      rimOffsetMm: -0.4,
      rotorFaceMm: null,
      axle: { threadMm: 12 },
      delivered: { left: [{ thicknessMm: 1.5 }, { kind: 'tabbed' }], right: [] },
      version: 0,
    });
  });

  it('names every field that does not hold', () => {
    const { errors } = checkWheel({
      ...filled,
      flatsMm: '12',
      nutMm: 'high',
      shoulderWidthMm: '9999',
      deliveredRight: 'thick',
    });
    expect(Object.keys(errors).sort()).toEqual(['deliveredRight', 'flatsMm', 'nutMm', 'shoulderWidthMm']);
  });
});
