import { cableRunsExample } from '../../calc/examples';
import type { BikeFacts } from '../bike-facts';
import { cableRuns, placesAt, type CableRunsResult } from '../cable-runs';
import { answerCables, cableQuestion, usualAnchors, usualSteering, usualTurning, type BikeAnchor } from '.';
import { say } from '../english.testing';

const { head, forkTravelMm, anchors, cables, extensions, discs, crank } = cableRunsExample;
const listed: BikeAnchor[] = Object.entries(anchors).map(([id, anchor]) => ({ id, ...anchor }));
const facts: BikeFacts = {
  cables: {
    steering: { head, forkTravelMm },
    turning: { discs, crank },
    anchors: listed,
    runs: cables,
    extensions,
  },
};
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;
const answer = (of: BikeFacts): CableRunsResult => {
  const question = cableQuestion(of);
  if (Array.isArray(question)) throw new Error(question.join());
  const { result, contradiction } = answerCables(question);
  if (!result) throw new Error(say(contradiction!));
  return result;
};
const sizes = { beadSeatMm: 622, wheelbaseMm: 1080, chainStayMm: 445 };

describe('what the cables of a bike are asked', () => {
  it('is nothing as long as something is missing, and names it', () => {
    expect(cableQuestion({})).toEqual(['steering', 'turning', 'anchors', 'runs']);
    expect(cableQuestion({ cables: { ...facts.cables, runs: [] } })).toEqual(['runs']);
  });

  it('is answered as the calculator answers', () => {
    expect(answer(facts)).toEqual(cableRuns(cableRunsExample));
  });

  it('never goes over places that nobody has measured, unless no cable runs there', () => {
    const known = answer(facts);
    const guess = (id: string) => ({
      ...facts,
      cables: { ...facts.cables, anchors: listed.map((each) => (each.id === id ? { ...each, guessed: true } : each)) },
    });
    expect(rank[answer(guess('stem')).verdict]).toBeGreaterThanOrEqual(rank.unknown);
    expect(say(answer(guess('stem')).findings.find(({ id }) => id === 'guessed')!.because)).toContain('stem');
    const extra: BikeAnchor = { id: 'spare', at: [0, 0, 0], on: 'frame', guessed: true };
    expect(answer({ ...facts, cables: { ...facts.cables, anchors: [...listed, extra] } }).verdict).toBe(known.verdict);
  });

  it('never goes on a folding bike whose folded places are not measured', () => {
    const folds = { ...facts, job: { folds: true } };
    expect(rank[answer(folds).verdict]).toBeGreaterThanOrEqual(rank.unknown);
    const poses = [{ id: 'folded', at: { stem: [0, 300, 100] as [number, number, number] } }];
    const measured = answer({ ...folds, cables: { ...facts.cables, poses } });
    expect(measured.findings.some(({ id }) => id === 'folded')).toBe(false);
    expect(measured.cables[0]!.neededMm).toBeGreaterThan(answer(facts).cables[0]!.neededMm);
  });

  it('tells what contradicts itself', () => {
    const onArm = listed.map((each) => (each.id === 'controller' ? { ...each, on: 'swingarm' as const } : each));
    const question = cableQuestion({ cables: { ...facts.cables, anchors: onArm } });
    if (Array.isArray(question)) throw new Error('missing');
    expect(answerCables(question)).toMatchObject({
      result: null,
      contradiction: { said: 'input.is-missing', with: { path: 'rearTravel' } },
    });
  });
});

describe('places that looms mostly run over', () => {
  it('are all guessed, and can be asked about as they are', () => {
    const guessed = usualAnchors({}, sizes, say);
    expect(guessed.every((anchor) => anchor.guessed)).toBe(true);
    expect(new Set(guessed.map(({ id }) => id)).size).toBe(guessed.length);
    const run = { id: 'motor', path: ['Rear axle', 'Chain stay', 'Bottom bracket', 'Controller'], suppliedMm: 1500 };
    const { verdict } = answer({
      cables: {
        steering: usualSteering({}, sizes),
        turning: usualTurning({}, sizes, say),
        anchors: guessed,
        runs: [run],
      },
    });
    expect(rank[verdict]).toBeGreaterThanOrEqual(rank.unknown);
  });

  it('follow the measured head tube', () => {
    const frame = {
      tubes: {
        down: { lengthMm: 575, diameterMm: 40, angleDeg: 45.3 },
        seat: { lengthMm: 430, diameterMm: 32, angleDeg: 73.2 },
        top: { lengthMm: 505, diameterMm: 32, angleDeg: 6.8 },
        head: { lengthMm: 71, diameterMm: 36, angleDeg: 72 },
      },
    };
    expect(usualSteering({ frame }, sizes).head.angleDeg).toBe(72);
    expect(usualSteering({ frame }, sizes).head.point[0]).toBeGreaterThan(400);
  });
});

describe('places at one setting', () => {
  it('are where they were while nothing is moved, and turn with the bars', () => {
    const neutral = placesAt(cableRunsExample, { steerDeg: 0, travelMm: 0, swingDeg: 0 });
    expect(neutral.anchors.stem).toEqual(anchors.stem!.at);
    expect(neutral.discs['front wheel']).toEqual(discs[0]!.centre);
    const left = placesAt(cableRunsExample, { steerDeg: 40, travelMm: 0, swingDeg: 0 }).anchors;
    expect(left['down tube']).toEqual(anchors['down tube']!.at);
    // Bars to the left: what is on their left side comes back towards the rider.
    expect(left.throttle![0]).toBeLessThan(anchors.throttle!.at[0]);
    const away = (at: readonly number[]) => Math.hypot(at[0]! - head.point[0], at[1]! - head.point[1], at[2]!);
    expect(away(left.throttle!)).toBeCloseTo(away(anchors.throttle!.at), 9);
    const pressed = placesAt(cableRunsExample, { steerDeg: 0, travelMm: 30, swingDeg: 0 });
    expect(pressed.discs['front wheel']![1]).toBeGreaterThan(discs[0]!.centre[1]);
  });

  it('are the folded ones in a pose', () => {
    const poses = [{ id: 'folded', at: { stem: [0, 300, 100] as [number, number, number] } }];
    const setting = { steerDeg: 0, travelMm: 0, swingDeg: 0, pose: 'folded' };
    const { anchors: placed } = placesAt({ ...cableRunsExample, poses }, setting);
    expect(placed.stem).toEqual([0, 300, 100]);
    expect(placed.throttle).toEqual(anchors.throttle!.at);
  });
});
