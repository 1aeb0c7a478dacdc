import { endFacts, type Reading } from '../end-facts';
import type { StoreItem, Wheel } from '../parts';
import { endFit } from './end-fit';
import { frontReadings, frontWheel, washersOnHand } from './front-end.testing';
import { say } from '../english.testing';

const judge = (readings: Reading[], wheel: Wheel = frontWheel, stores: StoreItem[] = washersOnHand) =>
  endFit({ facts: endFacts('front', readings), wheel, stores, delivered: null });
const verdictOf = (fit: ReturnType<typeof judge>, id: string) =>
  fit.findings.find((finding) => finding.id === id)?.verdict;

describe('endFit', () => {
  it('goes with an arm on the longer side, and tabbed washers inside on both', () => {
    const fit = judge(frontReadings());
    expect(fit.verdict).toBe('goes');
    expect(fit.open).toEqual([]);
    expect(fit.outside.left.map(({ kind }) => kind)).toEqual(['arm']);
    expect(fit.outside.right).toEqual([]);
    const best = fit.stack!.stacks[0]!;
    expect(best.left.inside.at(-1)).toBe('tabbed-2.5');
    expect(best.right.inside.at(-1)).toBe('tabbed-2.5');
  });

  it.each(
    frontReadings()
      .map(({ feature }) => feature)
      .filter((feature, index, all) => all.indexOf(feature) === index),
  )('is unknown, never goes, without %s', (feature) => {
    const fit = judge(frontReadings().filter((reading) => reading.feature !== feature));
    expect(['unknown', 'stop']).toContain(fit.verdict);
    expect(fit.open.length).toBeGreaterThan(0);
  });

  it('is unknown when a reading was withdrawn', () => {
    const readings = frontReadings().map((reading) =>
      reading.feature === 'old-axle' ? { ...reading, withdrawnAt: '2026-03-02T10:00:00Z' } : reading,
    );
    expect(judge(readings).verdict).toBe('unknown');
  });

  it.each([
    ['material', 'carbon', 'carbon', 'stop'],
    ['blade-material', 'carbon', 'carbon', 'stop'],
    ['condition', 'cracked', 'condition', 'stop'],
    ['condition', 'bent', 'condition', 'stop'],
    ['condition', 'unsure', 'condition', 'unknown'],
    ['condition', 'surface-rust', 'condition', 'work'],
    ['brake', 'none', 'brake', 'stop'],
    ['suspension', 'suspension', 'maker-approval', 'unknown'],
  ])('with %s %s says %s: %s', (feature, word, id, verdict) => {
    const fit = judge(frontReadings({ [feature]: word }));
    expect(verdictOf(fit, id)).toBe(verdict);
    expect(fit.verdict).not.toBe('goes');
  });

  it('takes a suspension fork only with its maker’s word, and then at most after work', () => {
    expect(judge(frontReadings({ suspension: 'suspension', 'maker-approval': 'none' })).verdict).toBe('stop');
    const said = frontReadings({ suspension: 'suspension', 'maker-approval': 'in-writing' });
    // That somebody says so is not enough: who, when and where is written down.
    expect(judge(said).verdict).toBe('unknown');
    const approval = { by: 'the fork’s maker', date: '2026-03-02', document: 'letter 14' };
    const fit = endFit({
      facts: endFacts('front', said),
      wheel: frontWheel,
      stores: washersOnHand,
      delivered: null,
      approval,
    });
    expect(fit.verdict).toBe('work');
    expect(say(fit.findings.find(({ id }) => id === 'maker-approval')!.because)).toContain('letter 14');
  });

  it('notices faces that are not parallel', () => {
    // atan(0.4 / 24) = 0.95°
    const fit = judge(frontReadings({}, { 'spacing.back': 100.5 }));
    expect(verdictOf(fit, 'faces-parallel')).toBe('work');
    expect(fit.findings.find(({ id }) => id === 'faces-parallel')?.measured).toBeCloseTo(0.955, 3);
  });

  it('takes a frame that is not symmetrical into the rim offset', () => {
    // The old rim stands 1 mm nearer to the left dropout: the dropouts' middle is 0.5 mm to the right.
    const fit = judge(frontReadings({}, { 'rim-to-dropout.left': 37, 'rim-to-dropout.right': 38 }));
    expect(fit.stackInput?.frameOffsetMm).toBe(0.5);
  });

  it('moves the arm across when the thread on the longer side does not reach', () => {
    const wheel = {
      ...frontWheel,
      axle: { ...frontWheel.axle, leftMm: 23.4, rightMm: 23.3, threadFromLeftMm: 0, threadFromRightMm: 0 },
    };
    const fit = judge(frontReadings({}, { 'plate.left': 6, 'plate.right': 5 }), wheel);
    expect(fit.outside.left).toEqual([]);
    expect(fit.outside.right.map(({ kind }) => kind)).toEqual(['arm']);
  });

  it('asks for two arms where the fork is aluminium or the slot is filed', () => {
    expect(judge(frontReadings({ material: 'forged-aluminium' })).twoArms).toBe(true);
    const filed = judge(frontReadings({}, { 'slot-width.left.seat': 9.8 }));
    expect(filed.twoArms).toBe(true);
    expect(filed.outside.left).toHaveLength(1);
    expect(filed.outside.right).toHaveLength(1);
  });

  it('stops a disc bike with a hub that takes no rotor', () => {
    const disc = (words: Record<string, string>) =>
      judge(
        [...frontReadings({ brake: 'disc', ...words }), ...frontReadings({}, { 'rotor-inboard': 10.5 }).slice(-1)],
        { ...frontWheel, rotorFaceMm: null },
      );
    expect(verdictOf(disc({}), 'brake')).toBe('unknown');
    expect(verdictOf(disc({ 'rim-bosses': 'none' }), 'brake')).toBe('stop');
  });

  it('names what to buy when the stores are empty', () => {
    const fit = judge(frontReadings(), { ...frontWheel, delivered: { left: [], right: [] } }, []);
    expect(fit.verdict).toBe('stop');
    expect(fit.stack?.impossible?.purchase?.some(({ kind }) => kind === 'tabbed')).toBe(true);
  });
});
