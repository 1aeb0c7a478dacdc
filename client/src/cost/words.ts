/** Words of the cost table: the same on the list of kits, the order, the quote and the fit. */
export const words = {
  title: 'What it costs',
  groups: { kit: 'Kit', battery: 'Battery', 'small-parts': 'Small parts', tools: 'Tools to buy' },
  goods: 'Kit, battery, parts, tools',
  range: (usual: string, slow: string) => `${usual}, slow ${slow}`,
  work: (range: string, hourly: string) => `Work: ${range}, ${hourly} an hour`,
  total: 'Together',
  slow: (sum: string) => `slow ${sum}`,
  /** Money and hours in one line. */
  line: (total: string, range: string) => `${total} together; work ${range}`,
};
