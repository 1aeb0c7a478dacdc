import type { Wheel } from '@cricket/contract/shapes';
import type { KitFacts } from '@cricket/core/kit';

import { demoId } from './demo-id';
import { demoKits } from './kits';
import { variants, type Variant } from './more-wheels';
import type { WheelSpec } from './wheel-spec';

const geared = { drive: 'geared', regen: false } as const;

const specs: WheelSpec[] = [
  {
    code: 'FW-1',
    note: 'Small geared front wheel, steel axle, rotor mount.',
    soldFor: 'front',
    ...geared,
    axle: { threadMm: 12, flatsMm: 10, leftMm: 36, rightMm: 38, threadFromLeftMm: 5, threadFromRightMm: 5 },
    shoulderWidthMm: 92,
    rimOffsetMm: 0,
    rotorFaceMm: 6.3,
    smallSprocketMm: null,
    nutMm: 9,
    nutFlangeMm: 22,
    coverDiameterMm: 132,
    coverWidthMm: 66,
    rotorDiameterMm: 160,
    cableExit: 'right',
    downMark: 'arrow',
    beadSeatMm: 559,
    delivered: {
      left: [
        { kind: 'plain', thicknessMm: 1.5 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
      right: [
        { kind: 'plain', thicknessMm: 1.5 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
    },
  },
  {
    code: 'FW-2',
    note: 'Direct front wheel with braking motor; heavy.',
    soldFor: 'front',
    drive: 'direct',
    regen: true,
    axle: { threadMm: 14, flatsMm: 10, leftMm: 42, rightMm: 42, threadFromLeftMm: 6, threadFromRightMm: 6 },
    shoulderWidthMm: 91,
    rimOffsetMm: 0.4,
    rotorFaceMm: 5.8,
    smallSprocketMm: null,
    nutMm: 11,
    nutFlangeMm: 26,
    coverDiameterMm: 216,
    coverWidthMm: 52,
    rotorDiameterMm: 180,
    cableExit: 'right',
    downMark: 'notch',
    beadSeatMm: 622,
    delivered: { left: [{ kind: 'tabbed', thicknessMm: 3 }], right: [{ kind: 'tabbed', thicknessMm: 3 }] },
  },
  {
    code: 'RW-1',
    note: 'Geared rear wheel for a thread-on freewheel, rim brake only.',
    soldFor: 'rear',
    ...geared,
    axle: { threadMm: 12, flatsMm: 10, leftMm: 38, rightMm: 36, threadFromLeftMm: 5, threadFromRightMm: 5 },
    shoulderWidthMm: 125,
    rimOffsetMm: -0.3,
    rotorFaceMm: null,
    smallSprocketMm: 0.6,
    nutMm: 9,
    nutFlangeMm: 22,
    coverDiameterMm: 138,
    coverWidthMm: 72,
    rotorDiameterMm: null,
    cableExit: 'right',
    downMark: 'arrow',
    beadSeatMm: 559,
    delivered: {
      left: [
        { kind: 'plain', thicknessMm: 2 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
      right: [
        { kind: 'plain', thicknessMm: 3 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
    },
  },
  {
    code: 'RW-2',
    note: 'Geared rear wheel with splined cassette body and rotor mount.',
    soldFor: 'rear',
    ...geared,
    axle: { threadMm: 12, flatsMm: 10, leftMm: 40, rightMm: 38, threadFromLeftMm: 5, threadFromRightMm: 5 },
    shoulderWidthMm: 126,
    rimOffsetMm: 0.2,
    rotorFaceMm: 11.2,
    smallSprocketMm: 0.4,
    nutMm: 9,
    nutFlangeMm: 22,
    coverDiameterMm: 142,
    coverWidthMm: 74,
    rotorDiameterMm: 160,
    cableExit: 'left',
    downMark: 'arrow',
    beadSeatMm: 622,
    delivered: {
      left: [
        { kind: 'plain', thicknessMm: 2 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
      right: [
        { kind: 'plain', thicknessMm: 2 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
    },
  },
  {
    code: 'RW-3',
    note: 'Direct rear wheel for loads, long M14 axle, braking motor.',
    soldFor: 'rear',
    drive: 'direct',
    regen: true,
    axle: { threadMm: 14, flatsMm: 10, leftMm: 46, rightMm: 46, threadFromLeftMm: 6, threadFromRightMm: 6 },
    shoulderWidthMm: 123,
    rimOffsetMm: 0,
    rotorFaceMm: 10.5,
    smallSprocketMm: 0.2,
    nutMm: 11,
    nutFlangeMm: 26,
    coverDiameterMm: 236,
    coverWidthMm: 64,
    rotorDiameterMm: 203,
    cableExit: 'left',
    downMark: 'notch',
    beadSeatMm: 559,
    delivered: {
      left: [
        { kind: 'plain', thicknessMm: 3 },
        { kind: 'tabbed', thicknessMm: 3 },
      ],
      right: [
        { kind: 'plain', thicknessMm: 3 },
        { kind: 'tabbed', thicknessMm: 3 },
      ],
    },
  },
  {
    code: 'RW-4',
    note: 'Slim geared rear wheel for small wheels and trikes.',
    soldFor: 'rear',
    ...geared,
    axle: { threadMm: 12, flatsMm: 10, leftMm: 36, rightMm: 36, threadFromLeftMm: 5, threadFromRightMm: 5 },
    shoulderWidthMm: 125.5,
    rimOffsetMm: 0,
    rotorFaceMm: null,
    smallSprocketMm: 0.3,
    nutMm: 9,
    nutFlangeMm: 22,
    coverDiameterMm: 126,
    coverWidthMm: 68,
    rotorDiameterMm: null,
    cableExit: 'right',
    downMark: 'none',
    beadSeatMm: 406,
    delivered: {
      left: [
        { kind: 'plain', thicknessMm: 2 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
      right: [
        { kind: 'plain', thicknessMm: 2 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
    },
  },
];

/** What is sold under a code: a wheel of its own, or one that differs from another in a few things. */
function kitOf(spec: WheelSpec) {
  return { ...spec, kit: demoKits[spec.code] ?? null };
}

function variantOf({ code, like, note, wheel, kit }: Variant) {
  const base = specs.find((spec) => spec.code === like);
  const baseKit = demoKits[like];
  if (!base || !baseKit) throw new Error(`no demo wheel ${like} for ${code} to be like`);
  const merged = Object.entries({ ...baseKit, ...kit }).filter(([, value]) => value !== undefined);
  return { ...base, ...wheel, code, note, kit: Object.fromEntries(merged) as unknown as KitFacts };
}

/** Invented kits under plain codes. */
export const demoWheels: Wheel[] = [...specs.map(kitOf), ...variants.map(variantOf)].map((wheel, index) => ({
  id: demoId(1, index + 1),
  ...wheel,
  version: 1,
}));

/** The demo wheel with this code. */
export function demoWheel(code: string): Wheel {
  const wheel = demoWheels.find((item) => item.code === code);
  if (!wheel) throw new Error(`no demo wheel ${code}`);
  return wheel;
}
