import { handlebar, type BarPart } from '../handlebar';
import { barQuestion } from '.';

const room = { straightMm: { left: 200, right: 200 }, centreMm: 90, gripDiameterMm: 22.2 };
const grip = (id: string, side: 'left' | 'right'): BarPart => ({ id, kind: 'grip', widthMm: 125, side });
const shifter: BarPart = {
  id: 'shifter',
  kind: 'shifter-trigger',
  widthMm: 25,
  side: 'right',
  rear: true,
  clampMm: 22.2,
};

describe('what a handlebar is asked', () => {
  it('is nothing while room or parts are not known', () => {
    expect(barQuestion({})).toBeNull();
    expect(barQuestion({ bar: { room } })).toBeNull();
    expect(barQuestion({ bar: { parts: [shifter] } })).toBeNull();
    expect(barQuestion({ bar: { room, parts: [] } })).toBeNull();
  });

  it('has the throttle away from the rear shifter, unless somebody has said where', () => {
    const bar = { room, parts: [grip('left grip', 'left'), grip('right grip', 'right'), shifter] };
    expect(barQuestion({ bar })!.prefer).toEqual({ throttleSide: 'left' });
    expect(barQuestion({ bar, job: { throttleSide: 'right' } })!.prefer).toEqual({ throttleSide: 'right' });
    const either = { ...shifter, side: 'either' as const, nowSide: 'left' as const };
    expect(barQuestion({ bar: { room, parts: [either] } })!.prefer).toEqual({ throttleSide: 'right' });
    expect(barQuestion({ bar: { room, parts: [grip('left grip', 'left')] } })!.prefer).toBeUndefined();
  });

  it('can be answered as it stands', () => {
    const throttle: BarPart = { id: 'throttle', kind: 'throttle-thumb', widthMm: 30, side: 'either', clampMm: 22.2 };
    const lever: BarPart = { id: 'lever', kind: 'lever', widthMm: 20, side: 'left', clampMm: 22.2, cutOff: true };
    const bar = { room, parts: [grip('left grip', 'left'), grip('right grip', 'right'), shifter, throttle, lever] };
    const { layouts, verdict } = handlebar(barQuestion({ bar })!);
    expect(verdict).toBe('goes');
    expect(layouts[0]!.left.map(({ id }) => id)).toContain('throttle');
  });
});
