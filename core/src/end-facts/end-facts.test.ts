import fc from 'fast-check';

import { frontReadings } from '../end-fit/front-end.testing';
import { needsApproval, features, slotPlaces } from '../features';
import { endFacts, type Reading } from './end-facts';
import { measurePlan, openFeatures } from './measure-plan';

const facts = (readings: readonly Reading[]) => endFacts('front', readings);
const openIds = (readings: readonly Reading[]) => openFeatures(facts(readings)).map(({ id }) => id);

describe('what the readings say together', () => {
  it('keeps the narrowest and the widest place of a slot, and neither before every place is read', () => {
    const { left } = facts(frontReadings()).sides;
    expect(left).toMatchObject({ slotMinMm: 10.1, slotMaxMm: 10.16 });
    for (const place of slotPlaces) {
      const without = frontReadings().filter(({ feature }) => feature !== `slot-width.left.${place}`);
      expect(facts(without).sides.left).toMatchObject({ slotMinMm: null, slotMaxMm: null });
    }
  });

  it('takes the median of repeats, without those withdrawn and those of the other end', () => {
    const [one] = frontReadings({}, { 'plate.left': 5 }).filter(({ feature }) => feature === 'plate.left');
    const at = (valueMm: number, more: Partial<Reading> = {}): Reading => ({
      ...one!,
      id: String(valueMm),
      valueMm,
      ...more,
    });
    expect(facts([at(5), at(5.2), at(9)]).sides.left.plateMm).toBe(5.2);
    expect(facts([at(5), at(5.2), at(9, { withdrawnAt: 'x' })]).sides.left.plateMm).toBe(5.1);
    expect(facts([at(5), at(5.2), at(9, { place: 'rear-axle' })]).sides.left.plateMm).toBe(5.1);
  });

  it('lets the latest word hold, whatever order they arrive in', () => {
    const [word] = frontReadings({ material: 'steel' });
    const later = { ...word!, id: 'later', word: 'carbon', takenAt: '2027-01-01T00:00:00Z' };
    expect(facts([word!, later]).material).toBe('carbon');
    expect(facts([later, word!]).material).toBe('carbon');
  });

  it('adds the thickness where only the rotor’s outer face was measured', () => {
    const readings = frontReadings({ brake: 'disc' }, { 'rotor-outer': 13.5, 'rotor-thickness': 1.8 });
    expect(facts(readings).rotorFaceMm).toBeCloseTo(15.3, 9);
    expect(facts(readings.filter(({ feature }) => feature !== 'rotor-thickness')).rotorFaceMm).toBeNull();
  });

  it('puts the dropouts’ middle to the side from which the rim is farther away', () => {
    const offset = (left: number, right: number) =>
      facts(frontReadings({}, { 'rim-to-dropout.left': left, 'rim-to-dropout.right': right })).frameOffsetMm;
    expect(offset(37, 38)).toBe(0.5);
    expect(offset(38, 37)).toBe(-0.5);
    expect(offset(37, 37)).toBe(0);
  });

  it('does not depend on the order of the readings', () => {
    const all = frontReadings();
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (shuffled) => {
        const here = facts(all);
        const there = facts(shuffled);
        expect({ ...there, lengths: null, words: null }).toEqual({ ...here, lengths: null, words: null });
      }),
      { numRuns: 30 },
    );
  });
});

describe('a brake that take-in was told', () => {
  const told = (is: unknown, takenAt: string, more: Partial<Reading> = {}): Reading => ({
    id: takenAt,
    place: 'bike',
    feature: 'brakes.front',
    valueMm: null,
    word: null,
    parts: null,
    told: { is },
    instrument: 'eye',
    takenAt,
    withdrawnAt: null,
    ...more,
  });
  const brakeOf = (...readings: Reading[]) => facts(readings).brake;

  it('is not asked again at the end; the latest word holds, and what is looked at there goes before it', () => {
    expect(brakeOf(told({ kind: 'rotor' }, '1'))).toBe('disc');
    expect(openIds([told({ kind: 'rim' }, '1')])).not.toContain('brake');
    expect(openIds([])).toContain('brake');
    // Nobody has looked at the end itself.
    expect(facts([told({ kind: 'rim' }, '1')]).begun).toBe(false);
    expect(facts(frontReadings()).begun).toBe(true);
    expect(brakeOf(told({ kind: 'rim' }, '2'), told({ kind: 'rotor' }, '1'))).toBe('rim');
    const seen = frontReadings().find(({ feature }) => feature === 'brake')!;
    expect(brakeOf(told({ kind: 'rotor' }, '9'), { ...seen, word: 'rim' })).toBe('rim');
  });

  it('is not known where it goes with the old hub, was taken back, withdrawn, or told of the other end', () => {
    for (const kind of ['drum', 'coaster']) expect(brakeOf(told({ kind }, '1'))).toBeNull();
    expect(brakeOf(told(null, '2'), told({ kind: 'rim' }, '1'))).toBeNull();
    expect(brakeOf(told({ kind: 'rim' }, '1', { withdrawnAt: '3' }))).toBeNull();
    expect(brakeOf(told({ kind: 'rim' }, '1', { feature: 'brakes.rear' }))).toBeNull();
  });
});

