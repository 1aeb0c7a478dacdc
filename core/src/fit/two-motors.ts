import { isCarbon } from '../features';
import { worstOf, type Verdict } from '../verdict';
import type { FitInput, FitReport } from './contract';
import { planTime, type PlannedEnd } from './plan-time';
import { fitOfRecord } from './recorded';

/** Two motors on one bike: what each end says, knowing of the other. */
export interface TwoMotorsReport {
  verdict: Verdict;
  front: FitReport;
  rear: FitReport;
  /** What each may draw of the one battery. */
  shareA: { front: number; rear: number };
  /** Kits, batteries, parts and tools of both; a tool that both need is bought once. */
  cost: number;
  /** One plan for both ends: what is done once is counted once. */
  minutes: number;
  slowMinutes: number;
}

/**
 * A kit at each end of one bike, drawing on one battery.
 *
 * The battery's current is shared: neither motor can be fed more than what is left when the other pulls its part, so each
 * is judged with its share by controller limit. The bike carries both kits.
 *
 * @param front - everything of the front end and its kit
 * @param rear - the same of the rear
 * @param batteryA - what the one battery gives, continuously
 */
export function fitTwoMotors(front: FitInput, rear: FitInput, batteryA: number): TwoMotorsReport {
  const limitOf = ({ wheel }: FitInput) => wheel.kit?.controller.batteryA ?? batteryA / 2;
  const both = limitOf(front) + limitOf(rear);
  const share = (input: FitInput) => Math.min(limitOf(input), (batteryA * limitOf(input)) / both);
  const beside = (own: FitInput, other: FitInput) => ({
    massKg: (other.wheel.kit?.massKg ?? 0) + (other.wheel.kit?.battery?.massKg ?? 0),
    sharedBatteryA: share(own),
  });
  const reports = {
    front: fitOfRecord({ ...front, beside: beside(front, rear) }),
    rear: fitOfRecord({ ...rear, beside: beside(rear, front) }),
  };
  return {
    verdict: worstOf([reports.front.verdict, reports.rear.verdict]),
    ...reports,
    shareA: { front: share(front), rear: share(rear) },
    cost: reports.front.cost + reports.rear.cost - boughtTwice(reports.front, reports.rear),
    ...timeOfBoth({ input: front, fitted: reports.front }, { input: rear, fitted: reports.rear }),
  };
}

function boughtTwice(front: FitReport, rear: FitReport): number {
  const named = new Set(front.tools.map(({ tool }) => tool));
  return rear.tools.reduce((sum, { tool, cost }) => sum + (named.has(tool) ? cost : 0), 0);
}

function timeOfBoth(front: PlannedEnd, rear: PlannedEnd) {
  const [first, ...rest] = [front, rear].filter(({ input }) => !isCarbon(input.facts));
  return first ? planTime([first, ...rest]) : { minutes: 0, slowMinutes: 0 };
}
