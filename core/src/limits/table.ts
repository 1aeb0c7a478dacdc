import type { Material } from '../materials';

/** A figure per material; a plain number in its place holds for every material but carbon. */
export type ByMaterial = Record<Material, number>;

/** Where a limit is used, in the order of the work. */
export type LimitArea =
  | 'slot'
  | 'stack'
  | 'torque'
  | 'arm'
  | 'brake'
  | 'gears'
  | 'wheel'
  | 'tyre'
  | 'bike'
  | 'cost'
  | 'time'
  | 'fasteners'
  | 'take-in';

interface Described {
  area: LimitArea;
  unit: string;
  /** What is limited, in one sentence. */
  meaning: string;
  /** Where the default comes from; `judgement` is engineering judgement, to be edited with reason. */
  source: 'judgement' | 'standard practice' | 'geometry';
}

export interface NumberLimit extends Described {
  kind: 'number';
  preset: number;
  min: number;
  max: number;
  whole?: true;
}

export interface MaterialLimit extends Described {
  kind: 'material';
  preset: ByMaterial;
  min: number;
  max: number;
}

export interface SizesLimit extends Described {
  kind: 'sizes';
  preset: readonly number[];
  min: number;
  max: number;
}

export type LimitRow = NumberLimit | MaterialLimit | SizesLimit;

type Tail = [min: number, max: number, unit: string, meaning: string, source?: Described['source']];

const number = (area: LimitArea, preset: number, ...[min, max, unit, meaning, source]: Tail): NumberLimit => ({
  kind: 'number',
  area,
  preset,
  min,
  max,
  unit,
  meaning,
  source: source ?? 'judgement',
});

/** Steel, titanium, forged and cast aluminium, magnesium; carbon is always 0. */
type Five = [steel: number, titanium: number, forged: number, cast: number, magnesium: number];

const material = (
  area: LimitArea,
  [steel, titanium, forged, cast, magnesium]: Five,
  ...[min, max, unit, meaning, source]: Tail
): MaterialLimit => ({
  kind: 'material',
  area,
  preset: {
    steel,
    titanium,
    'forged-aluminium': forged,
    'cast-aluminium': cast,
    magnesium,
    carbon: 0,
  },
  min,
  max,
  unit,
  meaning,
  source: source ?? 'judgement',
});

const sizes = (area: LimitArea, preset: readonly number[], ...[min, max, unit, meaning, source]: Tail): SizesLimit => ({
  kind: 'sizes',
  area,
  preset,
  min,
  max,
  unit,
  meaning,
  source: source ?? 'standard practice',
});

