import { endFacts, type Reading } from '@cricket/core/end-facts';
import { fit as wholeFit } from '@cricket/core/fit';
import { features } from '@cricket/core/features';
import { mayOverride } from '@cricket/core/overrides';
import type { Wheel } from '@cricket/core/parts';
import { act, renderHook } from '@testing-library/react-native';

import { arrangementOf, moved, without } from '../../job/stack/arrangement';
import { useFitChoice } from './use-fit-choice';

const words: Record<string, string> = {
  material: 'steel',
  'blade-material': 'steel',
  suspension: 'none',
  condition: 'sound',
  seat: 'open-flat',
  brake: 'rim',
  'lip.left': 'none',
  'lip.right': 'none',
};
const lengths: Record<string, number> = {
  'rim-to-dropout.left': 37,
  'rim-to-dropout.right': 37,
  'spacing.front': 100,
  'spacing.back': 100,
  'old-axle': 10,
};
const usual: [prefix: string, valueMm: number][] = [
  ['slot-width', 10.1],
  ['slot-depth', 14],
  ['plate', 5],
];

function readings(): Reading[] {
  const blank = {
    place: 'front-axle' as const,
    valueMm: null,
    word: null,
    parts: null,
    instrument: 'calipers' as const,
    takenAt: '2026',
    withdrawnAt: null,
  };
  return features.flatMap(({ id }): Reading[] => {
    const word = words[id];
    if (word) return [{ ...blank, id, feature: id, word }];
    const valueMm = lengths[id] ?? usual.find(([prefix]) => id.startsWith(`${prefix}.`))?.[1];
    return valueMm === undefined ? [] : [{ ...blank, id, feature: id, valueMm }];
  });
}

const tab = { kind: 'tabbed' as const, thicknessMm: 2.5 };
const plain = { kind: 'plain' as const, thicknessMm: 1.5 };
const wheel: Wheel = {
  id: 'w',
  code: 'FW-9',
  soldFor: 'front',
  drive: 'geared',
  regen: false,
  axle: { threadMm: 12, flatsMm: 10, leftMm: 38, rightMm: 36, threadFromLeftMm: 5, threadFromRightMm: 5 },
  shoulderWidthMm: 92,
  rimOffsetMm: 0,
  rotorFaceMm: null,
  smallSprocketMm: null,
  nutMm: 9,
  nutFlangeMm: 22,
  coverDiameterMm: 132,
  coverWidthMm: 66,
  rotorDiameterMm: null,
  cableExit: 'right',
  downMark: 'arrow',
  beadSeatMm: 559,
  delivered: { left: [plain, tab], right: [plain, tab] },
};
const fitInput = { facts: endFacts('front', readings()), bike: {}, wheel, stores: [], delivered: null };
const fit = wholeFit(fitInput);
const state = { fit, fitInput };

/** What is said of the rim: the whole verdict waits for the kit. */
const rim = ({ findings }: ReturnType<typeof useFitChoice>) => findings.find(({ id }) => id === 'rim-offset')?.verdict;

