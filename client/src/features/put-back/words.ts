import { phrase } from '../../ui/say';

/** Words of the way back to stock. */
export const words = {
  title: phrase('put-back.title'),
  lead: phrase('put-back.lead'),
  toStand: phrase('put-back.toStand'),
  none: phrase('put-back.none'),
  noneWhy: phrase('put-back.noneWhy'),
  end: { front: phrase('put-back.end.front'), rear: phrase('put-back.end.rear') },
  left: phrase('put-back.left'),
  right: phrase('put-back.right'),
  unknown: phrase('put-back.unknown'),
  remains: phrase('put-back.remains'),
  remainsNone: phrase('put-back.remainsNone'),
  what: {
    filed: phrase('put-back.what.filed'),
    cut: phrase('put-back.what.cut'),
    drilled: phrase('put-back.what.drilled'),
    glued: phrase('put-back.what.glued'),
  },
  kit: phrase('put-back.kit'),
  print: phrase('put-back.print'),
  caution: phrase('put-back.caution'),
  more: phrase('put-back.more'),
  where: phrase('put-back.where'),
  keep: phrase('put-back.keep'),
};
