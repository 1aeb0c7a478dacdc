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
  if (boxC <= mostC + dust) return finding('heat', 'goes', `At full loss it gets ${Math.round(boxC)} °C.`, figures);
  const where = around === 'open' ? 'Where it is' : closedIn ? 'In its box' : 'Closed in';
  return finding(
    'heat',
    'stop',
    `${where} it gets ${Math.round(boxC)} °C at full loss; ${mostC} °C are the most.`,
    figures,
    [
      around === 'open'
        ? 'Put it where the wind comes to it, on metal that leads the heat away.'
        : 'Take it out into the open air, or give it a larger box of metal.',
      'Or set the controller to less current.',
    ],
  );
}

function air({ gaps }: ControllersInput): Finding[] {
  if (!gaps) return [notMeasured('air.below', 'The air round the controller')];
  const gap = (id: string, measured: number, limit: number, where: string) => {
    const figures = { measured, limit, margin: measured - limit };
    return measured >= limit - dust
      ? finding(id, 'goes', `There is air ${where} it.`, figures)
      : finding(id, 'work', `There is too little air ${where} it.`, figures, [`Leave ${limit} mm of air ${where} it.`]);
  };
  return [
    gap('air.below', gaps.belowMm, leastBelowMm, 'below'),
    gap('air.around', gaps.aroundMm, leastAroundMm, 'around'),
  ];
}

const padding = told('padding', 'work', 'Padding on its sides keeps the heat in.', [
  'Pad what would rub, and leave its sides bare.',
]);

function exits(way: ControllersInput['exits']): Finding {
  if (way === undefined)
    return told('exits', 'unknown', 'Nobody has said which way its cables leave.', ['Look at it.']);
  if (way === 'down') return told('exits', 'goes', 'Its cables leave downwards: water runs off them.');
  return told(
    'exits',
    'work',
    way === 'up'
      ? 'Its cables leave upwards: water runs along them into it.'
      : 'Its cables leave sideways: water finds its way along them.',
    ['Turn it so that they leave downwards, or lead them through a drip loop.'],
  );
}

function water({ splashed, watertight, around }: ControllersInput): Finding {
  if (splashed === undefined)
    return told('water', 'unknown', 'Nobody has said whether spray comes to it.', ['Look along the wheels.']);
  if (!splashed || watertight === true) return told('water', 'goes', 'Water does not come into it.');
  return told('water', around === 'open' ? 'stop' : 'work', 'Spray comes to it, and it is not closed against water.', [
    'Put it out of the spray, behind a guard, or in a box that drains.',
  ]);
}

function plug({ id, lengthMm, neededMm }: ControllersInput['plugs'][number]): Finding {
  const figures = { measured: lengthMm, limit: neededMm, margin: lengthMm - neededMm };
  return lengthMm >= neededMm - dust
    ? finding(`plug-reach.${id}`, 'goes', `The cable of ${id} reaches its plug.`, figures)
    : finding(`plug-reach.${id}`, 'work', `The cable of ${id} does not reach its plug.`, figures, [
        'Put an extension with the same plugs in, or the controller nearer.',
      ]);
}
