import { leverQuestion, type BikeLevers } from '@cricket/core/lever-question';

import { checkLevers, fieldsToLevers, leversToFields, type LeverFields } from './lever-form-fields';

const levers: BikeLevers = {
  front: { oneWithShifter: false, cutOff: false, reachMm: 62 },
  rear: { oneWithShifter: true },
  kitPull: 'long',
  kitReachMm: 60,
  kitCutOff: true,
  inLine: 1,
  atLever: 2,
  swap: true,
  handReachMm: 70.5,
};
const errorsOf = async (fields: LeverFields) => {
  const { errors } = await checkLevers(fields, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.keys(errors).sort();
};

describe('the form of the brake levers', () => {
  it('gives back what was written down', async () => {
    expect(fieldsToLevers(leversToFields(levers))).toEqual(levers);
    const bare: BikeLevers = { front: { oneWithShifter: false }, inLine: 0, atLever: 0, swap: false };
    expect(fieldsToLevers(leversToFields(bare))).toEqual(bare);
    expect(await errorsOf(leversToFields(levers))).toEqual([]);
  });

  it('takes no cut-off for known that nobody looked at', () => {
    expect(fieldsToLevers(leversToFields(undefined))).toEqual({
      front: { oneWithShifter: false },
      rear: { oneWithShifter: false },
      inLine: 0,
      atLever: 0,
      swap: false,
    });
  });

  it('is refused by field, and only where it asks', async () => {
    const fields = leversToFields(levers);
    expect(await errorsOf({ ...fields, frontReach: '5', handReachMm: 'x' })).toEqual(['frontReach', 'handReachMm']);
    const foot: LeverFields = { ...fields, frontReach: '5', frontPresent: 'no', kitPull: 'none', kitReachMm: '1' };
    expect(await errorsOf(foot)).toEqual([]);
    expect(fieldsToLevers(foot)).not.toHaveProperty('front');
    expect(fieldsToLevers(foot)).not.toHaveProperty('kitReachMm');
    expect(fieldsToLevers(foot)).not.toHaveProperty('kitCutOff');
  });

  it('can be asked about', () => {
    const rim = { kind: 'rim' as const, leverPull: 'long' as const, caliperPull: 'long' as const };
    expect(leverQuestion({ brakes: { front: rim, rear: rim }, levers }, [])!.levers).toHaveLength(2);
  });
});
