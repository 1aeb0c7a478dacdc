import { phrase } from '../../ui/say';

/** Words of steps wherever they are told of. */
export const words = {
  list: phrase('steps.list'),
  line: (title: string, person: string, because: string) => phrase('steps.line', { title, person, because }),
  endings: {
    done: phrase('journal.endings.done'),
    skipped: phrase('journal.endings.skipped'),
    problem: phrase('journal.endings.problem'),
    undone: phrase('journal.endings.undone'),
    confirmed: phrase('journal.endings.confirmed'),
    'stood-in': phrase('journal.endings.stood-in'),
  } as Record<string, string>,
  /** What came off an axle. */
  offAxle: {
    nut: phrase('stand.offAxle.kinds.nut'),
    plain: phrase('stand.offAxle.kinds.plain'),
    tabbed: phrase('stand.offAxle.kinds.tabbed'),
    'c-washer': phrase('stand.offAxle.kinds.c-washer'),
    spacer: phrase('stand.offAxle.kinds.spacer'),
    stay: phrase('stand.offAxle.kinds.stay'),
    arm: phrase('stand.offAxle.kinds.arm'),
    'quick-release': phrase('stand.offAxle.kinds.quick-release'),
    other: phrase('stand.offAxle.kinds.other'),
  },
  /** What becomes of a part of the kit. */
  fates: {
    used: phrase('stand.fates.used'),
    'left-out': phrase('stand.fates.left-out'),
    'given-back': phrase('stand.fates.given-back'),
  },
};
