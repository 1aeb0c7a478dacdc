import type { BikeSummary } from '@cricket/contract/shapes';
import { render } from '@testing-library/react-native';

import { TodayScreen } from './today-screen';

let mockRows: BikeSummary[] = [];
let mockPending = true;
const mockShown: string[] = [];
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => undefined }) }));
jest.mock('../../data/use-bikes', () => ({
  useBikes: () => ({ data: mockPending ? undefined : mockRows, isPending: mockPending, error: null }),
  useShop: () => ({}),
  useWheels: () => ({}),
  useFoundBikes: () => ({}),
  useOlderBikes: () => ({ bikes: [] }),
}));
jest.mock('../../job/today/use-today-list', () => ({ useTodayList: () => mockRows }));
jest.mock('../../ui/notice', () => ({
  Notice: ({ title }: { title: string }) => void mockShown.push(title),
  Fetching: () => void mockShown.push('fetching'),
  Failed: () => void mockShown.push('failed'),
}));
jest.mock('../../ui/screen', () => ({ Screen: ({ children }: { children: React.ReactNode }) => children }));
jest.mock('../../ui/mark', () => ({ Mark: () => null }));
jest.mock('../../drawing/bike-map/bike-map', () => ({ BikeMap: () => null }));
jest.mock('../../ui/to-page', () => ({ ToPage: ({ children }: { children: React.ReactNode }) => children }));

const bikes = Array.from({ length: 9 }, (_, index) => ({
  bike: { id: `b${index}`, tag: `T-${index}`, name: 'Quay bike', withdrawnAt: null },
  end: 'front',
  wheelCode: null,
  verdict: 'unknown',
  next: { kind: 'take-in', open: [] },
})) as unknown as BikeSummary[];

describe('the first page', () => {
  it('never takes a list that has just come for an empty shop', () => {
    const page = render(<TodayScreen />);
    expect(new Set(mockShown)).toEqual(new Set(['fetching']));
    mockShown.length = 0;
    mockPending = false;
    mockRows = bikes;
    page.rerender(<TodayScreen />);
    // Every picture that was drawn on the way, not only the last.
    expect(mockShown).toEqual([]);
    expect(page.getAllByText(/^T-\d$/)).toHaveLength(9);
  });

  it('says so when there is none', () => {
    mockPending = false;
    mockRows = [];
    mockShown.length = 0;
    render(<TodayScreen />);
    expect(new Set(mockShown)).toEqual(new Set(['No bikes in the shop']));
  });
});
