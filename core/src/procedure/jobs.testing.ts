import type { EndJob, JobFacts } from './contract';

const both = ['left', 'right'] as const;

/** A front end with rim brake, smooth dropouts and one arm. */
export const frontEndJob: EndJob = {
  end: 'front',
  code: 'FW-7',
  threadMm: 12,
  nutTorqueNm: 40,
  nutMostNm: 45,
  nutSource: null,
  brake: 'rim',
  closed: false,
  adapterOrder: [],
  laced: false,
  fileMm: { left: 0, right: 0 },
  lips: [],
  cWashers: [],
  tabs: both,
  tabsOutside: [],
  plates: [],
  inside: { left: ['plain-1.5', 'tabbed-2.5'], right: ['plain-1.5', 'tabbed-2.5'] },
  extras: [],
  arms: ['right'],
  rotorShimMm: 0,
  caliperShimMm: 0,
  rotorBoltMm: null,
  caliperBoltMm: null,
  sprockets: 'none',
  chainTension: false,
  levelSlots: false,
  rimInstead: false,
  relieveSeat: false,
  cassetteSpacer: false,
  gearsOff: false,
  dressHanger: false,
  cableExit: 'right',
  downMark: 'arrow',
  repin: false,
  regen: false,
  suspension: false,
  makerSteps: [],
  packing: [
    { part: 'Motor wheel', count: 1 },
    { part: 'Axle nut', count: 2 },
  ],
  topology: 'separate',
};

/** A rear end with freewheel and rim brake. */
export const rearEndJob: EndJob = { ...frontEndJob, end: 'rear', code: 'RW-7', sprockets: 'freewheel' };

/** A job of one front motor, pack in the triangle, split sensor ring, no throttle. */
export const plainJob: JobFacts = {
  ends: [frontEndJob],
  school: 'wheel-first',
  sensor: 'split-ring',
  battery: 'triangle',
  throttle: 'none',
  display: true,
  cutOff: true,
  oldLoom: false,
  folds: false,
  secondPerson: 'telling',
  packV: 42,
  assistedKmh: 25,
  tyreFirst: false,
  lockedNuts: false,
  throttleSide: 'left',
  charging: 'off-bike',
  sensorRoomMm: null,
  sensorGap: null,
  stated: [],
};

const disc = { brake: 'disc', rotorBoltMm: 10, caliperBoltMm: 18 } as const;

/** A reference job: what its plan must have, must not have, and what must come before what. */
export interface ReferenceJob {
  title: string;
  job: JobFacts;
  contains: readonly string[];
  lacks: readonly string[];
  precedes: readonly (readonly [first: string, then: string])[];
}

