import { said } from '../said';
import { InputError, readInput } from '../input';
import { withLimits, type Limits } from '../limits';
import { dust, finding, graded, notMeasured, told, worstFirst, worstOf, type Finding } from '../verdict';
import { GearIndexInput, type GearIndexResult } from './contract';

/** Distance from sprocket to sprocket, and from click to click at the derailleur, by speeds, in mm. */
const pitchMm: Record<number, number> = {
  5: 5.5,
  6: 5.5,
  7: 5,
  8: 4.8,
  9: 4.35,
  10: 3.95,
  11: 3.75,
  12: 3.6,
  13: 3.6,
};

/** Fewer speeds than five were spaced like five. */
const pitchOf = (speeds: number): number => pitchMm[Math.max(5, speeds)]!;

/** Spacers that go behind a cassette, in mm. */
export const cassetteSpacersMm = [0, 1, 1.85, 2.85, 4.5, 6.35] as const;

/**
 * Do the old shifter and derailleur still find the sprockets of the new wheel?
 *
 * Sprockets stand their pitch apart, clicks move the derailleur by the shifter's: with the cable offset that makes the
 * largest error least, the errors run from +(n − 1)/2 to −(n − 1)/2 of the difference. Freewheel and cassette never
 * interchange. The spacer behind a cassette is the thinnest that lets the ring clamp: stack + spacer − body in 0.3…1.8.
 *
 * @param input - shifter, sprockets, what the hub takes, gaps to the dropout, teeth
 * @returns verdict, findings and the error at every sprocket
 * @throws InputError for values out of range, or teeth that are not as many as sprockets
 *
 * @example
 * gearIndex({ shifterSpeeds: 8, sprockets: 7, cluster: 'freewheel', hubTakes: 'freewheel' })
 * // { verdict: 'work', errorsMm: [0.6, 0.4, 0.2, 0, −0.2, −0.4, −0.6], maxErrorMm: 0.6, clicksLeft: 1, … }
 */
export function gearIndex(input: GearIndexInput): GearIndexResult {
  const read = readInput(GearIndexInput, input);
  refuseContradictions(read);
  const limits = withLimits(read.limits);
  const errorsMm = indexErrors(read.shifterSpeeds, read.sprockets);
  const maxErrorMm = Math.max(0, ...errorsMm.map(Math.abs));
  const clicksLeft = read.shifterSpeeds === 0 ? 0 : read.shifterSpeeds - read.sprockets;
  const spacer = spacerOf(read, limits);
  const findings = [
    clusterRule(read),
    ...indexRules(read, maxErrorMm, clicksLeft, limits),
    movedRule(read, limits),
    spacer?.finding ?? null,
    lostRule(read),
  ].filter((item): item is Finding => item !== null);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    errorsMm,
    maxErrorMm,
    clicksLeft,
    ...(spacer && spacer.spacerMm !== null && { spacerMm: spacer.spacerMm }),
    ...speeds(read),
  };
}

/**
 * Derailleur against sprocket at every sprocket of the best run.
 *
 * The error grows evenly from sprocket to sprocket, so the best offset puts it at zero in the middle, and every run of
 * as many clicks is as good as the first.
 */
function indexErrors(clicks: number, sprockets: number): number[] {
  if (clicks === 0) return [];
  const run = Math.min(clicks, sprockets);
  const difference = pitchOf(sprockets) - pitchOf(clicks);
  return Array.from({ length: run }, (_, at) => Number((((run - 1) / 2 - at) * difference).toFixed(6)) + 0);
}

function clusterRule({ cluster, hubTakes }: GearIndexInput): Finding {
  if (hubTakes === 'none') {
    return told('cluster', 'stop', said('gear-index.hub-has-no-place-for-sprockets'), [
      said('gear-index.take-wheel-that-takes-sprockets'),
    ]);
  }
  if (cluster === hubTakes) return told('cluster', 'goes', said('gear-index.hub-and-sprockets-are-both', { cluster }));
  return told(
    'cluster',
    'stop',
    cluster === 'freewheel'
      ? said('gear-index.sprockets-are-thread-on-freewheel-hub')
      : said('gear-index.sprockets-are-splined-cassette-hub-has'),
    [said('gear-index.get-with-same-number-of-sprockets', { hubTakes })],
  );
}

function indexRules(
  { shifterSpeeds, sprockets }: GearIndexInput,
  maxErrorMm: number,
  clicksLeft: number,
  limits: Limits,
): Finding[] {
  if (shifterSpeeds === 0) return [told('index', 'goes', said('gear-index.friction-shifter-finds-any-sprocket'))];
  const verdict = graded(limits.indexGoesMm - maxErrorMm, limits.indexWorkMm - maxErrorMm);
  const figures = {
    measured: maxErrorMm,
    limit: limits.indexGoesMm,
    margin: limits.indexGoesMm - maxErrorMm,
  };
  const because =
    maxErrorMm < 0.005
      ? said('gear-index.clicks-and-sprockets-stand-same-distance')
      : said('gear-index.off-by-up-to', { clicks: shifterSpeeds, sprockets, maxErrorMm });
  const index = finding(
    'index',
    verdict,
    because,
    figures,
    {
      goes: [],
      work: [said('gear-index.set-cable-on-middle')],
      stop: [said('gear-index.get-clicks-to-match', { clicks: sprockets })],
    }[verdict],
  );
  if (clicksLeft === 0) return [index];
  return [
    index,
    clicksLeft > 0
      ? finding(
          'clicks',
          'work',
          said('gear-index.of-without-one', {
            sprockets,
            clicksLeft,
            clicks: shifterSpeeds,
          }),
          { measured: clicksLeft, limit: 0, margin: -clicksLeft, unit: '' },
          [said('gear-index.set-both-derailleur-limits-so-that')],
        )
      : finding(
          'clicks',
          'work',
          said('gear-index.are-more-than-shifter-has-clicks', {
            sprockets,
            clicksLeft: -clicksLeft,
          }),
          { measured: clicksLeft, limit: 0, margin: clicksLeft, unit: '' },
          [said('gear-index.set-limits-so-that-sprockets-without')],
        ),
  ];
}

