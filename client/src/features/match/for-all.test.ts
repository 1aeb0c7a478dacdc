import { asWritten } from '@cricket/core/said';
import type { FitFinding } from '@cricket/core/fit';

import { sharedFindings } from './for-all';
import type { MatchLine } from '../../workers/match-line';

const finding = (id: string, because: string): FitFinding => ({
  id,
  verdict: 'stop',
  measured: null,
  limit: null,
  margin: null,
  unit: '',
  because: asWritten(because),
  remedies: [],
  area: 'bike',
});
const line = (...findings: FitFinding[]) => ({ findings }) as MatchLine;
const rack = finding('rating.rack', 'The rack may carry 20 kg; it gets 27 kg.');

describe('what every kit says alike', () => {
  it('is told once', () => {
    expect(sharedFindings([line(rack, finding('law-power', '500 W')), line(rack)])).toEqual([rack]);
  });

  it('is told with the figures of the kit that does best where they differ', () => {
    const light = { ...finding('rating.rack', 'It gets 22 kg.'), margin: -2 };
    const heavy = { ...finding('rating.rack', 'It gets 30 kg.'), margin: -10 };
    expect(sharedFindings([line(heavy), line(light), line(heavy)])).toEqual([light]);
  });

  it('is nothing where one kit says otherwise, or there is only one', () => {
    const goes: FitFinding = { ...rack, verdict: 'work' };
    expect(sharedFindings([line(rack), line(goes)])).toEqual([]);
    expect(sharedFindings([line(rack), line()])).toEqual([]);
    expect(sharedFindings([line(rack)])).toEqual([]);
    expect(sharedFindings([])).toEqual([]);
  });
});
