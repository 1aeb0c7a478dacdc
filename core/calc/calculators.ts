import type { Shape } from '../src/input';
import { armFit, ArmFitInput } from '../src/arm-fit';
import { axleStack, AxleStackInput } from '../src/axle-stack';
import { batteryBay, BatteryBayInput } from '../src/battery-bay';
import { bikeChecks, BikeChecksInput } from '../src/bike-checks';
import { cableRuns, CableRunsInput } from '../src/cable-runs';
import { endAdapter, EndAdapterInput } from '../src/end-adapter';
import { plainFit, PlainFitInput } from '../src/fit';
import { gearIndex, GearIndexInput } from '../src/gear-index';
import { handlebar, HandlebarInput } from '../src/handlebar';
import { identifyStandard, IdentifyStandardInput } from '../src/identify-standard';
import { plainMatch, PlainMatchInput } from '../src/match';
import { brakeLevers, BrakeLeversInput } from '../src/brake-levers';
import { connections, ConnectionsInput } from '../src/connections';
import { controllers, ControllersInput } from '../src/controllers';
import { racks, RacksInput } from '../src/racks';
import { motorTorque, MotorTorqueInput } from '../src/motor-torque';
import { pedalSensor, PedalSensorInput } from '../src/pedal-sensor';
import { powerPath, PowerPathInput } from '../src/power-path';
import { readingStatistics, ReadingStatisticsInput } from '../src/reading-statistics';
import { rotorFit, RotorFitInput } from '../src/rotor-fit';
import { slotFit, SlotFitInput } from '../src/slot-fit';
import { takeIn, TakeInInput } from '../src/take-in';
import { torqueReaction, TorqueReactionInput } from '../src/torque-reaction';
import { tyreFit, TyreFitInput } from '../src/tyre-fit';
import { wheelLacing, WheelLacingInput } from '../src/wheel-lacing';
import { wheelTruing, WheelTruingInput } from '../src/wheel-truing';
import { plainProcedure, PlainProcedureInput, plainTwoMotors, PlainTwoMotorsInput } from '../src/job-plan';
import {
  batteryBayExample,
  cableRunsExample,
  connectionsExample,
  fitExample,
  matchExample,
  procedureExample,
  twoMotorsExample,
} from './examples';

/** A calculator as the shell sees it. */
export interface Calculator {
  /** What it answers, in one line. */
  answers: string;
  /** An input that works. */
  example: unknown;
  run: (input: never) => unknown;
  /** Its contract. */
  contract: Shape;
}

const steelSide = { material: 'steel', slotMm: 10.1, plateMm: 4.5, nutTorqueNm: 40, faceDiameterMm: 20, filedMm: 0 };

const armSide = {
  slotDeg: 270,
  bladeDeg: 78,
  clampable: [{ fromMm: 60, toMm: 200 }],
  blade: { nearAtMm: 60, nearMm: 18, farAtMm: 200, farMm: 24 },
  stepMm: 1,
  threadLeftMm: 12,
};

