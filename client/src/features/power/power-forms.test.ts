import type { PathElement } from '@cricket/core/power-path';
import { powerOfBike, type BikePower } from '@cricket/core/power-question';
import type { FieldValues, Resolver } from 'react-hook-form';

import { checkElement, elementToFields, fieldsToElement, withElement, type ElementFields } from './element-form-fields';
import {
  accessoryToFields,
  chargerToFields,
  checkAccessory,
  checkCharger,
  checkController,
  checkPack,
  controllerToFields,
  fieldsToAccessory,
  fieldsToCharger,
  fieldsToController,
  fieldsToPack,
  packToFields,
} from './power-forms';

const elements: PathElement[] = [
  { kind: 'lead', mm2: 4, lengthM: 0.6, metal: 'copper', insulation: 'silicone', bundled: true },
  { kind: 'lead', awg: 12, lengthM: 1.2, insulation: 'pvc70', bundled: false, conductorC: 60 },
  { kind: 'connector', continuousA: 45, maxV: 90, polarised: true, sparkRated: false },
  { kind: 'connector', continuousA: 45, maxV: 90, polarised: false, deadWhenOpen: true },
  { kind: 'joint', metals: ['copper', 'aluminium'], rated: true },
  { kind: 'fuse', A: 30, maxV: 80, breakA: 1000 },
  { kind: 'fuse', A: 7.5, maxV: 58 },
  { kind: 'switch', A: 40, maxV: 100 },
  { kind: 'phase', continuousA: 40 },
];
const battery = {
  cells: 13,
  ah: 14,
  continuousA: 30,
  peakA: 50,
  packOhm: 0.12,
  chemistry: 'nmc' as const,
  cutoffVPerCell: 3,
  pack: 'bare' as const,
  enclosed: true,
};
const pack = { of: 'reused' as const, battery };
const controller = { batteryA: 20, phaseA: 40, minV: 36, maxV: 60, lowCutV: 40 };
const charger = { volts: 54.6, amps: 4 };
const light = {
  id: 'Lamp',
  kind: 'front-light' as const,
  fromV: 6,
  toV: 60,
  watts: 6,
  from: 'main' as const,
  works: true,
};

async function errorsOf<T extends FieldValues>(check: Resolver<T>, fields: T): Promise<string[]> {
  const { errors } = await check(fields, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.keys(errors).sort();
}

describe('the figures of the way of the current', () => {
  it.each(elements)('come back from the form of an element as they were: %j', async (element) => {
    expect(fieldsToElement(elementToFields(element))).toEqual(element);
    expect(await errorsOf(checkElement, elementToFields(element))).toEqual([]);
  });

  it('come back from the other forms as they were', async () => {
    expect(fieldsToPack(packToFields(pack, 'supplied', {}))).toEqual(pack);
    expect(fieldsToController(controllerToFields(controller))).toEqual(controller);
    expect(fieldsToCharger(chargerToFields(charger))).toEqual(charger);
    for (const accessory of [light, { ...light, works: undefined }]) {
      const there = fieldsToAccessory(accessoryToFields(accessory, []));
      expect(there).toEqual(JSON.parse(JSON.stringify(accessory)));
    }
    expect(await errorsOf(checkPack, packToFields(pack, 'supplied', {}))).toEqual([]);
    const power: BikePower = { pack, controller, charger, chain: elements, accessories: [light] };
    expect(powerOfBike({ power }, []).kind).toBe('open');
  });

  it('leave out what is not asked any more', () => {
    const cased = fieldsToPack({ ...packToFields(pack, 'reused', {}), pack: 'cased' });
    expect(cased.battery).not.toHaveProperty('enclosed');
  });

  it('are refused by field', async () => {
    const given = packToFields(pack, 'supplied', {});
    expect(await errorsOf(checkPack, { ...given, cells: '12,5', peakA: '20' })).toEqual(['cells', 'peakA']);
    expect(await errorsOf(checkPack, packToFields(undefined, 'supplied', {}))).toEqual([
      'ah',
      'cells',
      'continuousA',
      'cutoffVPerCell',
      'peakA',
    ]);
    expect(await errorsOf(checkController, { ...controllerToFields(controller), maxV: '30' })).toEqual(['maxV']);
    expect(await errorsOf(checkCharger, chargerToFields({}))).toEqual(['chargerA', 'chargerV']);
    expect(await errorsOf(checkAccessory(['Lamp']), { ...accessoryToFields(light, []), toV: '5' })).toEqual([
      'id',
      'toV',
    ]);
    const lead = elementToFields(elements[0]);
    const thin: ElementFields = { ...lead, sizeIn: 'awg', size: '26' };
    expect(await errorsOf(checkElement, thin)).toEqual(['size']);
    expect(await errorsOf(checkElement, { ...lead, lengthM: '' })).toEqual(['lengthM']);
  });

  it('offer what is known elsewhere, and no more', () => {
    expect(packToFields(undefined, 'supplied', { cells: 13 })).toMatchObject({ cells: '13', ah: '', peakA: '' });
  });

  it('put a new element before the leads of the motor', () => {
    const phase: PathElement = { kind: 'phase', continuousA: 40 };
    const fuse: PathElement = { kind: 'fuse', A: 30, maxV: 80 };
    expect(withElement([], fuse)).toEqual([fuse]);
    expect(withElement([phase], fuse)).toEqual([fuse, phase]);
    expect(withElement([fuse], phase)).toEqual([fuse, phase]);
  });
});
