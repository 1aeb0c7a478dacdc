import { calc } from './calc';
import { calculators } from './calculators';

const run = (name: string, input: unknown) => {
  const { text, exitCode } = calc(name, typeof input === 'string' ? input : JSON.stringify(input));
  return { output: JSON.parse(text), exitCode };
};

describe('the calc command', () => {
  it.each(Object.keys(calculators))('runs the example of %s, alone and in a list', (name) => {
    const { example } = calculators[name]!;
    const alone = run(name, example);
    expect(alone.exitCode).toBe(0);
    expect(run(name, [example, example])).toEqual({ output: [alone.output, alone.output], exitCode: 0 });
  });

  it('lists every calculator with an example that works', () => {
    const { text, exitCode } = calc(undefined, '');
    expect(exitCode).toBe(0);
    const examples = [...text.matchAll(/echo '(.*)' \| npm run -s calc -- (\S+)/g)];
    expect(examples.map(([, , name]) => name)).toEqual(Object.keys(calculators));
    for (const [, json, name] of examples) expect(run(name!, json!).exitCode).toBe(0);
  });

  it('runs the rest when an item fails, and ends with 1', () => {
    const good = { feature: 'rotor', valueMm: 160.2 };
    const { output, exitCode } = run('identify-standard', [good, { feature: 'rotor', valueMm: 'wide' }, good]);
    expect(exitCode).toBe(1);
    expect(output[0].nearest.valueMm).toBe(160);
    expect(output[1]).toEqual({
      error: {
        path: 'valueMm',
        message: 'valueMm is "wide"; it must be a number from 0.01 to 1500 mm',
        value: 'wide',
        range: 'a number from 0.01 to 1500 mm',
      },
    });
    expect(output[2]).toEqual(output[0]);
  });

  it.each([
    ['an unknown calculator', 'colour', '{}', 'no calculator is called colour'],
    ['a name every object has', 'toString', '{}', 'no calculator is called toString'],
    ['broken JSON', 'slot-fit', '{"axle":', 'not valid JSON'],
    ['nothing', 'slot-fit', '', 'not valid JSON'],
    ['a number', 'slot-fit', '7', 'must be an object'],
    ['a missing field', 'axle-stack', '{"spacingMm":100}', 'must be'],
  ])('answers %s with an error in valid JSON', (_, name, json, words) => {
    const { output, exitCode } = run(name, json);
    expect(exitCode).toBe(1);
    expect(output.error.message).toContain(words);
  });
});
