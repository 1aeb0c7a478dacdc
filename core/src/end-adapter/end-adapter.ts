import { said, type Said } from '../said';
import { readInput } from '../input';
import { withLimits } from '../limits';
import { dust, finding, graded, notMeasured, told, worstFirst, worstOf, type Finding } from '../verdict';
import { EndAdapterInput, type EndAdapterResult, type EndBuild } from './contract';

/** Play that an axle may have in the bore of an end cap, in mm. */
const borePlayMm = 0.2;

type Side = 'left' | 'right';

/**
 * How is a hub that is made for several ends built up for this one?
 *
 * Every choice of extender and end cap on each side and of rotor spacer is tried: base width + extenders + caps must equal
 * the spacing, both caps must take the holes' axle, and the rotor must meet the caliper. The build with the least
 * 4·width error² + 2·rotor error² + 4·middle² is taken, then the one with fewest parts. Each screw hole gets the longest
 * screw of its thread that holds and does not bottom. At an open end there are no caps: of the builds that go in, the
 * widest is taken, and washers fill up the rest.
 *
 * @param input - spacing and holes, hub, parts of the set, screws and their holes
 * @returns the build, which screw goes where, and the order
 * @throws InputError for values out of range
 *
 * @example
 * endAdapter({ spacingMm: 110, holesMm: { left: 15, right: 15 }, hub: { baseWidthMm: 90 }, extenders: [], endCaps: [
 *   { id: 'L10', side: 'left', lengthMm: 10, boreMm: 15 }, { id: 'R10', side: 'right', lengthMm: 10, boreMm: 15 }], … })
 * // { build: { left: { extender: null, endCap: 'L10' }, … widthMm: 110 }, order: ['left end cap L10', …] }
 */
export function endAdapter(input: EndAdapterInput): EndAdapterResult {
  const read = readInput(EndAdapterInput, input);
  const builds = goesIn(read);
  const build = builds.reduce<EndBuild | null>(
    (best, next) => (best && cost(best) <= cost(next) + dust ? best : next),
    null,
  );
  return build
    ? judged(read, build)
    : { verdict: 'stop', findings: [read.holesMm ? noCaps(read) : tooWide(read)], build: null, screws: [], order: [] };
}

/** Every way in which a hub is built up for an open end, fewest parts first: which is best depends on the washers. */
export function openBuilds(input: Omit<EndAdapterInput, 'holesMm'>): EndAdapterResult[] {
  const read = readInput(EndAdapterInput, input);
  return goesIn(read)
    .sort((a, b) => partsOf(a) - partsOf(b))
    .map((build) => judged(read, build));
}

/** The builds that can be put together and, at an open end, are no wider than it. */
function goesIn(read: EndAdapterInput): EndBuild[] {
  const builds = possibleBuilds(read);
  return read.holesMm ? builds : builds.filter(({ widthErrorMm }) => widthErrorMm <= playOf(read) + dust);
}

function playOf({ widthPlayMm = 0.3 }: EndAdapterInput): number {
  return widthPlayMm;
}

function judged(read: EndAdapterInput, build: EndBuild): EndAdapterResult {
  const screws = screwsFor(read, build);
  const findings = [...(read.holesMm ? placed(read, build) : [leaves(read, build)]), ...screws.findings];
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    build,
    screws: screws.chosen,
    order: orderOf(build, read, screws.chosen),
  };
}

/** At an open end the washers make up what is missing, and settle middle and rotor. */
function leaves({ spacingMm }: EndAdapterInput, { widthMm }: EndBuild): Finding {
  const leftMm = Math.max(0, spacingMm - widthMm);
  return finding('width', 'goes', said('end-adapter.hub-builds-up-to-are-left', { widthMm, leftMm }), {
    measured: widthMm,
    limit: spacingMm,
    margin: leftMm,
  });
}

/** Width, middle and rotor of a hub that ends in caps. */
function placed(read: EndAdapterInput, build: EndBuild): Finding[] {
  const limits = withLimits(read.limits);
  const play = playOf(read);
  const width = Math.abs(build.widthErrorMm);
  return [
    finding(
      'width',
      graded(play - width, play - width),
      width < 0.005
        ? said('end-adapter.hub-builds-up-to-spacing', { spacingMm: read.spacingMm })
        : said('end-adapter.hub-builds-up-to-spacing-is', { widthMm: build.widthMm, spacingMm: read.spacingMm }),
      { measured: build.widthMm, limit: read.spacingMm, margin: play - width },
      width > play + dust
        ? [said('end-adapter.ask-hub-maker-for-caps-or', { spacingMm: read.spacingMm - read.hub.baseWidthMm })]
        : [],
    ),
    finding(
      'middle',
      graded(limits.rimOffsetGoesMm - Math.abs(build.middleMm), limits.rimOffsetMm - Math.abs(build.middleMm)),
      said('end-adapter.hub-middle-is-off-middle-of', { middleMm: Math.abs(build.middleMm) }),
      {
        measured: build.middleMm,
        limit: limits.rimOffsetGoesMm,
        margin: limits.rimOffsetGoesMm - Math.abs(build.middleMm),
      },
    ),
    rotorRule(read, build),
  ].filter((item): item is Finding => item !== null);
}