function movedRule({ oldGapMm, newGapMm }: GearIndexInput, limits: Limits): Finding | null {
  if (oldGapMm === undefined && newGapMm === undefined) return null;
  if (oldGapMm === undefined || newGapMm === undefined)
    return notMeasured('sprocket-moved', said('gear-index.gap-beside-smallest-sprocket'));
  const moved = Math.abs(newGapMm - oldGapMm);
  const verdict = graded(limits.sprocketMovedGoesMm - moved, limits.sprocketMovedWorkMm - moved);
  const way = newGapMm > oldGapMm ? 'inboard' : 'outboard';
  return finding(
    'sprocket-moved',
    verdict,
    moved < 0.005
      ? said('gear-index.smallest-sprocket-stays-where-it-was')
      : said('gear-index.smallest-sprocket-moves', { moved, way }),
    { measured: moved, limit: limits.sprocketMovedGoesMm, margin: limits.sprocketMovedGoesMm - moved },
    {
      goes: [],
      work: [said('gear-index.set-limits-and-cable-anew')],
      stop: [said('gear-index.derailleur-does-not-reach')],
    }[verdict],
  );
}

function spacerOf(
  { cluster, hubTakes, body }: GearIndexInput,
  limits: Limits,
): { spacerMm: number | null; finding: Finding } | null {
  if (!body || cluster !== 'cassette' || hubTakes !== 'cassette') return null;
  const standsOut = (spacerMm: number) => body.stackMm + spacerMm - body.lengthMm;
  const spacerMm = cassetteSpacersMm.find(
    (mm) => standsOut(mm) >= limits.cassetteFreeMinMm - dust && standsOut(mm) <= limits.cassetteFreeMaxMm + dust,
  );
  const bare = standsOut(0);
  const figures = { measured: bare, limit: limits.cassetteFreeMinMm, margin: bare - limits.cassetteFreeMinMm };
  if (spacerMm === undefined) {
    return {
      spacerMm: null,
      finding: finding(
        'cassette-spacer',
        'stop',
        bare > limits.cassetteFreeMaxMm
          ? said('gear-index.sprockets-stand-out-of-body-lock', { bare })
          : said('gear-index.no-spacer-lets-lock-ring-clamp'),
        figures,
        [said('gear-index.take-cassette-that-suits-body')],
      ),
    };
  }
  if (spacerMm === 0) {
    return {
      spacerMm,
      finding: finding(
        'cassette-spacer',
        'goes',
        said('gear-index.lock-ring-clamps-sprockets-without-spacer'),
        figures,
      ),
    };
  }
  return {
    spacerMm,
    finding: finding(
      'cassette-spacer',
      'work',
      said('gear-index.without-spacer-sprockets-body-lock-ring', {
        barePart:
          bare < 0 ? said('gear-index.end-inside', { bare: -bare }) : said('gear-index.stand-only-out-of', { bare }),
      }),
      figures,
      [said('gear-index.put-spacer-behind-cassette', { spacerMm })],
    ),
  };
}

function lostRule({ oldHub }: GearIndexInput): Finding | null {
  if (oldHub === undefined || oldHub === 'plain') return null;
  const brake = oldHub !== 'gear-hub';
  return told(
    'hub-lost',
    'work',
    said('gear-index.old-hub-goes-and-with-it', { lost: said(`gear-index.lost-${oldHub}`) }),
    [brake ? said('shared.fit-another-rear-brake-before-motor') : said('gear-index.fit-derailleur-and-hanger-or-ride')],
  );
}

function speeds({ teeth, chainring, circumferenceMm, assistedKmh }: GearIndexInput): Partial<GearIndexResult> {
  const smallest = teeth?.[0];
  if (smallest === undefined || circumferenceMm === undefined) return {};
  return {
    ...(chainring !== undefined && {
      speedAt100RpmKmh: (100 * 60 * circumferenceMm * chainring) / smallest / 1e6,
    }),
    ...(assistedKmh !== undefined && {
      chainringFor85Rpm: Math.round((((assistedKmh * 1e6) / 60) * smallest) / (circumferenceMm * 85)),
    }),
  };
}

function refuseContradictions({ teeth, sprockets }: GearIndexInput): void {
  if (teeth && teeth.length !== sprockets) {
    throw new InputError('teeth', teeth.length, said('gear-index.as-many-as-sprockets', { sprockets }));
  }
}
