import { exampleLawClasses, lawFindings } from './index';

const [slow, , fast] = exampleLawClasses;
const verdict = (id: string, ...args: Parameters<typeof lawFindings>) =>
  lawFindings(...args).find((item) => item.id === id)?.verdict;

describe('classes of vehicle', () => {
  it('name what a kit exceeds', () => {
    expect(verdict('law-power', slow!, { ratedW: 500, assistedKmh: 25 })).toBe('stop');
    expect(verdict('law-power', slow!, { ratedW: 250, assistedKmh: 25 })).toBe('goes');
    expect(verdict('law-speed', slow!, { ratedW: 250, assistedKmh: 32 })).toBe('work');
    expect(verdict('law-throttle', slow!, { ratedW: 250, assistedKmh: 25, throttle: true })).toBe('stop');
    expect(verdict('law-throttle', fast!, { ratedW: 250, assistedKmh: 25, throttle: true })).toBeUndefined();
    expect(verdict('law-registration', fast!, { ratedW: 250, assistedKmh: 25 })).toBe('work');
  });

  it('say unknown of what nobody has read', () => {
    expect(verdict('law-power', slow!, {})).toBe('unknown');
    expect(verdict('law-speed', slow!, {})).toBe('unknown');
  });

  it('are examples, true of no place', () => {
    for (const law of exampleLawClasses) expect(law.place).toBe('example only');
  });
});
