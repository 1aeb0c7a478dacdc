import { said, type Said } from '../said';
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
  because?: Said;
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
          because: said('brake-levers.lever-for-cable-does-not-serve'),
        }
      : pullOf(lever.pull, own.end, input),
    reachOf(lever.reachMm, input),
    ...(own.oneWithShifter
      ? [
          {
            verdict: 'work' as const,
            because: said('brake-levers.one-piece-with-its-shifter'),
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
    return { verdict: 'unknown', because: said('brake-levers.it-is-not-known-whether-lever', { end }) };
  }
  if (pull === wants) return goes;
  return {
    verdict: 'stop',
    because: said('brake-levers.lever-pulls-brake-needs-it-would', {
      pullWords: pullWords[pull],
      end,
      pullWords2: pullWords[wants],
    }),
  };
}

const pullWords: Record<LeverPull, Said> = {
  long: said('brake-levers.long'),
  short: said('brake-levers.short'),
  hydraulic: said('brake-levers.fluid'),
};

function reachOf(reachMm: number | undefined, { hand }: BrakeLeversInput): Judged {
  if (!hand) return goes;
  if (reachMm === undefined)
    return { verdict: 'unknown', because: said('brake-levers.how-far-lever-stands-from-grip') };
  if (reachMm > hand.reachMm + dust) {
    return {
      verdict: 'work',
      because: said('brake-levers.lever-stands-from-grip-fingers-span', { reachMm, reachMm2: hand.reachMm }),
    };
  }
  return reachMm > hand.reachMm - nearReachMm + dust
    ? {
        verdict: 'goes',
        because: said('brake-levers.lever-stands-from-grip-near-that', { reachMm, reachMm2: hand.reachMm }),
      }
    : goes;
}

function switchOf(own: OwnLever, added: BrakeSwitch, { brakes }: BrakeLeversInput): Judged {
  if (added.kind === 'at-lever') return goes;
  const isHydraulic = own.pull === 'hydraulic' || brakes[own.end].pull === 'hydraulic';
  if (isHydraulic) return { verdict: 'stop', because: said('brake-levers.switch-in-cable-has-no-place') };
  return own.pull === undefined
    ? { verdict: 'unknown', because: said('brake-levers.it-is-not-known-whether-this') }
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
