import { inMm } from '../figures';
import { InputError, readInput } from '../input';
import { withLimits, type Limits } from '../limits';
import { dust, finding, graded, notMeasured, told, worstFirst, worstOf, type Finding } from '../verdict';
import { GearIndexInput, type GearIndexResult } from './contract';
import { counted } from '../units';

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
    return told('cluster', 'stop', 'The hub has no place for sprockets.', ['Take a wheel that takes sprockets.']);
  }
  if (cluster === hubTakes) return told('cluster', 'goes', `Hub and sprockets are both ${cluster}.`);
  return told(
    'cluster',
    'stop',
    cluster === 'freewheel'
      ? 'The sprockets are a thread-on freewheel, the hub has splines: they never interchange.'
      : 'The sprockets are a splined cassette, the hub has a thread: they never interchange.',
    [`Get a ${hubTakes} with the same number of sprockets.`],
  );
}

function indexRules(
  { shifterSpeeds, sprockets }: GearIndexInput,
  maxErrorMm: number,
  clicksLeft: number,
  limits: Limits,
): Finding[] {
  if (shifterSpeeds === 0) return [told('index', 'goes', 'A friction shifter finds any sprocket.')];
  const verdict = graded(limits.indexGoesMm - maxErrorMm, limits.indexWorkMm - maxErrorMm);
  const figures = {
    measured: maxErrorMm,
    limit: limits.indexGoesMm,
    margin: limits.indexGoesMm - maxErrorMm,
  };
  const because =
    maxErrorMm < 0.005
      ? 'Clicks and sprockets stand the same distance apart.'
      : `${counted(shifterSpeeds, 'click')} on ${counted(sprockets, 'sprocket')}: off by up to ${inMm(maxErrorMm)} at the best cable setting.`;
  const index = finding(
    'index',
    verdict,
    because,
    figures,
    {
      goes: [],
      work: ['Set the cable on the middle sprocket; the outer ones shift less cleanly.'],
      stop: [`Get ${counted(sprockets, 'click')} to match, or a friction shifter.`],
    }[verdict],
  );
  if (clicksLeft === 0) return [index];
  return [
    index,
    clicksLeft > 0
      ? finding(
          'clicks',
          'work',
          `${counted(sprockets, 'sprocket')} ${sprockets === 1 ? 'leaves' : 'leave'} ${clicksLeft} of ${counted(shifterSpeeds, 'click')} without one.`,
          { measured: clicksLeft, limit: 0, margin: -clicksLeft, unit: '' },
          ['Set both derailleur limits so that the chain cannot go past the sprockets.'],
        )
      : finding(
          'clicks',
          'work',
          `${counted(sprockets, 'sprocket')} are ${-clicksLeft} more than the shifter has clicks.`,
          { measured: clicksLeft, limit: 0, margin: clicksLeft, unit: '' },
          ['Set the limits so that the sprockets without a click are never reached, or change the shifter.'],
        ),
  ];
}

function movedRule({ oldGapMm, newGapMm }: GearIndexInput, limits: Limits): Finding | null {
  if (oldGapMm === undefined && newGapMm === undefined) return null;
  if (oldGapMm === undefined || newGapMm === undefined)
    return notMeasured('sprocket-moved', 'The gap beside the smallest sprocket');
  const moved = Math.abs(newGapMm - oldGapMm);
  const verdict = graded(limits.sprocketMovedGoesMm - moved, limits.sprocketMovedWorkMm - moved);
  const way = newGapMm > oldGapMm ? 'inboard' : 'outboard';
  return finding(
    'sprocket-moved',
    verdict,
    moved < 0.005 ? 'The smallest sprocket stays where it was.' : `The smallest sprocket moves ${inMm(moved)} ${way}.`,
    { measured: moved, limit: limits.sprocketMovedGoesMm, margin: limits.sprocketMovedGoesMm - moved },
    {
      goes: [],
      work: ['Set derailleur limits and cable anew.'],
      stop: ['Move a washer, or take another wheel: the derailleur does not reach.'],
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
          ? `The sprockets stand ${inMm(bare)} out of the body: the lock ring finds no thread.`
          : 'No spacer lets the lock ring clamp these sprockets.',
        figures,
        ['Take a cassette that suits the body.'],
      ),
    };
  }
  if (spacerMm === 0) {
    return {
      spacerMm,
      finding: finding('cassette-spacer', 'goes', 'The lock ring clamps the sprockets without a spacer.', figures),
    };
  }
  return {
    spacerMm,
    finding: finding(
      'cassette-spacer',
      'work',
      `Without a spacer the sprockets ${bare < 0 ? `end ${inMm(-bare)} inside` : `stand only ${inMm(bare)} out of`} the body: the lock ring bottoms and they stay loose.`,
      figures,
      [`Put the ${spacerMm} mm spacer behind the cassette.`],
    ),
  };
}

const lost = {
  coaster: 'the back-pedal brake',
  drum: 'the drum brake',
  'gear-hub': 'the gears inside the hub',
} as const;

function lostRule({ oldHub }: GearIndexInput): Finding | null {
  if (oldHub === undefined || oldHub === 'plain') return null;
  const brake = oldHub !== 'gear-hub';
  return told('hub-lost', 'work', `The old hub goes, and with it ${lost[oldHub]}.`, [
    brake
      ? 'Fit another rear brake before the motor.'
      : 'Fit a derailleur and hanger, or ride single speed; or fit the motor at the front.',
  ]);
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
    throw new InputError('teeth', teeth.length, `as many as sprockets, ${sprockets}`);
  }
}
