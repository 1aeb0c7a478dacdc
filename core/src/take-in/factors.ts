import { said, type Said } from '../said';
import { gripOn, drivenLoadN } from '../bike-checks';
import { withLimits, type Limits } from '../limits';
import { materialWords, type Material } from '../materials';
import { worstOf, type Verdict } from '../verdict';
import type { MotorPlace, ScoreFactorId, TakeInEnd, TakeInInput } from './contract';

interface Value {
  value: number | null;
  because: Said;
}

export interface PlaceFactors {
  verdict: Verdict;
  values: Partial<Record<ScoreFactorId, Value>>;
}

/** Every reason for or against one place, and whether something forbids it. */
export function factorsFor(place: MotorPlace, read: TakeInInput, limits: Limits): PlaceFactors {
  if (place === 'mid') return midDrive(read);
  const end = read[place];
  return {
    verdict: forbidden(place, end, read, limits),
    values: {
      material: material(place, end),
      condition: condition(end),
      torque: torque(place, end, read, limits),
      traction: traction(place, read),
      brakes: brakes(afterwards(place, read)),
      gears: gears(place, read),
      puncture: puncture(place),
      load: load(place, read),
      law: law(read),
      ...cost(place, read),
    },
  };
}

/** What stops a place, what must be asked or looked at first: the same rules as the fit's. */
function forbidden(place: 'front' | 'rear', end: TakeInEnd, read: TakeInInput, limits: Limits): Verdict {
  const verdicts: Verdict[] = ['goes'];
  if (end.material === 'carbon' || end.bladeMaterial === 'carbon') return 'stop';
  if (end.material === undefined || end.condition === undefined || end.condition === 'unsure') verdicts.push('unknown');
  // Blade or stay may be weaker than the dropout, or carbon.
  if (end.bladeMaterial === undefined) verdicts.push('unknown');
  if (end.condition === 'bent' || end.condition === 'cracked' || end.condition === 'play') return 'stop';
  if (end.condition === 'surface-rust') verdicts.push('work');
  verdicts.push(braked(place, end, read));
  verdicts.push(makersWord(place, end));
  if (place === 'front' && end.suspension === undefined) verdicts.push('unknown');
  // A through axle takes only a hub that is made for it: that is for the match to say.
  if (end.kind === 'closed') verdicts.push('work');
  if (end.kind === undefined) verdicts.push('unknown');
  const metals = [end.material, end.bladeMaterial].filter((metal) => metal !== undefined);
  if (metals.length > 0 && read.peakTorqueNm !== undefined) {
    const all = metals.map((metal) => caps(place, metal, limits));
    const goesNm = Math.min(...all.map((cap) => cap.goesNm));
    const workNm = Math.max(goesNm, Math.min(...all.map((cap) => cap.workNm)));
    if (read.peakTorqueNm > workNm) return 'stop';
    if (read.peakTorqueNm > goesNm) verdicts.push('work');
  }
  return worstOf(verdicts);
}

/** Both ends must brake once the motor is in; a brake inside the old hub goes with it. */
function braked(place: 'front' | 'rear', end: TakeInEnd, read: TakeInInput): Verdict {
  const other = read[place === 'front' ? 'rear' : 'front'];
  if (end.brake === 'none' || other.brake === 'none') return 'stop';
  const inHub = end.brake === 'drum' || end.brake === 'coaster';
  // Whether another one can be fitted is for the fit to say: bosses and track are looked at there.
  if (inHub) return 'unknown';
  return end.brake === undefined || other.brake === undefined ? 'unknown' : 'goes';
}

/** Cast, magnesium or sprung in front takes its maker's word; forged aluminium is asked about. */
function makersWord(place: 'front' | 'rear', end: TakeInEnd): Verdict {
  if (place !== 'front') return 'goes';
  const metals = [end.material, end.bladeMaterial];
  const weak = end.suspension || metals.includes('cast-aluminium') || metals.includes('magnesium');
  if (weak) return end.approval === undefined ? 'unknown' : end.approval ? 'work' : 'stop';
  return metals.includes('forged-aluminium') && end.approval !== true ? 'work' : 'goes';
}

