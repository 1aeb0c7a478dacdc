import { fireEvent, screen } from '@testing-library/react-native';

import { renderAt } from '../session/at-phone.testing';
import { secondNeeds, SecondPerson } from './second-person';

jest.mock('../data/shared-outbox', () => ({ outbox: { tryNow: () => undefined } }));

const onConfirm = jest.fn();
const asked = (needs: 'work' | 'own') => <SecondPerson doneBy="Wren" needs={needs} onConfirm={onConfirm} />;

describe('the second person', () => {
  beforeEach(() => onConfirm.mockReset());

  it('is never who did the step: that one hands the phone over', () => {
    renderAt('Wren', asked('work'));
    expect(screen.queryByTestId('confirm-second')).toBeNull();
    expect(screen.getByRole('radio', { name: 'Hesper' })).toBeTruthy();
    expect(screen.queryByRole('radio', { name: 'Tolly' })).toBeNull();
  });

  it('confirms with one touch', () => {
    renderAt('Hesper', asked('own'));
    fireEvent.press(screen.getByTestId('confirm-second'));
    expect(onConfirm).toHaveBeenCalledTimes(1);
  });

  it('is no learner', () => {
    renderAt('Tolly', asked('work'));
    fireEvent.press(screen.getByTestId('confirm-second'));
    expect(onConfirm).not.toHaveBeenCalled();
    expect(screen.getByText(/You are here as a learner/)).toBeTruthy();
  });

  it('is the owner where a throttle goes without cut-off', () => {
    expect([secondNeeds({ id: 'cut-off' }), secondNeeds({ id: 'axle-tight.rear' })]).toEqual(['own', 'work']);
    renderAt('Wren', <SecondPerson doneBy="Hesper" needs="own" onConfirm={onConfirm} />);
    fireEvent.press(screen.getByTestId('confirm-second'));
    expect(onConfirm).not.toHaveBeenCalled();
  });
});
