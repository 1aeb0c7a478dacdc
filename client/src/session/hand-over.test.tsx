import { fireEvent, screen, waitFor } from '@testing-library/react-native';

import { RefusedError } from '../data/api';
import { keys, queryClient } from '../data/queries';
import { people, renderAt } from './at-phone.testing';
import { HandOver } from './hand-over';

const mockAsk = jest.fn();
jest.mock('../data/api', () => ({
  ...jest.requireActual('../data/api'),
  ask: (...asked: unknown[]) => mockAsk(...asked),
}));
jest.mock('../data/shared-outbox', () => ({ outbox: { tryNow: () => undefined } }));

const names = () => people.map(({ name }) => name).filter((name) => screen.queryByRole('radio', { name }) !== null);

describe('handing the phone over', () => {
  beforeEach(() => mockAsk.mockReset());

  it('offers who has a PIN and works here, but not who holds the phone', () => {
    renderAt('Wren', <HandOver />);
    expect(names()).toEqual(['Hesper', 'Tolly']);
  });

  it('offers only those whose word counts', () => {
    renderAt('Tolly', <HandOver to={['owner', 'installer']} />);
    expect(names()).toEqual(['Hesper', 'Wren']);
    screen.unmount();
    renderAt('Wren', <HandOver to={['owner']} />);
    expect(names()).toEqual(['Hesper']);
  });

  it('says so when nobody can take it', () => {
    renderAt('Hesper', <HandOver to={['owner']} />);
    expect(screen.getByText(/Nobody else has a PIN yet/)).toBeTruthy();
  });

  it('takes name and PIN, and is then in the other’s hands', async () => {
    mockAsk.mockResolvedValue({ person: { id: 'h', name: 'Hesper', role: 'owner' }, empty: false, demo: false });
    renderAt('Wren', <HandOver />);
    fireEvent.press(screen.getByRole('radio', { name: 'Hesper' }));
    fireEvent.changeText(screen.getByTestId('pin'), '461');
    expect(screen.getByRole('button', { name: 'Take over' })).toBeDisabled();
    fireEvent.changeText(screen.getByTestId('pin'), '4610');
    fireEvent.press(screen.getByRole('button', { name: 'Take over' }));
    await waitFor(() =>
      expect(queryClient.getQueryData(keys.session)).toMatchObject({ person: { name: 'Hesper', role: 'owner' } }),
    );
    expect(mockAsk).toHaveBeenCalledWith('POST', expect.stringContaining('pin'), { personId: 'h', pin: '4610' });
  });

  it('says what is wrong after a slip, and lets the same person try again', async () => {
    mockAsk.mockRejectedValue(
      new RefusedError({
        type: '',
        title: 'That PIN is not right.',
        status: 401,
        code: 'not-allowed',
        errors: [],
      } as never),
    );
    renderAt('Wren', <HandOver />);
    fireEvent.press(screen.getByRole('radio', { name: 'Hesper' }));
    fireEvent.changeText(screen.getByTestId('pin'), '0000');
    fireEvent.press(screen.getByRole('button', { name: 'Take over' }));
    await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('That PIN is not right.'));
    expect(screen.getByTestId('pin').props.value).toBe('');
    expect(queryClient.getQueryData(keys.session)).toMatchObject({ person: { name: 'Wren' } });
  });
});
