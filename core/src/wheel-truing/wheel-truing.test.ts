import { wheelTruing, type WheelTruingInput } from './wheel-truing';

const spokes: WheelTruingInput['spokes'] = Array.from({ length: 36 }, (_, at) => ({
  side: at % 2 ? ('right' as const) : ('left' as const),
  radialMm: at % 3 ? 0.1 : -0.1,
  lateralMm: at % 4 ? 0.1 : 0,
  tensionN: at % 2 ? 1000 : 700,
}));

describe('a trued wheel', () => {
  it('goes within every limit', () => {
    const { verdict, radialRunoutMm, lateralRunoutMm, meanTensionN, strays } = wheelTruing({ spokes, dishMm: -0.6 });
    expect(verdict).toBe('goes');
    expect(radialRunoutMm).toBeCloseTo(0.2, 9);
    expect(lateralRunoutMm).toBeCloseTo(0.1, 9);
    expect(meanTensionN).toEqual({ left: 700, right: 1000 });
    expect(strays).toEqual([]);
  });

  it('names the loosest spoke first', () => {
    const uneven = spokes.map((spoke, at) =>
      at === 6 ? { ...spoke, tensionN: 300 } : at === 9 ? { ...spoke, tensionN: 1300 } : spoke,
    );
    expect(wheelTruing({ spokes: uneven, dishMm: 0 })).toMatchObject({ verdict: 'work', strays: [7, 10] });
  });

  it.each([
    ['lateral', { spokes: spokes.map((spoke, at) => (at === 3 ? { ...spoke, lateralMm: 0.8 } : spoke)), dishMm: 0 }],
    ['radial', { spokes: spokes.map((spoke, at) => (at === 3 ? { ...spoke, radialMm: 0.8 } : spoke)), dishMm: 0 }],
    ['dish', { spokes, dishMm: 1.2 }],
  ])('asks for work on %s', (id, input) => {
    expect(wheelTruing(input).findings[0]).toMatchObject({ id, verdict: 'work' });
  });

  it('never says goes of what is not measured', () => {
    expect(wheelTruing({ spokes }).verdict).toBe('unknown');
    const oneOpen = spokes.map((spoke, at) => (at === 5 ? { side: spoke.side } : spoke));
    expect(
      wheelTruing({ spokes: oneOpen, dishMm: 0 }).findings.filter(({ verdict }) => verdict === 'unknown'),
    ).toHaveLength(3);
  });

  it('refuses an empty wheel', () => {
    expect(() => wheelTruing({ spokes: [] })).toThrow(/spokes is 0/);
  });
});
