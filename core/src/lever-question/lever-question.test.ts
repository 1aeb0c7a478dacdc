import type { BikeFacts } from '../bike-facts';
import { asWritten, said } from '../said';
import { addedName, leverQuestion, leversChosen, leversOfBike } from '.';

const rim = { kind: 'rim' as const, leverPull: 'long' as const, caliperPull: 'long' as const };
const own = { oneWithShifter: false, cutOff: false };
const facts: BikeFacts = {
  brakes: { front: rim, rear: rim },
  levers: { front: own, rear: own, inLine: 0, atLever: 0, swap: false },
};
const kit = { throttle: 'thumb' as const, assistedKmh: 25 };

describe('what the brake levers of a bike are asked', () => {
  it('is nothing while levers or brakes are not known', () => {
    expect(leversOfBike({}, [])).toBeNull();
    expect(leversOfBike({ ...facts, brakes: { front: rim } }, [])).toBeNull();
  });

  it('asks for a cut-off where the kit has a throttle that is fitted', () => {
    expect(leversOfBike(facts, [kit])!.verdict).toBe('stop');
    expect(leversOfBike({ ...facts, job: { throttle: 'left-out' } }, [kit])!.verdict).toBe('goes');
    expect(leversOfBike(facts, [{ ...kit, throttle: 'none' }])!.verdict).toBe('goes');
  });

  it('offers the kit’s two levers and every switch, each once', () => {
    const levers = { ...facts.levers!, kitPull: 'long' as const, kitCutOff: true, inLine: 1, atLever: 2 };
    const question = leverQuestion({ ...facts, levers }, [kit])!;
    expect(question.kit.map(({ id }) => id)).toEqual(['kit-lever-1', 'kit-lever-2']);
    expect(question.switches.map(({ id }) => id)).toEqual(['in-line-1', 'at-lever-1', 'at-lever-2']);
    expect(leversChosen(leversOfBike({ ...facts, levers }, [kit])!.chosen)).toBe('own-and-switch');
    const bare = { ...facts.levers!, kitPull: 'long' as const, kitCutOff: true };
    expect(leversChosen(leversOfBike({ ...facts, levers: bare }, [kit])!.chosen)).toBe('kit');
    // Levers of which nobody knows that they cut the motor help nothing.
    const { kitCutOff: _, ...unseen } = bare;
    expect(leversOfBike({ ...facts, levers: unseen }, [kit])!.verdict).toBe('stop');
    expect(leversChosen([])).toBe('own');
  });

  it('leaves out a lever where a foot works the brake', () => {
    const coaster: BikeFacts = { ...facts, brakes: { front: rim, rear: { kind: 'coaster' } } };
    expect(leverQuestion(coaster, [])!.levers.map(({ end }) => end)).toEqual(['front']);
  });

  it('is not known as long as nobody knows what a lever pulls', () => {
    const blind: BikeFacts = { ...facts, brakes: { front: rim, rear: { kind: 'rim' } } };
    expect(leversOfBike(blind, [])!.verdict).toBe('unknown');
  });
});

describe('what is added at a lever', () => {
  it('is called in the language of whoever reads it', () => {
    const asked = leverQuestion({ ...facts, levers: { ...facts.levers!, kitPull: 'long', inLine: 1, atLever: 2 } }, [
      kit,
    ])!;
    expect([...asked.kit, ...asked.switches].map(({ id }) => addedName(id))).toEqual([
      said('lever-question.kit-lever', { number: 1 }),
      said('lever-question.kit-lever', { number: 2 }),
      said('lever-question.in-line', { number: 1 }),
      said('lever-question.at-lever', { number: 1 }),
      said('lever-question.at-lever', { number: 2 }),
    ]);
  });

  it('keeps the name that it was given elsewhere', () => {
    expect(addedName('kit lever 1')).toEqual(asWritten('kit lever 1'));
  });
});
