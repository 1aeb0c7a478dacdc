import type { BikeRecord } from '@cricket/contract/shapes';
import { fireEvent, screen } from '@testing-library/react-native';

import { renderAt } from '../../session/at-phone.testing';
import { Vouch } from './vouch';

const mockSubmit = jest.fn();
jest.mock('../../data/shared-outbox', () => ({
  outbox: {
    subscribe: () => () => undefined,
    snapshot: () => ({ writes: [] }),
    submit: (...asked: unknown[]) => mockSubmit(...asked),
  },
}));

const step = (id: string, more: object = {}) => ({
  id,
  kind: 'step',
  place: 'front-axle',
  data: { stepId: id, how: 'done' },
  at: '2026-03-02T09:00:00.000Z',
  person: 'Stranger',
  withdrawnAt: null,
  imported: true,
  ...more,
});
const record = (events: object[], stacks: object[] = []) =>
  ({ bike: { id: 'b' }, events, acceptances: stacks }) as unknown as BikeRecord;

describe('what a file brought in', () => {
  beforeEach(() => mockSubmit.mockReset().mockResolvedValue({ kind: 'stored' }));

  it('is not spoken of where nothing did', () => {
    renderAt('Hesper', <Vouch record={record([step('a', { imported: false })], [{ imported: false }])} />);
    expect(screen.queryByTestId('not-vouched')).toBeNull();
  });

  it('is counted, each step once', () => {
    renderAt(
      'Hesper',
      <Vouch record={record([step('a'), step('a'), step('b')], [{ imported: true, kind: 'stack' }])} />,
    );
    expect(screen.getByText('From a file: 1 stack and 2 steps of another shop')).toBeTruthy();
  });

  it('is answered for by the owner alone, with a reason that says something', () => {
    const shown = renderAt('Wren', <Vouch record={record([step('a')])} />);
    expect(screen.getByText('From a file: 1 step of another shop')).toBeTruthy();
    fireEvent.press(screen.getByTestId('ask-vouch'));
    fireEvent.changeText(screen.getByTestId('vouch-because'), 'The same people and the same tools');
    fireEvent.press(screen.getByTestId('keep-vouch'));
    expect(mockSubmit).not.toHaveBeenCalled();
    shown.unmount();
    renderAt('Hesper', <Vouch record={record([step('a')])} />);
    fireEvent.press(screen.getByTestId('ask-vouch'));
    fireEvent.changeText(screen.getByTestId('vouch-because'), 'fine');
    fireEvent.press(screen.getByTestId('keep-vouch'));
    expect(mockSubmit).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByTestId('vouch-because'), '  The same people and the same tools ');
    fireEvent.press(screen.getByTestId('keep-vouch'));
    expect(mockSubmit.mock.calls[0][0].body).toMatchObject({
      kind: 'vouched',
      data: { because: 'The same people and the same tools' },
    });
  });

  it('says who answers for it; the word of another shop’s owner is none', () => {
    const word = { kind: 'vouched', data: { because: 'We built it there' }, person: 'Hesper' };
    const shown = renderAt('Wren', <Vouch record={record([step('a'), step('w', { ...word, imported: false })])} />);
    expect(screen.getByText('Hesper answers for what came in with the file: We built it there')).toBeTruthy();
    shown.unmount();
    renderAt('Wren', <Vouch record={record([step('a'), step('w', word)])} />);
    expect(screen.getByTestId('not-vouched')).toBeTruthy();
  });
});