describe('the plan', () => {
  it('starts with the material and ends with nothing open', () => {
    expect(openIds([])[0]).toBe('material');
    expect(openIds(frontReadings())).toEqual([]);
  });

  it('asks nothing more of a carbon end', () => {
    expect(openIds(frontReadings({ material: 'carbon' }).slice(0, 1))).toEqual(['blade-material']);
    expect(measurePlan(facts(frontReadings({ 'blade-material': 'carbon' }))).map(({ feature }) => feature.id)).toEqual([
      'material',
      'blade-material',
    ]);
  });

  it('asks for the lip’s size, the rotor, the hole or the gears only where there are any', () => {
    const without = (word: Record<string, string>, ...gone: string[]) =>
      openIds(frontReadings(word).filter(({ feature }) => !gone.includes(feature)));
    expect(without({ 'lip.left': 'lip' })).toEqual(['lip-diameter.left', 'lip-depth.left']);
    expect(without({ brake: 'disc' })).toEqual([
      'rim-bosses',
      'rotor-pattern',
      'caliper-mount',
      'rotor-inboard',
      'rotor-thickness',
      'rotor-diameter',
      'rotor-max',
      'caliper-inboard',
      'caliper-depth',
      'mount-plate',
      'mount-thread',
      'leg-inboard',
    ]);
    expect(without({ 'axle-extras': 'stays' })).toEqual(['extra.left', 'extra.right']);
    expect(without({ seat: 'closed' })).toEqual(['hole.left', 'hole.right']);
    const rear = frontReadings().map((reading) => ({ ...reading, place: 'rear-axle' as const }));
    expect(openFeatures(endFacts('rear', rear)).map(({ id }) => id)).toEqual(['hanger', 'old-hub', 'gears']);
    const geared = { ...rear[0]!, id: 'geared', feature: 'gears', word: '8' };
    expect(openFeatures(endFacts('rear', [...rear, geared])).map(({ id }) => id)).toEqual([
      'hanger',
      'old-hub',
      'cluster',
      'clicks',
      'sprocket-gap',
    ]);
  });

  it('asks for the maker’s word where a front end needs it', () => {
    const risky: Record<string, string>[] = [
      { suspension: 'suspension' },
      { material: 'magnesium' },
      { 'blade-material': 'cast-aluminium' },
    ];
    for (const words of risky) {
      expect(needsApproval(facts(frontReadings(words)))).toBe(true);
      expect(openIds(frontReadings(words))).toContain('maker-approval');
    }
    expect(needsApproval(facts(frontReadings()))).toBe(false);
    expect(needsApproval({ ...facts(frontReadings({ material: 'magnesium' })), end: 'rear' })).toBe(false);
  });

  it('has a side for every feature that names one, and no feature twice', () => {
    const ids = features.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { id, side } of features) {
      const named = id.split('.')[1];
      expect(side).toBe(named === 'left' || named === 'right' ? named : null);
    }
    for (const feature of features) if (feature.kind === 'length') expect(feature.minMm).toBeLessThan(feature.maxMm);
  });

  it('keeps a filed slot a filed one, however often it is measured again', () => {
    const base = frontReadings({}, { 'slot-width.left.seat': 9.6 });
    const later = (feature: string, valueMm: number, minute: number): Reading => ({
      id: `${feature}-${minute}`,
      place: 'front-axle',
      feature,
      valueMm,
      word: null,
      parts: null,
      instrument: 'calipers',
      takenAt: `2026-03-03T09:${String(minute).padStart(2, '0')}:00.000Z`,
      withdrawnAt: null,
    });
    const filed = endFacts('front', [...base, later('filed.left', 0.45, 1)]).sides.left;
    // What was read before is wider by what came off.
    expect(filed).toMatchObject({ filedMm: 0.45, slotMinMm: 10.05 });
    const again = endFacts('front', [...base, later('filed.left', 0.45, 1), later('slot-width.left.seat', 10.08, 2)]);
    expect(again.sides.left.filedMm).toBe(0.45);
    expect(again.lengths.get('slot-width.left.seat')!.valueMm).toBe(10.08);
    const twice = endFacts('front', [...base, later('filed.left', 0.3, 1), later('filed.left', 0.15, 3)]);
    expect(twice.sides.left).toMatchObject({ filedMm: 0.45, slotMinMm: 10.05 });
  });
});