const materialValues: Record<Material, number> = {
  steel: 1,
  titanium: 0.7,
  'forged-aluminium': 0.5,
  'cast-aluminium': 0.2,
  magnesium: 0.1,
  carbon: 0,
};

function material(place: 'front' | 'rear', { material: metal, bladeMaterial, suspension }: TakeInEnd): Value {
  if (metal === undefined) return { value: null, because: said('take-in.dropout-material-is-not-recorded') };
  if (metal === 'carbon' || bladeMaterial === 'carbon')
    return { value: 0, because: said('take-in.carbon-takes-no-motor') };
  // Two stays a side share at the rear what one blade bears at the front.
  const value = place === 'rear' ? 0.3 + 0.7 * materialValues[metal] : materialValues[metal];
  if (suspension && place === 'front') {
    return {
      value: value / 2,
      because: said('take-in.fork-is-sprung-its-ends', { materialWords: materialWords[metal] }),
    };
  }
  return { value, because: said('take-in.ends-are', { place, materialWords: materialWords[metal] }) };
}

function condition({ condition: seen }: TakeInEnd): Value {
  switch (seen) {
    case undefined:
      return { value: null, because: said('take-in.nobody-has-looked-it-over-yet') };
    case 'sound':
      return { value: 1, because: said('take-in.it-is-sound') };
    case 'surface-rust':
      return { value: 0.6, because: said('shared.there-is-rust-on-surface') };
    case 'unsure':
      return { value: 0.2, because: said('take-in.nobody-is-sure-about-its-condition') };
    default:
      return { value: 0, because: said('take-in.it-is', { seen }) };
  }
}

function caps(place: 'front' | 'rear', metal: Material, limits: Limits): { goesNm: number; workNm: number } {
  return place === 'front'
    ? { goesNm: limits.capFrontGoesNm[metal], workNm: limits.capFrontWorkNm[metal] }
    : { goesNm: limits.capRearGoesNm[metal], workNm: limits.capRearWorkNm[metal] };
}

function torque(
  place: 'front' | 'rear',
  { material: metal }: TakeInEnd,
  { peakTorqueNm }: TakeInInput,
  limits: Limits,
): Value {
  if (metal === undefined || peakTorqueNm === undefined)
    return { value: null, because: said('take-in.material-or-wished-torque-is-open') };
  const { goesNm, workNm } = caps(place, metal, limits);
  // Half at the cap that goes, nothing at the most, all with twice the room.
  const value =
    peakTorqueNm <= goesNm
      ? 0.5 + 0.5 * Math.min(1, goesNm / peakTorqueNm - 1)
      : workNm > goesNm
        ? Math.max(0, 0.5 * (1 - (peakTorqueNm - goesNm) / (workNm - goesNm)))
        : 0;
  return {
    value,
    because: said('take-in.against-that-takes-at', {
      peakTorqueNm: Math.round(peakTorqueNm),
      goesNm,
      materialWords: materialWords[metal],
      place,
    }),
  };
}

/** How much more than needed the driven wheel can put down on the climb. */
function traction(place: 'front' | 'rear', read: TakeInInput): Value {
  if (read.climbPercent === undefined) return { value: null, because: said('take-in.rider-named-no-climb') };
  const mass = read.massKg.bike + read.massKg.rider + read.massKg.load;
  const input = {
    massKg: { before: mass, after: mass },
    speedKmh: { before: 25, after: 25 },
    brakes: { front: { kind: 'rim' }, rear: { kind: 'rim' } },
  } as const;
  const holds = gripOn(read.surface ?? 'dry', withLimits(read.limits)) * drivenLoadN(input, place, read.climbPercent);
  const needs = mass * 9.81 * Math.sin(Math.atan(read.climbPercent / 100));
  const value = needs <= 0 ? 1 : Math.max(0, Math.min(1, holds / needs - 0.5));
  return {
    value,
    because:
      holds < needs
        ? said('take-in.on-wheel-grips-less-than-climb', { climbPercent: read.climbPercent, place })
        : said('take-in.on-wheel-grips-times-what-climb', {
            climbPercent: read.climbPercent,
            place,
            holds: holds / Math.max(1, needs),
          }),
  };
}

