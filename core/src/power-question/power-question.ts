import { said, type Said } from '../said';
import type { BikeFacts } from '../bike-facts';
import { InputError } from '../input';
import type { KitFacts } from '../kit';
import { otherPack } from '../pack-instead';
import { powerPath, type PowerPathInput, type PowerPathResult } from '../power-path';
import { dust, finding, told, withFindings, type Finding } from '../verdict';
import type { BikeAccessory } from '../bike-facts/power';

/** What a path cannot be without. */
export const pathNeeds = ['pack', 'chain', 'controller', 'charger'] as const;
export type PathNeed = (typeof pathNeeds)[number];

export type PowerOfBike =
  | { kind: 'waiting'; missing: PathNeed[] }
  /** What is written down contradicts itself. */
  | { kind: 'contradiction'; because: Said }
  | { kind: 'open'; input: PowerPathInput; result: PowerPathResult };

/**
 * The way of the current from cell to motor on one bike, from what is written down of it. As long as something was not looked at
 * nothing goes.
 *
 * @param kits - the kits that are chosen for it: two motors draw on the one battery
 */
export function powerOfBike({ power, job }: BikeFacts, kits: readonly Pick<KitFacts, 'controller'>[]): PowerOfBike {
  const { pack, chain, controller, charger, accessories } = power ?? {};
  if (!pack || !chain || !controller || !charger) {
    return { kind: 'waiting', missing: pathNeeds.filter((need) => power?.[need] === undefined) };
  }
  const input: PowerPathInput = {
    battery: pack.battery,
    chain,
    controller,
    charger,
    accessories: (accessories ?? []).map(({ id, fromV, toV, watts, from }) => ({
      id,
      volts: [fromV, toV],
      watts,
      from,
    })),
  };
  const answer = answered(input);
  if (answer instanceof InputError) return { kind: 'contradiction', because: answer.says };
  const further = [
    otherPack(pack.of, job?.pack),
    bothMotors(controller.batteryA, kits),
    ...(accessories ? accessories.map(trial) : [notLooked]),
  ].filter((each): each is Finding => each !== null);
  return { kind: 'open', input, result: withFindings(answer, further) };
}

function answered(input: PowerPathInput): PowerPathResult | InputError {
  try {
    return powerPath(input);
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

const notLooked = told('accessories', 'unknown', said('power-question.nobody-has-said-yet-what-else'), [
  said('power-question.look-for-lights-horn-and-sockets'),
]);

/** Two controllers on one pack: the current that is reckoned with must be that of both. */
function bothMotors(batteryA: number, kits: readonly Pick<KitFacts, 'controller'>[]): Finding | null {
  if (kits.length < 2) return null;
  const each = kits.map(({ controller }) => controller.batteryA);
  if (each.some((amps) => amps === undefined)) {
    return told('both-motors', 'unknown', said('power-question.two-motors-draw-on-this-battery'), [
      said('power-question.record-current-of-both-controllers'),
    ]);
  }
  const sumA = each.reduce<number>((sum, amps) => sum + amps!, 0);
  if (batteryA >= sumA - dust) return null;
  return finding(
    'both-motors',
    'unknown',
    said('power-question.two-motors-draw-on-this-battery-here'),
    { measured: batteryA, limit: sumA, margin: batteryA - sumA, unit: 'A' },
    [said('power-question.write-down-sum-of-both-limits')],
  );
}

/** Lights are tried before the bike goes out; what stays dark stops it. */
function trial({ id, kind, works }: BikeAccessory): Finding | null {
  if (works === false) {
    return told(`trial.${id}`, kind === 'other' ? 'work' : 'stop', said('power-question.does-not-work', { id }), [
      said('power-question.look-at-its-plug-its-voltage'),
    ]);
  }
  return works === true
    ? told(`trial.${id}`, 'goes', said('power-question.was-tried-and-works', { id }))
    : told(`trial.${id}`, 'work', said('power-question.was-not-tried-yet', { id }), [
        said('power-question.switch-it-on-and-look-at'),
      ]);
}
