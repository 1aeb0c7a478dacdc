import { said } from '../../said';
import { withLimits } from '../../limits';
import type { KitFacts } from '../../kit';
import type { TyreFacts } from '../../parts';
import { tyreFit, widthThatCarriesMm, type TyreFitInput, type TyreFitResult } from '../../tyre-fit';
import { severity, finding, notRecorded, told, worstOf, type Finding, type Verdict } from '../../verdict';
import { brakeAfter } from './brake-after';
import type { FitInput } from '../contract';
import { lengthOf } from './readings';
import { judging, type Judge, type Wanted } from './judge';
import type { TyreChoice } from './solved';

/** Rider, load, bike and kit on one wheel; null until they are weighed or told. */
export function wheelLoadKg(input: FitInput): number | null {
  const mass = massAfterKg(input);
  if (mass === null) return null;
  const { frontShare } = withLimits(input.limits);
  return mass * (input.facts.end === 'front' ? frontShare : 1 - frontShare);
}

/** Bike, rider, load, kit and battery; null until they are known. */
export function massAfterKg({ bike, wheel, beside, limits }: FitInput): number | null {
  const { bikeKg, riderKg, loadKg } = bike;
  const { kit } = wheel;
  if (bikeKg === undefined || riderKg === undefined || loadKg === undefined || !kit) return null;
  return (
    bikeKg +
    riderKg +
    loadKg +
    kit.massKg +
    (kit.battery?.massKg ?? withLimits(limits).usualPackKg) +
    (beside?.massKg ?? 0)
  );
}

/** How the tyre itself suits: what is the rim's fault no other tyre mends. */
function suits({ findings }: TyreFitResult): Verdict {
  return worstOf(findings.filter(({ id }) => id !== 'brake-track' && id !== 'rim-load').map(({ verdict }) => verdict));
}

/**
 * The tyre for the motor wheel: the best of the stores; without one the bike's own moves over if it was read and suits; else
 * one must be bought. Null as long as the kit's rim or the masses are not known.
 */
export function tyreWith(input: FitInput): TyreChoice | null {
  const { wheel, stores, facts, bike } = input;
  const { kit } = wheel;
  const loadKg = wheelLoadKg(input);
  if (!kit?.rim || loadKg === null) return null;
  const judge = (tyre: TyreFacts): TyreFitResult => tyreFit(tyreInput(input, tyre, loadKg));
  const fromStores = stores
    .flatMap((item) => (item.kind === 'tyre' && item.count > 0 && item.details?.tyre ? [item.details.tyre] : []))
    .filter(({ beadSeatMm }) => Math.abs(beadSeatMm - wheel.beadSeatMm) < 0.5)
    .map((tyre) => ({ tyre, result: judge(tyre) }))
    .map((choice) => ({ ...choice, suits: suits(choice.result) }))
    .filter((choice) => choice.suits !== 'stop')
    .sort((a, b) => severity[a.suits] - severity[b.suits])[0];
  const beadSeatMm = lengthOf(facts, 'bead-seat');
  const widthMm = lengthOf(facts, 'tyre-width');
  const misfit = beadSeatMm !== null && Math.abs(beadSeatMm - wheel.beadSeatMm) >= 0.5;
  const own = misfit
    ? [
        finding(
          'old-tyre',
          'work',
          said('fit.bike-tyre-is-for-motor-wheel', { beadSeatMm, beadSeatMm2: wheel.beadSeatMm }),
          { measured: beadSeatMm, limit: wheel.beadSeatMm },
          [said('fit.check-that-frame-brake-and-mudguard')],
        ),
      ]
    : [];
  if (fromStores) {
    return {
      from: 'stores',
      tyre: fromStores.tyre,
      result: fromStores.result,
      findings: [...own, ...mountingFindings(fromStores.tyre)],
    };
  }
  if (!misfit && beadSeatMm !== null && widthMm !== null) {
    const { minBar = null, maxBar = null, loadKg = null, speedKmh = null } = bike.tyres?.[facts.end] ?? {};
    const tyre: TyreFacts = { beadSeatMm, widthMm, minBar, maxBar, loadKg, speedKmh, directional: true };
    return { from: 'bike', tyre, result: judge(tyre), findings: mountingFindings(tyre) };
  }
  const open = kit.rim.maxBar === undefined ? [notRecorded('pressure', said('fit.highest-pressure-of-rim'))] : [];
  return { from: 'shop', tyre: null, result: null, findings: [...own, ...open, wantedTyre(input, kit.rim, loadKg)] };
}

