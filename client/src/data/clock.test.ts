import { hearServerClock, now } from './clock';

const day = 24 * 3600 * 1000;

describe('the time of an entry', () => {
  beforeEach(() => jest.useFakeTimers({ now: Date.UTC(2026, 2, 2, 9) }));
  afterEach(() => jest.useRealTimers());

  it('follows the server when the phone is off by a day, and the phone when it is right', () => {
    hearServerClock(new Date(Date.UTC(2026, 2, 3, 9)).toUTCString());
    expect(now().getTime()).toBe(Date.UTC(2026, 2, 2, 9) + day);
    hearServerClock(new Date(Date.UTC(2026, 2, 2, 9, 0, 5)).toUTCString());
    expect(now().getTime()).toBe(Date.UTC(2026, 2, 2, 9));
  });

  it('tells entries of one touch apart', () => {
    const times = [now(), now(), now()].map((time) => time.getTime());
    expect(new Set(times).size).toBe(3);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
  });

  it('stays as it was when an answer has no time', () => {
    hearServerClock(new Date(Date.UTC(2026, 2, 1, 9)).toUTCString());
    hearServerClock(null);
    hearServerClock('never');
    expect(now().getTime()).toBe(Date.UTC(2026, 2, 1, 9));
  });
});
