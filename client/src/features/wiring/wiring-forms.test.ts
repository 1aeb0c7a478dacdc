import { connections, type WiringAdapter, type WiringPlug } from '@cricket/core/connections';
import type { FieldValues, Resolver } from 'react-hook-form';

import { wiringPlan } from '@cricket/core/wiring-scene';
import { adapterToFields, checkAdapter, checkPlug, fieldsToAdapter, fieldsToPlug, plugToFields } from './wiring-forms';

const socket: WiringPlug = {
  id: 'To throttle',
  on: 'Controller',
  to: 'Throttle',
  family: 'Round three',
  gender: 'socket',
  key: 'nose',
  colour: 'red',
  pins: [{ n: 1, carries: 'supply', wire: 'red' }, { n: 2 }, { n: 3, carries: 'throttle' }],
  live: true,
};
const lead: WiringPlug = { ...socket, id: 'Lead', on: 'Throttle', to: 'Controller', gender: 'pin', live: undefined };
const adapter: WiringAdapter = {
  id: 'crossed',
  from: { family: 'Round three', gender: 'pin', key: 'nose', pins: 3 },
  to: { family: 'Flat three', gender: 'socket', pins: 3 },
  map: [
    [1, 3],
    [3, 1],
  ],
};

async function errorsOf<T extends FieldValues>(check: Resolver<T>, fields: T): Promise<string[]> {
  const { errors } = await check(fields, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.keys(errors).sort();
}

describe('plugs and adapters', () => {
  it('come back from their forms as they were', async () => {
    const { to: _, key: __, colour: ___, live: ____, ...bare } = socket;
    for (const plug of [socket, bare]) {
      expect(fieldsToPlug(plugToFields(plug))).toEqual(plug);
      expect(await errorsOf(checkPlug([]), plugToFields(plug))).toEqual([]);
    }
    expect(fieldsToAdapter(adapterToFields(adapter))).toEqual(adapter);
    expect(await errorsOf(checkAdapter([]), adapterToFields(adapter))).toEqual([]);
  });

  it('are refused by field', async () => {
    expect(
      await errorsOf(checkPlug(['To throttle']), { ...plugToFields(socket), to: 'Controller', family: ' ' }),
    ).toEqual(['family', 'id', 'to']);
    const fields = adapterToFields(adapter);
    expect(await errorsOf(checkAdapter([]), { ...fields, map: '1-4' })).toEqual(['map']);
    expect(await errorsOf(checkAdapter([]), { ...fields, map: '1 2' })).toEqual(['map']);
    expect(await errorsOf(checkAdapter([]), { ...fields, fromPins: '', map: '' })).toEqual(['fromPins']);
  });
});

describe('the diagram of a loom', () => {
  const open: WiringPlug = { ...socket, id: 'To light', to: 'Light' };
  const elsewhere: WiringPlug[] = [
    { ...lead, id: 'Pedal lead', on: 'Pedals', to: 'Display' },
    { ...socket, id: 'Pedals in', on: 'Display', to: 'Pedals' },
  ];
  const plugs = [lead, socket, open, ...elsewhere];
  const { joins, unused } = connections({ plugs, adapters: [], repin: false });
  const scene = wiringPlan(plugs, joins, unused, 'Controller');

  it('has the middle part at the left, every join in a line of its own, and open plugs after them', () => {
    expect(scene.rows.map(({ left, right }) => [left.id, right?.id ?? null])).toEqual([
      ['To throttle', 'Lead'],
      ['To light', null],
      ['Pedals in', 'Pedal lead'],
    ]);
    const heights = scene.rows.map(({ y }) => y);
    expect(heights).toEqual([...heights].sort((a, b) => a - b));
  });

  it('has a box round everything that hangs on a part', () => {
    const [controller] = scene.boxes.filter(({ part }) => part === 'Controller');
    for (const row of scene.rows.filter(({ left }) => left.on === 'Controller')) {
      expect(row.y > controller!.top && row.y < controller!.top + controller!.height).toBe(true);
    }
    expect(Math.max(...scene.boxes.map(({ top, height }) => top + height))).toBeLessThanOrEqual(scene.height);
  });
});
