import { said, type Said } from '../said';
import { InputError, readInput } from '../input';
import { severity, told, worstFirst, type Finding } from '../verdict';
import { PedalSensorInput, ringSides, type PedalSensorResult, type SensorInstead, type SensorMount } from './contract';
import { judgeWay, usualGapMm, type JudgedWay } from './judge-way';

/** At how many turns of the crank a minute the delay is said. */
const usualCadenceRpm = 60;

/**
 * Where do ring and sensor of the pedal assistance go: which side, how held, with the crank on or off, which way round?
 *
 * Room is what the sensor stands out, the ring's thickness, the smallest gap that its maker allows, and a millimetre. A ring
 * that is too narrow loses a little of its claws, one that is loose is packed. Under a cup or lock ring only a threaded shell
 * holds a sensor, and magnets must pass its mark. A ring made for the other side is turned over or ordered.
 *
 * @param input - crank, shell, room on both sides, the kit's own ring and sensor
 * @returns every side and mount, best first, with what each takes
 * @throws InputError for values out of range, no mount at all, or a gap window that ends before it begins
 *
 * @example
 * pedalSensor({ crank: { fixing: 'square' }, shell: { kind: 'threaded', lockRing: true }, roomMm: { drive: 9, nonDrive: 12 },
 *   axleMm: 17, ring: { kind: 'split', thicknessMm: 6, boreMm: 17, magnets: 12, madeFor: 'nonDrive' },
 *   sensor: { proudMm: 1, mounts: ['tie'] }, startPulses: 6, stopMs: 500 }).ways[0]
 * // { side: 'nonDrive', mount: 'tie', crank: 'off', verdict: 'goes', needMm: 9, spareMm: 3, gapMm: 2, … }
 */
export function pedalSensor(input: PedalSensorInput): PedalSensorResult {
  const read = readInput(PedalSensorInput, input);
  refuseContradictions(read);
  const judged = ringSides
    .flatMap((side) => read.sensor.mounts.map((mount) => judgeWay(read, side, mount)))
    .sort(byPreference(read.sensor.mounts));
  const [best] = judged as [JudgedWay, ...JudgedWay[]];
  const { verdict } = best.way;
  const instead = verdict === 'stop' ? insteadOf(read) : null;
  return {
    verdict,
    findings: worstFirst([...best.findings, ...(instead ?? []).map(insteadFinding)]),
    ways: judged.map(({ way }) => way),
    startDelayS: (read.startPulses * 60) / (read.ring.magnets * (read.cadenceRpm ?? usualCadenceRpm)),
    stopS: read.stopMs / 1000,
    defaulted: (['gapMinMm', 'gapMaxMm'] as const)
      .filter((name) => read.sensor[name] === undefined)
      .map((name) => `sensor.${name}`),
    ...(instead && { instead }),
  };
}

function refuseContradictions({ sensor }: PedalSensorInput): void {
  if (sensor.mounts.length === 0)
    throw new InputError('sensor.mounts', sensor.mounts, said('pedal-sensor.list-of-at-least-one-mount'));
  const { gapMinMm = usualGapMm.min, gapMaxMm = usualGapMm.max } = sensor;
  if (gapMaxMm < gapMinMm) {
    const name = sensor.gapMaxMm === undefined ? 'gapMinMm' : 'gapMaxMm';
    throw new InputError(
      `sensor.${name}`,
      sensor[name],
      said('pedal-sensor.such-that-gap-from-to-is', { gapMinMm, gapMaxMm }),
    );
  }
}

/** Differences below this are binary dust. */
const dust = 1e-9;

/** By verdict; then what disturbs least: crank on, chain line kept, ring as it is, room to spare, the side without chainring. */
function byPreference(mounts: readonly SensorMount[]) {
  const ranks = ({ way }: JudgedWay): number[] => [
    severity[way.verdict],
    way.crank === 'on' ? 0 : 1,
    way.chainLineMm,
    way.trimMm + way.packMm,
    -way.spareMm,
    way.side === 'nonDrive' ? 0 : 1,
    mounts.indexOf(way.mount),
  ];
  return (a: JudgedWay, b: JudgedWay): number => {
    const [one, other] = [ranks(a), ranks(b)];
    const at = one.findIndex((rank, index) => Math.abs(rank - other[index]!) > dust);
    return at < 0 ? 0 : one[at]! - other[at]!;
  };
}

function insteadOf({ ring, shell, crank }: PedalSensorInput): SensorInstead[] {
  return [
    'throttle-only',
    ...(ring.kind === 'sealed' ? [] : (['sealed-unit'] as const)),
    ...(shell.kind === 'threaded' && crank.fixing !== 'one-piece' ? (['torque-bracket'] as const) : []),
  ];
}

const insteadWords: Record<SensorInstead, [because: Said, remedy: Said]> = {
  'throttle-only': [
    said('pedal-sensor.without-pedal-sensor-motor-answers-to'),
    said('pedal-sensor.look-whether-class-of-vehicle-allows'),
  ],
  'sealed-unit': [
    said('pedal-sensor.sealed-unit-sits-on-axle-beside'),
    said('pedal-sensor.measure-axle-where-it-would-sit'),
  ],
  'torque-bracket': [
    said('pedal-sensor.bottom-bracket-that-senses-torque-takes'),
    said('pedal-sensor.measure-shell-width-and-thread-and'),
  ],
};

function insteadFinding(instead: SensorInstead): Finding {
  const [because, remedy] = insteadWords[instead];
  return told(`instead.${instead}`, 'work', because, [remedy]);
}
