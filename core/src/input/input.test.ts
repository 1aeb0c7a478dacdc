import { asWritten } from '../said';
import { IsString, validateSync } from 'class-validator';
import fc from 'fast-check';

import {
  Amount,
  BothSides,
  Checked,
  Either,
  Exactly,
  Flag,
  InputError,
  inputErrors,
  Items,
  jsonSchema,
  Maybe,
  Named,
  Nested,
  OneOf,
  OneOfKinds,
  Open,
  Optional,
  readInput,
  Remark,
  shapeOf,
  Text,
  Timestamp,
  Uuid,
  Whole,
  type Sides,
} from '.';
import { say } from '../english.testing';

class Thread {
  @Amount(6, 25, 'mm') diameterMm!: number;
  @Optional() @Maybe() @Whole(1, 9) starts?: number | null;
}

class Bolt {
  @Text(10) name!: string;
  @OneOf(['steel', 'titanium']) grade!: 'steel' | 'titanium';
  @Nested(() => Thread) thread!: Thread;
  @Items(Amount(2, 100, 'mm'), 3) lengthsMm!: number[];
  @Optional() @Items(() => Thread, 2) spares?: Thread[];
  @Maybe() @Remark(5) note!: string | null;
  @Flag() coated!: boolean;
}

class Cut {
  @Exactly('cut') kind!: 'cut';
}
class Filed {
  @Exactly('filed') kind!: 'filed';
  @Amount(0, 5, 'mm') mm!: number;
}
class OneOfOwn {
  @OneOfKinds('kind', { cut: Cut, filed: Filed }) event!: Cut | Filed;
}

const bolt = {
  name: 'M5',
  grade: 'steel',
  thread: { diameterMm: 8 },
  lengthsMm: [10, 12],
  note: null,
  coated: false,
} as const;

const refusal = (shape: Parameters<typeof readInput>[0], input: unknown): string | null => {
  try {
    readInput(shape, input);
    return null;
  } catch (error) {
    if (error instanceof InputError) return `${error.path}: ${say(error.allowed)}`;
    throw error;
  }
};

