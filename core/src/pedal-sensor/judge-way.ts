import { said, type Said } from '../said';
import { finding, told, worstOf, type Finding } from '../verdict';
import type { CrankTool, PedalSensorInput, RingSide, SensorMount, SensorWay } from './contract';

/** A limit that is just met is kept. */
const dustMm = 1e-6;
/** What stays free beside the ring, and beside the halves of a split one while they go in [J]. */
const freeMm = 1;
/** So far a ring may be trimmed or packed, and magnets stand off the sensor's mark [J]. */
const mostTrimMm = 2.5;
const looseMm = 0.25;
const offMarkMm = 2;
/** A plate under the cup moves the chain line: so much goes, so much is work [J]. */
const chainLineGoesMm = 2;
const chainLineWorkMm = 3.5;

/** Where the usual figures stand in for the maker's. */
export const usualGapMm = { min: 1, max: 3 };

const tools: Record<PedalSensorInput['crank']['fixing'], CrankTool> = {
  square: 'puller-square',
  splined: 'puller-splined',
  hollow: 'cap-key',
  'one-piece': 'one-piece-spanner',
};

const sideWords: Record<RingSide, Said> = {
  drive: said('pedal-sensor.drive-side'),
  nonDrive: said('pedal-sensor.non-drive-side'),
};

export interface JudgedWay {
  way: SensorWay;
  findings: Finding[];
}

/** One side and one mount: what it takes, and every rule that it is held to. */
export function judgeWay(input: PedalSensorInput, side: RingSide, mount: SensorMount): JudgedWay {
  const { ring, sensor, roomMm, axleMm, crank, passMm } = input;
  const sealed = ring.kind === 'sealed';
  const gapMinMm = sensor.gapMinMm ?? usualGapMm.min;
  const gapMaxMm = sensor.gapMaxMm ?? usualGapMm.max;
  const needMm = sealed ? ring.thicknessMm + freeMm : (sensor.proudMm ?? 0) + ring.thicknessMm + gapMinMm + freeMm;
  const spareMm = roomMm[side] - needMm;
  const trimMm = Math.max(0, (axleMm - ring.boreMm) / 2);
  const play = (ring.boreMm - axleMm) / 2;
  const packMm = play > looseMm + dustMm ? play : 0;
  const passes = passMm?.[side] ?? -Infinity;
  const stays = ring.kind === 'split' && passes >= ring.thicknessMm + freeMm - dustMm;
  const turned = facing(input, side);
  const plate = underShell(input, side, mount);
  const findings = [
    roomRule(input, side, needMm, spareMm),
    ...(trimMm > 0 || packMm > 0 ? [boreRule(sealed, trimMm, packMm)] : []),
    ...(stays ? [] : crankRule(crank.fixing)),
    ...plate.findings,
    ...(mount === 'shell-ring' && !sealed ? [markRule(input)] : []),
    turned.finding,
  ];
  const way: SensorWay = {
    side,
    mount,
    crank: stays ? 'on' : 'off',
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    needMm,
    spareMm,
    gapMm: sealed ? 0 : Math.min((gapMinMm + gapMaxMm) / 2, gapMinMm + spareMm),
    trimMm,
    packMm,
    chainLineMm: plate.chainLineMm,
    turnOver: turned.turnOver,
    ...(turned.orderHand && { orderHand: turned.orderHand }),
    ...(stays ? {} : { tool: tools[crank.fixing] }),
  };
  return { way, findings };
}

function roomRule(
  { ring, sensor, roomMm }: PedalSensorInput,
  side: RingSide,
  needMm: number,
  spareMm: number,
): Finding {
  const figures = { measured: roomMm[side], limit: needMm, margin: spareMm };
  const where = sideWords[side];
  if (spareMm < -dustMm) {
    return finding(
      'room',
      'stop',
      said('pedal-sensor.are-free-at-least-are-needed', { where, roomMm: roomMm[side], needMm }),
      figures,
      [said('pedal-sensor.take-other-side-thinner-ring-or')],
    );
  }
  if (ring.kind !== 'sealed' && sensor.proudMm === undefined) {
    return finding('room', 'unknown', said('pedal-sensor.it-is-not-known-how-far', { where }), figures, [
      said('pedal-sensor.hold-sensor-in-its-place-and'),
    ]);
  }
  return finding(
    'room',
    'goes',
    said('pedal-sensor.are-free-are-needed', { where, roomMm: roomMm[side], needMm }),
    figures,
  );
}

function boreRule(sealed: boolean, trimMm: number, packMm: number): Finding {
  const figures = {
    measured: trimMm || packMm,
    limit: sealed && trimMm > 0 ? 0 : mostTrimMm,
    margin: mostTrimMm - (trimMm || packMm),
  };
  if (trimMm > 0) {
    if (sealed) {
      return finding('bore', 'stop', said('pedal-sensor.axle-is-wider-than-sealed-unit'), figures, [
        said('pedal-sensor.order-unit-for-this-axle'),
      ]);
    }
    return trimMm > mostTrimMm + dustMm
      ? finding('bore', 'stop', said('pedal-sensor.ring-claws-would-lose-they-hold', { trimMm, mostTrimMm }), figures, [
          said('pedal-sensor.order-ring-for-this-axle'),
        ])
      : finding('bore', 'work', said('pedal-sensor.axle-is-wider-than-ring-come', { trimMm }), figures, [
          said('pedal-sensor.trim-claws-little-by-little-trying'),
        ]);
  }
  return packMm > mostTrimMm + dustMm
    ? finding('bore', 'stop', said('pedal-sensor.ring-is-loose-all-round-at', { packMm, mostTrimMm }), figures, [
        said('pedal-sensor.order-ring-for-this-axle'),
      ])
    : finding('bore', 'work', said('pedal-sensor.ring-is-loose-are-packed-under', { packMm }), figures, [
        said('pedal-sensor.pack-it-evenly-so-that-it'),
      ]);
}

