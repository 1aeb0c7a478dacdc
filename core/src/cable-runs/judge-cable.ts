import { listed, said, type Said, type SaidParam } from '../said';
import { finding, told, worstOf, type Finding } from '../verdict';
import type { CableRun, CableRunsInput, CableSpan, CableToRun } from './contract';
import { dustMm, extended, gainedMm, tailsMm } from './extensions';
import { nearestTo, runsIntoChain } from './keep-away';
import { neutral, type Movements } from './movements';
import { apart } from './space';
import { longest, type SpanEnd } from './span-length';
import { tiesAlong } from './ties';

/** A still span follows what it lies on; a moving one must not pull, and bends at both ends. */
const stillFactor = 1.03;
const movingFactor = 1.05;
const usualBendMm = 25;
const dripLoopMm = 70;

export interface JudgedCable {
  run: CableRun;
  findings: Finding[];
}

/** A span with what is told of it. */
interface JudgedSpan {
  span: CableSpan;
  findings: Finding[];
}

export const limitsOf = ({ limits }: CableRunsInput) => ({ keepAwayMm: 10, tieMm: 150, coilMm: 50, ...limits });

export type Extension = CableRunsInput['extensions'][number];

/**
 * One cable along its path.
 *
 * @param there - extensions that no earlier cable has taken
 */
export function judgeCable(
  cable: CableToRun,
  input: CableRunsInput,
  moves: Movements,
  there: readonly Extension[],
): JudgedCable {
  const { anchors } = input;
  const { tieMm } = limitsOf(input);
  const judged = cable.path
    .slice(1)
    .map((to, index) => judgeSpan(cable, endOf(cable.path[index]!, input), endOf(to, input), input, moves));
  const spans = judged.map(({ span }) => span);
  const neededMm = spans.reduce((sum, span) => sum + span.neededMm, 0) + (cable.dripLoop ? dripLoopMm : 0) + tailsMm;
  const spareMm = cable.suppliedMm - neededMm;
  const length = judgeLength(cable, neededMm, spareMm, input, there);
  const ties = tiesAlong(cable.path, spans, anchors, tieMm);
  const findings = [
    ...length.findings,
    ...judged.flatMap((each) => each.findings),
    ...cable.path.filter((id) => anchors[id]!.underNut).map((id) => underNut(cable, id)),
    ...ties.single.map((id) => singleTie(cable, id)),
  ];
  return {
    run: {
      id: cable.id,
      verdict: worstOf(findings.map(({ verdict }) => verdict)),
      neededMm,
      spareMm,
      spans,
      ...length.run,
      tiesMm: ties.atMm,
    },
    findings,
  };
}

export function endOf(id: string, { anchors }: CableRunsInput): SpanEnd {
  const { at, on } = anchors[id]!;
  return { id, at, on };
}

function judgeSpan(
  cable: CableToRun,
  one: SpanEnd,
  other: SpanEnd,
  input: CableRunsInput,
  moves: Movements,
): JudgedSpan {
  const { keepAwayMm } = limitsOf(input);
  const lengths = lengthsOf(one, other, cable.minBendMm ?? usualBendMm, input, moves);
  const nearest = nearestTo(one, other, input, moves);
  const isTooNear = nearest.mm < keepAwayMm - dustMm;
  const isInChain = runsIntoChain(one, other, input, moves);
  const better = isTooNear || isInChain ? betterBetween(cable, one, other, input, moves) : null;
  const span: CableSpan = {
    from: one.id,
    to: other.id,
    ...lengths,
    nearestMm: nearest.mm,
    nearestTo: nearest.to,
    ...(better !== null && { better }),
  };
  const id = (rule: string) => `${rule}.${cable.id}.${one.id}-${other.id}`;
  const where = { from: one.id, to: other.id, id: cable.id };
  const remedy = better === null ? [] : [said('shared.lead-it-over', { better })];
  const figures = { measured: nearest.mm, limit: keepAwayMm, margin: nearest.mm - keepAwayMm };
  return {
    span,
    findings: [
      isTooNear
        ? finding(
            id('keep-away'),
            'stop',
            said('cable-runs.comes-too-near-to', { ...where, nearest: named(nearest.to) }),
            figures,
            remedy,
          )
        : finding(
            id('keep-away'),
            'goes',
            said('cable-runs.keeps-away-from-all-that-turns', where),
            figures,
            guided(span, keepAwayMm),
          ),
      ...(isInChain ? [told(id('chain'), 'stop', said('cable-runs.runs-into-chain', where), remedy)] : []),
    ],
  };
}

function lengthsOf(one: SpanEnd, other: SpanEnd, minBendMm: number, input: CableRunsInput, moves: Movements) {
  const posed = (input.poses ?? []).some(({ at }) => at[one.id] !== undefined || at[other.id] !== undefined);
  const moving = one.on !== other.on || posed;
  const neutralMm = apart(moves.placed(one.on, one.at, neutral), moves.placed(other.on, other.at, neutral));
  if (!moving) {
    const neededMm = neutralMm * stillFactor;
    return { moving, neutralMm, maxMm: neutralMm, neededMm, slackMm: neededMm - neutralMm };
  }
  const { lengthMm, setting } = longest(one, other, moves, input.poses);
  const neededMm = lengthMm * movingFactor + 2 * minBendMm;
  return { moving, neutralMm, maxMm: lengthMm, neededMm, slackMm: neededMm - neutralMm, tightest: setting };
}