describe('a contract', () => {
  it('gives back the same data when all of it holds', () => {
    expect(readInput(Bolt, bolt)).toBe(bolt);
  });

  it.each([
    ['a field out of range', { thread: { diameterMm: 5.9 } }, 'thread.diameterMm: a number from 6 to 25 mm'],
    ['a figure that is none', { thread: { diameterMm: NaN } }, 'thread.diameterMm: a number from 6 to 25 mm'],
    ['an item', { lengthsMm: [10, 101] }, 'lengthsMm.1: a number from 2 to 100 mm'],
    ['too many items', { lengthsMm: [1, 2, 3, 4] }, 'lengthsMm: a list of at most 3 items'],
    [
      'a nested item',
      { spares: [{ diameterMm: 8 }, { diameterMm: 99 }] },
      'spares.1.diameterMm: a number from 6 to 25 mm',
    ],
    ['an unknown field', { tread: 1 }, 'tread: left out: no such field is known'],
    [
      'an unknown nested field',
      { thread: { diameterMm: 8, pitch: 1 } },
      'thread.pitch: left out: no such field is known',
    ],
    ['blanks', { name: '  ' }, 'name: a text of 1 to 10 characters'],
    ['another word', { grade: 'brass' }, 'grade: one of steel, titanium'],
    ['what must be given', { coated: undefined }, 'coated: true or false'],
    ['null where there must be one', { name: null }, 'name: a text of 1 to 10 characters'],
    ['left out where none is said', { note: undefined }, 'note: a text of at most 5 characters'],
    ['a list for an object', { thread: [] }, 'thread: an object'],
  ])('names the field and what is allowed: %s', (_, change, said) => {
    expect(refusal(Bolt, { ...bolt, ...change })).toBe(said);
  });

  it('takes null or nothing only where they are said to be', () => {
    expect(refusal(Thread, { diameterMm: 8, starts: null })).toBeNull();
    expect(refusal(Thread, { diameterMm: 8, starts: undefined })).toBeNull();
    expect(refusal(Thread, { diameterMm: null })).not.toBeNull();
  });

  it('does not take what every object has for a field', () => {
    expect(refusal(Thread, JSON.parse('{"diameterMm":8,"__proto__":{"starts":1}}'))).toBe(
      '__proto__: left out: no such field is known',
    );
    expect(refusal(OneOfOwn, { event: { kind: 'constructor' } })).toBe('event.kind: one of cut, filed');
  });

  it('tells every field at once to a form', () => {
    const said = inputErrors(Bolt, { ...bolt, name: '', grade: 'brass', thread: { diameterMm: 1 }, colour: 'red' });
    expect(said.map(({ path }) => path)).toEqual(['name', 'grade', 'thread.diameterMm', 'colour']);
    expect(say(said[2]!.says)).toBe('thread.diameterMm is 1; it must be a number from 6 to 25 mm');
  });

  it('is extended with its fields, and may hold one of them otherwise', () => {
    class LongBolt extends Bolt {
      @Items(Amount(100, 300, 'mm'), 3) override lengthsMm!: number[];
      @Exactly('long') kind!: 'long';
    }
    expect(refusal(LongBolt, { ...bolt, lengthsMm: [120], kind: 'long' })).toBeNull();
    expect(refusal(LongBolt, { ...bolt, kind: 'long' })).toBe('lengthsMm.0: a number from 100 to 300 mm');
    expect(refusal(Bolt, bolt)).toBeNull();
  });

  it('lets through what it does not name where it is open', () => {
    @Open()
    class Signed {
      @Amount(0, 1, '') share!: number;
    }
    expect(refusal(Signed, { share: 0.5, later: [1] })).toBeNull();
    expect(refusal(Signed, { share: 2, later: [1] })).toBe('share: a number from 0 to 1');
  });

  it('holds pairs, names, alternatives and what is checked besides', () => {
    const shape = shapeOf<{ plateMm: Sides<number> }>({
      plateMm: [BothSides(Amount(1, 9, 'mm'))],
      gaps: [Optional(), Named(Amount(0, 5, 'mm'))],
      most: [Optional(), Either(Amount(0, 3, 'mm'), () => Thread, asWritten('a number, or a thread'))],
      even: [Optional(), Checked(Whole(0, 10), (value: number) => value % 2 === 0, asWritten('an even number'))],
      id: [Optional(), Uuid()],
      at: [Optional(), Timestamp()],
    });
    const plateMm = { left: 5, right: 5 };
    expect(refusal(shape, { plateMm, gaps: { front: 1 }, most: { diameterMm: 8 }, even: 4 })).toBeNull();
    expect(refusal(shape, { plateMm: { left: 5, right: 10 } })).toBe('plateMm.right: a number from 1 to 9 mm');
    expect(refusal(shape, { plateMm, gaps: { front: 6 } })).toBe('gaps.front: a number from 0 to 5 mm');
    expect(refusal(shape, { plateMm, most: 4 })).toBe('most: a number, or a thread');
    expect(refusal(shape, { plateMm, even: 3 })).toBe('even: an even number');
    expect(refusal(shape, { plateMm, even: 12 })).toBe('even: a whole number from 0 to 10');
    expect(refusal(shape, { plateMm, id: 'x' })).toBe('id: a UUID');
    expect(refusal(shape, { plateMm, at: '2026-03-02' })).toMatch(/^at: a date and time/);
    expect(refusal(shape, { plateMm, at: '2026-02-30T10:00:00Z' })).toMatch(/^at: a date and time/);
    expect(refusal(shape, { plateMm, at: '2026-03-02T09:00:00.000Z' })).toBeNull();
  });

  it('goes by the kind that a record says it is', () => {
    expect(refusal(OneOfOwn, { event: { kind: 'filed', mm: 0.4 } })).toBeNull();
    expect(refusal(OneOfOwn, { event: { kind: 'filed' } })).toBe('event.mm: a number from 0 to 5 mm');
    expect(refusal(OneOfOwn, { event: { kind: 'cut', mm: 0.4 } })).toBe('event.mm: left out: no such field is known');
    expect(refusal(OneOfOwn, { event: { kind: 'bent' } })).toBe('event.kind: one of cut, filed');
  });

  it('cannot be read when a property is held by something that is no rule', () => {
    class Strange {
      @IsString() name!: string;
    }
    expect(() => readInput(Strange, { name: 'x' })).toThrow('Strange.name is held by something that is no rule');
  });

  it('is written as JSON Schema with ranges, choices and what may be null', () => {
    expect(jsonSchema(Thread)).toEqual({
      $schema: 'http://json-schema.org/draft-07/schema#',
      type: 'object',
      properties: {
        diameterMm: { type: 'number', minimum: 6, maximum: 25 },
        starts: { anyOf: [{ type: 'integer', minimum: 1, maximum: 9 }, { type: 'null' }] },
      },
      required: ['diameterMm'],
      additionalProperties: false,
    });
  });

  it('says of every drawn bolt what class-validator itself says', () => {
    const mostly = <T>(right: fc.Arbitrary<T>) =>
      fc.oneof({ weight: 6, arbitrary: right as fc.Arbitrary<unknown> }, { weight: 1, arbitrary: fc.anything() });
    const thread = fc.record(
      {
        diameterMm: mostly(fc.double({ min: 5, max: 26 })),
        starts: mostly(fc.option(fc.integer({ min: 0, max: 10 }))),
      },
      { requiredKeys: [] },
    );
    const drawn = fc.record(
      {
        name: mostly(fc.string({ maxLength: 12 })),
        grade: mostly(fc.constantFrom('steel', 'titanium', 'brass')),
        thread: mostly(thread),
        lengthsMm: mostly(fc.array(fc.double({ min: 1, max: 110 }), { maxLength: 4 })),
        spares: mostly(fc.array(thread, { maxLength: 3 })),
        note: mostly(fc.option(fc.string({ maxLength: 6 }))),
        coated: mostly(fc.boolean()),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(drawn, (plain) => {
        const errors = validateSync(Object.assign(new Bolt(), plain), { whitelist: true, forbidNonWhitelisted: true });
        expect(refusal(Bolt, plain) === null).toBe(errors.length === 0);
        expect(new Set(inputErrors(Bolt, plain).map(({ path }) => path.split('.')[0]))).toEqual(
          new Set(errors.map(({ property }) => property)),
        );
      }),
      { numRuns: 2000 },
    );
  });
});
