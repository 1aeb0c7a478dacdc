import card from './card.json';
import job from './job.json';
import room from './room.json';
import verdict from './verdict.json';

/** What the sheets say of themselves, in English. */
export const sheet = {
  card,
  job,
  room,
  verdict,
};
