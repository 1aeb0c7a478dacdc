import { said, type SaidParam } from '../said';
import { frameSpots, type LaidBattery } from '../battery-bay';
import { bayOfBike, outlineOf, type BoxPlace } from '../bay-question';
import type { BikeFacts } from '../bike-facts';
import { hullOf, lengthOf, minus, plus, radians, times, type Point } from '../plane';
import { finding, told, type Finding } from '../verdict';
import type { OpenBoxPlace, PlacedBox } from './contract';
import { fallOnto, gapBetween } from './convex';

/** Nearer than this to what moves, or to the battery's way in, nothing is fastened. */
const clearMm = 5;
/** So near to a tube it is held against it. */
const heldMm = 3;
/** More than this is open air. */
const openMm = 1000;

/** What is there on every frame; everything else is called as it was written down. */
const own = ['down tube', 'seat tube', 'top tube', 'head tube', 'battery on its way in'];
const named = (id: string): SaidParam => (own.includes(id) ? said(`box-place.${id.replaceAll(' ', '-')}`) : id);

interface Thing {
  id: string;
  outline: Point[];
}

/**
 * A controller that is pushed about in the side view: what costs time is worked out once, each place after that is quick.
 *
 * @param battery - where it is laid; left out: where it was kept, or lies best
 * @returns null while the tubes or the controller's size are not measured, or the tubes enclose nothing
 */
export function openBoxPlace(facts: BikeFacts, battery = keptBattery(facts)): OpenBoxPlace | null {
  const { frame, controller, cables } = facts;
  const spots = frame?.tubes && frameSpots(frame.tubes);
  if (!spots || !frame?.tubes || !controller) return null;
  const { bb, downHead, headTop, seat } = spots.triangle;
  const { tubes } = frame;
  const beams: Thing[] = [
    { id: 'down tube', outline: beam(bb, downHead, tubes.down.diameterMm, 1) },
    { id: 'seat tube', outline: beam(bb, seat, tubes.seat.diameterMm, -1) },
    { id: 'top tube', outline: beam(seat, headTop, tubes.top.diameterMm, -1) },
    ...(tubes.head ? [{ id: 'head tube', outline: beam(downHead, headTop, tubes.head.diameterMm, 1) }] : []),
  ];
  const inWay: Thing[] = [
    ...(battery ? [{ id: 'battery on its way in', outline: hullOf([...battery.battery, ...battery.swept]) }] : []),
    ...(frame.inWay ?? []).map((thing) => {
      const { id, polygon, moving } = outlineOf(thing, spots);
      return { id, outline: hullOf([...polygon, ...(moving ? [...moving.to, ...(moving.via ?? []).flat()] : [])]) };
    }),
  ];
  const discs: Thing[] = (cables?.turning?.discs ?? []).map(({ id, centre: [x, y], radiusMm }) => ({
    id,
    outline: Array.from({ length: 48 }, (_, at): Point => {
      const turn = (2 * Math.PI * at) / 48;
      return [x + radiusMm * Math.cos(turn), y + radiusMm * Math.sin(turn)];
    }),
  }));
  const size: Size = [controller.box.lengthMm, controller.box.heightMm];
  const anchors = new Map((cables?.anchors ?? []).filter(({ on }) => on === 'frame').map(({ id, at }) => [id, at]));
  const placedAt = (place: BoxPlace): PlacedBox => {
    const outline = boxOutline(place, size);
    const near = (thing: Thing) => ({ ...thing, gapMm: gapBetween(outline, thing.outline) });
    const [toBeams, toThings] = [beams.map(near), [...inWay, ...discs].map(near)];
    const findings = [
      ...clash(toBeams, 0),
      ...clash(toThings, clearMm),
      held(toBeams),
      ...reach(place, facts, anchors),
    ];
    const isFree = [...toBeams, ...toThings].every(({ gapMm }) => gapMm >= -dust);
    return { place, outline, findings, gaps: isFree ? gapsOf(outline, toBeams, toThings) : null };
  };
  const isStopped = (place: BoxPlace) => placedAt(place).findings.some(({ verdict }) => verdict === 'stop');
  const usual = [-60, 60].flatMap((aside) =>
    [0.35, 0.5, 0.65, 0.2].map((up) => againstTube({ at: plus(times(seat, up), [aside, 0]), turnDeg: 0 }, size, beams)),
  );
  return {
    placedAt,
    againstTube: (place) => againstTube(place, size, beams),
    usual: usual.find((place) => !isStopped(place)) ?? usual[0]!,
  };
}

/** The battery and what it sweeps while it is put in. */
type Battery = Pick<LaidBattery, 'battery' | 'swept'>;

function keptBattery(facts: BikeFacts): Battery | null {
  const bay = bayOfBike(facts);
  if (bay.kind !== 'open') return null;
  const fromMm = facts.bay?.at?.fromMm ?? bay.result.chosen?.fromMm;
  return fromMm === undefined ? null : bay.laidAt(fromMm);
}

/** Places are kept in tenths of a millimetre: nothing touches by less than this. */
const dust = 0.2;

type Size = readonly [lengthMm: number, heightMm: number];
type Near = Thing & { gapMm: number };

/** @param outer - on which side of its inside edge a tube lies, seen along it: 1 right, -1 left */
function beam(from: Point, to: Point, diameterMm: number, outer: 1 | -1): Point[] {
  const along = times(minus(to, from), 1 / (lengthOf(minus(to, from)) || 1));
  const out: Point = [along[1] * outer * diameterMm, -along[0] * outer * diameterMm];
  return [from, to, plus(to, out), plus(from, out)];
}

