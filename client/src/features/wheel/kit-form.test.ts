import type { KitFacts } from '@cricket/core/kit';

import { kitFieldValues, readKit, type PackedAs } from './kit-form';

const kit: KitFacts = {
  hub: {
    material: 'aluminium',
    takes: 'cassette',
    bodyMm: 35,
    cable: { diameterMm: 6, plugMm: 11, atRotorBolts: false },
    adapters: {
      extenders: [],
      endCaps: [{ id: 'L9', side: 'left', lengthMm: 9, boreMm: 12 }],
      rotorSpacers: [],
      screws: [],
      screwHoles: [],
    },
  },
  motor: { ratedW: 250, kv: 8 },
  controller: { topology: 'separate', fullV: 42, batteryA: 14 },
  assistedKmh: 25,
  throttle: 'none',
  display: true,
  rim: { innerWidthMm: 21, brakeTrack: false, valveHole: 'thick', depthMm: 18 },
  massKg: 5,
  cost: 380,
  leadDays: 9,
  packing: [{ part: 'Axle nut', count: 2 }],
  ownSteps: ['Turn braking on only after the first ride.'],
  exclusions: [],
  verified: true,
};

describe('a kit in the form', () => {
  it('comes back as it went in, with what the form does not show', () => {
    // No battery is filled in: the kit has none, which is said, not left out.
    expect(readKit(kitFieldValues(kit), kit)).toEqual({ kit: { ...kit, battery: null } });
  });

  it('leaves out a part of which nothing is filled in', () => {
    const values = { ...kitFieldValues(kit), 'rim-innerWidthMm': '', 'rim-depthMm': '', 'hub-adapters': '' };
    const read = readKit(values, null);
    expect(read).toHaveProperty('kit');
    expect((read as { kit: KitFacts }).kit.rim).toBeNull();
    expect((read as { kit: KitFacts }).kit.hub.adapters).toBeUndefined();
  });

  it.each([
    ['motor-ratedW', 'strong', /"strong" is not a figure in W/],
    ['motor-ratedW', '9000', /9000; it must be a number from 50 to 6000 W/],
    ['motor-ratedW', '', /Enter a figure in W/],
    ['rim-depthMm', '', /Enter a figure in mm/],
    ['packing', 'some nuts', /"some nuts" is not understood/],
    ['hub-takes', '', /Choose one/],
  ] as const)('names what is wrong with %s "%s"', (name, text, says) => {
    const read = readKit({ ...kitFieldValues(kit), [name]: text }, kit);
    expect(read).toHaveProperty('errors');
    expect((read as { errors: Record<string, string> }).errors[name]).toMatch(says);
  });

  it('keeps what the packed parts are, and takes what is chosen on the form', () => {
    const packing: KitFacts['packing'] = [
      { part: 'Axle nut', count: 2, kind: 'nut', spec: { threadMm: 12 } },
      { part: 'Screen', count: 1 },
    ];
    const before = { ...kit, packing };
    const read = (packedAs: PackedAs, text = '3 x Axle nut\n1 Screen') =>
      (readKit({ ...kitFieldValues(before), packing: text }, before, packedAs) as { kit: KitFacts }).kit.packing;
    expect(read({})).toEqual([{ ...packing[0], count: 3 }, packing[1]]);
    expect(read({ Screen: 'display' })[1]).toEqual({ part: 'Screen', count: 1, kind: 'display' });
    // Another kind has other figures; what is no kind any more has none.
    expect(read({ 'Axle nut': 'other' })[0]).toEqual({ part: 'Axle nut', count: 3, kind: 'other' });
    expect(read({ 'Axle nut': '' })[0]).toEqual({ part: 'Axle nut', count: 3 });
  });

  it('reads packing lists as people write them', () => {
    const read = readKit({ ...kitFieldValues(kit), packing: '2 x Nut\n1 Display' }, kit) as { kit: KitFacts };
    expect(read.kit.packing).toEqual([
      { part: 'Nut', count: 2 },
      { part: 'Display', count: 1 },
    ]);
  });
});
