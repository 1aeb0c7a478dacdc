import { defaultUnits, type Units } from '@cricket/core/units';
import { render, screen } from '@testing-library/react-native';

import { numberRule, typedFigure } from './number-rule';
import { fieldText, shopCurrency, takeShopUnits } from './shop-units';
import { readStated, statedText } from './stated-lines';
import { Txt } from './txt';
import { money } from './figures';

const imperial: Units = { length: 'inch', torque: 'lbf·ft', speed: 'mph', mass: 'lb', pressure: 'psi' };

describe('a shop of inches and pounds', () => {
  beforeEach(() => takeShopUnits({ units: imperial, currency: 'USD' }));
  afterEach(() => takeShopUnits({}));

  it('types in its units and stores in metric ones', () => {
    expect(typedFigure('176', 'kg')).toBeCloseTo(79.83, 2);
    expect(fieldText(typedFigure('176', 'kg'), 'kg')).toBe('176');
    expect(numberRule(20, 250, 'kg', true)('30')).toBe('30 is out of range; enter a figure from 44.1 to 551.16 lb.');
    expect(numberRule(20, 250, 'kg', true)('440')).toBe(true);
  });

  it('writes and reads the makers’ torques in its unit, and takes another one where it is written', () => {
    const [inPounds, inNewtons] = readStated('stem 4.5\ncrank 40 N·m', 'its maker') as { Nm: number }[];
    expect(inPounds!.Nm).toBeCloseTo(6.1, 2);
    expect(inNewtons!.Nm).toBe(40);
    expect(statedText([inPounds, inNewtons] as never)).toBe('stem 4.5, its maker\ncrank 29.5, its maker');
  });

  it('shows sentences in its units, and what a person wrote as it was written', async () => {
    await render(
      <>
        <Txt>Tighten to 40 N·m.</Txt>
        <Txt verbatim>He said 40 N·m.</Txt>
      </>,
    );
    expect(screen.getByText('Tighten to 29.5 lbf·ft.')).toBeTruthy();
    expect(screen.getByText('He said 40 N·m.')).toBeTruthy();
  });

  it('counts money in its currency', () => {
    expect(shopCurrency()).toBe('USD');
    expect(money(1250)).toBe('$1\u00a0250');
    takeShopUnits({ units: defaultUnits });
    expect(money(1250)).toBe('1\u00a0250');
    expect(money(1250.5)).toBe('1\u00a0250.50');
  });
});
