import type { BikeRecord, OrderLine, OrderState } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { ShoppingLine } from '@cricket/core/fit';
import { axleAt } from '@cricket/core/model';

/** A line of the shopping list with what has been done about it. */
export interface ListedLine extends Omit<ShoppingLine, 'group'> {
  order: OrderLine | null;
  state: OrderState;
}

/** The shopping list with the orders that belong to it, by what is bought; what was ordered and is no longer listed stays. */
export function listedLines(record: BikeRecord, end: End, shopping: readonly ShoppingLine[]): ListedLine[] {
  const orders = record.orders.filter((order) => order.place === axleAt(end));
  const listed = shopping.map((line): ListedLine => {
    const order = orders.find(({ what }) => what === line.what) ?? null;
    return { ...line, order, state: order?.state ?? 'wanted' };
  });
  const gone = orders
    .filter(({ what, state }) => state !== 'wanted' && shopping.every((line) => line.what !== what))
    .map((order): ListedLine => ({ ...order, order, state: order.state }));
  return [...listed, ...gone];
}

const after: Record<OrderState, OrderState> = { wanted: 'ordered', ordered: 'received', received: 'ordered' };

/** What a line becomes when it is taken one step on. */
export function nextState(state: OrderState): OrderState {
  return after[state];
}

/** Days until the last line is here. */
export function daysToStart(lines: readonly ListedLine[]): number {
  return Math.max(0, ...lines.filter(({ state }) => state !== 'received').map(({ leadDays }) => leadDays));
}
