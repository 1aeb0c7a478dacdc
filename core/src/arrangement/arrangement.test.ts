import fc from 'fast-check';

import { acceptanceKinds } from '../acceptance';
import { bayOfBike } from '../bay-question';
import type { BikeFacts } from '../bike-facts';
import { inventedKit } from '../fit/invented.testing';
import { say } from '../english.testing';
import { inputErrors } from '../input';
import { toldFeatures } from '../told';
import { answersOf, roomStations, wholeBike, type RoomStation } from '../whole-bike';
import { against, arranged, arrangementLines, factsOfStation, stillSo } from '.';
import { builtBike } from './built-bike.testing';

const facts = builtBike;
const kits = [inventedKit];

describe('what a station hangs on', () => {
  it('is all that its answer needs', () => {
    for (const station of roomStations) {
      const alone = factsOfStation(facts, station);
      expect(answersOf(alone, kits)[station]?.verdict).toEqual(answersOf(facts, kits)[station]!.verdict);
      expect(answersOf(alone, kits)[station]?.findings).toEqual(answersOf(facts, kits)[station]!.findings);
    }
  });

  it('never changes by what is told of something else', () => {
    fc.assert(
      fc.property(fc.constantFrom(...roomStations), fc.subarray([...toldFeatures]), (station, left) => {
        const kept = factsOfStation(facts, station);
        // Everything else may go.
        const without = Object.fromEntries(
          Object.entries(facts).filter(([name]) => name in kept || !left.includes(name)),
        ) as BikeFacts;
        expect(factsOfStation(without, station)).toEqual(kept);
        expect(stillSo({ facts: kept, kits: arranged(station, facts, kits)!.input.kits }, station, without, kits)).toBe(
          true,
        );
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });
});

describe('an arrangement', () => {
  it.each([...roomStations])('of %s is what the whole bike says, in the shape that is kept, in words', (station) => {
    const taken = arranged(station, facts, kits)!;
    const { stations, toGet } = wholeBike(facts, kits);
    expect(taken.result.verdict).toBe(stations.find((each) => each.station === station)!.verdict);
    expect(taken.result.toGet).toEqual(toGet.filter((each) => each.station === station));
    const { input, result } = acceptanceKinds[station];
    const plain = JSON.parse(JSON.stringify(taken)) as typeof taken;
    expect([inputErrors(input, plain.input), inputErrors(result, plain.result)]).toEqual([[], []]);
    const lines = arrangementLines[station](taken.result.chosen as never);
    expect(lines.length).toBeGreaterThan(0);
    for (const line of lines) expect(say(line)).toMatch(/^\S.*\.$/);
  });

  it('is none while nothing is written down, or nothing can be chosen', () => {
    for (const station of roomStations) expect(arranged(station, {}, kits)).toBeNull();
    const long = { ...facts.bay!.pack!, battery: { ...facts.bay!.pack!.battery, lengthMm: 900 } };
    expect(arranged('bay', { ...facts, bay: { pack: long } }, kits)).toBeNull();
  });

  it('names what stands against it', () => {
    expect(against(arranged('bay', facts, kits)!.result)).toBeNull();
    const { inWay: _, ...unseen } = facts.frame!;
    expect(against(arranged('bay', { ...facts, frame: unseen }, kits)!.result)).toMatchObject({ id: 'in-way' });
  });

  it('is another one once its facts or its kits are others', () => {
    const { input } = arranged('power', facts, kits)!;
    expect(stillSo(input, 'power', facts, kits)).toBe(true);
    expect(stillSo(input, 'power', { ...facts, riderKg: 90 }, kits)).toBe(true);
    const charger = { volts: 42, amps: 4 };
    expect(stillSo(input, 'power', { ...facts, power: { ...facts.power, charger } }, kits)).toBe(false);
    expect(stillSo(input, 'power', facts, [{ ...inventedKit, assistedKmh: 20 }])).toBe(false);
    expect(stillSo(input, 'power', facts, [])).toBe(false);
    // As it comes back from a file or the database.
    expect(stillSo(JSON.parse(JSON.stringify(input)) as typeof input, 'power', facts, kits)).toBe(true);
  });

  it('may be signed for where no brake cuts the motor, and nowhere else', () => {
    const throttle = {
      id: 'Throttle',
      kind: 'throttle-thumb' as const,
      widthMm: 30,
      clampMm: 22.2,
      side: 'left' as const,
    };
    const parts = facts.bar!.parts!.map((part) => (part.kind === 'lever' ? { ...part, cutOff: false } : part));
    const bar: BikeFacts = { ...facts, bar: { ...facts.bar, parts: [...parts, throttle] } };
    const signed = { person: 'Hesper', because: 'One-piece levers, private ground.' };
    expect(arranged('bar', bar, kits)!.result.verdict).toBe('stop');
    const { verdict, findings } = arranged('bar', bar, kits, signed)!.result;
    expect(verdict).toBe('work');
    expect(findings.find(({ id }) => id === 'cut-off')).toMatchObject({ verdict: 'work', overridden: signed });
    const hot = { ...facts, controller: { ...facts.controller!, lossW: 90 } };
    expect(arranged('controller', hot, kits, signed)!.result.verdict).toBe('stop');
  });

  it('knows what another place wants of it', () => {
    const bay = bayOfBike(facts);
    const { centre } = bay.kind === 'open' ? bay.result.chosen! : { centre: [0, 0] as const };
    const across = {
      ...facts,
      cables: {
        ...facts.cables,
        anchors: [
          { id: 'Box', at: [...centre, 0] as [number, number, number], on: 'frame' as const },
          { id: 'Seat', at: [-60, 400, 0] as [number, number, number], on: 'frame' as const },
        ],
        runs: [{ id: 'Lead', path: ['Box', 'Seat'], suppliedMm: 2000 }],
      },
    };
    const stop = (station: RoomStation) =>
      arranged(station, across, kits)!.result.findings.some(({ id }) => id === 'joint.cable-battery.Box');
    expect([stop('cables'), stop('bay'), stop('power')]).toEqual([true, true, false]);
  });
});
