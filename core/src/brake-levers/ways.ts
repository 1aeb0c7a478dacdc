import { dust, type Verdict } from '../verdict';
import type {
  BrakeEnd,
  BrakeLeversInput,
  BrakeSwitch,
  KitLever,
  LeverPull,
  LeverPurchase,
  LeverStep,
  LeverTool,
  LeverWay,
  OwnLever,
} from './contract';
import { leverSteps } from './contract';

/** What each step takes [J]. */
const minutesOf: Record<LeverStep, number> = {
  'lever-off': 2,
  'hose-off': 4,
  'lever-on': 3,
  'cable-new': 8,
  'hose-on': 6,
  bleed: 20,
  'switch-on': 5,
  'switch-trial': 1,
  bite: 4,
  hold: 1,
};
/** A lever that is reached by so little less than the hand's span is told [J]. */
export const nearReachMm = 5;
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;

interface Judged {
  verdict: Verdict;
  because?: string;
}
const goes: Judged = { verdict: 'goes' };

/** Every way to have a lever at one end, best first; none where a foot works the brake. */
export function waysAt(end: BrakeEnd, input: BrakeLeversInput): LeverWay[] {
  const own = input.levers.find((lever) => lever.end === end);
  if (!own) return [];
  const ways = [
    keep(own, input),
    ...input.switches.map((each) => withSwitch(own, each, input)),
    ...input.kit.map((lever) => replaced(own, lever, input)),
  ];
  return ways.sort(
    (a, b) =>
      rank[a.verdict] - rank[b.verdict] ||
      Number(b.cutOff === true) - Number(a.cutOff === true) ||
      a.minutes - b.minutes,
  );
}

function keep(own: OwnLever, input: BrakeLeversInput): LeverWay {
  const judged = [pullOf(own.pull, own.end, input), reachOf(own.reachMm, input)];
  return way(own.end, 'keep', judged, own.cutOff ?? null, moved(own, input), {});
}

function withSwitch(own: OwnLever, added: BrakeSwitch, input: BrakeLeversInput): LeverWay {
  const judged = [pullOf(own.pull, own.end, input), reachOf(own.reachMm, input), switchOf(own, added, input)];
  const { steps, tools, buy } = moved(own, input);
  const parts = { steps: [...steps, 'switch-on', 'switch-trial'] as LeverStep[], tools, buy };
  return way(own.end, 'switch', judged, true, parts, { switch: added.id });
}

function replaced(own: OwnLever, lever: KitLever, input: BrakeLeversInput): LeverWay {
  const isHydraulic = own.pull === 'hydraulic' || input.brakes[own.end].pull === 'hydraulic';
  const judged: Judged[] = [
    isHydraulic
      ? {
          verdict: 'stop',
          because: 'A lever for a cable does not serve a hydraulic brake, and its housing is never altered.',
        }
      : pullOf(lever.pull, own.end, input),
    reachOf(lever.reachMm, input),
    ...(own.oneWithShifter
      ? [
          {
            verdict: 'work' as const,
            because: 'The old lever is one piece with its shifter: a shifter of its own is needed.',
          },
        ]
      : []),
  ];
  const steps: LeverStep[] = [
    'lever-off',
    'lever-on',
    'cable-new',
    'bite',
    'hold',
    ...(lever.cutOff ? (['switch-trial'] as const) : []),
  ];
  const buy: LeverPurchase[] = ['cable', ...(own.oneWithShifter ? (['shifter'] as const) : [])];
  return way(
    own.end,
    'replace',
    judged,
    lever.cutOff,
    { steps, tools: ['hex-5', 'cable-cutter'], buy },
    { lever: lever.id },
  );
}

interface Work {
  steps: LeverStep[];
  tools: LeverTool[];
  buy: LeverPurchase[];
}

/** A lever that changes hands takes its cable or its hose along. */
function moved({ pull }: OwnLever, { swap }: BrakeLeversInput): Work {
  if (!swap) return { steps: [], tools: [], buy: [] };
  if (pull === 'hydraulic') {
    return {
      steps: ['lever-off', 'hose-off', 'lever-on', 'hose-on', 'bleed', 'bite', 'hold'],
      tools: ['hex-5', 'hose-cutter', 'bleed-set'],
      buy: ['hose-joints'],
    };
  }
  return {
    steps: ['lever-off', 'lever-on', 'cable-new', 'bite', 'hold'],
    tools: ['hex-5', 'cable-cutter'],
    buy: ['cable'],
  };
}

/** Whether a lever pulls what its brake needs. */
function pullOf(pull: LeverPull | undefined, end: BrakeEnd, { brakes }: BrakeLeversInput): Judged {
  const wants = brakes[end].pull;
  if (pull === undefined || wants === undefined) {
    return { verdict: 'unknown', because: `It is not known whether the lever pulls what the ${end} brake needs.` };
  }
  if (pull === wants) return goes;
  return {
    verdict: 'stop',
    because: `The lever pulls ${pullWords[pull]}, the ${end} brake needs ${pullWords[wants]}: it would bite late or hardly at all.`,
  };
}

const pullWords: Record<LeverPull, string> = { long: 'long', short: 'short', hydraulic: 'fluid' };

function reachOf(reachMm: number | undefined, { hand }: BrakeLeversInput): Judged {
  if (!hand) return goes;
  if (reachMm === undefined)
    return { verdict: 'unknown', because: 'How far the lever stands from the grip is not measured.' };
  if (reachMm > hand.reachMm + dust) {
    return {
      verdict: 'work',
      because: `The lever stands ${reachMm} mm from the grip, the fingers span ${hand.reachMm} mm: turn its reach screw in, with the rider’s hand.`,
    };
  }
  return reachMm > hand.reachMm - nearReachMm + dust
    ? {
        verdict: 'goes',
        because: `The lever stands ${reachMm} mm from the grip: near the ${hand.reachMm} mm that the fingers span.`,
      }
    : goes;
}

function switchOf(own: OwnLever, added: BrakeSwitch, { brakes }: BrakeLeversInput): Judged {
  if (added.kind === 'at-lever') return goes;
  const isHydraulic = own.pull === 'hydraulic' || brakes[own.end].pull === 'hydraulic';
  if (isHydraulic) return { verdict: 'stop', because: 'A switch in the cable has no place on a hydraulic brake.' };
  return own.pull === undefined
    ? { verdict: 'unknown', because: 'It is not known whether this brake has a cable that a switch could sit in.' }
    : goes;
}

function way(
  end: BrakeEnd,
  what: LeverWay['do'],
  judged: readonly Judged[],
  cutOff: boolean | null,
  { steps, tools, buy }: Work,
  more: Pick<LeverWay, 'lever' | 'switch'>,
): LeverWay {
  const worst = judged.reduce<Verdict>((least, { verdict }) => (rank[verdict] > rank[least] ? verdict : least), 'goes');
  const ordered = leverSteps.filter((step) => steps.includes(step));
  return {
    end,
    do: what,
    ...more,
    verdict: worst,
    cutOff,
    bleed: ordered.includes('bleed'),
    steps: ordered,
    tools,
    buy,
    minutes: ordered.reduce((sum, step) => sum + minutesOf[step], 0),
    because: judged.flatMap(({ because }) => because ?? []),
  };
}