/** What is slack bows out: a shallow arc that is longer than its chord stands off it by so much. */
/** The bike's own; a wheel or a disc is called as it was written down. */
const named = (to: string): SaidParam => (to === 'crank' || to === 'chain' ? said(`cable-runs.${to}`) : to);

function guided({ neutralMm, slackMm, nearestMm, nearestTo: to }: CableSpan, keepAwayMm: number): Said[] {
  const bowMm = Math.sqrt((3 / 8) * slackMm * neutralMm);
  return nearestMm - bowMm < keepAwayMm - dustMm
    ? [said('cable-runs.guide-its-slack-so-that-it', { to: named(to) })]
    : [];
}

/** The anchor that keeps both pieces away, with the least cable. */
function betterBetween(
  { path, minBendMm }: CableToRun,
  one: SpanEnd,
  other: SpanEnd,
  input: CableRunsInput,
  moves: Movements,
): string | null {
  const { keepAwayMm } = limitsOf(input);
  const isClear = (from: SpanEnd, to: SpanEnd) =>
    nearestTo(from, to, input, moves).mm >= keepAwayMm - dustMm && !runsIntoChain(from, to, input, moves);
  const needed = (from: SpanEnd, to: SpanEnd) => lengthsOf(from, to, minBendMm ?? usualBendMm, input, moves).neededMm;
  return (
    Object.keys(input.anchors)
      .filter((id) => !path.includes(id) && !input.anchors[id]!.underNut)
      .map((id) => ({ id, end: endOf(id, input) }))
      .map(({ id, end }) => ({ id, end, mm: needed(one, end) + needed(end, other) }))
      .sort((a, b) => (Math.abs(a.mm - b.mm) > dustMm ? a.mm - b.mm : a.id < b.id ? -1 : 1))
      .find(({ end }) => isClear(one, end) && isClear(end, other))?.id ?? null
  );
}

/** Whether it reaches, with extensions, and what becomes of what is over. */
function judgeLength(
  cable: CableToRun,
  neededMm: number,
  spareMm: number,
  input: CableRunsInput,
  there: readonly Extension[],
): { run: Pick<CableRun, 'extensions' | 'afterMm' | 'coilAt'>; findings: Finding[] } {
  const { coilMm } = limitsOf(input);
  const figures = { measured: cable.suppliedMm, limit: neededMm, margin: spareMm };
  const id = `length.${cable.id}`;
  const isShort = spareMm < -dustMm;
  const taken = isShort ? extended(cable, -spareMm, there) : null;
  if (isShort && !taken) {
    const because = said('cable-runs.cable-is-too-short-and-no', { id: cable.id, spareMm: round(-spareMm) });
    const remedy = said('cable-runs.take-one-of-at-least-with', { spareMm: Math.ceil(-spareMm + tailsMm) });
    return { run: {}, findings: [finding(id, 'stop', because, figures, [remedy])] };
  }
  const afterMm = spareMm + gainedMm(taken ?? []);
  const isOver = afterMm > coilMm + dustMm;
  const coilAt = isOver ? coilPlace(cable, input) : null;
  const names = (taken ?? []).map((extension) => extension.id);
  return {
    run: { ...(taken && { extensions: names, afterMm }), ...(coilAt !== null && { coilAt }) },
    findings: [
      taken
        ? finding(
            id,
            'work',
            said('cable-runs.cable-is-too-short', { id: cable.id, spareMm: round(-spareMm) }),
            figures,
            [said('cable-runs.put-in', { names: listed(names) })],
          )
        : finding(id, 'goes', said('cable-runs.cable-reaches-in-every-position', { id: cable.id }), figures),
      ...(isOver ? [coiled(cable, afterMm, coilMm, coilAt)] : []),
    ],
  };
}

function coiled({ id }: CableToRun, overMm: number, coilMm: number, coilAt: string | null): Finding {
  const figures = { measured: overMm, limit: coilMm, margin: coilMm - overMm };
  return coilAt === null
    ? finding(
        `coil.${id}`,
        'work',
        said('cable-runs.of-cable-are-over-and-nowhere', { id, overMm: round(overMm) }),
        figures,
        [said('cable-runs.find-room-for-coil-on-frame')],
      )
    : finding(`coil.${id}`, 'goes', said('cable-runs.of-cable-are-over', { id, overMm: round(overMm) }), figures, [
        said('cable-runs.coil-them-at', { coilAt }),
      ]);
}

/** The anchor with room, on the frame, that is nearest to where the cable ends. */
function coilPlace({ path }: CableToRun, { anchors }: CableRunsInput): string | null {
  const last = anchors[path.at(-1)!]!;
  return path
    .filter((id) => anchors[id]!.on === 'frame' && anchors[id]!.room)
    .reduce<string | null>(
      (nearest, id) =>
        nearest === null || apart(anchors[id]!.at, last.at) < apart(anchors[nearest]!.at, last.at) - dustMm
          ? id
          : nearest,
      null,
    );
}

function underNut({ id }: CableToRun, anchor: string): Finding {
  return told(`under-nut.${id}.${anchor}`, 'stop', said('cable-runs.at-cable-lies-under-nut-which', { anchor, id }), [
    said('cable-runs.lead-it-past-nut-and-tie'),
  ]);
}

function singleTie({ id }: CableToRun, anchor: string): Finding {
  return told(
    `axle-tie.${id}.${anchor}`,
    'work',
    said('cable-runs.at-where-cable-leaves-axle-nothing', { anchor, id }),
    [said('cable-runs.tie-it-second-time-on-same')],
  );
}

const round = (mm: number) => Number(mm.toFixed(1));