function crankRule(fixing: PedalSensorInput['crank']['fixing']): Finding[] {
  if (fixing !== 'one-piece') return [told('crank', 'goes', said('pedal-sensor.crank-comes-off-for-ring-and'))];
  return [
    told('crank', 'work', said('pedal-sensor.one-piece-crank-comes-off-with'), [
      said('pedal-sensor.grease-bearings-and-set-their-play'),
    ]),
  ];
}

/** Under a cup or lock ring the shell decides; tied or on a bracket nothing is moved. */
function underShell(
  { shell, plateMm }: PedalSensorInput,
  side: RingSide,
  mount: SensorMount,
): { chainLineMm: number; findings: Finding[] } {
  if (mount !== 'shell-ring') return { chainLineMm: 0, findings: [] };
  const threaded =
    shell.kind === 'threaded'
      ? []
      : [
          told('shell', 'stop', said('pedal-sensor.only-threaded-shell-has-cup-or'), [
            said('pedal-sensor.tie-sensor-to-frame-or-take'),
          ]),
        ];
  if (side === 'nonDrive') {
    const held = shell.lockRing
      ? []
      : [
          told('lock-ring', 'stop', said('pedal-sensor.there-is-no-lock-ring-to'), [
            said('pedal-sensor.tie-it-or-take-bracket'),
          ]),
        ];
    return { chainLineMm: 0, findings: [...threaded, ...held] };
  }
  if (plateMm === undefined) {
    return {
      chainLineMm: 0,
      findings: [
        ...threaded,
        told('chain-line', 'unknown', said('pedal-sensor.plate-that-goes-under-cup-is'), [
          said('pedal-sensor.measure-plate'),
        ]),
      ],
    };
  }
  const figures = { measured: plateMm, limit: chainLineWorkMm, margin: chainLineWorkMm - plateMm };
  const verdict = plateMm <= chainLineGoesMm + dustMm ? 'goes' : plateMm <= chainLineWorkMm + dustMm ? 'work' : 'stop';
  const remedies = verdict === 'goes' ? [] : [said('pedal-sensor.look-whether-chain-still-runs-straight')];
  const rule = finding(
    'chain-line',
    verdict,
    said('pedal-sensor.plate-moves-chainring-out-by', { plateMm }),
    figures,
    remedies,
  );
  return { chainLineMm: plateMm, findings: [...threaded, rule] };
}

/** The magnets pass the sensor's mark radially, too. */
function markRule({ ring, sensor }: PedalSensorInput): Finding {
  const { magnetRadiusMm } = ring;
  const { markRadiusMm } = sensor;
  if (magnetRadiusMm === undefined || markRadiusMm === undefined) {
    return told('magnets', 'unknown', said('pedal-sensor.it-is-not-known-whether-magnets'), [
      said('pedal-sensor.measure-from-middle-of-axle-to'),
    ]);
  }
  const offMm = Math.abs(magnetRadiusMm - markRadiusMm);
  const figures = { measured: offMm, limit: offMarkMm, margin: offMarkMm - offMm };
  return offMm <= offMarkMm + dustMm
    ? finding('magnets', 'goes', said('pedal-sensor.magnets-pass-mark-off-its-middle', { offMm }), figures)
    : finding('magnets', 'stop', said('pedal-sensor.magnets-pass-beside-mark-at-most', { offMm, offMarkMm }), figures, [
        said('pedal-sensor.tie-sensor-or-take-bracket-both'),
      ]);
}

/** Which way round the ring goes, so that forward pedalling is forward. */
function facing(
  { ring }: PedalSensorInput,
  side: RingSide,
): { turnOver: boolean; orderHand?: RingSide; finding: Finding } {
  const { madeFor, bothFaces, kind } = ring;
  if (madeFor === undefined) {
    return {
      turnOver: false,
      finding: told('direction', 'unknown', said('pedal-sensor.it-is-not-known-for-which'), [
        said('pedal-sensor.look-for-arrow-or-marked-face'),
      ]),
    };
  }
  if (madeFor === 'both' || madeFor === side) {
    return {
      turnOver: false,
      finding: told('direction', 'goes', said('pedal-sensor.ring-is-made-for', { sideWords: sideWords[side] })),
    };
  }
  if (kind === 'sealed' || bothFaces === false) {
    return {
      turnOver: false,
      orderHand: side,
      finding: told('direction', 'work', said('pedal-sensor.ring-is-made-for-other-side'), [
        said('pedal-sensor.order-it-for', { sideWords: sideWords[side] }),
      ]),
    };
  }
  if (bothFaces === undefined) {
    return {
      turnOver: false,
      finding: told('direction', 'unknown', said('pedal-sensor.it-is-not-known-whether-ring'), [
        said('pedal-sensor.try-ring-turned-over-on-bench'),
      ]),
    };
  }
  return {
    turnOver: true,
    finding: told('direction', 'goes', said('pedal-sensor.turned-over-ring-counts-forward-on')),
  };
}
