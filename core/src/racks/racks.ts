import { said } from '../said';
import { readInput } from '../input';
import { dust, finding, notRecorded, told, worstFirst, worstOf, type Finding } from '../verdict';
import { RacksInput, type RacksResult } from './contract';

/** A kerb throws the pack about with so many times its weight. */
const throws = 3;
const gravity = 9.81;
const leastFixings = 3;
/** A pack may stand over its rack by so much of its length, or of its width [J]. */
const overhang = 0.1;

/**
 * Does a rack carry the battery, and does the battery stay on it?
 *
 * Pack and luggage together within what its maker allows, bolted at three places at least, the pack not much longer or wider than
 * the rack, its straps good for three times its weight; and the rear wheel good for what comes onto it.
 *
 * @param input - rack, pack, luggage, straps, and the rear wheel where it is known
 * @returns what it carries, what straps must hold and do hold
 * @throws InputError for values out of range
 *
 * @example racks({ pack: { massKg: 4, … }, straps: [{ holdsN: 100 }, { holdsN: 100 }], … }).neededN // 117.72
 */
export function racks(input: RacksInput): RacksResult {
  const read = readInput(RacksInput, input);
  const { pack, luggageKg, straps, restKg, rearShare } = read;
  const loadKg = pack.massKg + luggageKg;
  const neededN = throws * gravity * pack.massKg;
  const heldN = straps.reduce((sum, { holdsN }) => sum + holdsN, 0);
  const rearKg = restKg === undefined || rearShare === undefined ? undefined : restKg * rearShare + loadKg;
  const findings = [
    rated(read, loadKg),
    fixings(read),
    ...(read.rack.onSeatPost ? [seatPost] : []),
    room(read),
    hold(read, neededN, heldN),
    ...wheel(read, rearKg),
  ];
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    loadKg,
    neededN,
    heldN,
    ...(rearKg !== undefined && { rearKg }),
  };
}

function rated({ rack: { ratedKg } }: RacksInput, loadKg: number): Finding {
  if (ratedKg === undefined) return notRecorded('rack-rated', said('racks.what-rack-may-carry'));
  const figures = { measured: loadKg, limit: ratedKg, margin: ratedKg - loadKg, unit: 'kg' };
  return loadKg <= ratedKg + dust
    ? finding('rack-rated', 'goes', said('racks.rack-is-made-for-pack-and'), figures)
    : finding('rack-rated', 'stop', said('racks.pack-and-luggage-together-are-more'), figures, [
        said('racks.take-rack-that-is-made-for'),
      ]);
}

function fixings({ rack }: RacksInput): Finding {
  const figures = { measured: rack.fixings, limit: leastFixings, margin: rack.fixings - leastFixings, unit: '' };
  return rack.fixings >= leastFixings
    ? finding('rack-fixings', 'goes', said('racks.rack-is-held-at-places', { fixings: rack.fixings }), figures)
    : finding('rack-fixings', 'stop', said('racks.rack-is-held-at-places-it', { fixings: rack.fixings }), figures, [
        said('racks.bolt-it-at-both-dropouts-and'),
      ]);
}

const seatPost = told('rack-seat-post', 'stop', said('racks.rack-on-seat-post-alone-turns'), [
  said('racks.take-rack-with-struts-to-dropouts'),
]);

function room({ rack, pack }: RacksInput): Finding {
  const over = Math.max(pack.lengthMm / rack.lengthMm, pack.widthMm / rack.widthMm) - 1;
  const figures = {
    measured: 100 * Math.max(0, over),
    limit: 100 * overhang,
    margin: 100 * (overhang - Math.max(0, over)),
    unit: '%',
  };
  return over <= overhang + dust
    ? finding('rack-room', 'goes', said('racks.pack-lies-on-rack'), figures)
    : finding('rack-room', 'work', said('racks.pack-stands-far-over-rack'), figures, [
        said('racks.put-plate-under-it-that-is'),
      ]);
}

function hold({ pack, straps }: RacksInput, neededN: number, heldN: number): Finding {
  const figures = { measured: heldN, limit: neededN, margin: heldN - neededN, unit: 'N' };
  if (heldN >= neededN - dust && straps.length >= 2) {
    return finding('straps', 'goes', said('racks.straps-hold-three-times-its-weight'), figures);
  }
  const remedy = [said('racks.strap-it-twice-with-straps-that')];
  if (pack.onRail) return finding('straps', 'work', said('racks.its-rail-alone-holds-it-strap'), figures, remedy);
  return finding(
    'straps',
    'stop',
    straps.length < 2 ? said('racks.one-strap-is-hinge') : said('racks.straps-do-not-hold-three-times'),
    figures,
    remedy,
  );
}

function wheel({ rearMostKg }: RacksInput, rearKg: number | undefined): Finding[] {
  if (rearKg === undefined || rearMostKg === undefined) return [];
  const figures = { measured: rearKg, limit: rearMostKg, margin: rearMostKg - rearKg, unit: 'kg' };
  return [
    rearKg <= rearMostKg + dust
      ? finding('rear-load', 'goes', said('racks.rear-wheel-bears-what-comes-onto'), figures)
      : finding('rear-load', 'stop', said('racks.more-comes-onto-rear-wheel-than'), figures, [
          said('racks.carry-pack-in-frame-or-less'),
        ]),
  ];
}