describe('the stack in view', () => {
  it('starts with the best, goes through the others and stays inside the list', () => {
    const { result } = renderHook(() => useFitChoice(state, 'b/front'));
    expect(result.current).toMatchObject({ index: 0, byHand: false });
    expect(rim(result.current)).toBe('goes');
    act(() => result.current.show(-1));
    expect(result.current.index).toBe(0);
    act(() => result.current.show(99));
    expect(result.current.index).toBe(result.current.count - 1);
  });

  it('judges a change by hand at once, and can be dropped again', () => {
    const { result } = renderHook(() => useFitChoice(state, 'b/front'));
    const best = arrangementOf(result.current.stack!);
    act(() => result.current.change(moved(best, 'left', 0, fit.stackInput!.washers)));
    // One 1.5 mm washer across the hub moves the rim by as much.
    expect(result.current).toMatchObject({ byHand: true, stack: { rimOffsetMm: -1.5 } });
    expect(rim(result.current)).toBe('work');
    act(() => result.current.change(without(best, 'left', 1)));
    expect(result.current.verdict).toBe('stop');
    expect(result.current.findings.some(({ id, verdict }) => id === 'tab-left' && verdict === 'stop')).toBe(true);
    act(() => result.current.dropHand());
    expect(result.current).toMatchObject({ byHand: false });
    expect(rim(result.current)).toBe('goes');
  });

  it('keeps a change by hand for whoever comes next, for this wheel only', () => {
    const kept = new Map<string, string>();
    const storage = {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    };
    Object.defineProperty(globalThis, 'localStorage', { configurable: true, value: storage });
    const first = renderHook(() => useFitChoice(state, 'b/front'));
    const changed = moved(arrangementOf(first.result.current.stack!), 'left', 0, fit.stackInput!.washers);
    act(() => first.result.current.change(changed));
    first.unmount();
    const again = renderHook(() => useFitChoice(state, 'b/front'));
    expect(again.result.current).toMatchObject({ byHand: true, stack: { rimOffsetMm: -1.5 } });
    const other = { fit, fitInput: { ...fitInput, wheel: { ...wheel, id: 'other' } } };
    expect(renderHook(() => useFitChoice(other, 'b/front')).result.current.byHand).toBe(false);
    act(() => again.result.current.dropHand());
    again.unmount();
    expect(renderHook(() => useFitChoice(state, 'b/front')).result.current.byHand).toBe(false);
    Object.defineProperty(globalThis, 'localStorage', { configurable: true, value: undefined });
  });

  it('lets a change by hand go on the owner’s word, and never where nobody may say so', () => {
    const { result } = renderHook(() => useFitChoice(state, 'b/front'));
    const best = arrangementOf(result.current.stack!);
    // Everything on one side: the rim is off by millimetres.
    const lopsided = { ...best, left: [], right: [...best.right, ...best.left] };
    act(() => result.current.change(lopsided));
    const stops = result.current.findings.filter(({ verdict }) => verdict === 'stop');
    const [may, mayNot] = [stops.filter(mayOverride), stops.filter((item) => !mayOverride(item))];
    expect(may.map(({ id }) => id)).toContain('rim-offset');
    const overrides = stops.map(({ id }) => ({
      findingId: id,
      because: 'He rides it so.',
      person: 'Hesper',
      at: '2026',
    }));
    const word = { fit, fitInput: { ...fitInput, overrides } };
    const overridden = renderHook(() => useFitChoice(word, 'b/front')).result;
    act(() => overridden.current.change(lopsided));
    const by = (id: string) => overridden.current.findings.find((item) => item.id === id);
    for (const { id } of may) expect(by(id)).toMatchObject({ verdict: 'work', overridden: { person: 'Hesper' } });
    for (const { id } of mayNot) expect(by(id)!.verdict).toBe('stop');
  });

  it('names each arrangement, so that taking it twice is taking it once', () => {
    const { result } = renderHook(() => useFitChoice(state, 'b/front'));
    const { key } = result.current;
    const best = arrangementOf(result.current.stack!);
    act(() => result.current.change(without(best, 'left', 0)));
    expect(result.current.key).not.toBe(key);
    act(() => result.current.change(best));
    expect(result.current.key).toBe(key);
  });

  it('falls back to what was computed when a washer has left the stores', () => {
    const { result } = renderHook(() => useFitChoice(state, 'b/front'));
    const best = arrangementOf(result.current.stack!);
    act(() => result.current.change({ ...best, left: ['plain-9', 'tabbed-2.5'] }));
    expect(result.current.stack).toEqual(fit.stack!.stacks[0]);
  });

  it('has nothing to show without a fit', () => {
    const { result } = renderHook(() => useFitChoice(null, 'b/front'));
    expect(result.current).toMatchObject({ stack: null, count: 0, verdict: 'unknown', findings: [] });
  });
});
