import { said } from '../said';
import { Amount, Flag, OneOf, Optional, Nested, InputError, readInput } from '../input';
import { OwnLimits, withLimits, type Limits } from '../limits';
import { dust, finding, graded, notRecorded, told, worstFirst, worstOf, type Finding, type Verdict } from '../verdict';

/** Thin valves go through a 6.5 mm hole, thick ones through 8.5 mm. */
export const valveKinds = ['thin', 'thick'] as const;

export class TyreFitTyre {
  @Amount(150, 700, 'mm') beadSeatMm!: number;
  @Amount(15, 130, 'mm') widthMm!: number;
  @Optional() @Amount(0.3, 12, 'bar') minBar?: number;
  @Optional() @Amount(0.5, 15, 'bar') maxBar?: number;
  /** What its maker lets it carry. */
  @Optional() @Amount(20, 400, 'kg') loadKg?: number;
  @Optional() @Amount(10, 150, 'km/h') speedKmh?: number;
  /** It has an arrow. */
  @Optional() @Flag() directional?: boolean;
  /** Whether the tread or arrow was seen to run forward in this wheel. */
  @Optional() @Flag() arrowForward?: boolean;
}

export class TyreFitRim {
  @Amount(150, 700, 'mm') beadSeatMm!: number;
  @Amount(8, 110, 'mm') innerWidthMm!: number;
  @Optional() @Amount(0.5, 15, 'bar') maxBar?: number;
  @Optional() @Flag() brakeTrack?: boolean;
  @Optional() @OneOf(valveKinds) valveHole?: (typeof valveKinds)[number];
  /** Bead seat to the spoke side of the rim. */
  @Optional() @Amount(5, 100, 'mm') depthMm?: number;
  @Optional() @Amount(20, 400, 'kg') maxLoadKg?: number;
}

export class TyreFitValve {
  @OneOf(valveKinds) kind!: (typeof valveKinds)[number];
  @Amount(20, 120, 'mm') lengthMm!: number;
}

export class TyreFitInput {
  @Nested(() => TyreFitTyre) tyre!: TyreFitTyre;
  @Nested(() => TyreFitRim) rim!: TyreFitRim;
  @Flag() rimBrake!: boolean;
  /** Rider, load and this wheel's share of the bike. */
  @Amount(1, 400, 'kg') loadKg!: number;
  @Amount(5, 120, 'km/h') speedKmh!: number;
  @Optional() @Amount(5, 120, 'mm') tapeMm?: number;
  @Optional() @Nested(() => TyreFitValve) valve?: TyreFitValve;
  /** Motor cover: a large one leaves little room for a pump. */
  @Optional() @Amount(40, 400, 'mm') coverDiameterMm?: number;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

export interface TyreFitResult {
  verdict: Verdict;
  findings: Finding[];
  /** Tyre width per inner rim width. */
  ratio: number;
  /** Where to start: about 15 % drop, within what tyre and rim allow. */
  startBar: number;
  minBar: number | null;
  maxBar: number | null;
}

/**
 * Does this tyre suit the motor wheel's rim, and at which pressure does it start?
 *
 * Bead seats must be equal; width per inner rim width 1.4 to 2.4. Start for a 15 % drop:
 * bar = (153.6·2.2046·kg/w^1.5785 − 7.1685)/14.504, never above the lower maximum of tyre and rim nor below the tyre's minimum.
 *
 * @param input - tyre, rim, load and speed on this wheel, tape, valve, motor cover
 * @returns verdict, findings and the pressure to start with
 * @throws InputError for values out of range or a minimum over the maximum
 *
 * @example
 * tyreFit({ tyre: { beadSeatMm: 622, widthMm: 47, maxBar: 5, … }, rim: { beadSeatMm: 622, innerWidthMm: 21 }, loadKg: 70, … })
 * // { ratio: 2.24, startBar: 3.25, verdict: … }
 */
export function tyreFit(input: TyreFitInput): TyreFitResult {
  const read = readInput(TyreFitInput, input);
  const limits = withLimits(read.limits);
  const { tyre, rim } = read;
  const maxima = [tyre.maxBar, rim.maxBar].filter((bar): bar is number => bar !== undefined);
  const maxBar = maxima.length ? Math.min(...maxima) : null;
  const minBar = tyre.minBar ?? null;
  if (tyre.minBar !== undefined && tyre.maxBar !== undefined && tyre.minBar > tyre.maxBar) {
    throw new InputError('tyre.minBar', tyre.minBar, said('tyre-fit.at-most-tyre-maxbar', { maxBar: tyre.maxBar }));
  }
  const wantedBar = startPressureBar(read.loadKg, tyre.widthMm);
  const startBar = Math.min(Math.max(wantedBar, minBar ?? 0), maxBar ?? Infinity);
  const ratio = tyre.widthMm / rim.innerWidthMm;
  const findings = [
    beadRule(read),
    ratioRule(ratio, limits),
    pressureRule(read, wantedBar, limits),
    ratingRule('tyre-load', read.tyre.loadKg, read.loadKg, 'kg'),
    ratingRule('tyre-speed', read.tyre.speedKmh, read.speedKmh, 'km/h'),
    rim.maxLoadKg === undefined ? null : ratingRule('rim-load', rim.maxLoadKg, read.loadKg, 'kg'),
    trackRule(read),
    arrowRule(read),
    tapeRule(read),
    ...valveRules(read, limits),
  ].filter((item): item is Finding => item !== null);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    ratio,
    startBar,
    minBar,
    maxBar,
  };
}

