import { pedalSensor, type PedalSensorInput } from '@cricket/core/pedal-sensor';

import { checkCranks, cranksToFields, fieldsToCranks, type CrankFields } from './cranks-form';

const full: PedalSensorInput = {
  crank: { fixing: 'splined' },
  shell: { kind: 'threaded', lockRing: true },
  roomMm: { drive: 9, nonDrive: 12.5 },
  passMm: { nonDrive: 7.5 },
  axleMm: 17,
  ring: {
    kind: 'split',
    thicknessMm: 6,
    boreMm: 17,
    magnets: 12,
    magnetRadiusMm: 16,
    madeFor: 'nonDrive',
    bothFaces: false,
  },
  sensor: { gapMinMm: 1, gapMaxMm: 3, proudMm: 1, markRadiusMm: 15, mounts: ['shell-ring', 'tie'] },
  plateMm: 2,
  startPulses: 6,
  stopMs: 500,
};
const errorsOf = async (fields: CrankFields) => {
  const { errors } = await checkCranks(fields, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.keys(errors).sort();
};

describe('the figures round the cranks', () => {
  it('come back from their form as they were, and can be answered', async () => {
    expect(fieldsToCranks(cranksToFields(full))).toEqual(full);
    expect(await errorsOf(cranksToFields(full))).toEqual([]);
    const { passMm: _, plateMm: __, ...less } = full;
    const bare = {
      ...less,
      ring: { kind: 'whole' as const, thicknessMm: 5, boreMm: 16, magnets: 8 },
      sensor: { mounts: ['tie' as const] },
    };
    expect(fieldsToCranks(cranksToFields(bare))).toEqual(bare);
    expect(pedalSensor(fieldsToCranks(cranksToFields(bare))).verdict).toBe('unknown');
  });

  it('are asked for, and nothing is taken for known that nobody chose', async () => {
    expect(await errorsOf(cranksToFields(undefined))).toEqual(
      [
        'axleMm',
        'boreMm',
        'fixing',
        'magnets',
        'ringKind',
        'roomDrive',
        'roomNonDrive',
        'shell',
        'startPulses',
        'stopMs',
        'thicknessMm',
        'tie',
      ].sort(),
    );
  });

  it('are refused out of range, as parts of a magnet, and where the gap is none', async () => {
    const fields = cranksToFields(full);
    expect(await errorsOf({ ...fields, axleMm: '3' })).toEqual(['axleMm']);
    expect(await errorsOf({ ...fields, magnets: '6,5' })).toEqual(['magnets']);
    expect(await errorsOf({ ...fields, gapMaxMm: '0,5' })).toEqual(['gapMaxMm']);
    expect(await errorsOf({ ...fields, gapMinMm: '4', gapMaxMm: '' })).toEqual(['gapMinMm']);
  });

  it('leave out what is not asked any more', async () => {
    const fields: CrankFields = { ...cranksToFields(full), shellRing: 'no', plateMm: '99' };
    expect(await errorsOf(fields)).toEqual([]);
    expect(fieldsToCranks(fields)).not.toHaveProperty('plateMm');
    const sealed: CrankFields = { ...fields, ringKind: 'sealed', gapMinMm: '9' };
    expect(await errorsOf(sealed)).toEqual([]);
    expect(fieldsToCranks(sealed).sensor).toEqual({ mounts: ['tie'] });
  });
});
