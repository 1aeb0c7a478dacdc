import { saidKey } from '../../said';
import { partKey } from '../../parts';
import type { FitFinding } from '../contract';
import { armJudge } from './arms';
import { axleJudges, tabJudge } from './axle';
import { cableJudge } from './cable';
import { bikeJudges } from './checks';
import { extrasJudge } from './extras';
import { gearJudges } from './gears';
import type { Amiss, Judge, ToolAsked, Wanted } from './judge';
import { kitJudge } from './kit';
import { packJudge } from './pack';
import { coverJudge, tyreRoomJudge } from './room';
import { brakeJudges } from './rotor';
import type { Solved } from './solved';
import { torqueJudges } from './torque';
import { tyreJudge } from './tyre';
import { wheelSizeJudge } from './wheel-size';

/** Every judge there is. A new one is a line here; nothing else lists them. */
export const judges: readonly Judge[] = [
  ...axleJudges,
  ...torqueJudges,
  tabJudge,
  armJudge,
  ...brakeJudges,
  ...gearJudges,
  tyreJudge,
  tyreRoomJudge,
  coverJudge,
  cableJudge,
  extrasJudge,
  ...bikeJudges,
  wheelSizeJudge,
  kitJudge,
  packJudge,
];

/** Those who can speak of what is solved. */
function asked(solved: Solved, takesMotor: boolean): readonly Judge[] {
  return judges.filter(
    ({ ofAnyEnd, needs }) => (takesMotor || ofAnyEnd) && needs.every((name) => solved[name] !== null),
  );
}

/**
 * What every judge says, in their order.
 *
 * @param takesMotor - false for an end that takes none, whatever else holds: then only those of any end are asked
 */
export function judgedBy(solved: Solved, takesMotor: boolean): FitFinding[] {
  return asked(solved, takesMotor).flatMap(({ area, judge }) => judge(solved).map((item) => ({ ...item, area })));
}

function amissIn(findings: readonly FitFinding[]): Amiss {
  return (id) => findings.find((item) => item.id === id && item.verdict !== 'goes') ?? null;
}

/** Everything that the judges send for before the work can begin, each with its reason; the same asked for twice stands once. */
export function wantedBy(solved: Solved, findings: readonly FitFinding[]): Wanted[] {
  const amiss = amissIn(findings);
  const all = asked(solved, true).flatMap(({ shopping }) => shopping(solved, amiss));
  return once(all, ({ part, reason }) => `${partKey(part)} ${saidKey(reason)}`);
}

/** The tools that the judges ask for, in their order, each once. */
export function toolsBy(solved: Solved, findings: readonly FitFinding[]): ToolAsked[] {
  const amiss = amissIn(findings);
  return once(
    asked(solved, true).flatMap(({ tools }) => tools(solved, amiss)),
    ({ tool }) => tool,
  );
}

function once<T>(all: readonly T[], key: (each: T) => string): T[] {
  const seen = new Set<string>();
  return all.filter((each) => !seen.has(key(each)) && seen.add(key(each)));
}
