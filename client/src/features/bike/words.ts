import type { End } from '@cricket/core/features';
import { counted } from '@cricket/core/units';
import { phrase } from '../../ui/say';

/** Words of a bike's pages. */
export const words = {
  next: phrase('bike.next'),
  ends: { front: phrase('bike.ends.front'), rear: phrase('bike.ends.rear') } satisfies Record<End, string>,
  takeIn: phrase('bike.takeIn'),
  measure: phrase('bike.measure'),
  match: phrase('bike.match'),
  bar: phrase('bike.bar'),
  cranks: phrase('bike.cranks'),
  bay: phrase('bike.bay'),
  bayKnown: phrase('bike.bayKnown'),
  bayKept: phrase('bike.bayKept'),
  power: phrase('bike.power'),
  room: phrase('bike.room'),
  roomSays: phrase('bike.roomSays'),
  levers: phrase('bike.levers'),
  leversKnown: phrase('bike.leversKnown'),
  wiring: phrase('bike.wiring'),
  plugs: (count: number) =>
    count === 0
      ? phrase('bike.plugs-not-yet')
      : count === 1
        ? phrase('bike.plugs-1-plug')
        : phrase('bike.plugs-plugs', { count }),
  cables: phrase('bike.cables'),
  cableCount: (count: number) =>
    count === 0
      ? phrase('bike.cableCount-not-yet')
      : count === 1
        ? phrase('bike.cableCount-1-cable')
        : phrase('bike.cableCount-cables', { count }),
  elements: (count: number) =>
    count === 1 ? phrase('bike.elements-1-element') : phrase('bike.elements-elements', { count }),
  cranksKnown: phrase('bike.cranksKnown'),
  barParts: (count: number) => counted(count, 'part'),
  kitRider: phrase('bike.kitRider'),
  kitAsIs: phrase('bike.kitAsIs'),
  kitAll: phrase('bike.kitAll'),
  noThrottle: phrase('bike.noThrottle'),
  partUse: {
    replaced: (part: string) => phrase('bike.partUse.replaced', { part }),
    'left-out': (part: string) => phrase('bike.partUse.left-out', { part }),
  },
  order: phrase('bike.order'),
  fit: phrase('bike.fit'),
  lock: phrase('bike.lock'),
  gears: phrase('bike.gears'),
  lacing: phrase('bike.lacing'),
  stand: phrase('bike.stand'),
  steps: (done: number) => (done === 0 ? phrase('bike.steps-step-by-step') : phrase('bike.steps-done', { done })),
  back: phrase('bike.back'),
  backSays: phrase('bike.backSays'),
  journal: phrase('bike.journal'),
  journalSays: phrase('bike.journalSays'),
  truing: phrase('bike.truing'),
  trued: (count: number) =>
    count === 0
      ? phrase('bike.trued-not-recorded')
      : count === 1
        ? phrase('bike.trued-one-round')
        : phrase('bike.trued-rounds', { count }),
  both: phrase('bike.both'),
  bothSays: phrase('bike.bothSays'),
  stack: phrase('bike.stack'),
  takenIn: phrase('bike.takenIn'),
  openAsked: (count: number) =>
    count === 1 ? phrase('bike.openAsked-one-answer-open') : phrase('bike.openAsked-answers-open', { count }),
  toGet: (here: number, all: number) => phrase('bike.toGet', { here, all }),
  held: (times: string) => phrase('bike.held', { times }),
  noRim: phrase('bike.noRim'),
  laced: phrase('bike.laced'),
  open: (done: number, all: number) => phrase('bike.open', { done, all }),
  noWheel: phrase('bike.noWheel'),
  notYet: phrase('bike.notYet'),
  acceptedOn: (date: string, person: string) => phrase('bike.acceptedOn', { date, person }),
  edit: phrase('bike.edit'),
  editTitle: phrase('bike.editTitle'),
  newTitle: phrase('bike.newTitle'),
  jobFile: phrase('bike.jobFile'),
  jobFailed: phrase('bike.jobFailed'),
  takeOut: phrase('bike.takeOut'),
  takeOutSure: phrase('bike.takeOutSure'),
  tag: phrase('bike.tag'),
  tagHint: phrase('bike.tagHint'),
  name: phrase('bike.name'),
  nameHint: phrase('bike.nameHint'),
  kind: phrase('bike.kind'),
  initials: phrase('bike.initials'),
  optional: phrase('bike.optional'),
  wheelSize: phrase('bike.wheelSize'),
  wheelbase: phrase('bike.wheelbase'),
  chainStay: phrase('bike.chainStay'),
  save: phrase('bike.save'),
  saveNew: phrase('bike.saveNew'),
  kinds: {
    upright: phrase('bike.kinds.upright'),
    'step-through': phrase('bike.kinds.step-through'),
    'box-bike': phrase('bike.kinds.box-bike'),
    longtail: phrase('bike.kinds.longtail'),
    'drop-bar': phrase('bike.kinds.drop-bar'),
    trike: phrase('bike.kinds.trike'),
    tandem: phrase('bike.kinds.tandem'),
  },
  readings: phrase('bike.readings'),
  noReadings: phrase('bike.noReadings'),
  out: phrase('bike.out'),
  bringBack: phrase('bike.bringBack'),
  conflict: phrase('bike.conflict'),
  conflictWhy: (theirs: string) => phrase('bike.conflictWhy', { theirs }),
  takeTheirs: phrase('bike.takeTheirs'),
  keepMine: phrase('bike.keepMine'),
  copied: phrase('bike.copied'),
  firstLook: (left: number) =>
    left === 1 ? phrase('bike.firstLook-first-look-one') : phrase('bike.firstLook-first-look-readings', { left }),
  soFar: phrase('bike.soFar'),
};