/** The bike as it brakes once the old hub is out, with whatever was inside it. */
function afterwards(place: 'front' | 'rear', read: TakeInInput): TakeInInput {
  const { brake } = read[place];
  const lost = brake === 'drum' || brake === 'coaster';
  return lost ? { ...read, [place]: { ...read[place], brake: 'none' } } : read;
}

const brakeValues = { rotor: 1, rim: 0.6, drum: 0.5, coaster: 0.3, none: 0 };

function brakes({ front, rear }: TakeInInput): Value {
  if (front.brake === undefined || rear.brake === undefined)
    return { value: null, because: said('take-in.brakes-are-not-looked-at') };
  const value = 0.6 * brakeValues[front.brake] + 0.4 * brakeValues[rear.brake];
  return { value, because: said('take-in.it-brakes-with-in-front-and', { brake: front.brake, brake2: rear.brake }) };
}

function gears(place: 'front' | 'rear', { rearHub }: TakeInInput): Value {
  if (place === 'front') return { value: 1, because: said('take-in.gears-stay-as-they-are') };
  switch (rearHub) {
    case undefined:
      return { value: null, because: said('take-in.rear-hub-is-not-recorded') };
    case 'gear-hub':
      return { value: 0, because: said('take-in.gear-hub-would-be-lost') };
    case 'coaster':
    case 'drum':
      return { value: 0.1, because: said('take-in.brake-would-be-lost', { rearHub }) };
    case 'single':
      return { value: 0.8, because: said('take-in.one-sprocket-moves-over') };
    case 'derailleur':
      return { value: 0.6, because: said('take-in.sprockets-index-and-chain-line-change') };
  }
}

function puncture(place: 'front' | 'rear'): Value {
  return place === 'front'
    ? { value: 0.7, because: said('take-in.front-wheel-comes-out-without-chain') }
    : { value: 0.3, because: said('take-in.rear-puncture-means-nuts-arm-plug') };
}

function load(place: 'front' | 'rear', { massKg, loadAt }: TakeInInput): Value {
  if (massKg.load === 0) return { value: 0.7, because: said('take-in.no-load-to-speak-of') };
  if (loadAt === undefined) return { value: null, because: said('take-in.where-load-sits-is-not-recorded') };
  const over = loadAt === 'trailer' ? 'rear' : loadAt;
  return over === place
    ? { value: 1, because: said('take-in.load-sits-over-wheel-and-gives', { place }) }
    : { value: 0.4, because: said('take-in.load-sits-over-other-wheel') };
}

function law({ lawRatedW, wishedW }: TakeInInput): Value {
  if (lawRatedW === undefined || wishedW === undefined)
    return { value: null, because: said('take-in.class-of-vehicle-or-wished-power') };
  return wishedW <= lawRatedW
    ? { value: 1, because: said('take-in.is-within-class', { wishedW }) }
    : { value: 0, because: said('take-in.is-over-of-class', { wishedW, lawRatedW }) };
}

function cost(place: MotorPlace, { costs, budget }: TakeInInput): { cost?: Value } {
  if (!costs) return {};
  const least = Math.min(costs.front, costs.rear, costs.mid);
  const over = budget !== undefined && costs[place] > budget;
  const value = over ? 0 : costs[place] === 0 ? 1 : least / costs[place];
  return {
    cost: {
      value,
      because: over
        ? said('take-in.it-costs-more-than-budget-of', { costs: costs[place], budget })
        : said('take-in.it-costs', { costs: costs[place] }),
    },
  };
}

/** Named as the way out; Cricket records the decision and stops there. */
function midDrive(read: TakeInInput): PlaceFactors {
  return {
    verdict: 'work',
    values: {
      material: { value: 0.6, because: said('take-in.neither-end-carries-motor-frame-must') },
      torque: { value: 0.6, because: said('take-in.torque-goes-through-chain-and-gears') },
      brakes: brakes(read),
      gears: { value: 0.3, because: said('take-in.chain-and-sprockets-wear-faster-crank') },
      puncture: { value: 1, because: said('take-in.both-wheels-come-out-as-before') },
      law: law(read),
      ...cost('mid', read),
    },
  };
}