/** Which tyre to get: within what the rim takes, at its lower end wide enough for the pressure, and within the room. */
function wantedTyre({ wheel, facts, limits: own }: FitInput, rim: Rim, loadKg: number): Finding {
  const limits = withLimits(own);
  const roomMm = lengthOf(facts, 'tyre-room');
  const least = Math.max(
    Math.ceil(rim.innerWidthMm * limits.tyreRatioMin),
    rim.maxBar === undefined ? 0 : widthThatCarriesMm(loadKg, rim.maxBar),
  );
  const most = Math.min(
    Math.floor(rim.innerWidthMm * limits.tyreRatioMax),
    roomMm === null ? Infinity : Math.floor(roomMm - 2 * limits.tyreRoomGoesMm),
  );
  if (least > most) {
    return told(
      'tyre',
      'stop',
      said('fit.no-tyre-for-carries-on-this', { beadSeatMm: wheel.beadSeatMm, loadKg: Math.ceil(loadKg) }),
      [said('fit.take-kit-with-another-rim-or')],
    );
  }
  const known = rim.maxBar !== undefined;
  return told('tyre', known ? 'work' : 'unknown', said('fit.tyre-for-is-needed', { beadSeatMm: wheel.beadSeatMm }), [
    said('fit.get-one-to-wide-that-carries', { least, most, loadKg: Math.ceil(loadKg) }),
  ]);
}

type Rim = NonNullable<KitFacts['rim']>;

/** An arrow is a matter of mounting, not of fitting: told, not judged as work. */
function mountingFindings({ directional }: TyreFacts): Finding[] {
  return directional ? [told('tyre-arrow', 'goes', said('fit.mount-tyre-with-its-arrow-forward'))] : [];
}

function tyreInput({ wheel, facts, limits }: FitInput, tyre: TyreFacts, loadKg: number): TyreFitInput {
  const { rim, assistedKmh } = wheel.kit!;
  const { beadSeatMm, widthMm } = tyre;
  return {
    tyre: {
      beadSeatMm,
      widthMm,
      ...(tyre.minBar !== null && { minBar: tyre.minBar }),
      ...(tyre.maxBar !== null && { maxBar: tyre.maxBar }),
      ...(tyre.loadKg !== null && { loadKg: tyre.loadKg }),
      ...(tyre.speedKmh !== null && { speedKmh: tyre.speedKmh }),
    },
    rim: {
      beadSeatMm: wheel.beadSeatMm,
      innerWidthMm: rim!.innerWidthMm,
      brakeTrack: rim!.brakeTrack,
      valveHole: rim!.valveHole,
      depthMm: rim!.depthMm,
      ...(rim!.maxBar !== undefined && { maxBar: rim!.maxBar }),
      ...(rim!.maxLoadKg !== undefined && { maxLoadKg: rim!.maxLoadKg }),
    },
    rimBrake: brakeAfter(facts, wheel) === 'rim',
    loadKg,
    speedKmh: assistedKmh,
    valve: { kind: rim!.valveHole, lengthMm: rim!.depthMm + 20 },
    coverDiameterMm: wheel.coverDiameterMm,
    ...(limits && { limits }),
  };
}

/** The tyre on the motor's rim, and what goes under it. */
export const tyreJudge: Judge = judging(
  'tyre',
  ['tyre'],
  ({ tyre }) => [...(tyre.result?.findings ?? []), ...tyre.findings],
  { shopping: ({ input, tyre }) => tyreWanted(input, tyre) },
);

function tyreWanted({ wheel: { kit, beadSeatMm } }: FitInput, { from, findings }: TyreChoice): Wanted[] {
  const tube = { part: { kind: 'tube' as const, spec: { beadSeatMm } }, count: 1 };
  const reason = findings.find(({ id }) => id === 'tyre')?.because ?? said('fit.wheel-needs-one');
  return [
    ...(kit && from !== 'bike' ? [{ ...tube, reason: said('fit.tyre-is-not-bike-own') }] : []),
    ...(from === 'shop' ? [{ part: { kind: 'tyre' as const, spec: { beadSeatMm } }, count: 1, reason }] : []),
  ];
}
