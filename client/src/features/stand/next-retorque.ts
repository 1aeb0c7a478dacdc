import type { StepState } from '@cricket/core/procedure';
import { addDays } from 'date-fns/addDays';
import { dateText } from '../../ui/date-text';

/** When the nuts are tightened again, as it was agreed; null before that. */
export function nextRetorqueOf(steps: readonly StepState[]): { km: number; by: string } | null {
  const agreed = steps.find(({ step, how }) => step.id === 'appointment' && how === 'done');
  const value = (check: string) => agreed?.readings.find((reading) => reading.check === check)?.value;
  const [km, days] = [value('next-km'), value('next-days')];
  if (!agreed?.at || km === undefined || days === undefined) return null;
  return { km, by: dateText(addDays(new Date(agreed.at), days), 'd MMMM yyyy') };
}
