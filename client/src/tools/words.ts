/** Words of the page of tools and hours. */
export const words = {
  title: 'Tools and hours',
  lead: 'What hangs on the wall is recorded once: no order and no quote counts it again.',
  hour: 'What an hour of work costs',
  hourHint: 'every quote reckons with it',
  badHour: (text: string) => `"${text}" is no amount from 0 to 1000.`,
  keepHour: 'Keep the hour',
  tools: 'Tools on hand',
  own: 'The owner records tools and hours: the owner takes the phone',
  conflict: 'Somebody changed the settings meanwhile: look at them and tick again.',
};
