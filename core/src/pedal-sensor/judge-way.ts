import { inMm } from '../figures';
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

const sideWords: Record<RingSide, string> = { drive: 'drive side', nonDrive: 'non-drive side' };

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
  const where = `On the ${sideWords[side]}`;
  if (spareMm < -dustMm) {
    return finding(
      'room',
      'stop',
      `${where} ${inMm(roomMm[side])} are free; at least ${inMm(needMm)} are needed.`,
      figures,
      ['Take the other side, a thinner ring, or a sealed unit in the bottom bracket.'],
    );
  }
  if (ring.kind !== 'sealed' && sensor.proudMm === undefined) {
    return finding('room', 'unknown', `${where} it is not known how far the sensor stands out of the frame.`, figures, [
      'Hold the sensor in its place and measure how far its face stands out.',
    ]);
  }
  return finding('room', 'goes', `${where} ${inMm(roomMm[side])} are free; ${inMm(needMm)} are needed.`, figures);
}

function boreRule(sealed: boolean, trimMm: number, packMm: number): Finding {
  const figures = {
    measured: trimMm || packMm,
    limit: sealed && trimMm > 0 ? 0 : mostTrimMm,
    margin: mostTrimMm - (trimMm || packMm),
  };
  if (trimMm > 0) {
    if (sealed) {
      return finding('bore', 'stop', 'The axle is wider than the sealed unit takes, and that is not cut.', figures, [
        'Order the unit for this axle.',
      ]);
    }
    return trimMm > mostTrimMm + dustMm
      ? finding(
          'bore',
          'stop',
          `The ring’s claws would lose ${inMm(trimMm)}; they hold with at most ${inMm(mostTrimMm)} less.`,
          figures,
          ['Order a ring for this axle.'],
        )
      : finding(
          'bore',
          'work',
          `The axle is wider than the ring: ${inMm(trimMm)} come off its claws, in small cuts.`,
          figures,
          ['Trim the claws little by little, trying it on in between.'],
        );
  }
  return packMm > mostTrimMm + dustMm
    ? finding(
        'bore',
        'stop',
        `The ring is ${inMm(packMm)} loose all round; at most ${inMm(mostTrimMm)} may be packed.`,
        figures,
        ['Order a ring for this axle.'],
      )
    : finding('bore', 'work', `The ring is loose: ${inMm(packMm)} are packed under it all round.`, figures, [
        'Pack it evenly, so that it runs true.',
      ]);
}

function crankRule(fixing: PedalSensorInput['crank']['fixing']): Finding[] {
  if (fixing !== 'one-piece')
    return [told('crank', 'goes', 'The crank comes off for the ring, and goes back opposite the other one.')];
  return [
    told('crank', 'work', 'A one-piece crank comes off with its bearings opened.', [
      'Grease the bearings and set their play when it goes back.',
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
          told('shell', 'stop', 'Only a threaded shell has a cup or ring to hold a sensor under.', [
            'Tie the sensor to the frame, or take a bracket.',
          ]),
        ];
  if (side === 'nonDrive') {
    const held = shell.lockRing
      ? []
      : [told('lock-ring', 'stop', 'There is no lock ring to hold the sensor under.', ['Tie it, or take a bracket.'])];
    return { chainLineMm: 0, findings: [...threaded, ...held] };
  }
  if (plateMm === undefined) {
    return {
      chainLineMm: 0,
      findings: [
        ...threaded,
        told('chain-line', 'unknown', 'The plate that goes under the cup is not measured.', ['Measure the plate.']),
      ],
    };
  }
  const figures = { measured: plateMm, limit: chainLineWorkMm, margin: chainLineWorkMm - plateMm };
  const verdict = plateMm <= chainLineGoesMm + dustMm ? 'goes' : plateMm <= chainLineWorkMm + dustMm ? 'work' : 'stop';
  const remedies = verdict === 'goes' ? [] : ['Look whether the chain still runs straight on every sprocket.'];
  const rule = finding(
    'chain-line',
    verdict,
    `The plate moves the chainring out by ${inMm(plateMm)}.`,
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
    return told('magnets', 'unknown', 'It is not known whether the magnets pass the sensor’s mark.', [
      'Measure from the middle of the axle to the magnets, and to the mark.',
    ]);
  }
  const offMm = Math.abs(magnetRadiusMm - markRadiusMm);
  const figures = { measured: offMm, limit: offMarkMm, margin: offMarkMm - offMm };
  return offMm <= offMarkMm + dustMm
    ? finding('magnets', 'goes', `The magnets pass the mark ${inMm(offMm)} off its middle.`, figures)
    : finding(
        'magnets',
        'stop',
        `The magnets pass ${inMm(offMm)} beside the mark; at most ${inMm(offMarkMm)} may be.`,
        figures,
        ['Tie the sensor or take a bracket: both are set to the magnets.'],
      );
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
      finding: told('direction', 'unknown', 'It is not known for which side the ring is made.', [
        'Look for an arrow or a marked face, or try the sensor on the bench.',
      ]),
    };
  }
  if (madeFor === 'both' || madeFor === side) {
    return { turnOver: false, finding: told('direction', 'goes', `The ring is made for the ${sideWords[side]}.`) };
  }
  if (kind === 'sealed' || bothFaces === false) {
    return {
      turnOver: false,
      orderHand: side,
      finding: told('direction', 'work', `The ring is made for the other side, and cannot be turned over.`, [
        `Order it for the ${sideWords[side]}.`,
      ]),
    };
  }
  if (bothFaces === undefined) {
    return {
      turnOver: false,
      finding: told('direction', 'unknown', 'It is not known whether the ring reads through its other face.', [
        'Try the ring turned over on the bench.',
      ]),
    };
  }
  return { turnOver: true, finding: told('direction', 'goes', 'Turned over, the ring counts forward on this side.') };
}
