import { phrase } from '../../ui/say';

/** Words of the cost table: the same on the list of kits, the order, the quote and the fit. */
export const words = {
  title: phrase('cost.title'),
  groups: {
    kit: phrase('cost.groups.kit'),
    battery: phrase('cost.groups.battery'),
    'small-parts': phrase('cost.groups.small-parts'),
    tools: phrase('cost.groups.tools'),
  },
  goods: phrase('cost.goods'),
  range: (usual: string, slow: string) => phrase('cost.range', { usual, slow }),
  work: (range: string, hourly: string) => phrase('cost.work', { range, hourly }),
  total: phrase('cost.total'),
  slow: (sum: string) => phrase('cost.slow', { sum }),
  /** Money and hours in one line. */
  line: (total: string, range: string) => phrase('cost.line', { total, range }),
};
