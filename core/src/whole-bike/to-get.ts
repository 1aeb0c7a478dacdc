import type { BikeFacts } from '../bike-facts';
import type { LeverPurchase } from '../brake-levers';
import type { ConnectionsResult } from '../connections';
import type { ToGet } from './contract';
import type { Answers } from './stations';

/** What has to be got so that everything besides the axles can be built as it was worked out. */
export function toGet(facts: BikeFacts, answers: Answers): ToGet[] {
  return [
    ...forBar(answers),
    ...forLevers(answers),
    ...forBay(answers),
    ...forPower(answers),
    ...forCables(facts, answers),
    ...forPlugs(answers),
  ];
}

function forBar({ bar }: Answers): ToGet[] {
  return (bar?.shims ?? []).map(({ id, mm }) => ({
    station: 'bar',
    part: 'other',
    what: `Sheet of ${tenth(mm)} mm`,
    because: `${id} is loose on the bar without it.`,
  }));
}

const leverParts: Record<LeverPurchase, Pick<ToGet, 'what' | 'part'>> = {
  shifter: { what: 'Shifter of its own', part: 'shifter' },
  cable: { what: 'Inner cable, housing, ferrules', part: 'other' },
  'hose-joints': { what: 'Joints for the hose', part: 'other' },
  'matching-lever': { what: 'Lever whose pull is the brake’s', part: 'lever' },
};

function forLevers({ levers }: Answers): ToGet[] {
  return (levers?.chosen ?? []).flatMap(({ end, buy }) =>
    buy.map((part) => ({
      station: 'levers' as const,
      ...leverParts[part],
      because: `The ${end} lever is moved or changed.`,
    })),
  );
}

function forBay({ bay }: Answers): ToGet[] {
  const needs = (id: string) =>
    bay?.findings.some((finding) => finding.id === id && finding.verdict === 'work') ?? false;
  const line = (what: string, because: string): ToGet => ({
    station: 'bay',
    part: 'other',
    what,
    because,
  });
  return [
    ...(needs('third-fixing')
      ? [line('Band round tube and battery', 'Two fixings alone do not hold its weight.')]
      : []),
    ...(needs('fixing') ? [line('Bands that cannot slip', 'The bosses do not hold the rail by themselves.')] : []),
  ];
}

function forPower({ power }: Answers): ToGet[] {
  const found = power?.findings.find(({ id, verdict }) => id === 'fuse' && verdict !== 'goes');
  const size = power?.fuseA;
  return found && size
    ? [
        {
          station: 'power',
          part: 'other',
          what: `Fuse of ${size} A, rated for the pack’s direct current`,
          because: found.because,
        },
      ]
    : [];
}

function forCables({ cables }: BikeFacts, answers: Answers): ToGet[] {
  const plugs = new Map((cables?.runs ?? []).map(({ id, plug }) => [id, plug]));
  return (answers.cables?.cables ?? [])
    .filter(({ spareMm, extensions }) => spareMm < 0 && !extensions)
    .map(({ id, neededMm }) => ({
      station: 'cables' as const,
      part: 'loom' as const,
      what: `Cable for ${id}, ${Math.ceil(neededMm / 10) * 10} mm or longer${plugs.get(id) ? `, plug ${plugs.get(id)}` : ''}`,
      because: `The one that is there does not reach in every position.`,
    }));
}

function forPlugs({ wiring }: Answers): ToGet[] {
  const half = ({ family, gender, key, pins }: ConnectionsResult['missing'][number]['from']) =>
    [family, gender === 'pin' ? 'pins' : 'sockets', ...(key ? [`key ${key}`] : []), `${pins} contacts`].join(', ');
  return (wiring?.missing ?? []).map(({ a, b, from, to }) => ({
    station: 'wiring',
    part: 'loom',
    what: `Adapter: ${half(from)}; to ${half(to)}`,
    because: `${a} and ${b} do not go together.`,
  }));
}

const tenth = (mm: number): number => Math.ceil(mm * 10 - 1e-9) / 10;
