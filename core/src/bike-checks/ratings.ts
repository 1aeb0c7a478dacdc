import { inMm } from '../figures';
import type { Limits } from '../limits';
import { dust, finding, graded, notRecorded, told, type Finding } from '../verdict';
import type { BikeChecksInput } from './contract';

/** Rack, kickstand, tyre, rim, trailer hitch and the like against what they will see. */
export function ratingFindings({ ratings = [], speedKmh }: BikeChecksInput): Finding[] {
  return ratings.flatMap(({ part, ratedKg, loadKg, ratedKmh }) => {
    const id = `rating.${part}`;
    const findings: Finding[] = [];
    if (loadKg !== undefined) {
      if (ratedKg === undefined) findings.push(notRecorded(id, `What the ${part} may carry`));
      else {
        const goes = ratedKg >= loadKg - dust;
        findings.push(
          finding(
            id,
            goes ? 'goes' : 'stop',
            `The ${part} may carry ${ratedKg} kg; it gets ${Number(loadKg.toFixed(1))} kg.`,
            { measured: loadKg, limit: ratedKg, margin: ratedKg - loadKg, unit: 'kg' },
            goes ? [] : [`Take a ${part} that is made for it, or carry less.`],
          ),
        );
      }
    }
    if (ratedKmh !== undefined) {
      const goes = ratedKmh >= speedKmh.after - dust;
      findings.push(
        finding(
          `${id}.speed`,
          goes ? 'goes' : 'stop',
          `The ${part} is good for ${ratedKmh} km/h; the bike assists to ${speedKmh.after} km/h.`,
          { measured: speedKmh.after, limit: ratedKmh, margin: ratedKmh - speedKmh.after, unit: 'km/h' },
          goes ? [] : [`Take a ${part} that is made for it, or set a lower assisted speed.`],
        ),
      );
    }
    return findings;
  });
}

/** Hanger, faces and condition of the end. */
export function endStateFindings(
  { hangerInSeatMm, faceAngleDeg, condition }: BikeChecksInput,
  limits: Limits,
): Finding[] {
  return [
    ...(hangerInSeatMm === undefined ? [] : [hangerRule(hangerInSeatMm, limits)]),
    ...(faceAngleDeg === undefined ? [] : [facesRule(faceAngleDeg, limits.faceAngleDeg)]),
    ...(condition === undefined ? [] : [conditionRule(condition)]),
  ];
}

/** The axle must sit on the dropout, not on the hanger. */
export function hangerRule(hangerInSeatMm: number, { hangerWorkMm }: Limits): Finding {
  const verdict = graded(-hangerInSeatMm, hangerWorkMm - hangerInSeatMm);
  const figures = { measured: hangerInSeatMm, limit: 0, margin: -hangerInSeatMm };
  return finding(
    'hanger',
    verdict,
    verdict === 'goes'
      ? 'The hanger stays clear of the seat.'
      : `The hanger stands ${inMm(hangerInSeatMm)} into the seat: the axle would rest on it.`,
    figures,
    {
      goes: [],
      work: ['Dress the hanger with a file until the axle sits on the dropout.'],
      stop: ['Take a hanger of another shape, or a frame with a hanger of its own.'],
    }[verdict],
  );
}

/** Angle between the two dropout faces. */
export function facesRule(faceAngleDeg: number, limitDeg: number): Finding {
  const goes = faceAngleDeg <= limitDeg + dust;
  const angle = Number(faceAngleDeg.toFixed(2));
  return finding(
    'faces-parallel',
    goes ? 'goes' : 'work',
    goes
      ? `The dropout faces stand ${angle}° to each other.`
      : `The dropout faces stand ${angle}° to each other: nuts would bend the axle.`,
    { measured: faceAngleDeg, limit: limitDeg, margin: limitDeg - faceAngleDeg, unit: '°' },
    goes ? [] : ['Have the dropouts aligned before the wheel goes in.'],
  );
}

/** What was seen on the walk round the end. */
export function conditionRule(seen: NonNullable<BikeChecksInput['condition']>): Finding {
  switch (seen) {
    case 'sound':
      return told('condition', 'goes', 'No cracks, bends or play were found.');
    case 'surface-rust':
      return told('condition', 'work', 'There is rust on the surface.', [
        'Clean to bright metal, look again for cracks, protect.',
      ]);
    case 'bent':
      return told('condition', 'stop', 'The end is bent.', [
        'Replace the fork or have the frame straightened by a frame builder.',
      ]);
    case 'cracked':
      return told('condition', 'stop', 'The end is cracked.', [
        'Replace the fork or frame; a crack grows under a motor.',
      ]);
    case 'play':
      return told('condition', 'stop', 'There is play in the fork or its bearings.', [
        'Set or renew the bearings, then look again.',
      ]);
    case 'unsure':
      return told('condition', 'unknown', 'Nobody is sure about the condition.', [
        'Clean it and look again in good light, or ask a frame builder.',
      ]);
  }
}
