import { endFit } from '../../end-fit';
import { invented } from '../invented.testing';
import { judgedBy, judges, toolsBy, wantedBy } from './register';
import type { Solved } from './solved';

const input = invented();
const solved: Solved = {
  input,
  axle: endFit(input),
  adapter: null,
  motor: null,
  torque: null,
  arms: { found: null, chosen: [] },
  brake: null,
  rotor: null,
  gears: null,
  tyre: null,
  checks: null,
};

describe('the judges', () => {
  it('say which area each finding belongs to', () => {
    const found = judgedBy(solved, true);
    for (const { area, id } of found) expect([area, id]).toEqual([expect.any(String), expect.stringMatching(/\S/)]);
    const areas = new Set(found.map(({ area }) => area));
    for (const area of ['axle', 'end', 'cable', 'law', 'kit']) expect(areas).toContain(area);
    // What has not been worked out says nothing.
    for (const area of ['brake', 'tyre']) expect(areas).not.toContain(area);
  });

  it('are asked only when what they need is solved', () => {
    const needy = judges.filter(({ needs }) => needs.some((name) => solved[name] === null));
    expect(needy.length).toBeGreaterThan(4);
    for (const { needs } of needy) for (const name of needs) expect(Object.keys(solved)).toContain(name);
  });

  it('of an end that takes no motor speak of its axle alone', () => {
    const found = judgedBy(solved, false);
    expect(found.length).toBeGreaterThan(0);
    expect(found.every(({ area }) => area === 'axle')).toBe(true);
  });

  it('send for parts and tools with what they find, each once and with its reason', () => {
    const found = judgedBy(solved, true);
    const wanted = wantedBy(solved, found);
    const kinds = wanted.map(({ part }) => part.kind);
    expect(kinds).toEqual(expect.arrayContaining(['kit', 'rim-tape', 'liner']));
    for (const { reason, count } of wanted)
      expect([reason.said, count > 0]).toEqual([expect.stringMatching(/\S/), true]);
    const tools = toolsBy(solved, found).map(({ tool }) => tool);
    expect(tools).toEqual(expect.arrayContaining(['Calipers', 'Multimeter']));
    expect(new Set(tools).size).toBe(tools.length);
    // Nobody asks for a driver of rotor bolts where no rotor was worked out.
    expect(tools).not.toContain('T25 driver');
  });

  it('ask for a tool or a part only where the finding that wants it stands', () => {
    const side = input.wheel.cableExit;
    const arm = { id: 'arm', kind: 'arm' as const, thicknessMm: 6 };
    const asks = (plugMm: number) => {
      const outside = { ...solved.axle.outside, [side]: [arm] };
      const of = { ...solved, axle: { ...solved.axle, outside }, input: { ...input, wheel: withPlug(plugMm) } };
      return toolsBy(of, judgedBy(of, true)).map(({ tool }) => tool);
    };
    expect(asks(60)).toContain('Pin remover');
    expect(asks(2)).not.toContain('Pin remover');
  });
});

function withPlug(plugMm: number): typeof input.wheel {
  const kit = input.wheel.kit!;
  return { ...input.wheel, kit: { ...kit, hub: { ...kit.hub, cable: { ...kit.hub.cable, plugMm } } } };
}
