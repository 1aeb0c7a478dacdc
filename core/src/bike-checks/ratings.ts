import { said } from '../said';
import type { Limits } from '../limits';
import { dust, finding, graded, notRecorded, told, type Finding } from '../verdict';
import type { BikeChecksInput } from './contract';

/** Rack, kickstand, tyre, rim, trailer hitch and the like against what they will see. */
export function ratingFindings({ ratings = [], speedKmh }: BikeChecksInput): Finding[] {
  return ratings.flatMap(({ part, ratedKg, loadKg, ratedKmh }) => {
    const id = `rating.${part}`;
    const findings: Finding[] = [];
    if (loadKg !== undefined) {
      if (ratedKg === undefined) findings.push(notRecorded(id, said('bike-checks.what-may-carry', { part })));
      else {
        const goes = ratedKg >= loadKg - dust;
        findings.push(
          finding(
            id,
            goes ? 'goes' : 'stop',
            said('bike-checks.may-carry-it-gets', { part, ratedKg, loadKg: Number(loadKg.toFixed(1)) }),
            { measured: loadKg, limit: ratedKg, margin: ratedKg - loadKg, unit: 'kg' },
            goes ? [] : [said('bike-checks.take-that-is-made-for-it', { part })],
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
          said('bike-checks.is-good-for-bike-assists-to', { part, ratedKmh, after: speedKmh.after }),
          { measured: speedKmh.after, limit: ratedKmh, margin: ratedKmh - speedKmh.after, unit: 'km/h' },
          goes ? [] : [said('bike-checks.take-that-is-made-for-it-or', { part })],
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
      ? said('bike-checks.hanger-stays-clear-of-seat')
      : said('bike-checks.hanger-stands-into-seat-axle-would', { hangerInSeatMm }),
    figures,
    {
      goes: [],
      work: [said('bike-checks.dress-hanger')],
      stop: [said('bike-checks.take-hanger-of-another-shape')],
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
      ? said('bike-checks.dropout-faces-stand-to-each-other', { angle })
      : said('bike-checks.dropout-faces-stand-to-each-other-nuts', { angle }),
    { measured: faceAngleDeg, limit: limitDeg, margin: limitDeg - faceAngleDeg, unit: '°' },
    goes ? [] : [said('bike-checks.have-dropouts-aligned-before-wheel-goes')],
  );
}

/** What was seen on the walk round the end. */
export function conditionRule(seen: NonNullable<BikeChecksInput['condition']>): Finding {
  switch (seen) {
    case 'sound':
      return told('condition', 'goes', said('bike-checks.no-cracks-bends-or-play-were'));
    case 'surface-rust':
      return told('condition', 'work', said('shared.there-is-rust-on-surface'), [
        said('bike-checks.clean-to-bright-metal-look-again'),
      ]);
    case 'bent':
      return told('condition', 'stop', said('bike-checks.end-is-bent'), [
        said('bike-checks.replace-fork-or-have-frame-straightened'),
      ]);
    case 'cracked':
      return told('condition', 'stop', said('bike-checks.end-is-cracked'), [
        said('bike-checks.replace-fork-or-frame-crack-grows'),
      ]);
    case 'play':
      return told('condition', 'stop', said('bike-checks.there-is-play-in-fork-or'), [
        said('bike-checks.set-or-renew-bearings-then-look'),
      ]);
    case 'unsure':
      return told('condition', 'unknown', said('bike-checks.nobody-is-sure-about-condition'), [
        said('bike-checks.clean-it-and-look-again-in'),
      ]);
  }
}