function boxOutline({ at, turnDeg }: BoxPlace, [lengthMm, heightMm]: Size): Point[] {
  const turn = radians(turnDeg);
  const along: Point = [Math.cos(turn) * (lengthMm / 2), Math.sin(turn) * (lengthMm / 2)];
  const up: Point = [-Math.sin(turn) * (heightMm / 2), Math.cos(turn) * (heightMm / 2)];
  return [
    minus(minus(at, along), up),
    minus(plus(at, along), up),
    plus(plus(at, along), up),
    plus(minus(at, along), up),
  ];
}

/** What it runs into, or comes too near to. */
function clash(things: readonly Near[], limitMm: number): Finding[] {
  return things
    .filter(({ gapMm }) => gapMm < limitMm - dust)
    .map(({ id, gapMm }) =>
      gapMm < 0
        ? told(`box-clash.${id}`, 'stop', said('box-place.controller-and-want-same-room', { thing: named(id) }), [
            said('box-place.push-it-to-where-it-is'),
          ])
        : finding(
            `box-clash.${id}`,
            'stop',
            said('box-place.controller-comes-too-near-to', { thing: named(id) }),
            { measured: gapMm, limit: limitMm, margin: gapMm - limitMm },
            [said('box-place.push-it-to-where-it-is')],
          ),
    );
}

function held(beams: readonly Near[]): Finding {
  const nearest = beams.reduce((least, each) => (each.gapMm < least.gapMm ? each : least));
  if (nearest.gapMm <= heldMm)
    return told('box-held', 'goes', said('box-place.it-is-held-against', { thing: named(nearest.id) }));
  return finding(
    'box-held',
    'work',
    said('box-place.nothing-is-near-that-holds-it', { thing: named(nearest.id) }),
    { measured: nearest.gapMm, limit: heldMm, margin: heldMm - nearest.gapMm },
    [said('box-place.lay-it-against-tube-or-make')],
  );
}

/** A cable that is shorter than the straight way to its plug reaches nowhere; that needs no path. */
function reach(
  { at }: BoxPlace,
  { controller }: BikeFacts,
  anchors: ReadonlyMap<string, readonly [number, number, number]>,
): Finding[] {
  return (controller?.plugs ?? []).flatMap(({ id, lengthMm }) => {
    const plug = anchors.get(id);
    if (!plug) return [];
    const half = controller!.box.lengthMm / 2;
    const straightMm = Math.max(0, Math.hypot(plug[0] - at[0], plug[1] - at[1], plug[2]) - half);
    if (lengthMm >= straightMm) return [];
    return [
      finding(
        `plug-straight.${id}`,
        'stop',
        said('box-place.from-here-cable-of-does-not', { id }),
        { measured: lengthMm, limit: straightMm, margin: lengthMm - straightMm },
        [said('box-place.put-controller-nearer-or-extension-with')],
      ),
    ];
  });
}

/** Air below it, and to whatever is nearest besides the tube that it is held against. */
function gapsOf(outline: Point[], beams: readonly Near[], things: readonly Near[]): PlacedBox['gaps'] {
  const all = [...beams, ...things];
  const mount = beams.filter(({ gapMm }) => gapMm <= heldMm).sort((a, b) => a.gapMm - b.gapMm)[0];
  const others = all.filter((thing) => thing !== mount);
  const fall = Math.min(openMm, ...others.map((thing) => fallOnto(outline, thing.outline)).filter((drop) => drop >= 0));
  const around = Math.min(openMm, ...others.map(({ gapMm }) => gapMm));
  return { belowMm: fall, aroundMm: Math.max(0, around) };
}

/** Along the nearest tube and against it, on the side on which it is. */
function againstTube({ at }: BoxPlace, [, heightMm]: Size, beams: readonly Thing[]): BoxPlace {
  const point: Point[] = [at, plus(at, [0.01, 0]), plus(at, [0, 0.01])];
  const nearest = beams.reduce((least, each) =>
    gapBetween(point, each.outline) < gapBetween(point, least.outline) ? each : least,
  );
  const [from, to, outer] = nearest.outline as [Point, Point, Point];
  const along = times(minus(to, from), 1 / (lengthOf(minus(to, from)) || 1));
  const across = minus(outer, to);
  const out = times(across, 1 / (lengthOf(across) || 1));
  // Not beyond its ends: there is nothing to hold it.
  const alongMm = Math.min(lengthOf(minus(to, from)), Math.max(0, dotOf(minus(at, from), along)));
  const outMm = dotOf(minus(at, from), out);
  const isOutside = outMm > lengthOf(across) / 2;
  const restMm = isOutside ? lengthOf(across) + heightMm / 2 : -heightMm / 2;
  const [x, y] = plus(from, plus(times(along, alongMm), times(out, restMm)));
  const turn = (180 * Math.atan2(along[1], along[0])) / Math.PI;
  const turnDeg = turn > 90 ? turn - 180 : turn < -90 ? turn + 180 : turn;
  return { at: [tenth(x), tenth(y)], turnDeg: tenth(turnDeg) };
}

const dotOf = (a: Point, b: Point) => a[0] * b[0] + a[1] * b[1];
const tenth = (value: number) => Number(value.toFixed(1));
