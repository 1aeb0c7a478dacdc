/** What a conversion costs: one table for the list of kits, the order, the quote and the sheet. */
export { costTable, usualHourlyRate } from './job-cost';
export type { CostLine, CostTable, Costed, GoodsGroup } from './contract';
