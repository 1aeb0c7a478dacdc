import { phrase } from '../../ui/say';

/** Words of the order page and the quote. */
export const words = {
  title: phrase('order.title'),
  noKit: phrase('order.noKit'),
  toMatch: phrase('order.toMatch'),
  toFit: phrase('order.toFit'),
  states: {
    wanted: phrase('order.states.wanted'),
    ordered: phrase('order.states.ordered'),
    received: phrase('order.states.received'),
  },
  next: {
    wanted: phrase('order.next.wanted'),
    ordered: phrase('order.next.ordered'),
    received: phrase('order.next.received'),
  },
  each: (count: number, each: string) => `${count} × ${each}`,
  lead: (days: number) => (days === 0 ? phrase('order.lead-on-hand') : phrase('order.lead-days', { days })),
  start: phrase('order.start'),
  startNow: phrase('order.startNow'),
  tools: phrase('order.tools'),
  how: { have: phrase('order.how.have'), borrow: phrase('order.how.borrow') },
  toBuy: (cost: string) => phrase('order.toBuy', { cost }),
  have: phrase('order.have'),
  haveIt: (tool: string) => phrase('order.haveIt', { tool }),
  toTools: phrase('order.toTools'),
  leftOver: phrase('order.leftOver'),
  besides: phrase('order.besides'),
  nothing: phrase('order.nothing'),
  quote: phrase('order.quote'),
  quoteTitle: phrase('order.quoteTitle'),
  quoteNote: phrase('order.quoteNote'),
  until: phrase('order.until'),
  waits: phrase('order.waits'),
};