/**
 * Pressure at which a tyre of this width drops about 15 % under this load.
 *
 * @example startPressureBar(70, 47) // 3.25
 */
export function startPressureBar(loadKg: number, widthMm: number): number {
  const psi = (153.6 * 2.2046 * loadKg) / widthMm ** 1.5785 - 7.1685;
  return Math.max(0, psi / 14.504);
}

function beadRule({ tyre, rim }: TyreFitInput): Finding {
  const same = Math.abs(tyre.beadSeatMm - rim.beadSeatMm) < 0.5;
  const figures = { measured: tyre.beadSeatMm, limit: rim.beadSeatMm, margin: null };
  return same
    ? finding('bead-seat', 'goes', said('tyre-fit.tyre-and-rim-are-both', { beadSeatMm: rim.beadSeatMm }), figures)
    : finding(
        'bead-seat',
        'stop',
        said('tyre-fit.tyre-is-for-rim-has', { beadSeatMm: tyre.beadSeatMm, beadSeatMm2: rim.beadSeatMm }),
        figures,
        [said('tyre-fit.get-tyre-for', { beadSeatMm: rim.beadSeatMm })],
      );
}

function ratioRule(ratio: number, { tyreRatioMin, tyreRatioMax }: Limits): Finding {
  const margin = Math.min(ratio - tyreRatioMin, tyreRatioMax - ratio);
  const limit = ratio < tyreRatioMin ? tyreRatioMin : tyreRatioMax;
  // Far outside it rolls off or pinches; a little outside a wider or narrower tyre is advice.
  const verdict = graded(margin, margin + 0.4);
  const shown = Number(ratio.toFixed(2));
  const remedy =
    ratio < tyreRatioMin ? said('tyre-fit.take-wider-tyre') : said('tyre-fit.take-narrower-tyre-or-wider-rim');
  return finding(
    'tyre-width',
    verdict,
    said('tyre-fit.tyre-is-times-as-wide-as', { shown, tyreRatioMin, tyreRatioMax }),
    { measured: ratio, limit, margin, unit: '×' },
    verdict === 'goes' ? [] : [remedy],
  );
}

function pressureRule({ tyre, rim, loadKg }: TyreFitInput, wantedBar: number, limits: Limits): Finding {
  // The weaker of both sets the pressure: with one of them unknown nobody knows it.
  if (tyre.maxBar === undefined || rim.maxBar === undefined) {
    return notRecorded(
      'pressure',
      said('tyre-fit.highest-pressure-of', {
        of: tyre.maxBar === undefined ? (rim.maxBar === undefined ? 'both' : 'tyre') : 'rim',
      }),
    );
  }
  const maxBar = Math.min(tyre.maxBar, rim.maxBar);
  const minBar = tyre.minBar ?? null;
  if (minBar !== null && minBar > maxBar + dust) {
    return finding(
      'pressure',
      'stop',
      said('tyre-fit.tyre-asks-for-at-least-rim', { minBar, maxBar }),
      { measured: minBar, limit: maxBar, margin: maxBar - minBar, unit: 'bar' },
      [said('tyre-fit.take-tyre-that-goes-with-less')],
    );
  }
  const margin = maxBar - wantedBar;
  const shown = Number(wantedBar.toFixed(1));
  const figures = { measured: wantedBar, limit: maxBar, margin, unit: 'bar' };
  if (margin >= -dust) {
    const start = Number(Math.max(wantedBar, minBar ?? 0).toFixed(1));
    return finding('pressure', 'goes', said('tyre-fit.start-at-at-most', { start, maxBar }), figures);
  }
  const leastMm = widthThatCarriesMm(loadKg, maxBar);
  const fits = leastMm <= Math.floor(limits.tyreRatioMax * rim.innerWidthMm);
  return finding('pressure', 'work', said('tyre-fit.this-load-asks-for-tyre-and', { shown, maxBar }), figures, [
    fits ? said('tyre-fit.take-tyre-of-at-least', { leastMm }) : said('tyre-fit.carry-less-on-this-wheel-or'),
  ]);
}

/**
 * The narrowest tyre, in whole millimetres, that carries this load at no more than this pressure.
 *
 * @example widthThatCarriesMm(70, 3.3) // 47
 */
export function widthThatCarriesMm(loadKg: number, maxBar: number): number {
  const psi = maxBar * 14.504 + 7.1685;
  return Math.ceil(((153.6 * 2.2046 * loadKg) / psi) ** (1 / 1.5785) - 1e-9);
}

