import type { BikeFacts } from '../bike-facts';
import type { KitFacts } from '../kit';
import { answering, type RoomStation } from '../whole-bike';
import { severity, worstFirst, type Finding, type Verdict } from '../verdict';
import { withOutfit } from './with-outfit';
import { withoutKit } from './without-kit';

/** What of a bike besides its axles a kit is held against before it is ordered. */
export const kitStations = ['bar', 'cranks', 'bay', 'rack', 'power'] as const satisfies readonly RoomStation[];
export type KitStation = (typeof kitStations)[number];

/** How a kit does at one station. */
export interface RoomOfKit {
  station: KitStation;
  verdict: Verdict;
  /** What decides; null where everything goes, or nothing could be asked. */
  decides: Finding | null;
  /** What must be measured or recorded before anything can be said; null where something could. */
  waitsFor: 'bike' | 'kit' | null;
  /** Of a battery in the frame: where it goes. */
  tube?: 'down' | 'seat';
}

/** A bike as it would be with a kit. For the kit that is chosen what was measured on the bike itself counts first. */
export function factsWithKit(
  facts: BikeFacts,
  { outfit = {} }: Pick<KitFacts, 'outfit'>,
  isChosen: boolean,
): BikeFacts {
  return withOutfit(isChosen ? facts : withoutKit(facts, outfit), outfit);
}

/**
 * Do bar, cranks, battery and power go with a kit, as far as bike and kit are measured? What is not measured of either is
 * `unknown`, never "goes"; what the kit does not have, or the job leaves out, is not asked.
 *
 * @param isChosen - whether what was measured on this bike was measured of this kit
 */
export function roomOfKit(facts: BikeFacts, kit: KitFacts, isChosen: boolean): RoomOfKit[] {
  const built = factsWithKit(facts, kit, isChosen);
  const { job } = facts;
  const isInWheel = kit.controller.topology === 'all-in-wheel' || job?.battery === 'wheel';
  const asked: Record<KitStation, boolean> = {
    bar: true,
    cranks: job?.sensor !== 'none',
    bay: !isInWheel && job?.battery !== 'rack' && job?.battery !== 'bag',
    rack: !isInWheel && job?.battery === 'rack',
    power: !isInWheel,
  };
  return kitStations
    .filter((station) => asked[station])
    .map((station) =>
      station === 'bay' && built.bay?.at?.tube === undefined
        ? eitherTube(built, kit)
        : answered(station, answering[station](built, [kit]), facts),
    );
}

/** Where nobody has said which tube, either will do: the one that is better. */
function eitherTube(built: BikeFacts, kit: KitFacts): RoomOfKit {
  const on = (tube: 'down' | 'seat'): RoomOfKit => {
    const answer = answering.bay({ ...built, bay: { ...built.bay, at: { tube } } }, [kit]);
    return { ...answered('bay', answer, built), ...(answer && { tube }) };
  };
  const down = on('down');
  if (down.waitsFor || down.verdict === 'goes') return down;
  const seat = on('seat');
  return severity[seat.verdict] < severity[down.verdict] ? seat : down;
}

function answered(
  station: KitStation,
  answer: { verdict: Verdict; findings: Finding[] } | null,
  /** As they were told. */
  facts: BikeFacts,
): RoomOfKit {
  if (!answer) return { station, verdict: 'unknown', decides: null, waitsFor: waits[station](facts) };
  const [worst] = worstFirst(answer.findings);
  return {
    station,
    verdict: answer.verdict,
    decides: worst && worst.verdict !== 'goes' ? worst : null,
    waitsFor: null,
  };
}

/** Whose figures are missing where a station has no answer. */
const waits: Record<KitStation, (facts: BikeFacts) => 'bike' | 'kit'> = {
  bar: () => 'bike',
  cranks: ({ cranks }) => (cranks ? 'kit' : 'bike'),
  bay: ({ frame }) => (frame?.tubes ? 'kit' : 'bike'),
  rack: () => 'bike',
  power: () => 'kit',
};
