import { fireEvent, screen } from '@testing-library/react-native';

import { renderAt } from '../../session/at-phone.testing';
import { SecondPerson } from './second-person';

jest.mock('../../data/shared-outbox', () => ({ outbox: { tryNow: () => undefined } }));

const onConfirm = jest.fn();
const asked = <SecondPerson doneBy="Wren" onConfirm={onConfirm} />;

describe('the second person', () => {
  beforeEach(() => onConfirm.mockReset());

  it('is never who did the step: that one hands the phone over', () => {
    renderAt('Wren', asked);
    expect(screen.queryByTestId('confirm-second')).toBeNull();
    expect(screen.getByRole('radio', { name: 'Hesper' })).toBeTruthy();
    expect(screen.queryByRole('radio', { name: 'Tolly' })).toBeNull();
  });

  it('confirms with one touch', () => {
    renderAt('Hesper', asked);
    fireEvent.press(screen.getByTestId('confirm-second'));
    expect(onConfirm).toHaveBeenCalledTimes(1);
  });

  it('is no learner', () => {
    renderAt('Tolly', asked);
    fireEvent.press(screen.getByTestId('confirm-second'));
    expect(onConfirm).not.toHaveBeenCalled();
    expect(screen.getByText(/You are here as a learner/)).toBeTruthy();
  });
});
