import { said } from '../said';
import { InputError, readInput } from '../input';
import { worstFirst, worstOf } from '../verdict';
import { CableRunsInput, type CableRunsResult } from './contract';
import { judgeCable, type JudgedCable } from './judge-cable';
import { Movements } from './movements';

/**
 * Does every cable reach along its path, wherever bars, fork and swingarm stand, and does it stay off what turns?
 *
 * A span between parts that move against each other is as long as the longest of all positions at once; what it needs is that,
 * a twentieth more, and its bend at both ends. Near a wheel, a rotor or the cranks, in the chain or under a nut it is refused, and
 * an anchor that leads it round is looked for.
 *
 * @param input - head, travel, anchors and what they are on, cables with their paths, what turns, how the bike folds
 * @returns each cable with its spans, what is spare, extensions, ties
 * @throws InputError for values out of range, a path over anchors that are not there, a swingarm whose travel is not given
 *
 * @example
 * cableRuns({ head: { point: [420, 500, 0], angleDeg: 72, lockDeg: { left: 60, right: 60 } }, … }).cables[0]
 * // { id: 'throttle', verdict: 'goes', neededMm: 812.4, spareMm: 37.6, spans: [ … ], tiesMm: [0, 141.2, …] }
 */
export function cableRuns(input: CableRunsInput): CableRunsResult {
  const read = readInput(CableRunsInput, input);
  refuseContradictions(read);
  const moves = new Movements(read);
  const judged: JudgedCable[] = [];
  let there = read.extensions;
  for (const cable of read.cables) {
    const found = judgeCable(cable, read, moves, there);
    judged.push(found);
    there = there.filter(({ id }) => !found.run.extensions?.includes(id));
  }
  return {
    verdict: worstOf(judged.map(({ run }) => run.verdict)),
    findings: worstFirst(judged.flatMap(({ findings }) => findings)),
    cables: judged.map(({ run }) => run),
  };
}

function refuseContradictions(input: CableRunsInput): void {
  const { anchors, cables, discs, poses = [], rearTravel, chain, extensions } = input;
  const known = Object.keys(anchors).join(', ');
  for (const [at, { path }] of cables.entries()) {
    if (path.length < 2) throw new InputError(`cables.${at}.path`, path, said('cable-runs.at-least-two-anchors'));
    for (const [step, id] of path.entries()) {
      if (!Object.hasOwn(anchors, id))
        throw new InputError(`cables.${at}.path.${step}`, id, said('cable-runs.one-of-anchors', { known }));
    }
  }
  for (const [at, pose] of poses.entries()) {
    for (const id of Object.keys(pose.at)) {
      if (!Object.hasOwn(anchors, id))
        throw new InputError(`poses.${at}.at.${id}`, id, said('cable-runs.one-of-anchors', { known }));
    }
  }
  const swings = [...Object.values(anchors), ...discs].some(({ on }) => on === 'swingarm');
  if (swings && !rearTravel)
    throw new InputError('rearTravel', undefined, said('cable-runs.given-since-something-is-on-swingarm'));
  if (chain && chain.loop.length < 3)
    throw new InputError('chain.loop', chain.loop, said('cable-runs.at-least-three-corners'));
  if (chain && chain.zMm[1] < chain.zMm[0]) {
    throw new InputError(
      'chain.zMm.1',
      chain.zMm[1],
      said('cable-runs.at-least-where-it-begins', { zMm: chain.zMm[0] }),
    );
  }
  refuseTwice('cables', cables);
  refuseTwice('extensions', extensions);
}

function refuseTwice(path: string, items: readonly { id: string }[]): void {
  const at = items.findIndex(({ id }, index) => items.findIndex((item) => item.id === id) < index);
  if (at >= 0) throw new InputError(`${path}.${at}.id`, items[at]!.id, said('shared.another-one-than-those-before-it'));
}
