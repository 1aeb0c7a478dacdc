import fc from 'fast-check';

import { counted, defaultUnits, hoursText, inUnits, moneyText, shownIn, toSi, unitName, type Units } from './index';

const imperial: Units = { length: 'inch', torque: 'lbf·ft', speed: 'mph', mass: 'lb', pressure: 'psi' };

describe('money, hours and things in their number', () => {
  it.each([
    [0, null, '0'],
    [1250, null, '1\u00a0250'],
    [1234567.5, null, '1\u00a0234\u00a0567.50'],
    [12, 'EUR', '€12'],
    [1669, 'EUR', '€1\u00a0669'],
  ])('%p in %p', (amount, currency, text) => expect(moneyText(amount, currency)).toBe(text));

  it.each([
    [0, '0 min'],
    [59.4, '59 min'],
    [59.6, '1 h'],
    [61, '1 h 01'],
    [250, '4 h 10'],
  ])('%p minutes', (minutes, text) => expect(hoursText(minutes)).toBe(text));

  it('one is one', () =>
    expect([0, 1, 2].map((many) => counted(many, 'click'))).toEqual(['0 clicks', '1 click', '2 clicks']));
});

describe('figures in sentences', () => {
  it.each([
    ['Tighten the nuts to 40 N·m.', 'Tighten the nuts to 29.5 lbf·ft.'],
    ['Torque wrench 20–80 N·m', 'Torque wrench 14.8–59.0 lbf·ft'],
    ['from 5 to 60 km/h', 'from 3.1 to 37.3 mph'],
    ['The rack may carry 25 kg; it gets 27.5 kg.', 'The rack may carry 55 lb; it gets 60.6 lb.'],
    ['Start at 3.5 bar; at most 5 bar.', 'Start at 51 psi; at most 73 psi.'],
    ['M12, 40 N·m', 'M12, 29.5 lbf·ft'],
    ['2 × 40 N·m', '2 × 29.5 lbf·ft'],
    ['The slot is 10.02 mm wide.', 'The slot is 10.02 mm (0.3945 in) wide.'],
    ['135 × 10 mm', '135 × 10 mm (5.31 × 0.39 in)'],
    ['Carries, kg', 'Carries, lb'],
    ['N·m', 'lbf·ft'],
  ])('%s', (metric, shown) => expect(inUnits(metric, imperial)).toBe(shown));

  it.each([
    'Turn the bar lock to lock',
    'Clamps on the bar',
    'bar',
    'M12×1.25',
    '0.9 N·m/A',
    '36 V, 15 A, 250 W',
    'the bar-end',
  ])('leaves %s as it is, but for a label that is only a unit', (text) =>
    expect(inUnits(text, imperial)).toBe(text === 'bar' ? 'psi' : text),
  );

  it('changes nothing in a metric shop', () => {
    fc.assert(fc.property(fc.string(), (text) => expect(inUnits(text, defaultUnits)).toBe(text)));
  });

  it.each([
    ['The slot is 10.02 mm wide.', 'The slot is 10,02 mm wide.'],
    ['1.5 to 2.25, −0.3 and 9.58″', '1,5 to 2,25, −0,3 and 9,58″'],
    ['M12×1.25', 'M12×1,25'],
    ['It is 1.5.', 'It is 1,5.'],
    ['core 0.1.0, 3.10.2031, v1.2, FW.1', 'core 0.1.0, 3.10.2031, v1.2, FW.1'],
  ])('%s with commas is %s', (point, comma) => {
    expect(inUnits(point, { ...defaultUnits, decimalMark: ',' })).toBe(comma);
    expect(inUnits(point, { ...defaultUnits, decimalMark: '.' })).toBe(point);
  });

  it('turns units and mark together', () => {
    expect(inUnits('40 N·m on 9.5 mm', { ...imperial, decimalMark: ',' })).toBe('29,5 lbf·ft on 9,5 mm (0,374 in)');
  });

  it('turns each figure by itself: only the chosen kind changes', () => {
    expect(inUnits('40 N·m at 25 km/h', { ...defaultUnits, speed: 'mph' })).toBe('40 N·m at 15.5 mph');
  });
});

describe('entries', () => {
  /** By other definitions: a foot-pound from inches and ounces, a mile from yards, pressure from pounds and feet. */
  const derived: Record<string, number> = {
    N·m: 1 / (12 * 0.0254 * 16 * 0.028349523125 * 9.80665),
    'km/h': 1000 / (1760 * 0.9144),
    kg: 1 / (16 * 0.028349523125),
    bar: 1e5 / ((16 * 0.028349523125 * 9.80665 * 144) / (0.3048 * 0.3048)),
  };
  it.each(Object.keys(derived))('%s is turned by its definition', (unit) => {
    expect(toSi(1000, unit, imperial)).toBeCloseTo(1000 / derived[unit]!, 1);
    expect(unitName(unit, imperial)).not.toBe(unit);
  });

  it('a figure that was shown and kept comes back as it was, a typed one as it was typed', () => {
    const unit = fc.constantFrom('N·m', 'km/h', 'kg', 'bar');
    fc.assert(
      fc.property(unit, fc.integer({ min: 1, max: 30_000 }), (name, hundredths) => {
        const value = hundredths / 100;
        expect(toSi(shownIn(value, name, imperial), name, imperial)).toBe(value);
        expect(shownIn(toSi(value, name, imperial), name, imperial)).toBe(value);
      }),
    );
  });
});
