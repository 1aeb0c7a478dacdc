import { paperDate } from './paper-date';

describe('day and time on paper', () => {
  it.each([
    ['2026-03-02T09:30:00.000Z', 'UTC', '2026-03-02 09:30 GMT'],
    ['2026-01-02T23:30:00.000Z', 'Etc/GMT-1', '2026-01-03 00:30 GMT+1'],
    ['2026-07-01T00:05:00.000Z', 'Etc/GMT+4', '2026-06-30 20:05 GMT-4'],
  ])('is that of the shop: %s in %s', (iso, zone, paper) => expect(paperDate(iso, zone)).toBe(paper));
});
