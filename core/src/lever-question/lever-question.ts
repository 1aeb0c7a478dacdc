import type { BikeFacts } from '../bike-facts';
import {
  brakeLevers,
  type BrakeEnd,
  type BrakeLeversInput,
  type BrakeLeversResult,
  type LeverWay,
} from '../brake-levers';
import type { KitFacts } from '../kit';
import { addedId } from './added-name';

const ends = ['front', 'rear'] as const satisfies readonly BrakeEnd[];

/**
 * What the brake levers of one bike are asked, from what is known of it.
 *
 * @param kits - the kits that are chosen for it: one with a throttle asks for a cut-off
 * @returns null while its levers, or its brakes, are not written down
 */
export function leverQuestion(
  { levers, brakes, job, cranks }: BikeFacts,
  kits: readonly Pick<KitFacts, 'throttle' | 'assistedKmh'>[],
): BrakeLeversInput | null {
  const [front, rear] = [brakes?.front?.kind, brakes?.rear?.kind];
  if (!levers || !front || !rear) return null;
  const throttle = job?.throttle !== 'left-out' && kits.some((kit) => kit.throttle !== 'none');
  const pullOf = (end: BrakeEnd) => brakes?.[end]?.caliperPull;
  const [kit] = kits;
  return {
    brakes: {
      front: { kind: front, ...given('pull', pullOf('front')) },
      rear: { kind: rear, ...given('pull', pullOf('rear')) },
    },
    levers: ends.flatMap((end) => {
      const lever = levers[end];
      const kind = end === 'front' ? front : rear;
      if (!lever || kind === 'none' || kind === 'coaster') return [];
      return [{ end, ...lever, ...given('pull', brakes?.[end]?.leverPull) }];
    }),
    kit:
      levers.kitPull === undefined || levers.kitPull === 'none'
        ? []
        : [1, 2].map((number) => ({
            id: addedId('kit-lever', number),
            pull: levers.kitPull as 'long' | 'short',
            cutOff: levers.kitCutOff === true,
            ...given('reachMm', levers.kitReachMm),
          })),
    switches: [...numbered('in-line', levers.inLine), ...numbered('at-lever', levers.atLever)],
    throttle,
    swap: levers.swap,
    ...(levers.handReachMm !== undefined && { hand: { reachMm: levers.handReachMm } }),
    // The motor runs on for as long as its sensor lets it.
    ...(cranks && kit && { drive: { stopMs: cranks.stopMs, assistedKmh: kit.assistedKmh } }),
  };
}

function numbered(kind: 'in-line' | 'at-lever', count: number) {
  return Array.from({ length: count }, (_, at) => ({ id: addedId(kind, at + 1), kind }));
}

const given = <K extends string, V>(name: K, value: V | undefined): { [name in K]?: V } =>
  value === undefined ? {} : ({ [name]: value } as { [name in K]?: V });

/** What the rider's page calls the ways that were chosen: new levers, own ones with a switch, or own ones alone. */
export function leversChosen(chosen: readonly LeverWay[]): 'kit' | 'own' | 'own-and-switch' {
  if (chosen.some((way) => way.do === 'replace')) return 'kit';
  return chosen.some((way) => way.do === 'switch') ? 'own-and-switch' : 'own';
}

/** The levers of one bike, answered; null while something is not written down. */
export function leversOfBike(facts: BikeFacts, kits: Parameters<typeof leverQuestion>[1]): BrakeLeversResult | null {
  const question = leverQuestion(facts, kits);
  return question && brakeLevers(question);
}
