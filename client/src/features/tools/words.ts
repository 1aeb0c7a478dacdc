import { phrase } from '../../ui/say';

/** Words of the page of tools and hours. */
export const words = {
  title: phrase('tools.title'),
  lead: phrase('tools.lead'),
  hour: phrase('tools.hour'),
  hourHint: phrase('tools.hourHint'),
  badHour: (text: string) => phrase('tools.badHour', { text }),
  keepHour: phrase('tools.keepHour'),
  tools: phrase('tools.tools'),
  own: phrase('tools.own'),
};
