import { featureById, type LengthFeature } from '@cricket/core/features';

import { judgeTyped } from './judge-typed';
import { nextOpen } from './where-next';

const seat = featureById('slot-width.left.seat') as LengthFeature;

describe('judgeTyped', () => {
  it('takes a plausible figure, in millimetres or inches', () => {
    expect(judgeTyped('9.58', 'mm', seat, null)).toEqual({ kind: 'plausible', valueMm: 9.58, odd: null });
    expect(judgeTyped('0.3772', 'inch', seat, null)).toEqual({ kind: 'plausible', valueMm: 9.5809, odd: null });
  });

  it('notices inches where millimetres are set', () => {
    expect(judgeTyped('0.377', 'mm', seat, null)).toEqual({ kind: 'implausible', valueMm: 0.377, asInchesMm: 9.58 });
    expect(judgeTyped('9999', 'mm', seat, null)).toEqual({ kind: 'implausible', valueMm: 9999, asInchesMm: null });
  });

  it('explains a figure that stands off from the ones before', () => {
    expect(judgeTyped('9.6', 'mm', seat, 9.58)).toMatchObject({ odd: null });
    expect(judgeTyped('8.95', 'mm', seat, 9.85)).toMatchObject({ odd: { kind: 'digits-swapped', meantMm: 9.85 } });
    expect(judgeTyped('14', 'mm', seat, 9.58)).toMatchObject({ odd: { kind: 'far-off' } });
  });
});

describe('where to go next', () => {
  const plan = ['spacing.front', 'spacing.back', 'old-axle'].map((id, index) => ({
    feature: featureById(id)!,
    required: true,
    state: index === 1 ? ('settled' as const) : ('open' as const),
  }));
  it('goes on to the next that is open, then round to what was skipped', () => {
    expect(nextOpen(plan, 'spacing.front')?.id).toBe('old-axle');
    expect(nextOpen(plan, 'old-axle')?.id).toBe('spacing.front');
    expect(
      nextOpen(
        plan.map((item) => ({ ...item, state: 'settled' as const })),
        'old-axle',
      ),
    ).toBeNull();
  });

  it('comes to optional ones last, and never back to one that was skipped', () => {
    const optional = ['washers-found.left', 'washers-found.right'].map((id) => ({
      feature: featureById(id)!,
      required: false,
      state: 'open' as const,
    }));
    const settled = plan.map((item) => ({ ...item, state: 'settled' as const }));
    expect(nextOpen([...plan, ...optional], 'old-axle')?.id).toBe('spacing.front');
    expect(nextOpen([...settled, ...optional], 'old-axle')?.id).toBe('washers-found.left');
    expect(nextOpen([...settled, ...optional], 'washers-found.left')?.id).toBe('washers-found.right');
    expect(nextOpen([...settled, ...optional], 'washers-found.right')).toBeNull();
  });
});
