import type { JobEventData } from '@cricket/core/job-events';
import type { EndJob, Step } from '@cricket/core/procedure';

/** What a step changes for good: recorded when it is done, named when the bike goes back to stock. */
export function irreversibleOf({ id }: Pick<Step, 'id'>, end: EndJob): JobEventData<'irreversible'>[] {
  switch (id.split('.')[0]) {
    case 'file-slots':
      return (['left', 'right'] as const)
        .filter((side) => end.fileMm[side] > 0)
        .map((side) => ({ end: end.end, what: 'filed', where: `${side} slot`, amountMm: end.fileMm[side] }));
    case 'shell-drill':
      return [{ end: end.end, what: 'drilled', where: 'bottom bracket shell' }];
    case 'hanger-dress':
      return [{ end: end.end, what: 'filed', where: 'hanger' }];
    default:
      return [];
  }
}