/** Conversions as a workshop meets them. */
export const referenceJobs: Record<string, ReferenceJob> = {
  'front-rim-lips': {
    title: 'Front rim-brake wheel, fork with retaining lips',
    job: { ...plainJob, ends: [{ ...frontEndJob, lips: both, cWashers: both }] },
    contains: ['lips-filled.front', 'rim-pads.front', 'tabs-in.front', 'clamp-tight.front', 'witness.front'],
    lacks: ['rotor-on.front', 'index.front', 'lace.front', 'shell-drill', 'throttle-on', 'chain-off'],
    precedes: [
      ['lips-filled.front', 'seated.front'],
      ['seated.front', 'axle-tight.front'],
      ['axle-tight.front', 'rim-pads.front'],
      ['tube-in.front', 'second-bead.front'],
    ],
  },
  'front-disc-shims': {
    title: 'Front disc wheel with rotor and caliper shims',
    job: {
      ...plainJob,
      ends: [{ ...frontEndJob, ...disc, rotorShimMm: 1, caliperShimMm: 0.5, lips: both, cWashers: both }],
    },
    contains: ['rotor-shim.front', 'caliper-shim.front', 'rotor-free.front', 'pads-spaced.front', 'lips-filled.front'],
    lacks: ['rim-pads.front', 'freewheel-on.front', 'cassette-on.front'],
    precedes: [
      ['rotor-shim.front', 'rotor-on.front'],
      ['rotor-tight.front', 'arm-trial.front'],
      ['axle-tight.front', 'caliper-centre.front'],
      ['rotor-try.front', 'dry-fit.front'],
      ['dry-fit.front', 'rotor-on.front'],
      ['rotor-free.front', 'rotor-tight.front'],
      ['dry-out.front', 'tube-in.front'],
    ],
  },
  'front-small-wheel': {
    title: 'Front small-wheel folding bike',
    job: { ...plainJob, folds: true, battery: 'bag', ends: [{ ...frontEndJob, code: 'FW-4' }] },
    contains: ['loom-fold', 'bag-fix', 'rim-pads.front'],
    lacks: ['mount-fix', 'rack-fix', 'loom-suspension'],
    precedes: [
      ['loom-fold', 'plugs'],
      ['loom-fold', 'ties'],
    ],
  },
  'rear-freewheel': {
    title: 'Rear wheel with freewheel, slots to file',
    job: { ...plainJob, ends: [{ ...rearEndJob, fileMm: { left: 0.25, right: 0.25 }, arms: both, gearsOff: true }] },
    contains: ['file-slots.rear', 'freewheel-on.rear', 'limits-set.rear', 'index.rear', 'chain-off'],
    lacks: ['cassette-on.rear', 'cassette-spacer.rear', 'rotor-on.rear'],
    precedes: [
      ['file-slots.rear', 'dry-fit.rear'],
      ['dry-fit.rear', 'freewheel-on.rear'],
      ['wheel-in.rear', 'chain-on.rear'],
      ['both-brakes', 'loose-run'],
      ['brakes-again', 'wheel-up-on'],
      ['chain-off', 'chain-on.rear'],
      ['axle-tight.rear', 'index.rear'],
    ],
  },
  'rear-cassette-spacer': {
    title: 'Rear wheel with cassette and spacer',
    job: { ...plainJob, ends: [{ ...rearEndJob, sprockets: 'cassette', cassetteSpacer: true, dressHanger: true }] },
    contains: ['cassette-spacer.rear', 'cassette-on.rear', 'hanger-dress.rear', 'sprocket-clear.rear'],
    lacks: ['freewheel-on.rear'],
    precedes: [
      ['cassette-spacer.rear', 'cassette-on.rear'],
      ['hanger-dress.rear', 'dry-fit.rear'],
    ],
  },
  'rear-through-axle': {
    title: 'Rear disc wheel with through axle and adapters',
    job: {
      ...plainJob,
      ends: [
        {
          ...rearEndJob,
          ...disc,
          sprockets: 'cassette',
          closed: true,
          tabs: [],
          adapterOrder: [
            'left extender E6',
            'rotor spacer S2',
            'rotor',
            'torque arm',
            'left end cap L9',
            'right end cap R9',
          ],
        },
      ],
    },
    contains: [
      'adapters.rear',
      'end-caps.rear',
      'arm-trial.rear',
      'axle-tight.rear',
      'clamp-tight.rear',
      'caliper-centre.rear',
    ],
    lacks: ['tabs-in.rear', 'file-slots.rear', 'lips-filled.rear'],
    precedes: [
      ['adapters.rear', 'dry-fit.rear'],
      ['adapters.rear', 'rotor-on.rear'],
      ['rotor-tight.rear', 'arm-trial.rear'],
      ['arm-trial.rear', 'wheel-in.rear'],
      ['wheel-in.rear', 'axle-tight.rear'],
      ['axle-tight.rear', 'clamp-tight.rear'],
    ],
  },
  'laced-hub': {
    title: 'Hub that comes without a rim',
    job: { ...plainJob, ends: [{ ...frontEndJob, laced: true }] },
    contains: ['spokes-ready.front', 'lace.front', 'true.front', 'spokes-stressed.front', 'spokes-after.front'],
    lacks: ['rotor-on.front'],
    precedes: [
      ['lace.front', 'true.front'],
      ['spokes-stressed.front', 'rim-tape.front'],
      ['true.front', 'dry-fit.front'],
    ],
  },
  'refit-old-loom': {
    title: 'Refit of a factory electric bike, old loom out with a draw-wire',
    job: { ...plainJob, oldLoom: true, ends: [{ ...rearEndJob, ...disc, sprockets: 'cassette' }] },
    contains: ['old-loom-off', 'old-loom-out', 'old-motor-out', 'loom-draw'],
    lacks: ['loom-fold', 'file-slots.rear'],
    precedes: [
      ['old-loom-off', 'old-loom-out'],
      ['old-loom-out', 'loom-draw'],
      ['old-wheel-out.rear', 'draw-wire'],
      ['draw-wire', 'old-loom-out'],
      ['old-loom-out', 'old-motor-out'],
      ['loom-draw', 'loom-lay'],
    ],
  },
  'torque-shell': {
    title: 'Torque-sensing bottom bracket: shell drilled, deburred, cups to torque',
    job: { ...plainJob, sensor: 'torque-shell' },
    contains: ['crank-off', 'cups-out', 'shell-drill', 'shell-deburr', 'cups-tight', 'crank-on'],
    lacks: ['ring-on', 'sensor-gap', 'ring-room'],
    precedes: [
      ['cups-out', 'shell-drill'],
      ['shell-drill', 'shell-deburr'],
      ['shell-deburr', 'cups-tight'],
      ['cups-tight', 'crank-on'],
      ['crank-on', 'plugs'],
    ],
  },
  'two-motors': {
    title: 'A motor at each end, one battery',
    job: { ...plainJob, ends: [{ ...frontEndJob, lips: both, cWashers: both }, rearEndJob] },
    contains: ['axle-tight.front', 'axle-tight.rear', 'two-share', 'retorque.front', 'retorque.rear'],
    lacks: ['rotor-on.front', 'rotor-on.rear'],
    precedes: [
      ['axle-tight.front', 'loose-run'],
      ['axle-tight.rear', 'loose-run'],
      ['two-share', 'loose-run'],
    ],
  },
  'controller-in-hub': {
    title: 'Kit with the controller in the hub',
    job: { ...plainJob, ends: [{ ...rearEndJob, topology: 'in-hub' }] },
    contains: ['bench-connect', 'mount-fix', 'plugs', 'settings-enter', 'loose-run'],
    lacks: ['controller-place', 'rack-fix', 'bag-fix'],
    precedes: [
      ['mount-fix', 'pack-trial'],
      ['pack-trial', 'plugs'],
      ['plugs', 'loose-run'],
    ],
  },
  'all-in-wheel': {
    title: 'Kit with controller and pack in the wheel: nothing to wire',
    job: {
      ...plainJob,
      battery: 'wheel',
      display: false,
      sensor: 'none',
      packV: null,
      cutOff: false,
      ends: [{ ...frontEndJob, topology: 'all-in-wheel' }],
    },
    contains: ['dry-fit.front', 'axle-tight.front', 'wheel-up-on', 'ride-brakes'],
    lacks: [
      'bench-connect',
      'plugs',
      'ties',
      'mount-fix',
      'controller-place',
      'settings-enter',
      'ring-on',
      'pack-volts',
    ],
    precedes: [
      ['axle-tight.front', 'wheel-up-on'],
      ['wheel-up-on', 'wheels-down'],
    ],
  },
  'maker-steps': {
    title: 'Kit whose maker adds own steps, braking motor, throttle',
    job: {
      ...plainJob,
      throttle: 'thumb',
      ends: [
        {
          ...rearEndJob,
          regen: true,
          arms: both,
          repin: true,
          suspension: true,
          extras: ['left'],
          makerSteps: ['Turn braking on only after the first ride.'],
        },
      ],
    },
    contains: [
      'maker-steps.rear',
      'regen-note.rear',
      'regen-on.rear',
      'throttle-on',
      'cut-off',
      'pins-back',
      'extras-on.rear',
    ],
    lacks: ['lips-filled.rear', 'lace.rear'],
    precedes: [
      ['retorque.rear', 'regen-on.rear'],
      ['repin.rear', 'inside-washers.rear'],
      ['pins-back', 'loose-run'],
      ['extras-on.rear', 'seated.rear'],
      ['wheel-up-throttle', 'wheel-up-cut'],
    ],
  },
};
