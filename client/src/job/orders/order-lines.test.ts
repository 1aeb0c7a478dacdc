import { asWritten, said } from '@cricket/core/said';
import type { BikeRecord, OrderLine } from '@cricket/contract/shapes';
import type { ShoppingLine } from '@cricket/core/fit';

import { say } from '../../ui/say';
import { daysToStart, besideAxles, linesOfEnd, listedLines, nextState } from './order-lines';

const kit = { kind: 'kit' as const, spec: { code: 'FW-1' } };
const bolt = { kind: 'rotor-bolt' as const, spec: { lengthMm: 10 } };
const shopping: ShoppingLine[] = [
  {
    group: 'kit',
    part: kit,
    what: asWritten('Kit FW-1'),
    count: 1,
    reason: asWritten('The conversion.'),
    costEach: 360,
    leadDays: 8,
  },
  {
    group: 'small-parts',
    part: bolt,
    what: asWritten('Rotor bolt M5 × 10'),
    count: 6,
    reason: asWritten('Too long.'),
    costEach: 1,
    leadDays: 3,
  },
];
const order = (what: string, state: OrderLine['state']): OrderLine => ({
  id: what,
  bikeId: 'b',
  place: 'front-axle',
  part: null,
  what,
  count: 1,
  reason: '',
  because: null,
  costEach: 5,
  leadDays: 9,
  state,
  changedAt: '',
  person: '',
  personId: null,
  version: 1,
});
const record = (...orders: OrderLine[]) => ({ orders }) as unknown as BikeRecord;

describe('the order', () => {
  it('joins list and orders by what is bought', () => {
    const lines = linesOfEnd(record(order('Kit FW-1', 'ordered')), 'front', shopping);
    expect(lines.map(({ what, state }) => [what, state])).toEqual([
      ['Kit FW-1', 'ordered'],
      ['Rotor bolt M5 × 10', 'wanted'],
    ]);
  });

  it('knows a line by its part, whatever it was called by who ordered it', () => {
    const german = { ...order('Bremsscheibenschraube M5 × 10', 'ordered'), part: bolt };
    const gone = { ...order('Scheibe 3 mm', 'ordered'), part: { kind: 'plain' as const, spec: { thicknessMm: 3 } } };
    const lines = linesOfEnd(record(german, gone), 'front', shopping);
    expect(lines.map(({ what, state }) => [what, state])).toEqual([
      ['Kit FW-1', 'wanted'],
      ['Rotor bolt M5 × 10', 'ordered'],
      ['Washer 3 mm', 'ordered'],
    ]);
  });

  it('keeps what was ordered and is no longer listed, and leaves out the other end', () => {
    const stray = { ...order('Washer 3 mm', 'ordered') };
    const rear = { ...order('Kit RW-1', 'ordered'), place: 'rear-axle' as const };
    expect(linesOfEnd(record(stray, rear), 'front', shopping).map(({ what }) => what)).toEqual([
      'Kit FW-1',
      'Rotor bolt M5 × 10',
      'Washer 3 mm',
    ]);
  });

  it('says why something was ordered as whoever reads it speaks, and of an earlier version as it was written', () => {
    const because = said('fit.left-out-of-this-bike');
    const lines = linesOfEnd(
      record(
        { ...order('Screen', 'ordered'), reason: 'Bleibt weg', because },
        { ...order('Bag', 'ordered'), reason: 'Passt so besser' },
      ),
      'front',
      shopping,
    );
    expect(lines.slice(2).map(({ reason }) => reason)).toEqual([say(because), 'Passt so besser']);
    expect(lines[0]).toMatchObject({ reason: 'The conversion.', because: shopping[0]!.reason });
  });

  it('keeps what is got for a place apart from the same thing for another', () => {
    const cable = {
      group: 'small-parts' as const,
      part: { kind: 'cable' as const, spec: { what: 'adapter' } },
      what: asWritten('Adapter'),
      count: 1,
      reason: asWritten('Plugs.'),
      costEach: 12,
      leadDays: 6,
    };
    const orders = [
      { ...order('Adapter', 'ordered'), place: 'loom' as const },
      { ...order('Lever', 'received'), place: 'bar' as const },
      order('Kit FW-1', 'ordered'),
    ];
    const lines = listedLines(record(...orders), besideAxles, [
      { ...cable, place: 'bar' },
      { ...cable, place: 'loom' },
    ]);
    expect(lines.map(({ place, what, state }) => [place, what, state])).toEqual([
      ['bar', 'Adapter', 'wanted'],
      ['loom', 'Adapter', 'ordered'],
      ['bar', 'Lever', 'received'],
    ]);
  });

  it('starts when the last part that is not here has come', () => {
    expect(daysToStart(linesOfEnd(record(), 'front', shopping))).toBe(8);
    expect(daysToStart(linesOfEnd(record(order('Kit FW-1', 'received')), 'front', shopping))).toBe(3);
    expect(
      daysToStart(
        linesOfEnd(record(order('Kit FW-1', 'received'), order('Rotor bolt M5 × 10', 'received')), 'front', shopping),
      ),
    ).toBe(0);
  });

  it('goes from wanted to ordered to here, and back when it was not', () => {
    expect([nextState('wanted'), nextState('ordered'), nextState('received')]).toEqual([
      'ordered',
      'received',
      'ordered',
    ]);
  });
});