/** Every limit that the workshop can set, with its default, its range, its unit and what it means. */
export const limitTable = {
  fileMm: material('slot', [1.1, 0.3, 0.6, 0.3, 0], 0, 3, 'mm', 'Most metal to file off a slot, both walls together.'),
  filePlateMinMm: number('slot', 4, 0, 10, 'mm', 'Thinnest plate that may be filed.'),
  playGoesMm: number('slot', 0.3, 0, 2, 'mm', 'Play between flats and slot that still goes.'),
  playWorkMm: number('slot', 0.8, 0, 3, 'mm', 'Play that can still be shimmed.'),
  playRegenMm: number('slot', 0.1, 0, 2, 'mm', 'Play that still goes when the motor brakes.'),
  slotMouthMm: number('slot', 1, 0, 5, 'mm', 'Metal between the flats and the mouth of the slot.'),
  flatEngagedShare: number('slot', 0.75, 0.5, 1, '', 'Smallest share of the flat in the slot, with two arms.'),
  axleShiftMm: number('slot', 1, 0, 10, 'mm', 'Movement of the axle that needs no reset of the brakes.'),
  lipRoomMm: number('slot', 0.25, 0, 3, 'mm', 'Room around a part inside a retaining lip, on the radius.'),
  cWasherRoomMm: number('slot', 0.15, 0, 3, 'mm', 'Room around a C-washer inside the lip, on the radius.'),
  cWasherOverMm: number('slot', 1, 0, 3, 'mm', 'How much thicker than the lip is deep a C-washer may be.'),
  faceAngleDeg: number('slot', 0.5, 0, 5, '°', 'Angle between the two dropout faces that still goes.'),
  spreadMm: material('stack', [3, 2, 1, 0.5, 0.5], 0, 6, 'mm', 'How far a frame end may be spread for a wide hub.'),
  pinchMm: material(
    'stack',
    [1, 0.7, 0.5, 0.3, 0.3],
    0,
    3,
    'mm',
    'How far a frame end may be pinched on a narrow hub.',
  ),
  suspensionSpreadMm: number('stack', 0.5, 0, 3, 'mm', 'Spread at any suspension fork.'),
  suspensionPinchMm: number('stack', 0.3, 0, 3, 'mm', 'Pinch at any suspension fork.'),
  rimOffsetMm: number('stack', 2, 0, 10, 'mm', 'How far the rim may run off the middle of the bike.'),
  rimOffsetGoesMm: number('stack', 1, 0, 10, 'mm', 'Rim off the middle that simply goes.'),
  rotorErrorGoesMm: number('stack', 1, 0, 10, 'mm', 'Rotor off the caliper that simply goes.'),
  insideMax: { ...number('stack', 5, 1, 8, '', 'Most washers inside the dropout on one side.'), whole: true as const },
  purchaseMm: sizes('stack', [0.5, 1, 1.5, 2, 2.5, 3, 5], 0.1, 20, 'mm', 'Washer thicknesses that a shop can buy.'),
  nutMaxM12Nm: number('torque', 45, 5, 80, 'N·m', 'Most torque on an M12 axle nut; smaller threads by their cube.'),
  nutMaxM14Nm: number('torque', 60, 5, 100, 'N·m', 'Most torque on an M14 axle nut.'),
  nutMaxM12SoftNm: number('torque', 35, 5, 80, 'N·m', 'Most torque on an M12 nut in aluminium or magnesium.'),
  nutMaxM14SoftNm: number('torque', 45, 5, 100, 'N·m', 'Most torque on an M14 nut in aluminium or magnesium.'),
  frictionCoefficient: number(
    'torque',
    0.12,
    0.05,
    0.2,
    '',
    'Friction between nut, washers and dropout, oily.',
    'standard practice',
  ),
  nutFactor: number('torque', 0.2, 0.1, 0.35, '', 'Nut factor K in preload = torque ÷ (K·d).', 'standard practice'),
  preloadShare: number('torque', 0.7, 0.3, 1, '', 'Share of the preload that stays after settling.'),
  slotStressMpa: material(
    'torque',
    [250, 500, 240, 165, 120],
    0,
    900,
    'MPa',
    'Stress at which the slot wall gives way.',
    'standard practice',
  ),
  armMildMpa: number(
    'torque',
    250,
    100,
    900,
    'MPa',
    'Stress at which a mild steel arm gives way.',
    'standard practice',
  ),
  armHardMpa: number('torque', 500, 100, 1500, 'MPa', 'Stress at which a hardened arm gives way.', 'standard practice'),
  safetyFactor: number('torque', 1.5, 1.2, 4, '', 'Factor on the motor torque for shock and fatigue.'),
  safetyFactorRegen: number('torque', 2, 1.2, 4, '', 'The same factor when the motor brakes and the load reverses.'),
  safetyFront: number('torque', 1.6, 1, 5, '', 'Margin with tight nuts that goes at the front.'),
  safetyRear: number('torque', 1.4, 1, 5, '', 'Margin with tight nuts that goes at the rear.'),
  safetySlack: number('torque', 1, 0.8, 5, '', 'Margin with slack nuts that goes.'),
  bearsWithinDeg: number(
    'torque',
    2,
    0.2,
    10,
    '°',
    'How much later than the first an element may bear and still take part.',
  ),
  twoArmsFromNm: number('torque', 40, 10, 120, 'N·m', 'Motor torque above which two arms are asked for.'),
  phaseCutShare: number(
    'torque',
    0.6,
    0.3,
    1,
    '',
    'Smallest share of its current to which a motor is turned down as a remedy.',
  ),
  capFrontGoesNm: material('torque', [60, 30, 40, 0, 0], 0, 200, 'N·m', 'Motor torque that goes at the front.'),
  capFrontWorkNm: material('torque', [80, 45, 55, 40, 40], 0, 200, 'N·m', 'Most motor torque at the front.'),
  capRearGoesNm: material('torque', [100, 50, 80, 40, 0], 0, 300, 'N·m', 'Motor torque that goes at the rear.'),
  capRearWorkNm: material('torque', [150, 80, 120, 60, 40], 0, 300, 'N·m', 'Most motor torque at the rear.'),
  armPlaneMm: number('arm', 3, 0, 15, 'mm', 'Arm and clamp out of one plane: up to here it simply goes.'),
  armMissMm: number('arm', 4, 0, 20, 'mm', 'How far the arm may point past the middle of the blade.'),
  armRoomMm: number('arm', 2, 0, 10, 'mm', 'Room between an arm and anything else beside it.'),
  coverGapGoesMm: number('brake', 1.5, 0, 10, 'mm', 'Gap between caliper body and motor cover that goes.'),
  coverGapWorkMm: number('brake', 0.5, 0, 10, 'mm', 'Least gap between caliper body and motor cover.'),
  runningGapMm: number(
    'brake',
    1.5,
    0,
    10,
    'mm',
    'Gap beside rotor, rotor bolts and spokes to anything that stands still.',
  ),
  rotorBoltAluminium: number(
    'brake',
    1.2,
    0.8,
    3,
    '× d',
    'Least thread of a rotor bolt in an aluminium hub.',
    'standard practice',
  ),
  rotorBoltSteel: number(
    'brake',
    1,
    0.6,
    3,
    '× d',
    'Least thread of a rotor bolt in a steel hub.',
    'standard practice',
  ),
  boltFloorMm: number('brake', 0.5, 0, 5, 'mm', 'Room left under the end of a rotor bolt.'),
  rotorBoltSizesMm: sizes(
    'brake',
    [6, 8, 10, 12, 14, 16, 18, 20, 25],
    4,
    60,
    'mm',
    'Lengths of rotor bolts that a shop can buy.',
  ),
  caliperThreadMm: number('brake', 9, 5, 20, 'mm', 'Least thread of a caliper bolt.', 'standard practice'),
  caliperBoltSizesMm: sizes(
    'brake',
    [14, 16, 18, 20, 22, 25, 28, 30, 35, 40],
    8,
    80,
    'mm',
    'Lengths of caliper bolts that a shop can buy.',
  ),
  rotorSizesMm: sizes('brake', [140, 160, 180, 203, 220], 100, 300, 'mm', 'Rotor diameters that a shop can buy.'),
  indexGoesMm: number('gears', 0.4, 0, 3, 'mm', 'Largest index error that shifts cleanly.'),
  indexWorkMm: number('gears', 0.8, 0, 3, 'mm', 'Largest index error that still shifts.'),
  sprocketMovedGoesMm: number(
    'gears',
    2.5,
    0,
    15,
    'mm',
    'How far the smallest sprocket may move with the cable alone.',
  ),
  sprocketMovedWorkMm: number('gears', 4, 0, 15, 'mm', 'How far it may move with the derailleur set anew.'),
  cassetteFreeMinMm: number(
    'gears',
    0.3,
    0,
    3,
    'mm',
    'How far the sprockets must stand out of the body for the ring to clamp them.',
  ),
  cassetteFreeMaxMm: number('gears', 1.8, 0.5, 5, 'mm', 'How far they may stand out for the ring to have thread.'),
  rimAngleGoesDeg: number('wheel', 7, 0, 20, '°', 'Spoke angle at the rim that goes.'),
  rimAngleWorkDeg: number('wheel', 10, 0, 25, '°', 'Spoke angle at the rim with angled holes.'),
  spokeLoadN: number('wheel', 300, 50, 1000, 'N', 'Motor load on one spoke.'),
  spokeHolePlayMm: number('wheel', 0.4, 0, 2, 'mm', 'Play of a spoke in its flange hole without a washer.'),
  stockShorterMm: number('wheel', 1, 0, 4, 'mm', 'How much shorter than worked out a spoke may be.'),
  stockLongerMm: number('wheel', 0.5, 0, 4, 'mm', 'How much longer than worked out a spoke may be.'),
  tensionRatioMin: number('wheel', 0.5, 0.1, 1, '', 'Weaker to stronger side, below which a wheel loosens.'),
  lateralMm: number('wheel', 0.5, 0.1, 5, 'mm', 'Lateral runout of a trued wheel.', 'standard practice'),
  radialMm: number('wheel', 0.7, 0.1, 5, 'mm', 'Radial runout of a trued wheel.', 'standard practice'),
  dishMm: number('wheel', 1, 0.1, 5, 'mm', 'Dish of a trued wheel.', 'standard practice'),
  tensionSpreadShare: number(
    'wheel',
    0.2,
    0.05,
    1,
    '',
    'How far one spoke may stray from the mean tension of its side.',
    'standard practice',
  ),
  tyreRatioMin: number('tyre', 1.4, 1, 3, '', 'Least tyre width per inner rim width.', 'standard practice'),
  tyreRatioMax: number('tyre', 2.4, 1.2, 4, '', 'Most tyre width per inner rim width.', 'standard practice'),
  valveOutMm: number('tyre', 15, 5, 60, 'mm', 'How far a valve must stand out of the rim.'),
  pumpRoomMm: number('tyre', 35, 5, 120, 'mm', 'Room that a pump head needs past the valve.'),
  rotorHeatSmallW: number(
    'bike',
    350,
    50,
    2000,
    'W',
    'Braking heat that a 160 mm rotor takes on a long descent; smaller ones by their area.',
  ),
  rotorHeatMiddleW: number('bike', 450, 50, 2000, 'W', 'The same for a 180 mm rotor.'),
  rotorHeatLargeW: number('bike', 600, 50, 2000, 'W', 'The same for a 203 mm rotor.'),
  rimHeatW: number('bike', 250, 50, 2000, 'W', 'The same for a rim brake.'),
  drumHeatW: number('bike', 100, 10, 2000, 'W', 'The same for a drum or coaster brake.'),
  discBothKmh: number('bike', 32, 10, 80, 'km/h', 'Assisted speed above which discs at both ends are asked for.'),
  discBothKg: number('bike', 130, 60, 400, 'kg', 'Total mass above which discs at both ends are asked for.'),
  ejectionFactor: number(
    'bike',
    1.5,
    1,
    5,
    '',
    'Clamp friction against the force that drives a braked front wheel out of its slot.',
  ),
  windingDirectC: number('bike', 110, 60, 180, '°C', 'Winding temperature up to which a direct motor goes.'),
  windingGearedC: number('bike', 100, 60, 180, '°C', 'Winding temperature up to which a geared motor goes.'),
  windingStopDirectC: number('bike', 140, 80, 200, '°C', 'Winding temperature at which a direct motor is hurt.'),
  windingStopGearedC: number('bike', 130, 80, 200, '°C', 'Winding temperature at which a geared motor is hurt.'),
  washerBorePlayMm: number('stack', 1, 0.1, 4, 'mm', 'Room that a washer’s bore may have on the thread.'),
  tabPlayMm: number('stack', 0.6, 0.1, 3, 'mm', 'Room that a tab may have in the slot.'),
  throughPlayMm: number('slot', 0.2, 0.05, 1, 'mm', 'Play between a hole and the through axle that it is made for.'),
  hangerWorkMm: number('slot', 0.5, 0, 3, 'mm', 'How far a hanger may stand into the seat to be dressed with a file.'),
  brakeForceRotorN: number(
    'bike',
    550,
    50,
    2000,
    'N',
    'Most braking force at the tyre of a disc of 160 mm; larger ones by their size.',
  ),
  brakeForceRimN: number('bike', 350, 50, 2000, 'N', 'The same of a rim brake.'),
  brakeForceDrumN: number('bike', 250, 20, 2000, 'N', 'The same of a drum brake.'),
  brakeForceCoasterN: number('bike', 220, 20, 2000, 'N', 'The same of a back-pedal brake.'),
  gripDry: number('bike', 0.8, 0.1, 1.5, '', 'Grip of a tyre on a dry road.'),
  gripWet: number('bike', 0.5, 0.1, 1.5, '', 'Grip of a tyre on a wet road.'),
  gripGravel: number('bike', 0.45, 0.1, 1.5, '', 'Grip of a tyre on gravel.'),
  gripLoose: number('bike', 0.3, 0.05, 1.5, '', 'Grip of a tyre on loose ground.'),
  stoppingFactor: number('bike', 1.3, 1, 3, '', 'How much longer the way to a stand may become.'),
  brakeHeatWorkFactor: number(
    'bike',
    1.25,
    1,
    3,
    '',
    'Heat over what the brakes take, up to which larger rotors mend it.',
  ),
  frontShare: number('tyre', 0.42, 0.2, 0.7, '', 'Share of the whole mass on the front wheel, standing level.'),
  usualPackKg: number('bike', 3, 0.5, 30, 'kg', 'Mass of a pack when the kit names none.'),
  heatGearedWindingJK: number('bike', 350, 50, 5000, 'J/K', 'Heat that the winding of a geared motor stores.'),
  heatGearedShellJK: number('bike', 1600, 200, 20000, 'J/K', 'Heat that its shell stores.'),
  heatGearedInsideKW: number('bike', 0.55, 0.05, 5, 'K/W', 'Its resistance from winding to shell.'),
  heatGearedOutsideKW: number('bike', 0.45, 0.05, 5, 'K/W', 'Its resistance from shell to still air.'),
  heatDirectWindingJK: number('bike', 900, 50, 5000, 'J/K', 'Heat that the winding of a direct motor stores.'),
  heatDirectShellJK: number('bike', 3600, 200, 20000, 'J/K', 'Heat that its shell stores.'),
  heatDirectInsideKW: number('bike', 0.28, 0.05, 5, 'K/W', 'Its resistance from winding to shell.'),
  heatDirectOutsideKW: number('bike', 0.3, 0.05, 5, 'K/W', 'Its resistance from shell to still air.'),
  costWasher: number('cost', 1, 0, 5000, '', 'What a washer costs when the stores name no price.'),
  daysWasher: { ...number('cost', 3, 0, 365, 'days', 'How long a washer takes to arrive.'), whole: true },
  costTabbedWasher: number('cost', 3, 0, 5000, '', 'What a tabbed washer costs when the stores name no price.'),
  daysTabbedWasher: { ...number('cost', 4, 0, 365, 'days', 'How long a tabbed washer takes to arrive.'), whole: true },
  costCWasher: number('cost', 3, 0, 5000, '', 'What a C-washer costs when the stores name no price.'),
  daysCWasher: { ...number('cost', 4, 0, 365, 'days', 'How long a C-washer takes to arrive.'), whole: true },
  costRotorShim: number('cost', 3, 0, 5000, '', 'What a rotor shim costs when the stores name no price.'),
  daysRotorShim: { ...number('cost', 4, 0, 365, 'days', 'How long a rotor shim takes to arrive.'), whole: true },
  costCaliperShim: number('cost', 2, 0, 5000, '', 'What a caliper shim costs when the stores name no price.'),
  daysCaliperShim: { ...number('cost', 4, 0, 365, 'days', 'How long a caliper shim takes to arrive.'), whole: true },
  costArm: number('cost', 22, 0, 5000, '', 'What an arm costs when the stores name no price.'),
  daysArm: { ...number('cost', 6, 0, 365, 'days', 'How long an arm takes to arrive.'), whole: true },
  costRotorBolt: number('cost', 1, 0, 5000, '', 'What a rotor bolt costs when the stores name no price.'),
  daysRotorBolt: { ...number('cost', 3, 0, 365, 'days', 'How long a rotor bolt takes to arrive.'), whole: true },
  costCaliperBolt: number('cost', 1.5, 0, 5000, '', 'What a caliper bolt costs when the stores name no price.'),
  daysCaliperBolt: { ...number('cost', 3, 0, 365, 'days', 'How long a caliper bolt takes to arrive.'), whole: true },
  costRotor: number('cost', 24, 0, 5000, '', 'What a rotor costs when the stores name no price.'),
  daysRotor: { ...number('cost', 4, 0, 365, 'days', 'How long a rotor takes to arrive.'), whole: true },
  costCaliper: number('cost', 60, 0, 5000, '', 'What a caliper costs when the stores name no price.'),
  daysCaliper: { ...number('cost', 6, 0, 365, 'days', 'How long a caliper takes to arrive.'), whole: true },
  costSpoke: number('cost', 1, 0, 5000, '', 'What a spoke costs when the stores name no price.'),
  daysSpoke: { ...number('cost', 5, 0, 365, 'days', 'How long a spoke takes to arrive.'), whole: true },
  costTyre: number('cost', 34, 0, 5000, '', 'What a tyre costs when the stores name no price.'),
  daysTyre: { ...number('cost', 4, 0, 365, 'days', 'How long a tyre takes to arrive.'), whole: true },
  costCassetteSpacer: number('cost', 4, 0, 5000, '', 'What a cassette spacer costs when the stores name no price.'),
  daysCassetteSpacer: {
    ...number('cost', 4, 0, 365, 'days', 'How long a cassette spacer takes to arrive.'),
    whole: true,
  },
  costOther: number('cost', 10, 0, 5000, '', 'What any other part costs when the stores name no price.'),
  daysOther: { ...number('cost', 5, 0, 365, 'days', 'How long any other part takes to arrive.'), whole: true },
  borrowFrom: number('cost', 50, 0, 5000, '', 'A tool dearer than this is borrowed for one job rather than bought.'),
  minutesWheel: number('time', 60, 0, 1440, 'min', 'Wheel out, dry fit and wheel in.'),
  minutesFile: number('time', 15, 0, 1440, 'min', 'Filing one slot.'),
  minutesLip: number('time', 6, 0, 1440, 'min', 'Filling one lip.'),
  minutesArm: number('time', 10, 0, 1440, 'min', 'One arm.'),
  minutesDisc: number('time', 25, 0, 1440, 'min', 'Rotor and caliper.'),
  minutesRim: number('time', 10, 0, 1440, 'min', 'Rim pads.'),
  minutesGears: number('time', 25, 0, 1440, 'min', 'Moving and setting the gears.'),
  minutesLacing: number('time', 150, 0, 1440, 'min', 'Lacing and truing.'),
  minutesTyre: number('time', 20, 0, 1440, 'min', 'Tyre and tube.'),
  minutesSmallKit: number('time', 25, 0, 1440, 'min', 'Bar and sensor of a kit with everything in the wheel.'),
  minutesKit: number('time', 110, 0, 1440, 'min', 'Bar, sensor, battery and wiring of any other kit.'),
  minutesTest: number('time', 40, 0, 1440, 'min', 'Tests and hand-over.'),
  rotorNm: number('fasteners', 5, 0.5, 80, 'N·m', 'Rotor bolts M5. The maker’s figure wins.', 'standard practice'),
  caliperNm: number('fasteners', 7, 0.5, 80, 'N·m', 'Caliper bolts M6. The maker’s figure wins.', 'standard practice'),
  armBoltNm: number(
    'fasteners',
    5,
    0.5,
    80,
    'N·m',
    'Bolt of an arm, M5. The maker’s figure wins.',
    'standard practice',
  ),
  bandNm: number(
    'fasteners',
    3,
    0.5,
    80,
    'N·m',
    'Hose band or clamp of an arm. The maker’s figure wins.',
    'standard practice',
  ),
  crankNm: number('fasteners', 38, 0.5, 80, 'N·m', 'Crank bolts. The maker’s figure wins.', 'standard practice'),
  pedalNm: number('fasteners', 35, 0.5, 80, 'N·m', 'Pedals. The maker’s figure wins.', 'standard practice'),
  lockRingNm: number(
    'fasteners',
    40,
    0.5,
    80,
    'N·m',
    'Lock ring of a cassette. The maker’s figure wins.',
    'standard practice',
  ),
  cupNm: number(
    'fasteners',
    40,
    0.5,
    80,
    'N·m',
    'Cups of a bottom bracket. The maker’s figure wins.',
    'standard practice',
  ),
  leverNm: number('fasteners', 4, 0.5, 80, 'N·m', 'Lever clamps. The maker’s figure wins.', 'standard practice'),
  shifterNm: number('fasteners', 4, 0.5, 80, 'N·m', 'Shifter clamps. The maker’s figure wins.', 'standard practice'),
  throttleNm: number('fasteners', 2.5, 0.5, 80, 'N·m', 'Throttle clamp. The maker’s figure wins.', 'standard practice'),
  stemNm: number('fasteners', 5, 0.5, 80, 'N·m', 'Stem bolts. The maker’s figure wins.', 'standard practice'),
  weightMaterial: number('take-in', 3, 0, 10, '', 'How much material weighs when front, rear and mid are compared.'),
  weightCondition: number('take-in', 3, 0, 10, '', 'How much condition weighs when front, rear and mid are compared.'),
  weightTorque: number('take-in', 3, 0, 10, '', 'How much torque weighs when front, rear and mid are compared.'),
  weightTraction: number('take-in', 2, 0, 10, '', 'How much traction weighs when front, rear and mid are compared.'),
  weightBrakes: number('take-in', 2, 0, 10, '', 'How much brakes weighs when front, rear and mid are compared.'),
  weightGears: number('take-in', 1.5, 0, 10, '', 'How much gears weighs when front, rear and mid are compared.'),
  weightPuncture: number('take-in', 1, 0, 10, '', 'How much puncture weighs when front, rear and mid are compared.'),
  weightLoad: number('take-in', 1, 0, 10, '', 'How much load weighs when front, rear and mid are compared.'),
  weightLaw: number('take-in', 1, 0, 10, '', 'How much law weighs when front, rear and mid are compared.'),
  weightCost: number('take-in', 1, 0, 10, '', 'How much cost weighs when front, rear and mid are compared.'),
  secondsWord: number('time', 6, 1, 600, 's', 'One answer by eye.'),
  secondsCondition: number('time', 60, 1, 600, 's', 'Looking an end over for cracks, rust and play.'),
  secondsParts: number('time', 60, 1, 600, 's', 'Writing washers down.'),
  secondsCalipers: number('time', 12, 1, 600, 's', 'One reading with calipers.'),
  secondsRuler: number('time', 18, 1, 600, 's', 'One reading with a ruler.'),
} satisfies Record<string, LimitRow>;

export type LimitKey = keyof typeof limitTable;