/** Every calculator by its name. */
export const calculators: Record<string, Calculator> = {
  'identify-standard': {
    answers: 'Which standard size is a reading near?',
    example: { feature: 'front-spacing', valueMm: 99.8 },
    run: identifyStandard,
    contract: IdentifyStandardInput,
  },
  'reading-statistics': {
    answers: 'What do repeated readings at one place say together?',
    example: { instrument: 'calipers', valuesMm: [9.58, 9.6, 9.56] },
    run: readingStatistics,
    contract: ReadingStatisticsInput,
  },
  'slot-fit': {
    answers: 'Does this axle sit in this dropout, and how?',
    example: {
      axle: { threadMm: 12, flatsMm: 10 },
      side: {
        kind: 'open',
        slotMinMm: 10.05,
        slotMaxMm: 10.1,
        depthMm: 14,
        plateMm: 5,
        material: 'steel',
        oldAxleMm: 9,
      },
    },
    run: slotFit,
    contract: SlotFitInput,
  },
  'axle-stack': {
    answers: 'Which washers go where on the axle?',
    example: {
      spacingMm: 100,
      material: 'steel',
      plateMm: { left: 5, right: 5 },
      hub: { shoulderWidthMm: 96, rimOffsetMm: 0, axleMm: { left: 40, right: 40 }, threadMm: 12 },
      outside: { left: [], right: [] },
      nutMm: 9,
      tabs: { left: false, right: false },
      washers: [{ id: 'w2', kind: 'plain', thicknessMm: 2, count: 4 }],
      rotorShims: [],
    },
    run: axleStack,
    contract: AxleStackInput,
  },
  'motor-torque': {
    answers: 'How hard can this motor turn the wheel from standstill?',
    example: { kv: 8, windingOhm: 0.15, noLoadA: 0.8, phaseA: 30, batteryA: 15, fullV: 42 },
    run: motorTorque,
    contract: MotorTorqueInput,
  },
  'torque-reaction': {
    answers: 'Does the axle stay where it is, with tight nuts and with slack ones?',
    example: {
      end: 'front',
      peakTorqueNm: 35,
      regen: false,
      axle: { threadMm: 12, flatsMm: 10 },
      sides: {
        left: {
          ...steelSide,
          arms: [{ lengthMm: 90, thicknessMm: 6, grade: 'mild', fitClearanceMm: 0.1, clampOffsetMm: 0 }],
        },
        right: { ...steelSide, arms: [] },
      },
    },
    run: torqueReaction,
    contract: TorqueReactionInput,
  },
  'arm-fit': {
    answers: 'Which torque arms can be put on, where, and which way round?',
    example: {
      sides: { left: armSide, right: { ...armSide, cable: true } },
      arms: [
        { id: 'straight', kind: 'rigid', lengthMm: 90, thicknessMm: 6, widthMm: 18, band: { fromMm: 12, toMm: 40 } },
        {
          id: 'jointed',
          kind: 'adjustable',
          lengthMm: 50,
          linkMm: 60,
          thicknessMm: 6,
          widthMm: 18,
          band: { fromMm: 12, toMm: 40 },
        },
      ],
    },
    run: armFit,
    contract: ArmFitInput,
  },
  'rotor-fit': {
    answers: 'Does the rotor go on, with which bolts, and does the caliper clear the motor?',
    example: {
      hubMaterial: 'aluminium',
      rotorThicknessMm: 1.8,
      shimMm: 0,
      washerMm: 0,
      holeDepthMm: 9,
      boltsMm: [8, 10, 12],
      boltPattern: { hub: 'six-bolt', rotor: 'six-bolt' },
      rotorDiameterMm: 160,
      caliper: { inboardMm: 14, depthMm: 30, mount: 'side' },
      coverFaceMm: 17,
      coverDiameterMm: 132,
      legGapMm: 4,
      mount: { shimMm: 0, plateMm: 8, boltsMm: [16, 18, 20], threadDepthMm: 12 },
    },
    run: rotorFit,
    contract: RotorFitInput,
  },
  'gear-index': {
    answers: 'Do the old shifter and derailleur still find the sprockets?',
    example: {
      shifterSpeeds: 8,
      sprockets: 7,
      cluster: 'freewheel',
      hubTakes: 'freewheel',
      oldGapMm: 4,
      newGapMm: 5,
      teeth: [14, 16, 18, 20, 22, 24, 28],
      chainring: 42,
      circumferenceMm: 2100,
      assistedKmh: 25,
    },
    run: gearIndex,
    contract: GearIndexInput,
  },
  'pedal-sensor': {
    answers: 'Where do ring and sensor of the pedal assistance go, and what does that take?',
    example: {
      crank: { fixing: 'square' },
      shell: { kind: 'threaded', lockRing: true },
      roomMm: { drive: 9, nonDrive: 12 },
      passMm: { drive: 6, nonDrive: 7.5 },
      axleMm: 17,
      ring: { kind: 'split', thicknessMm: 6, boreMm: 17, magnets: 12, magnetRadiusMm: 16, madeFor: 'nonDrive' },
      sensor: { gapMinMm: 1, gapMaxMm: 3, proudMm: 1, markRadiusMm: 15, mounts: ['tie', 'shell-ring'] },
      plateMm: 2,
      startPulses: 6,
      stopMs: 500,
    },
    run: pedalSensor,
    contract: PedalSensorInput,
  },
  'power-path': {
    answers: 'From cell to motor: does every element carry the current, at this voltage, and in a short?',
    example: {
      battery: {
        cells: 13,
        ah: 12,
        continuousA: 30,
        peakA: 50,
        packOhm: 0.12,
        chemistry: 'nmc',
        cutoffVPerCell: 3,
        pack: 'cased',
      },
      chain: [
        { kind: 'connector', continuousA: 45, maxV: 60, polarised: true, sparkRated: true, deadWhenOpen: true },
        { kind: 'fuse', A: 30, maxV: 80, breakA: 1000 },
        { kind: 'lead', mm2: 4, lengthM: 0.6, metal: 'copper', insulation: 'silicone', bundled: true },
        { kind: 'phase', continuousA: 40 },
      ],
      controller: { batteryA: 20, phaseA: 40, minV: 30, maxV: 60, lowCutV: 40 },
      charger: { volts: 54.6, amps: 4 },
      accessories: [{ id: 'light', volts: [30, 60], watts: 7.8, from: 'main' }],
    },
    run: powerPath,
    contract: PowerPathInput,
  },
  'battery-bay': {
    answers: 'Where does the battery go in the frame: room, the way in, what holds it?',
    example: batteryBayExample,
    run: batteryBay,
    contract: BatteryBayInput,
  },
  'cable-runs': {
    answers: 'Does every cable reach wherever bars, fork and swingarm stand, off everything that turns?',
    example: cableRunsExample,
    run: cableRuns,
    contract: CableRunsInput,
  },
  'brake-levers': {
    answers: 'Are the brake levers kept, kept with a switch, or replaced, and what does that take?',
    example: {
      brakes: { front: { kind: 'rotor', pull: 'hydraulic' }, rear: { kind: 'rim', pull: 'long' } },
      levers: [
        { end: 'front', pull: 'hydraulic', oneWithShifter: false, cutOff: false },
        { end: 'rear', pull: 'long', oneWithShifter: true, cutOff: false },
      ],
      kit: [{ id: 'kit lever', pull: 'long', cutOff: true }],
      switches: [{ id: 'magnet switch', kind: 'at-lever' }],
      throttle: true,
      drive: { stopMs: 500, assistedKmh: 25 },
    },
    run: brakeLevers,
    contract: BrakeLeversInput,
  },
  connections: {
    answers: 'Which plug of a loom meets which, by which adapter, and what stays open?',
    example: connectionsExample,
    run: connections,
    contract: ConnectionsInput,
  },
  controllers: {
    answers: 'Does the controller keep cool and dry where it is put, and do its plugs reach?',
    example: {
      box: { lengthMm: 120, widthMm: 60, heightMm: 35 },
      lossW: 5,
      airC: 30,
      around: 'open',
      gaps: { belowMm: 12, aroundMm: 6 },
      exits: 'down',
      splashed: false,
      plugs: [{ id: 'motor', lengthMm: 300, neededMm: 260 }],
    },
    run: controllers,
    contract: ControllersInput,
  },
  racks: {
    answers: 'Does a rack carry the battery, and does the battery stay on it?',
    example: {
      rack: { ratedKg: 27, fixings: 4, onSeatPost: false, lengthMm: 380, widthMm: 120 },
      pack: { massKg: 4, lengthMm: 380, widthMm: 130, onRail: false },
      luggageKg: 10,
      straps: [{ holdsN: 80 }, { holdsN: 80 }],
    },
    run: racks,
    contract: RacksInput,
  },
  handlebar: {
    answers: 'In which order do levers, shifters, throttle, grips and display go onto the bar?',
    example: {
      bar: { straightMm: { left: 230, right: 230 }, centreMm: 90, gripDiameterMm: 22.2, centreDiameterMm: 31.8 },
      parts: [
        { id: 'grip-left', kind: 'grip', widthMm: 125, side: 'left' },
        { id: 'grip-right', kind: 'grip', widthMm: 125, side: 'right', minWidthMm: 100 },
        { id: 'brake-left', kind: 'lever', widthMm: 20, clampMm: 22.3, side: 'left', sweepMm: 8, cutOff: true },
        { id: 'brake-right', kind: 'lever', widthMm: 20, clampMm: 22.3, side: 'right', sweepMm: 8, cutOff: true },
        { id: 'gears', kind: 'shifter-trigger', widthMm: 35, clampMm: 22.3, side: 'right', rear: true },
        { id: 'throttle', kind: 'throttle-thumb', widthMm: 22, clampMm: 22.5, side: 'either' },
        { id: 'display', kind: 'display', widthMm: 60, clampMm: 31.8, side: 'centre' },
        { id: 'bell', kind: 'bell', widthMm: 15, clampMm: 25.4, side: 'either', nowSide: 'right' },
      ],
      drive: { stopMs: 500, assistedKmh: 25 },
    },
    run: handlebar,
    contract: HandlebarInput,
  },
  'wheel-lacing': {
    answers: 'Which spokes, at which angle, with which tension on each side?',
    example: {
      erdMm: 540,
      spokes: 36,
      left: { flangeDiameterMm: 180, flangeOffsetMm: 28, holeMm: 2.6 },
      right: { flangeDiameterMm: 180, flangeOffsetMm: 20, holeMm: 2.6 },
      pattern: 'crossed',
      lead: 1,
      spokeMm: 2.3,
      peakTorqueNm: 40,
    },
    run: wheelLacing,
    contract: WheelLacingInput,
  },
  'wheel-truing': {
    answers: 'Is this wheel true, round, in dish and evenly tensioned?',
    example: {
      spokes: [
        { side: 'left', radialMm: 0, lateralMm: 0.1, tensionN: 700 },
        { side: 'right', radialMm: 0.2, lateralMm: 0, tensionN: 1000 },
        { side: 'left', radialMm: 0.1, lateralMm: -0.1, tensionN: 720 },
        { side: 'right', radialMm: 0.1, lateralMm: 0.1, tensionN: 980 },
      ],
      dishMm: 0.4,
    },
    run: wheelTruing,
    contract: WheelTruingInput,
  },
  'tyre-fit': {
    answers: 'Does this tyre suit the rim, and at which pressure does it start?',
    example: {
      tyre: { beadSeatMm: 622, widthMm: 47, minBar: 2.5, maxBar: 5, loadKg: 110, speedKmh: 50 },
      rim: { beadSeatMm: 622, innerWidthMm: 21, maxBar: 6, brakeTrack: true, valveHole: 'thick', depthMm: 18 },
      rimBrake: true,
      loadKg: 70,
      speedKmh: 25,
    },
    run: tyreFit,
    contract: TyreFitInput,
  },
  'end-adapter': {
    answers: 'How is a hub for several ends built up for this one?',
    example: {
      spacingMm: 142,
      holesMm: { left: 12, right: 12 },
      rotorFaceMm: 15.3,
      hub: { baseWidthMm: 124, rotorFaceMm: 8 },
      extenders: [],
      endCaps: [
        { id: 'L9', side: 'left', lengthMm: 9, boreMm: 12 },
        { id: 'R9', side: 'right', lengthMm: 9, boreMm: 12 },
      ],
      rotorSpacers: [{ id: 'S2', thicknessMm: 2 }],
      screws: [{ id: 'M5x10', threadMm: 5, lengthMm: 10 }],
      screwHoles: [{ id: 'rotor', threadMm: 5, throughMm: 0, throughRotor: true, depthMm: 10, leastMm: 6 }],
      rotorThicknessMm: 1.8,
    },
    run: endAdapter,
    contract: EndAdapterInput,
  },
  'bike-checks': {
    answers: 'Is the bike itself up to the new speed and mass?',
    example: {
      massKg: { before: 95, after: 104 },
      speedKmh: { before: 22, after: 25 },
      brakes: { front: { kind: 'rim' }, rear: { kind: 'rim' } },
      descent: { gradePercent: 8 },
      drive: { end: 'front', peakTorqueNm: 40 },
      climb: { gradePercent: 8, minutes: 10, speedKmh: 12 },
      motor: { kind: 'geared', ktNmPerA: 1.2, windingOhm: 0.18, noLoadA: 0.7 },
      ratings: [{ part: 'rack', ratedKg: 25, loadKg: 20 }],
    },
    run: bikeChecks,
    contract: BikeChecksInput,
  },
  'take-in': {
    answers: 'Front, rear or mid: where does the motor go on this bike?',
    example: {
      front: { material: 'steel', condition: 'sound', suspension: false, kind: 'open', brake: 'rim' },
      rear: { material: 'steel', condition: 'sound', kind: 'open', brake: 'rim' },
      rearHub: 'gear-hub',
      peakTorqueNm: 35,
      massKg: { bike: 18, rider: 75, load: 10 },
      loadAt: 'rear',
      climbPercent: 6,
    },
    run: takeIn,
    contract: TakeInInput,
  },
  fit: {
    answers: 'Everything of one kit at one end of one bike, before anything is ordered',
    example: fitExample,
    run: plainFit,
    contract: PlainFitInput,
  },
  match: {
    answers: 'Which kit of the catalogue goes on this bike, at which end?',
    example: matchExample,
    run: plainMatch,
    contract: PlainMatchInput,
  },
  procedure: {
    answers: 'Which steps does this conversion take, in which order, with what checks and time?',
    example: procedureExample,
    run: plainProcedure,
    contract: PlainProcedureInput,
  },
  'two-motors': {
    answers: 'A kit at each end, on one battery: does each go, knowing of the other?',
    example: twoMotorsExample,
    run: plainTwoMotors,
    contract: PlainTwoMotorsInput,
  },
};