function possibleBuilds(read: EndAdapterInput): EndBuild[] {
  const sideParts = (side: Side) => {
    const hole = read.holesMm?.[side];
    const caps =
      hole === undefined
        ? [null]
        : read.endCaps.filter((cap) => cap.side === side && Math.abs(cap.boreMm - hole) <= borePlayMm + dust);
    const extenders = [null, ...read.extenders.filter((extender) => extender.side === side)];
    return extenders.flatMap((extender) =>
      caps.map((cap) => ({
        extender: extender?.id ?? null,
        endCap: cap?.id ?? null,
        lengthMm: (extender?.lengthMm ?? 0) + (cap?.lengthMm ?? 0),
      })),
    );
  };
  const hasRotor = read.hub.rotorFaceMm !== undefined && read.rotorFaceMm !== undefined;
  const spacers = hasRotor ? [null, ...read.rotorSpacers] : [null];
  return sideParts('left').flatMap((left) =>
    sideParts('right').flatMap((right) =>
      spacers.map((spacer): EndBuild => {
        const widthMm = read.hub.baseWidthMm + left.lengthMm + right.lengthMm;
        return {
          left: { extender: left.extender, endCap: left.endCap },
          right: { extender: right.extender, endCap: right.endCap },
          rotorSpacer: spacer?.id ?? null,
          widthMm,
          widthErrorMm: clean(widthMm - read.spacingMm),
          middleMm: clean((left.lengthMm - right.lengthMm) / 2),
          rotorErrorMm: hasRotor
            ? clean(read.hub.rotorFaceMm! + left.lengthMm - (spacer?.thicknessMm ?? 0) - read.rotorFaceMm!)
            : null,
        };
      }),
    ),
  );
}

function cost(build: EndBuild): number {
  return (
    4 * build.widthErrorMm ** 2 + 2 * (build.rotorErrorMm ?? 0) ** 2 + 4 * build.middleMm ** 2 + 1e-6 * partsOf(build)
  );
}

function partsOf({ left, right, rotorSpacer }: EndBuild): number {
  return [left.extender, right.extender, rotorSpacer].filter((id) => id !== null).length;
}

function tooWide({ hub: { baseWidthMm }, spacingMm }: EndAdapterInput): Finding {
  const over = baseWidthMm - spacingMm;
  return finding(
    'width',
    'stop',
    said('end-adapter.hub-is-wide-without-any-extender', { baseWidthMm, spacingMm }),
    { measured: baseWidthMm, limit: spacingMm, margin: -over },
    [said('shared.fit-motor-at-other-end')],
  );
}

function noCaps(read: EndAdapterInput): Finding {
  const { left, right } = read.holesMm!;
  return told(
    'end-caps',
    'stop',
    left === right
      ? said('end-adapter.set-has-no-end-caps-for', { holeMm: left })
      : said('end-adapter.set-has-no-end-caps-for-both', { left, right }),
    [said('end-adapter.ask-hub-maker-for-caps-for'), said('shared.fit-motor-at-other-end')],
  );
}

function rotorRule({ rotorAdjustMm = 1.5 }: EndAdapterInput, { rotorErrorMm, rotorSpacer }: EndBuild): Finding | null {
  if (rotorErrorMm === null) return null;
  const error = Math.abs(rotorErrorMm);
  const spacer = rotorSpacer ? said('end-adapter.with-spacer', { id: rotorSpacer }) : '';
  return finding(
    'rotor-error',
    graded(rotorAdjustMm - error, rotorAdjustMm - error),
    error < 0.005
      ? said('end-adapter.rotor-runs-in-caliper', { spacer })
      : said('end-adapter.rotor-runs-of-caliper', {
          error,
          isRotorErrorMm: rotorErrorMm > 0 ? 'yes' : 'no',
          spacer,
        }),
    { measured: rotorErrorMm, limit: rotorAdjustMm, margin: rotorAdjustMm - error },
    error > rotorAdjustMm + dust ? [said('end-adapter.get-rotor-spacer-that-makes-up')] : [],
  );
}

