import { said } from '../said';
import { conditionRule, facesRule } from '../bike-checks';
import { isCarbon, needsApproval } from '../features';
import { type EndFacts } from '../end-facts';
import { withLimits } from '../limits';
import type { Wheel } from '../parts';
import { finding, told, type Finding } from '../verdict';
import type { EndFitInput } from './contract';

/** What is judged of the end itself, whatever wheel goes in: condition, faces, the maker's word, brake and chain. */
export function endFindings({ facts, wheel, approval, limits: own }: EndFitInput): Finding[] {
  if (isCarbon(facts)) return [];
  const { condition } = facts;
  return [
    condition === null ? null : conditionRule(condition),
    aluminiumKind(facts),
    makerApproval(facts, approval),
    facts.faceAngleDeg === null ? null : facesRule(facts.faceAngleDeg, withLimits(own).faceAngleDeg),
    ...brakeRules(facts, wheel),
    rotorReadings(facts),
    sprocketSeat(facts, wheel),
  ].filter((item): item is Finding => item !== null);
}

/** "Aluminium, not sure which" goes on as cast: the weaker of the two. */
function aluminiumKind({ aluminiumUnsure }: EndFacts): Finding | null {
  if (!aluminiumUnsure) return null;
  return told('aluminium-kind', 'work', said('end-fit.which-aluminium-it-is-nobody-could'), [
    said('end-fit.ask-maker-whether-it-is-forged'),
  ]);
}

function makerApproval(facts: EndFacts, approval: EndFitInput['approval']): Finding | null {
  if (!needsApproval(facts)) return null;
  const metals = [facts.material, facts.bladeMaterial];
  const weak = facts.suspension === true || metals.includes('cast-aluminium') || metals.includes('magnesium');
  const filed = facts.sides.left.filedMm > 0 || facts.sides.right.filedMm > 0;
  const what = facts.suspension
    ? said('shared.suspension-fork')
    : weak
      ? said('shared.cast-or-magnesium-fork-end')
      : filed
        ? said('shared.filed-aluminium-fork-end')
        : said('shared.aluminium-fork-end');
  const write = said('end-fit.ask-maker-write-down-who-said');
  if (facts.makerApproval === null) {
    return told('maker-approval', 'unknown', said('end-fit.whether-its-maker-allows-motor-in', { what }), [write]);
  }
  if (!facts.makerApproval) {
    return weak || filed
      ? told('maker-approval', 'stop', said('shared.motor-in-needs-its-maker-word', { what }), [
          write,
          said('shared.change-to-rigid-steel-fork'),
          said('shared.fit-motor-at-rear'),
        ])
      : told('maker-approval', 'work', said('end-fit.maker-of-has-not-been-asked', { what }), [
          said('end-fit.two-arms-all-same', { write }),
        ]);
  }
  // That there is a document is not enough: somebody says whose, from when, and which.
  if (!approval) {
    return told('maker-approval', 'unknown', said('end-fit.maker-allows-motor-in-it-is', { what }), [
      said('end-fit.write-down-who-allowed-it-when'),
    ]);
  }
  const { by, date, document } = approval;
  return told(
    'maker-approval',
    weak || filed ? 'work' : 'goes',
    said('shared.maker-allows-motor-in', { what, by, date, document }),
    weak || filed ? [said('shared.keep-document-with-job')] : [],
  );
}

const atRim = said('end-fit.brake-on-rim-instead-fit-rim');

/**
 * What brakes this end once the motor wheel is in. A hub brake goes with the old hub; a rotor needs a place on the new one.
 * A rim brake takes over where fork or frame has its bosses and the new rim a track.
 */
function brakeRules(facts: EndFacts, wheel: Wheel): Finding[] {
  const { brake, end } = facts;
  if (brake === 'none')
    return [told('brake', 'stop', said('end-fit.this-end-has-no-brake'), [said('end-fit.fit-brake-before-motor')])];
  if (brake === null || brake === 'rim') return [];
  const lost = brake === 'other';
  if (!lost && wheel.rotorFaceMm !== null) return [];
  const why = lost
    ? said('end-fit.brake-sits-in-old-hub-and', { end })
    : said('end-fit.bike-brakes-with-rotor-this-hub');
  const bosses = facts.words.get('rim-bosses');
  const track = wheel.kit?.rim?.brakeTrack;
  const other = lost ? said('end-fit.fit-another-brake-at-this-end') : said('shared.take-wheel-with-rotor-mount');
  if (bosses === undefined) {
    return [
      told('brake', 'unknown', said('end-fit.whether-rim-brakes-can-be-fitted', { why }), [
        said('end-fit.look-for-bosses'),
      ]),
    ];
  }
  if (bosses !== 'bosses' || track === false) {
    return [
      told('brake', 'stop', said('end-fit.text', { why, bosses }), [
        bosses === 'bosses'
          ? said('shared.take-wheel-whose-rim-has-brake')
          : said('shared.take-wheel-with-rotor-mount'),
        said('shared.fit-motor-at-other-end'),
      ]),
    ];
  }
  if (track === undefined) {
    return [told('brake', 'unknown', said('end-fit.whether-new-rim-has-brake-track', { why }), [other])];
  }
  return [told('brake', 'work', said('end-fit.there-are-bosses-and-new-rim', { why }), [atRim, other])];
}

/** Two ways to read the rotor's place that do not agree, in mm [J]. */
const rotorApartMm = 0.5;

function rotorReadings({ brake, lengths }: EndFacts): Finding | null {
  const inboard = lengths.get('rotor-inboard')?.valueMm ?? null;
  const outer = lengths.get('rotor-outer')?.valueMm ?? null;
  const thickness = lengths.get('rotor-thickness')?.valueMm ?? null;
  if (brake !== 'disc' || inboard === null || outer === null || thickness === null) return null;
  const apart = Math.abs(outer + thickness - inboard);
  if (apart <= rotorApartMm + 1e-9) return null;
  return finding(
    'rotor-readings',
    'unknown',
    said('end-fit.to-its-inner-face-rotor-reads', { inboard, outer: outer + thickness }),
    { measured: apart, limit: rotorApartMm, margin: rotorApartMm - apart },
    [said('end-fit.measure-rotor-again-and-take-back')],
  );
}

/** A chain needs a sprocket, with one speed or with many. */
function sprocketSeat({ chain }: EndFacts, wheel: Wheel): Finding | null {
  if (chain !== true) return null;
  const takes = wheel.kit?.hub.takes;
  if (wheel.smallSprocketMm !== null && takes !== 'none') return null;
  return told('gears', 'stop', said('end-fit.chain-needs-sprocket-here-this-hub'), [
    said('end-fit.take-wheel-with-sprockets'),
  ]);
}
