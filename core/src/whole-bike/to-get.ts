import { said, type Said } from '../said';
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
    what: said('whole-bike.sheet', { mm: tenth(mm) }),
    because: said('whole-bike.loose-on-bar', { id }),
  }));
}

const leverParts: Record<LeverPurchase, Pick<ToGet, 'what' | 'part'>> = {
  shifter: { what: said('whole-bike.shifter-of-its-own'), part: 'shifter' },
  cable: { what: said('whole-bike.inner-cable-housing-ferrules'), part: 'other' },
  'hose-joints': { what: said('whole-bike.joints-for-hose'), part: 'other' },
  'matching-lever': { what: said('whole-bike.lever-whose-pull-is-brake'), part: 'lever' },
};

function forLevers({ levers }: Answers): ToGet[] {
  return (levers?.chosen ?? []).flatMap(({ end, buy }) =>
    buy.map((part) => ({
      station: 'levers' as const,
      ...leverParts[part],
      because: said('whole-bike.lever-is-changed', { end }),
    })),
  );
}

function forBay({ bay }: Answers): ToGet[] {
  const needs = (id: string) =>
    bay?.findings.some((finding) => finding.id === id && finding.verdict === 'work') ?? false;
  const line = (what: Said, because: Said): ToGet => ({
    station: 'bay',
    part: 'other',
    what,
    because,
  });
  return [
    ...(needs('third-fixing') ? [line(said('whole-bike.band'), said('whole-bike.two-fixings-do-not-hold'))] : []),
    ...(needs('fixing') ? [line(said('whole-bike.bands'), said('whole-bike.bosses-do-not-hold'))] : []),
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
          what: said('whole-bike.fuse-of-rated-for-pack-direct', { size }),
          because: found.because,
        },
      ]
    : [];
}

function forCables({ cables }: BikeFacts, answers: Answers): ToGet[] {
  const plugs = new Map((cables?.runs ?? []).map(({ id, plug }) => [id, plug]));
  return (answers.cables?.cables ?? [])
    .filter(({ spareMm, extensions }) => spareMm < 0 && !extensions)
    .map(({ id, neededMm }) => {
      const plug = plugs.get(id);
      const cable = { id, leastMm: Math.ceil(neededMm / 10) * 10 };
      return {
        station: 'cables' as const,
        part: 'loom' as const,
        what: plug ? said('whole-bike.cable-with-plug', { ...cable, plug }) : said('whole-bike.cable', cable),
        because: said('whole-bike.cable-does-not-reach'),
      };
    });
}

function forPlugs({ wiring }: Answers): ToGet[] {
  const half = ({ family, gender, key, pins }: ConnectionsResult['missing'][number]['from']) =>
    said(key ? 'whole-bike.plug-with-key' : 'whole-bike.plug', { family, gender, pins, ...(key && { key }) });
  return (wiring?.missing ?? []).map(({ a, b, from, to }) => ({
    station: 'wiring',
    part: 'loom',
    what: said('whole-bike.adapter', { from: half(from), to: half(to) }),
    because: said('whole-bike.do-not-go-together', { a, b }),
  }));
}

const tenth = (mm: number): number => Math.ceil(mm * 10 - 1e-9) / 10;
