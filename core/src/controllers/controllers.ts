import { said } from '../said';
import { readInput } from '../input';
import { dust, finding, notMeasured, told, worstFirst, worstOf, type Finding } from '../verdict';
import { ControllersInput, type ControllersResult } from './contract';

/** What still air takes from a warm surface, in W/(m²·K) [J]. */
const carriedOff = 8;
/** Hotter than this nothing that is closed should get [J]. */
const mostC = 60;
const usualAirC = 35;
const leastBelowMm = 10;
const leastAroundMm = 5;
/** Padding on the sides leaves so much of them to the air [J]. */
const throughPadding = 0.3;

/**
 * Does a controller keep cool and dry where it is put, and do its plugs reach?
 *
 * Its heat goes through its sides into still air, through those of the box round it where there is one: heat over 8 W/(m²·K) times
 * the surface above the air's temperature. It wants 10 mm of air below and 5 mm around, its cables downwards, no spray, and slack
 * at every plug.
 *
 * @param input - the controller's size and heat, what is round it, gaps, exits, water, plugs
 * @returns how hot it gets, and a finding for each rule
 * @throws InputError for values out of range
 *
 * @example controllers({ box: { lengthMm: 120, widthMm: 60, heightMm: 35 }, lossW: 12, airC: 30, around: 'open', … }).boxC
 */
export function controllers(input: ControllersInput): ControllersResult {
  const read = readInput(ControllersInput, input);
  const { lossW, around, airC = usualAirC } = read;
  const surface = surfaceOf(around === 'open' ? read.box : (read.closedIn ?? read.box));
  const surfaceM2 = surface * (around === 'padded' ? throughPadding : 1);
  const boxC = airC + lossW / (carriedOff * surfaceM2);
  const mostLossW = Math.max(0, mostC - airC) * carriedOff * surfaceM2;
  const findings = [
    heat(read, boxC),
    ...air(read),
    ...(around === 'padded' ? [padding] : []),
    exits(read.exits),
    water(read),
    ...read.plugs.map(plug),
  ];
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    surfaceM2,
    boxC,
    mostLossW,
  };
}

function surfaceOf({ lengthMm, widthMm, heightMm }: ControllersInput['box']): number {
  return (2 * (lengthMm * widthMm + lengthMm * heightMm + widthMm * heightMm)) / 1e6;
}

function heat({ around, closedIn }: ControllersInput, boxC: number): Finding {
  const figures = { measured: boxC, limit: mostC, margin: mostC - boxC, unit: '°C' };
  if (boxC <= mostC + dust)
    return finding('heat', 'goes', said('controllers.at-full-loss-it-gets-c', { boxC: Math.round(boxC) }), figures);
  const where = around === 'open' ? 'open' : closedIn ? 'box' : 'closed';
  return finding(
    'heat',
    'stop',
    said('controllers.it-gets-c-at-full-loss', { where, boxC: Math.round(boxC), mostC }),
    figures,
    [
      around === 'open'
        ? said('controllers.put-it-where-wind-comes-to')
        : said('controllers.take-it-out-into-open-air'),
      said('controllers.or-set-controller-to-less-current'),
    ],
  );
}

function air({ gaps }: ControllersInput): Finding[] {
  if (!gaps) return [notMeasured('air.below', said('controllers.air-round-controller'))];
  const gap = (id: string, measured: number, limit: number, where: 'below' | 'around') => {
    const figures = { measured, limit, margin: measured - limit };
    return measured >= limit - dust
      ? finding(id, 'goes', said('controllers.there-is-air-it', { where }), figures)
      : finding(id, 'work', said('controllers.there-is-too-little-air-it', { where }), figures, [
          said('controllers.leave-of-air-it', { limit, where }),
        ]);
  };
  return [
    gap('air.below', gaps.belowMm, leastBelowMm, 'below'),
    gap('air.around', gaps.aroundMm, leastAroundMm, 'around'),
  ];
}

const padding = told('padding', 'work', said('controllers.padding-on-its-sides-keeps-heat'), [
  said('controllers.pad-what-would-rub-and-leave'),
]);

function exits(way: ControllersInput['exits']): Finding {
  if (way === undefined)
    return told('exits', 'unknown', said('controllers.nobody-has-said-which-way-its'), [
      said('controllers.look-at-it'),
    ]);
  if (way === 'down') return told('exits', 'goes', said('controllers.its-cables-leave-downwards-water-runs'));
  return told(
    'exits',
    'work',
    way === 'up'
      ? said('controllers.its-cables-leave-upwards-water-runs')
      : said('controllers.its-cables-leave-sideways-water-finds'),
    [said('controllers.turn-it-so-that-they-leave')],
  );
}

function water({ splashed, watertight, around }: ControllersInput): Finding {
  if (splashed === undefined)
    return told('water', 'unknown', said('controllers.nobody-has-said-whether-spray-comes'), [
      said('controllers.look-along-wheels'),
    ]);
  if (!splashed || watertight === true) return told('water', 'goes', said('controllers.water-does-not-come-into-it'));
  return told('water', around === 'open' ? 'stop' : 'work', said('controllers.spray-comes-to-it-and-it'), [
    said('controllers.put-it-out-of-spray-behind'),
  ]);
}

function plug({ id, lengthMm, neededMm }: ControllersInput['plugs'][number]): Finding {
  const figures = { measured: lengthMm, limit: neededMm, margin: lengthMm - neededMm };
  return lengthMm >= neededMm - dust
    ? finding(`plug-reach.${id}`, 'goes', said('controllers.cable-of-reaches-its-plug', { id }), figures)
    : finding(`plug-reach.${id}`, 'work', said('controllers.cable-of-does-not-reach-its', { id }), figures, [
        said('controllers.put-extension-with-same-plugs-in'),
      ]);
}
