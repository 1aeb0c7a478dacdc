import { asWritten } from '@cricket/core/said';
import { fireEvent, render, screen } from '@testing-library/react-native';

import { FindingRow } from './finding-row';
import { say } from '../../ui/say';

jest.mock('expo-router', () => ({ Link: ({ children }: { children: unknown }) => children }));

const finding = {
  id: 'slot-width.left',
  verdict: 'work' as const,
  measured: 0.47,
  limit: 1.1,
  margin: 0.63,
  unit: 'mm',
  because: asWritten('The slot is 0.42 mm under the flats; steel may lose up to 1.1 mm.'),
  remedies: [asWritten('File 0.47 mm in all, half on each wall, then two arms.')],
};

describe('a finding', () => {
  beforeAll(() => {
    window.matchMedia = (() => ({ matches: false, addEventListener() {}, removeEventListener() {} })) as never;
  });

  it('says word, number and limit; why and the way forward unfold in place', () => {
    render(<FindingRow finding={finding} />);
    expect(screen.getByText('Slot against flats, left')).toBeTruthy();
    expect(screen.getByText(/Goes after work · at most 1.1 mm/)).toBeTruthy();
    expect(screen.getByText('0.47')).toBeTruthy();
    expect(screen.queryByText(say(finding.because))).toBeNull();
    fireEvent.press(screen.getByRole('button'));
    expect(screen.getByText(say(finding.because))).toBeTruthy();
    expect(screen.getByText(say(finding.remedies[0]!))).toBeTruthy();
  });
});
