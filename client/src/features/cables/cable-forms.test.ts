import { answerCables, cableQuestion, type BikeAnchor, type BikeCables } from '@cricket/core/cable-question';
import type { FieldValues, Resolver } from 'react-hook-form';

import {
  anchorToFields,
  cableToFields,
  checkAnchor,
  checkCable,
  checkDisc,
  checkExtensions,
  checkPose,
  checkSteering,
  checkTurning,
  discToFields,
  extensionsToFields,
  fieldsToAnchor,
  fieldsToCable,
  fieldsToDisc,
  fieldsToExtensions,
  fieldsToPose,
  fieldsToSteering,
  fieldsToTurning,
  otherDiscs,
  poseToFields,
  steeringToFields,
  turningToFields,
} from './cable-forms';
import { renamed } from './renamed';

const anchors: BikeAnchor[] = [
  { id: 'Throttle', at: [385, 640, -235], on: 'bar' },
  { id: 'Head tube', at: [428, 470.5, -26], on: 'frame', room: true },
  { id: 'Rear axle', at: [-637, 62, -68], on: 'swingarm', axleExit: true, underNut: true },
];
const cables = {
  steering: {
    head: { point: [470, 430, 0], angleDeg: 72, lockDeg: { left: 65, right: 60 } },
    forkTravelMm: 80,
    rearTravel: { pivot: [20, 60, 0], deg: 14 },
  },
  turning: {
    discs: [
      { id: 'Rear wheel', centre: [-637, 62, 0], radiusMm: 325, halfWidthMm: 27, on: 'swingarm' },
      { id: 'Front wheel', centre: [683, 62, 0], radiusMm: 325, halfWidthMm: 27, on: 'fork' },
      { id: 'Rotor', centre: [683, 62, -50], radiusMm: 90, halfWidthMm: 2, on: 'fork' },
    ],
    crank: { radiusMm: 190, halfWidthMm: 75 },
  },
  anchors,
  runs: [
    { id: 'Throttle', path: ['Throttle', 'Head tube'], suppliedMm: 900, plug: 'three-pin', dripLoop: true },
    { id: 'Motor', path: ['Rear axle', 'Head tube'], suppliedMm: 2200, minBendMm: 40 },
  ],
  extensions: [
    { id: 'three-pin 300', lengthMm: 300, plug: 'three-pin' },
    { id: 'three-pin 300 (2)', lengthMm: 300, plug: 'three-pin' },
  ],
  poses: [{ id: 'Folded', at: { 'Rear axle': [100, 20, 150] } }],
} satisfies BikeCables;

async function errorsOf<T extends FieldValues>(check: Resolver<T>, fields: T): Promise<string[]> {
  const { errors } = await check(fields, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.keys(errors).sort();
}

describe('what is written down of cables', () => {
  it('comes back from its forms as it was', async () => {
    const { steering, turning, runs, extensions, poses } = cables;
    expect(fieldsToSteering(steeringToFields(steering))).toEqual(steering);
    const { rearTravel: _, ...rigid } = steering;
    expect(fieldsToSteering(steeringToFields(rigid))).toEqual(rigid);
    expect(fieldsToTurning(turningToFields(turning), turning, true)).toEqual(turning);
    expect(otherDiscs(turning).map(({ id }) => id)).toEqual(['Rotor']);
    expect(fieldsToTurning(turningToFields(turning), undefined, false).discs.map(({ on }) => on)).toEqual([
      'frame',
      'fork',
    ]);
    for (const anchor of anchors) expect(fieldsToAnchor(anchorToFields(anchor))).toEqual(anchor);
    for (const disc of turning.discs) expect(fieldsToDisc(discToFields(disc))).toEqual(disc);
    for (const run of runs) expect(fieldsToCable(cableToFields(run))).toEqual(run);
    expect(fieldsToExtensions(extensionsToFields(extensions))).toEqual(extensions);
    expect(fieldsToPose(poseToFields(poses[0], anchors), anchors)).toEqual(poses[0]);
    expect(await errorsOf(checkSteering, steeringToFields(steering))).toEqual([]);
    expect(await errorsOf(checkPose([], anchors), poseToFields(poses[0], anchors))).toEqual([]);
  });

  it('is guessed no more once somebody has written it down', () => {
    expect(fieldsToAnchor(anchorToFields({ ...anchors[0]!, guessed: true }))).not.toHaveProperty('guessed');
  });

  it('is refused by field', async () => {
    const steering = steeringToFields(cables.steering);
    expect(await errorsOf(checkSteering, { ...steering, pivotY: '', angleDeg: '5' })).toEqual(['angleDeg', 'pivotY']);
    expect(await errorsOf(checkTurning, turningToFields(undefined))).toHaveLength(10);
    expect(await errorsOf(checkAnchor(['Throttle']), anchorToFields(anchors[0]))).toEqual(['id']);
    expect(await errorsOf(checkDisc([]), { ...discToFields(undefined), id: 'Rotor', x: '1', y: '1', z: '1' })).toEqual([
      'halfWidthMm',
      'radiusMm',
    ]);
    const cable = cableToFields(cables.runs[0]);
    expect(await errorsOf(checkCable([]), { ...cable, path: ['Throttle'], suppliedMm: '' })).toEqual([
      'path',
      'suppliedMm',
    ]);
    expect(await errorsOf(checkExtensions, { lines: 'three-pin 300\nfive-pin' })).toEqual(['lines']);
    expect(await errorsOf(checkExtensions, { lines: 'three-pin 30000' })).toEqual(['lines']);
    const pose = poseToFields(cables.poses[0], anchors);
    expect(await errorsOf(checkPose([], anchors), { ...pose, spots: ['1 2', '', ''] })).toEqual(['spots']);
  });

  it('is answered, also after a place was given another name', () => {
    const answer = (of: BikeCables) => {
      const question = cableQuestion({ cables: of });
      if (Array.isArray(question)) throw new Error(question.join());
      return answerCables(question).result!.cables.map(({ id, neededMm }) => [id, neededMm]);
    };
    const before = answer(cables);
    const head = {
      ...cables,
      anchors: anchors.map((each) => (each.id === 'Rear axle' ? { ...each, id: 'Axle' } : each)),
    };
    const after = renamed(head, 'Rear axle', 'Axle');
    expect(answer(after)).toEqual(before);
    expect(Object.keys(after.poses![0]!.at)).toEqual(['Axle']);
  });
});
