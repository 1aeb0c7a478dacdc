import type { Problem } from '@cricket/contract/problem';
import type { Step } from '@cricket/core/procedure';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';

import type { PendingWrite } from '../../data/outbox-store';
import { renderAt } from '../../session/at-phone.testing';
import { RefusedHere } from './refused-here';

const mockSubmit = jest.fn();
const mockDiscard = jest.fn();
const mockAgain = jest.fn();
let mockState: { writes: unknown[] } = { writes: [] };
jest.mock('../../data/shared-outbox', () => ({
  outbox: {
    subscribe: () => () => undefined,
    snapshot: () => mockState,
    tryNow: () => undefined,
    submit: (...asked: unknown[]) => mockSubmit(...asked),
    discard: (seq: number) => mockDiscard(seq),
    sendAgain: (seq: number) => mockAgain(seq),
  },
}));

const problem: Problem = {
  type: 'urn:cricket:said-meanwhile',
  title: 'Somebody looked at this step meanwhile.',
  status: 409,
  code: 'said-meanwhile',
  errors: [{ path: 'at', messages: ['Odd took it back after this was entered: look at it again'] }],
};
const step = {
  id: 'axle-tight.front',
  title: 'Tighten the axle nuts',
  checks: [{ kind: 'torque', id: 'nut-left', what: 'Left nut', nm: 40 }],
} as unknown as Step;
const entry = (more: Partial<PendingWrite> = {}, stepId = step.id): PendingWrite => ({
  seq: 7,
  writeId: 'w',
  method: 'PUT',
  path: '/api/bikes/b/events/e',
  body: {
    kind: 'step',
    place: 'front-axle',
    data: { stepId, how: 'done', readings: [{ check: 'nut-left', value: 41 }] },
  },
  person: 'Tolly',
  about: { kind: 'event', bikeId: 'b', id: 'e' },
  madeAt: '2026-03-02T09:30:00.000Z',
  refused: problem,
  ...more,
});
const show = (...writes: PendingWrite[]) => {
  mockState = { writes };
  return renderAt('Wren', <RefusedHere bikeId="b" step={step} />);
};

describe('an entry that the server did not take', () => {
  beforeEach(() => {
    for (const mock of [mockSubmit, mockDiscard, mockAgain]) mock.mockReset().mockResolvedValue({ kind: 'stored' });
  });

  it('is asked about at its step, in words', () => {
    show(entry());
    expect(screen.getByText('Somebody looked at this step meanwhile.')).toBeTruthy();
    expect(screen.getByText(/^Odd took it back/)).toBeTruthy();
    expect(screen.getByText(/Tolly, .*Tighten the axle nuts: done · Left nut 41$/)).toBeTruthy();
  });

  it.each([
    ['another step', entry({}, 'seated.front')],
    ['another bike', entry({ about: { kind: 'event', bikeId: 'c', id: 'e' } })],
    ['what still waits', entry({ refused: null })],
    ['another kind of entry', entry({ about: { kind: 'reading', bikeId: 'b', id: 'e' } })],
  ])('says nothing of %s', (_, write) => {
    show(write);
    expect(screen.queryByTestId('refused-here')).toBeNull();
  });

  it('keeps what was done as a note before it is let go', async () => {
    show(entry());
    fireEvent.press(screen.getByTestId('look-again'));
    await waitFor(() => expect(mockDiscard).toHaveBeenCalledWith(7));
    expect(mockSubmit.mock.calls[0][0].body).toMatchObject({
      kind: 'note',
      place: 'front-axle',
      data: { words: expect.stringContaining('Left nut 41') },
    });
    expect(mockSubmit.mock.invocationCallOrder[0]).toBeLessThan(mockDiscard.mock.invocationCallOrder[0]!);
  });

  it('is sent again as it is', () => {
    show(entry());
    fireEvent.press(screen.getByText('Send it again'));
    expect(mockAgain).toHaveBeenCalledWith(7);
    expect(mockDiscard).not.toHaveBeenCalled();
  });
});
