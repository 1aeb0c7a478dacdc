import { radians } from '../plane';
import type { Body, CableRunsInput, Setting, Spot } from './contract';
import { dot, minus, plus, times } from './space';

/** Which movements there are between some bodies. */
export interface Felt {
  steering: boolean;
  travel: boolean;
  swing: boolean;
}

/** From and to, in ° or mm. */
export type Range = [from: number, to: number];

export const neutral: Setting = { steerDeg: 0, travelMm: 0, swingDeg: 0 };

/** How a bike moves: steering about its head, the fork in and out, the swingarm about its pivot. */
export class Movements {
  /** Along the steering axis, upwards. */
  readonly axis: Spot;
  /** Across it, forwards; with the third, to the left, they turn right-handed about the axis. */
  private readonly forwards: Spot;
  private readonly point: Spot;
  private readonly pivot: Spot;
  readonly steerDeg: Range;
  readonly travelMm: Range;
  readonly swingDeg: Range;

  constructor({ head, forkTravelMm, rearTravel }: Pick<CableRunsInput, 'head' | 'forkTravelMm' | 'rearTravel'>) {
    const angle = radians(head.angleDeg);
    this.axis = [-Math.cos(angle), Math.sin(angle), 0];
    this.forwards = [Math.sin(angle), Math.cos(angle), 0];
    this.point = head.point;
    this.pivot = rearTravel?.pivot ?? [0, 0, 0];
    this.steerDeg = [-head.lockDeg.right, head.lockDeg.left];
    this.travelMm = [0, forkTravelMm];
    this.swingDeg = [0, rearTravel?.deg ?? 0];
  }

  /** What changes where such bodies are to each other. */
  feltBy(bodies: readonly Body[]): Felt {
    const all = (is: (body: Body) => boolean) => bodies.every(is) || !bodies.some(is);
    return {
      steering: !all((body) => body === 'bar' || body === 'fork'),
      travel: !all((body) => body === 'fork'),
      swing: !all((body) => body === 'swingarm'),
    };
  }

  /** Where a point of a body is. */
  placed(on: Body, at: Spot, setting: Setting): Spot {
    switch (on) {
      case 'frame':
        return at;
      case 'bar':
        return this.steered(at, setting.steerDeg, 0);
      case 'fork':
        return this.steered(at, setting.steerDeg, setting.travelMm);
      case 'swingarm':
        return this.swung(at, setting.swingDeg);
    }
  }

  /** Where a point in the room lies on a body, as that was before it moved. */
  seenFrom(on: Body, at: Spot, setting: Setting): Spot {
    switch (on) {
      case 'frame':
        return at;
      case 'bar':
        return this.steered(at, -setting.steerDeg, 0);
      case 'fork':
        return this.steered(at, -setting.steerDeg, -setting.travelMm);
      case 'swingarm':
        return this.swung(at, -setting.swingDeg);
    }
  }

  /** A point by the steering axis: height along it, distance from it, direction about it. */
  aboutAxis(at: Spot): { heightMm: number; radiusMm: number; angle: number } {
    const from = minus(at, this.point);
    const [forwards, left] = [dot(from, this.forwards), -from[2]];
    return {
      heightMm: dot(from, this.axis),
      radiusMm: Math.hypot(forwards, left),
      angle: Math.atan2(left, forwards),
    };
  }

  /** A point by the pivot, its angle growing as the swingarm lifts. */
  aboutPivot(at: Spot): { radiusMm: number; angle: number } {
    const [x, y] = minus(at, this.pivot);
    return { radiusMm: Math.hypot(x, y), angle: -Math.atan2(y, x) };
  }

  /** No point of a body moves further than this for a degree, or a millimetre, of each movement. */
  reachOf(on: Body, at: Spot): { steerMmPerDeg: number; travelMmPerMm: number; swingMmPerDeg: number } {
    const steers = on === 'bar' || on === 'fork';
    return {
      steerMmPerDeg: steers ? radians(this.aboutAxis(at).radiusMm) : 0,
      travelMmPerMm: on === 'fork' ? 1 : 0,
      swingMmPerDeg: on === 'swingarm' ? radians(this.aboutPivot(at).radiusMm) : 0,
    };
  }

  private steered(at: Spot, byDeg: number, upMm: number): Spot {
    if (byDeg === 0 && upMm === 0) return at;
    const { heightMm, radiusMm, angle } = this.aboutAxis(at);
    const turned = angle + radians(byDeg);
    const across = times(this.forwards, radiusMm * Math.cos(turned));
    const along = plus(this.point, times(this.axis, heightMm + upMm));
    return plus(plus(along, across), [0, 0, -radiusMm * Math.sin(turned)]);
  }

  private swung(at: Spot, byDeg: number): Spot {
    if (byDeg === 0) return at;
    const [x, y, z] = minus(at, this.pivot);
    const [cos, sin] = [Math.cos(radians(byDeg)), Math.sin(radians(byDeg))];
    return plus(this.pivot, [x * cos + y * sin, y * cos - x * sin, z]);
  }
}