function screwsFor(read: EndAdapterInput, build: EndBuild) {
  const spacer = read.rotorSpacers.find(({ id }) => id === build.rotorSpacer)?.thicknessMm ?? 0;
  const chosen: EndAdapterResult['screws'] = [];
  const findings: Finding[] = [];
  for (const hole of read.screwHoles) {
    if (hole.throughRotor && read.rotorThicknessMm === undefined && read.hub.rotorFaceMm !== undefined) {
      findings.push(notMeasured(`screw.${hole.id}`, said('end-adapter.rotor-thickness-which-screw-goes-through')));
      continue;
    }
    const through = hole.throughMm + (hole.throughRotor ? (read.rotorThicknessMm ?? 0) + spacer : 0);
    const shortest = Math.ceil(through + hole.leastMm - dust);
    const longest = Math.floor(through + hole.depthMm + dust);
    if (hole.leastMm > hole.depthMm + dust || shortest > longest) {
      findings.push(
        finding(
          `screw.${hole.id}`,
          'stop',
          said('end-adapter.no-screw-can-hold-in-it', { id: hole.id, depthMm: hole.depthMm, leastMm: hole.leastMm }),
          { measured: hole.depthMm, limit: hole.leastMm, margin: hole.depthMm - hole.leastMm },
          [said('end-adapter.ask-hub-maker-for-parts-that')],
        ),
      );
      continue;
    }
    const right = read.screws
      .filter(({ threadMm }) => Math.abs(threadMm - hole.threadMm) < dust)
      .map(({ id, lengthMm }) => ({ screw: id, engagementMm: clean(lengthMm - through) }))
      .filter(({ engagementMm }) => engagementMm >= hole.leastMm - dust && engagementMm <= hole.depthMm + dust)
      .sort((a, b) => b.engagementMm - a.engagementMm)[0];
    if (right) {
      chosen.push({ hole: hole.id, ...right });
      continue;
    }
    findings.push(
      told(`screw.${hole.id}`, 'work', said('end-adapter.no-screw-of-set-holds-in', { id: hole.id }), [
        said('end-adapter.get-m-at-most-at-least', { threadMm: hole.threadMm, longest, shortest }),
      ]),
    );
  }
  return { chosen, findings };
}

/** Where the work at the bench ends: with the wheel in a through end, with the washers at an open one. */
export const [wheelIn, washersOn] = ['end-adapter.wheel-into-end', 'end-adapter.washers-hub-outwards'] as const;

/**
 * What is put together after what, by which screw stays reachable: extender, rotor spacer and rotor with the screws that go
 * through them, then the arm over them, then the caps; the wheel goes in with all that, and the axle's torque comes before the
 * clamp's. At an open end washers and wheel come next, arms on the axle from outside.
 */
function orderOf(
  build: EndBuild,
  { hub, holesMm, screwHoles }: EndAdapterInput,
  screws: EndAdapterResult['screws'],
): Said[] {
  const hasRotor = hub.rotorFaceMm !== undefined;
  const screwIn = (throughRotor: boolean) =>
    screws
      .filter(({ hole }) => (screwHoles.find(({ id }) => id === hole)?.throughRotor ?? false) === throughRotor)
      .map(({ hole, screw }) => said('end-adapter.screw-in', { screw, hole }));
  return [
    ...(build.left.extender ? [said('end-adapter.extender', { side: 'left', id: build.left.extender })] : []),
    ...(build.right.extender ? [said('end-adapter.extender', { side: 'right', id: build.right.extender })] : []),
    ...screwIn(false),
    ...(build.rotorSpacer ? [said('end-adapter.rotor-spacer', { id: build.rotorSpacer })] : []),
    ...(hasRotor ? [said('end-adapter.rotor')] : []),
    ...screwIn(true),
    ...(holesMm
      ? [
          said('end-adapter.arm-on-hub'),
          said('end-adapter.end-cap', { side: 'left', id: build.left.endCap ?? '' }),
          said('end-adapter.end-cap', { side: 'right', id: build.right.endCap ?? '' }),
          said(wheelIn),
          said('end-adapter.axle-to-torque'),
          said('end-adapter.arm-clamp-to-torque'),
        ]
      : [
          said(washersOn),
          said('end-adapter.wheel-into-slots'),
          said('end-adapter.nuts-to-torque'),
          said('end-adapter.arm-clamp-to-torque'),
        ]),
  ];
}

function clean(value: number): number {
  return Number(value.toFixed(9)) + 0;
}