function ratingRule(
  id: 'tyre-load' | 'rim-load' | 'tyre-speed',
  rated: number | undefined,
  needed: number,
  unit: string,
): Finding {
  if (rated === undefined) return notRecorded(id, said(`tyre-fit.${id}-asked`));
  const figures = { measured: needed, limit: rated, margin: rated - needed, unit };
  return rated >= needed - dust
    ? finding(id, 'goes', said(`tyre-fit.${id}-goes`, { rated }), figures)
    : finding(id, 'stop', said(`tyre-fit.${id}-stops`, { rated, needed: Number(needed.toFixed(1)) }), figures, [
        said('tyre-fit.take-one-that-is-made-for'),
      ]);
}

function trackRule({ rim, rimBrake }: TyreFitInput): Finding | null {
  if (!rimBrake) return null;
  if (rim.brakeTrack === undefined)
    return told('brake-track', 'unknown', said('tyre-fit.whether-rim-has-brake-track-is'), [
      said('tyre-fit.look-at-side-of-rim'),
    ]);
  return rim.brakeTrack
    ? told('brake-track', 'goes', said('tyre-fit.rim-has-brake-track'))
    : told('brake-track', 'stop', said('shared.bike-brakes-on-rim-this-rim'), [
        said('shared.take-wheel-whose-rim-has-brake'),
        said('shared.fit-disc-brake-where-hub-and'),
      ]);
}

function arrowRule({ tyre }: TyreFitInput): Finding | null {
  if (!tyre.directional) return null;
  if (tyre.arrowForward === undefined)
    return told('tyre-arrow', 'work', said('tyre-fit.tyre-has-arrow'), [said('tyre-fit.mount-it-with-arrow-forward')]);
  return tyre.arrowForward
    ? told('tyre-arrow', 'goes', said('tyre-fit.arrow-points-forward'))
    : told('tyre-arrow', 'work', said('tyre-fit.arrow-points-backward'), [said('tyre-fit.turn-tyre-round')]);
}

/** Tape narrower than this much under the rim's inside leaves holes bare at the edge; wider climbs the bead seat. */
const tapeUnderMm = 3;
const tapeOverMm = 2;

function tapeRule({ tapeMm, rim }: TyreFitInput): Finding | null {
  if (tapeMm === undefined) return null;
  const least = rim.innerWidthMm - tapeUnderMm;
  const most = rim.innerWidthMm + tapeOverMm;
  const goes = tapeMm >= least - dust && tapeMm <= most + dust;
  return finding(
    'rim-tape',
    goes ? 'goes' : 'work',
    said('tyre-fit.tape-is-wide-this-rim-takes', { tapeMm, least, most }),
    { measured: tapeMm, limit: tapeMm < least ? least : most, margin: Math.min(tapeMm - least, most - tapeMm) },
    goes ? [] : [said('tyre-fit.get-tape-of-right-width-every')],
  );
}

function valveRules({ valve, rim, coverDiameterMm }: TyreFitInput, limits: Limits): Finding[] {
  if (!valve) return [];
  const rules: Finding[] = [];
  if (rim.valveHole === undefined) rules.push(notRecorded('valve-kind', said('tyre-fit.valve-hole')));
  else if (valve.kind === rim.valveHole) rules.push(told('valve-kind', 'goes', said('tyre-fit.valve-suits-hole')));
  else if (valve.kind === 'thin')
    rules.push(
      told('valve-kind', 'work', said('tyre-fit.thin-valve-is-loose-in-thick'), [
        said('tyre-fit.put-sleeve-in-valve-hole'),
      ]),
    );
  else
    rules.push(
      told('valve-kind', 'work', said('tyre-fit.thick-valve-does-not-pass-thin'), [
        said('tyre-fit.get-tube-with-thin-valve-drill'),
      ]),
    );
  if (rim.depthMm === undefined) return rules;
  const out = valve.lengthMm - rim.depthMm;
  rules.push(
    finding(
      'valve-length',
      out >= limits.valveOutMm - dust ? 'goes' : 'work',
      said('tyre-fit.valve-stands-out-of-rim-is', { out, valveOutMm: limits.valveOutMm }),
      { measured: out, limit: limits.valveOutMm, margin: out - limits.valveOutMm },
      out >= limits.valveOutMm - dust ? [] : [said('tyre-fit.get-tube-with-longer-valve')],
    ),
  );
  if (coverDiameterMm !== undefined) {
    const room = rim.beadSeatMm / 2 - rim.depthMm - out - coverDiameterMm / 2;
    rules.push(
      finding(
        'pump-room',
        room >= limits.pumpRoomMm - dust ? 'goes' : 'work',
        said('tyre-fit.between-valve-and-motor-there-is', { room, pumpRoomMm: limits.pumpRoomMm }),
        { measured: room, limit: limits.pumpRoomMm, margin: room - limits.pumpRoomMm },
        room >= limits.pumpRoomMm - dust ? [] : [said('tyre-fit.give-rider-angled-valve-extension')],
      ),
    );
  }
  return rules;
}
