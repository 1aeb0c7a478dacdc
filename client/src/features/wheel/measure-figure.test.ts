import { wheelFromPattern, wheelPatterns } from '@cricket/core/patterns';
import type { Wheel } from '@cricket/contract/shapes';

import { measureFigure } from './measure-figure';
import { wheelEntry, wheelFields } from './wheel-form';

const pattern: Wheel = { ...wheelFromPattern(wheelPatterns[1]!, 'w', 'Rear'), note: '', version: 4 };
const measured = (path: string, text: string) => {
  const result = measureFigure(pattern, path, text);
  if ('wrong' in result) throw new Error(result.wrong);
  return result.entry;
};

describe('a figure of a pattern', () => {
  it('loses its mark when it is measured, and only its own', () => {
    const entry = measured('axle.leftMm', '33,4');
    expect(entry).toMatchObject({ version: 4, axle: { leftMm: 33.4, rightMm: pattern.axle.rightMm } });
    expect(entry.kit!.unmeasured).toEqual(pattern.kit!.unmeasured!.filter((path) => path !== 'axle.leftMm'));
  });

  it('loses it too when it measures what the pattern has', () => {
    const entry = measured('kit.massKg', String(pattern.kit!.massKg));
    expect(entry.kit).toMatchObject({ massKg: pattern.kit!.massKg });
    expect(entry.kit!.unmeasured).not.toContain('kit.massKg');
  });

  it('reaches into the kit', () => {
    expect(measured('kit.hub.rotor.coverFaceMm', '15.5').kit!.hub.rotor).toMatchObject({ coverFaceMm: 15.5 });
  });

  it.each([
    ['shoulderWidthMm', '12', /out of range/],
    ['shoulderWidthMm', 'wide', /not a figure/],
    ['axle.flatsMm', '12', /not smaller than the thread/],
    ['kit.motor.ratedW', '9', /50/],
  ])('says what is wrong with %s of %s', (path, text, told) => {
    expect(measureFigure(pattern, path, text)).toEqual({ wrong: expect.stringMatching(told) as string });
  });

  it('comes to an end: the last one leaves no marks', () => {
    const last = { ...pattern, kit: { ...pattern.kit!, unmeasured: ['nutMm'] } };
    const result = measureFigure(last, 'nutMm', '10');
    expect(result).not.toHaveProperty('entry.kit.unmeasured');
  });

  it('keeps its mark in the form unless it is changed there', () => {
    const values = { ...wheelFields(pattern), shoulderWidthMm: '129' };
    const { kit } = wheelEntry(values, 4, pattern);
    expect(kit!.unmeasured).toEqual(pattern.kit!.unmeasured!.filter((path) => path !== 'shoulderWidthMm'));
  });
});
