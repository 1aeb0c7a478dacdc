import type { BikeRecord } from '@cricket/contract/shapes';
import { fit } from '@cricket/core/fit';
import type { EndState } from '@cricket/core/next-action';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';

import { invented } from '../../../../core/src/fit/invented.testing';
import { renderAt } from '../../session/at-phone.testing';
import { AsFitted } from './as-fitted';
import { AsFound } from './as-found';
import { noValues, type CheckValues } from './check-values';

const mockSubmit = jest.fn();
jest.mock('../../data/shared-outbox', () => ({
  outbox: {
    tryNow: () => undefined,
    submit: (...asked: unknown[]) => mockSubmit(...asked),
    snapshot: () => ({ writes: [] }),
  },
}));

// Here it is there at once.

const asked = invented();
const state = {
  end: 'front',
  facts: asked.facts,
  wheel: asked.wheel,
  fitInput: asked,
  fit: fit(asked),
  accepted: null,
} as unknown as EndState;
const best = state.fit!.stack!.stacks[0]!;
const record = { bike: { id: 'b' }, acceptances: [], events: [] } as unknown as BikeRecord;
const figures = (values: Record<string, number>): CheckValues => ({ ...noValues, figures: values });
const show = (values: CheckValues = noValues, who: 'Wren' | 'Tolly' = 'Wren', against = false) =>
  renderAt(who, <AsFitted record={record} state={state} values={values} against={against} />);

describe('washers as fitted', () => {
  beforeEach(() => mockSubmit.mockReset().mockResolvedValue({ kind: 'stored' }));

  it('are as planned until something else is said', () => {
    show();
    expect(screen.getByText(/^As planned: /)).toBeTruthy();
    expect(screen.queryByTestId('take-as-fitted')).toBeNull();
    screen.unmount();
    show(figures({ 'stack-left': best.left.totalMm }));
    expect(screen.getByText(/^As planned: /)).toBeTruthy();
  });

  it('are judged with what a side measures, and taken with it', async () => {
    const left = Number((best.left.totalMm + 0.1).toFixed(2));
    show(figures({ 'stack-left': left }));
    fireEvent.press(screen.getByTestId('take-as-fitted'));
    await waitFor(() => expect(screen.getByText('Taken as fitted.')).toBeTruthy());
    expect(mockSubmit).toHaveBeenCalledTimes(1);
    expect(mockSubmit.mock.calls[0][0].body).toMatchObject({
      place: 'front-axle',
      wheelId: state.wheel!.id,
      left: best.left.inside,
      right: best.right.inside,
      measuredMm: { left },
      byHand: true,
    });
  });

  it('cannot be taken while it is unknown which washers they are', () => {
    show(figures({ 'stack-right': best.right.totalMm + 0.8 }));
    expect(screen.getByText(/On the right the washers measure/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('take-as-fitted'));
    expect(mockSubmit).not.toHaveBeenCalled();
  });

  it('stop without the tabbed washer, and go back to the plan', () => {
    show();
    fireEvent.press(screen.getByRole('button', { name: /left tabbed washer/ }));
    fireEvent.press(screen.getByRole('button', { name: 'Take out' }));
    expect(screen.getByTestId('as-fitted-verdict')).toHaveTextContent(/Stop/);
    fireEvent.press(screen.getByRole('button', { name: 'As planned after all' }));
    expect(screen.getByText(/^As planned: /)).toBeTruthy();
  });

  it('are no learner’s to take', () => {
    show(figures({ 'stack-left': best.left.totalMm + 0.1 }), 'Tolly');
    fireEvent.press(screen.getByTestId('take-as-fitted'));
    expect(mockSubmit).not.toHaveBeenCalled();
  });

  it('says why the server refused, and may be tried again', async () => {
    mockSubmit.mockResolvedValue({
      kind: 'refused',
      problem: { title: 'no', errors: [{ path: 'washers', messages: ['plain-1.5: 2 wanted, 1 there'] }] },
    });
    show(figures({ 'stack-left': best.left.totalMm + 0.1 }));
    fireEvent.press(screen.getByTestId('take-as-fitted'));
    await waitFor(() => expect(screen.getByText('plain-1.5: 2 wanted, 1 there')).toBeTruthy());
    expect(screen.getByTestId('take-as-fitted')).toBeTruthy();
  });
});

describe('figures as found', () => {
  const found = (values: Record<string, number>, onWashers = jest.fn(), against = false) =>
    renderAt(
      'Wren',
      <AsFound
        record={record}
        state={state}
        stack={best}
        limits={undefined}
        values={figures(values)}
        against={against}
        onWashers={onWashers}
      />,
    );

  it('never say that it goes beside a step that cannot be done', () => {
    found({ 'rim-left-right': 0.1 });
    expect(screen.getByTestId('as-found')).toHaveTextContent(/^Goes/);
    screen.unmount();
    found({ 'rim-left-right': 0.1 }, jest.fn(), true);
    expect(screen.getByTestId('as-found')).not.toHaveTextContent(/^Goes/);
    expect(screen.getByTestId('as-found')).toHaveTextContent(/not within what this step asks for/);
  });

  it('say nothing before something was found', () => {
    found({});
    expect(screen.queryByTestId('as-found')).toBeNull();
  });

  it('say what a rim off the middle means, and lead to better washers', () => {
    const onWashers = jest.fn();
    found({ 'rim-left-right': 3.6 }, onWashers);
    expect(screen.getByTestId('as-found')).toHaveTextContent(/Goes after work.*1.8 mm to the rider's right/);
    fireEvent.press(screen.getByRole('button', { name: 'Change the washers' }));
    expect(onWashers).toHaveBeenCalledTimes(1);
  });

  it('make better washers the stack of this bike with one touch', async () => {
    mockSubmit.mockReset().mockResolvedValue({ kind: 'stored' });
    const onWashers = jest.fn();
    found({ 'rim-left-right': 3.6 }, onWashers);
    fireEvent.press(screen.getByTestId('take-better'));
    await waitFor(() => expect(onWashers).toHaveBeenCalledTimes(1));
    const { body } = mockSubmit.mock.calls[0][0];
    expect(body).toMatchObject({ place: 'front-axle', wheelId: state.wheel!.id, byHand: true });
    expect([body.left, body.right]).not.toEqual([best.left.inside, best.right.inside]);
  });

  it('stop a gap under the workshop’s own', () => {
    found({ gap: 1.2 });
    expect(screen.getByTestId('as-found')).toHaveTextContent(/Stop.*1.2 mm; 1.5 mm is needed/);
  });

  it('grade the gap between cover and caliper', () => {
    found({ 'pad-gap': 0.9 });
    expect(screen.getByTestId('as-found')).toHaveTextContent(/Goes after work.*0.9 mm apart/);
  });
});
