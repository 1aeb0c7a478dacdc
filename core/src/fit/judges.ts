import type { ArmFitResult, ArmPlacement } from '../arm-fit';
import type { EndAdapterResult } from '../end-adapter';
import { tabFindings, type EndFit } from '../end-fit';
import { withLimits } from '../limits';
import type { MotorTorqueResult } from '../motor-torque';
import type { RotorFitResult } from '../rotor-fit';
import type { TorqueReactionResult } from '../torque-reaction';
import type { Finding } from '../verdict';
import { armFindings } from './arms';
import { plugFindings } from './cable';
import { kitFindings, lawOf, takeInFindings, type checksWith } from './checks';
import type { FitArea, FitFinding, FitInput } from './contract';
import { extraFindings } from './extras';
import { cadenceFindings, clusterFindings, hubFindings, type gearsWith } from './gears';
import { packJudged } from './pack';
import { spokesOpen, type BrakeFacts } from './rotor';
import { coverRoom, tyreRoom } from './room';
import { asRoughAs, motorFindings } from './torque';
import { trackFinding, type TyreChoice } from './tyre';
import { wheelSizeFindings } from './wheel-size';

/** Everything that is solved when the judges are asked. */
export interface Solved {
  input: FitInput;
  axle: EndFit;
  adapter: EndAdapterResult | null;
  motor: MotorTorqueResult | null;
  torque: TorqueReactionResult | null;
  /** Every way to put arms on, and the one that was chosen. */
  arms: { found: ArmFitResult | null; chosen: readonly ArmPlacement[] };
  brake: BrakeFacts | null;
  rotor: RotorFitResult | null;
  gears: ReturnType<typeof gearsWith>;
  tyre: TyreChoice | null;
  checks: ReturnType<typeof checksWith>;
}

/** One rule, or a few that belong together, over what is solved. */
export interface Judge {
  /** Where in the work its findings belong. */
  area: FitArea;
  /** What must have been solved before it can say anything. */
  needs: readonly (keyof Solved)[];
  /** Speaks of an end that takes no motor at all, too. */
  ofAnyEnd: boolean;
  judge(solved: Solved): readonly Finding[];
}

type With<K extends keyof Solved> = Solved & { [Key in K]: NonNullable<Solved[Key]> };

function judging<K extends keyof Solved = never>(
  area: FitArea,
  needs: readonly K[],
  judge: (solved: With<K>) => readonly Finding[],
  ofAnyEnd = false,
): Judge {
  return { area, needs, ofAnyEnd, judge: (solved) => judge(solved as With<K>) };
}

/** Every judge there is. A new one is a line here; nothing else lists them. */
export const judges: readonly Judge[] = [
  judging('axle', ['axle'], ({ axle }) => axle.findings, true),
  judging('axle', ['adapter'], ({ adapter }) => adapter.findings, true),
  judging('torque', [], ({ input, motor }) => motorFindings(input, motor)),
  judging('torque', ['torque'], ({ motor, torque }) => asRoughAs(motor, torque.findings) ?? []),
  judging('axle', [], tabsJudged),
  judging('arms', [], ({ arms, axle }) => armFindings(arms.found, [...arms.chosen], axle.twoArms)),
  judging('brake', ['rotor'], ({ rotor }) => rotor.findings),
  judging('brake', [], ({ input, brake }) => spokesOpen(input, brake)),
  judging('brake', [], trackOnce),
  judging('gears', ['gears'], ({ gears }) => gears.findings.filter(({ id }) => id !== 'hub-lost')),
  judging('gears', [], ({ input }) => clusterFindings(input)),
  judging('gears', [], ({ input }) => hubFindings(input)),
  judging('gears', [], ({ input }) => cadenceFindings(input)),
  judging('tyre', ['tyre'], ({ tyre }) => [...(tyre.result?.findings ?? []), ...tyre.findings]),
  judging('tyre', [], ({ input, tyre }) => tyreRoom(input, tyre)),
  judging('end', [], ({ input, axle }) => [coverRoom(input, axle)]),
  judging('cable', [], ({ input, axle }) => plugFindings(input, axle)),
  judging('end', [], ({ input: { facts, wheel } }) => extraFindings(facts, wheel.axle.threadMm)),
  judging('bike', ['checks'], ({ checks }) => checks.findings),
  judging('bike', [], ({ input }) => takeInFindings(input)),
  judging('law', [], ({ input }) => lawOf(input)),
  judging('kit', [], ({ input }) => wheelSizeFindings(input)),
  judging('kit', [], ({ input }) => kitFindings(input)),
  judging('kit', [], ({ input }) => packJudged(input)),
];

/**
 * What every judge says, in their order.
 *
 * @param takesMotor - false for an end that takes none, whatever else holds: then only those of any end are asked
 */
export function judgedBy(solved: Solved, takesMotor: boolean): FitFinding[] {
  return judges
    .filter(({ ofAnyEnd, needs }) => (takesMotor || ofAnyEnd) && needs.every((name) => solved[name] !== null))
    .flatMap(({ area, judge }) => judge(solved).map((item) => ({ ...item, area })));
}

function tabsJudged({ input: { facts, limits }, axle: { tabs, stack }, motor }: Solved): readonly Finding[] {
  // What has no stack says what must be bought.
  if (facts.kind === 'closed' || !stack?.stacks.length) return [];
  return tabFindings(tabs, motor?.peakTorqueNm ?? null, withLimits(limits));
}

/** A rim without track is said once: by the tyre's judgement when there is one. */
function trackOnce({ input, tyre }: Solved): readonly Finding[] {
  return tyre?.result?.findings.some(({ id }) => id === 'brake-track') ? [] : trackFinding(input);
}
