import { phrase } from '../../ui/say';

/** Words of photos. */
export const words = {
  take: phrase('photos.take'),
  busy: phrase('photos.busy'),
  none: phrase('photos.none'),
  waits: phrase('photos.waits'),
  unreadable: phrase('photos.unreadable'),
  tooLarge: phrase('photos.tooLarge'),
  by: (person: string, when: string) => `${person}, ${when}`,
  withdraw: phrase('photos.withdraw'),
  sure: phrase('photos.sure'),
  close: phrase('photos.close'),
  look: (about: string, when: string) => phrase('photos.look', { about, when }),
  offline: phrase('photos.offline'),
};
