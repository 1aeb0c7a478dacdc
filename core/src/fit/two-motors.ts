import { worstOf, type Verdict } from '../verdict';
import type { FitInput, FitReport } from './contract';
import { fitOfRecord } from './recorded';

/** Two motors on one bike: what each end says, knowing of the other. */
export interface TwoMotorsReport {
  verdict: Verdict;
  front: FitReport;
  rear: FitReport;
  /** What each may draw of the one battery. */
  shareA: { front: number; rear: number };
  /** Kits, batteries, parts and tools of both. */
  cost: number;
  minutes: number;
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
    cost: reports.front.cost + reports.rear.cost,
    minutes: reports.front.minutes + reports.rear.minutes,
  };
}
