import type { StepState } from '@cricket/core/procedure';
import { render, screen } from '@testing-library/react-native';

import { noValues, withFigure } from './check-values';
import { Meanwhile } from './meanwhile';

const torque = { kind: 'torque', id: 'nut-left', what: 'Left axle nut', nm: 40, mostNm: 45, source: null };
const count = { kind: 'count', id: 'bolts', what: 'Rotor bolts', count: 6 };
const current = { step: { checks: [torque, count] }, person: 'Odile' } as unknown as StepState;

describe('a step that another phone has ended', () => {
  it('names who did, and keeps in view what was entered here', () => {
    render(<Meanwhile current={current} mine={withFigure(withFigure(noValues, 'nut-left', 38), 'bolts', 5)} />);
    expect(screen.getByText(/^Odile ended this step just now/)).toBeTruthy();
    expect(screen.getByText('Entered here and not kept: Left axle nut 38 N·m, Rotor bolts 5.')).toBeTruthy();
  });

  it('says nothing of entries where there were none', () => {
    render(<Meanwhile current={{ ...current, person: null }} mine={noValues} />);
    expect(screen.getByText(/^Somebody else ended/)).toBeTruthy();
    expect(screen.queryByText(/Entered here/)).toBeNull();
  });
});
