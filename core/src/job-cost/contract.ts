import type { Said } from '../said';
import type { FitReport, ShoppingGroup, ShoppingLine, ToolNeed } from '../fit';

/** Under what goods are counted. */
export type GoodsGroup = ShoppingGroup | 'tools';

/** What of a fit costs money. */
export interface Costed extends Pick<FitReport, 'tools'> {
  shopping: readonly Pick<ShoppingLine, 'group' | 'what' | 'count' | 'costEach'>[];
}

/** One thing that costs money, or that is on hand already. Money is in the workshop's currency. */
export interface CostLine {
  group: GoodsGroup;
  what: Said;
  count: number;
  costEach: number;
  cost: number;
  /** Tools only: bought with this job, on hand, or to be borrowed. */
  how?: ToolNeed['how'];
}

/** What a conversion costs. Money is in the workshop's currency, to the cent. */
export interface CostTable {
  /** Kit, battery, small parts, tools. */
  lines: CostLine[];
  sums: Record<GoodsGroup, number>;
  /** Everything but the work. */
  goods: number;
  /** Hands-on minutes, as likely as not; nine times out of ten no more than the slow ones. */
  minutes: number;
  slowMinutes: number;
  hourlyRate: number;
  labour: number;
  slowLabour: number;
  /** Goods and work. */
  total: number;
  /** The same where the work is slow. */
  slowTotal: number;
}
