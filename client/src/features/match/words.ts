import type { Layout } from '@cricket/core/conversions';
import { phrase, within } from '../../ui/say';

/** Words of the match. */
export const words = {
  pattern: (count: number) =>
    count === 1 ? phrase('match.pattern-one-figure-wheel') : phrase('match.pattern-figures-wheel-are', { count }),
  title: phrase('match.title'),
  working: (done: number, all: number) => phrase('match.working', { done, all }),
  cancel: phrase('match.cancel'),
  cancelled: phrase('match.cancelled'),
  again: phrase('match.again'),
  failed: phrase('match.failed'),
  none: phrase('match.none'),
  noneWhy: phrase('match.noneWhy'),
  toOpen: phrase('match.toOpen'),
  at: { front: phrase('match.at.front'), rear: phrase('match.at.rear') },
  nth: (at: number, all: number) => phrase('match.nth', { at, all }),
  before: phrase('match.before'),
  after: phrase('match.after'),
  take: (code: string, end: string) => phrase('match.take', { code, end }),
  compare: phrase('match.compare'),
  compared: phrase('match.compared'),
  compareTwo: phrase('match.compareTwo'),
  close: phrase('match.close'),
  forAll: phrase('match.forAll'),
  filter: {
    shown: (shown: number, all: number) =>
      shown === all
        ? phrase('match.filter.shown-shown-all', { all })
        : phrase('match.filter.shown-shown', { shown, all }),
    every: phrase('match.filter.every'),
    none: phrase('match.filter.none'),
    end: phrase('match.filter.end'),
    ends: {
      any: phrase('match.filter.ends.any'),
      front: phrase('match.filter.ends.front'),
      rear: phrase('match.filter.ends.rear'),
    },
    may: phrase('match.filter.may'),
    mays: { any: phrase('match.filter.mays.any'), may: phrase('match.filter.mays.may') },
    brake: phrase('match.filter.brake'),
    brakes: {
      any: phrase('match.filter.brakes.any'),
      rim: phrase('match.filter.brakes.rim'),
      disc: phrase('match.filter.brakes.disc'),
    },
    most: phrase('match.filter.most'),
  },
  mayGo: phrase('match.mayGo'),
  couldStop: (count: number) =>
    count === 1
      ? phrase('match.couldStop-one-reading-could')
      : phrase('match.couldStop-readings-could-still', { count }),
  readNext: (title: string, kits: number) =>
    phrase('match.readNext', {
      title,
      kitsPart: kits === 1 ? phrase('match.readNext-one-kit') : phrase('match.readNext-kits', { kits }),
    }),
  readNextTitle: phrase('match.readNextTitle'),
  nothingElse: phrase('match.nothingElse'),
  refused: (code: string, end: string) => phrase('match.refused', { code, end }),
  together: phrase('match.together'),
  lead: phrase('match.lead'),
  days: (days: number) => `${days} d`,
  time: phrase('match.time'),
  torque: phrase('match.torque'),
  held: phrase('match.held'),
  first: phrase('match.first'),
  toGet: phrase('match.toGet'),
  decides: phrase('match.decides'),
  allGoes: phrase('match.allGoes'),
  /** A verdict that knows of the axle alone. */
  atAxle: (verdict: string) => phrase('match.atAxle', { verdict }),
  chosen: phrase('match.chosen'),
  room: {
    title: phrase('match.room.title'),
    short: {
      bar: phrase('match.room.short.bar'),
      cranks: phrase('match.room.short.cranks'),
      bay: phrase('match.room.short.bay'),
      rack: phrase('match.room.short.rack'),
      power: phrase('match.room.short.power'),
    },
    names: {
      bar: phrase('match.room.names.bar'),
      cranks: phrase('match.room.names.cranks'),
      bay: phrase('match.room.names.bay'),
      rack: phrase('match.room.names.rack'),
      power: phrase('match.room.names.power'),
    },
    group: (names: readonly string[], verdict: string) => {
      const all = names.join(', ');
      return `${all.charAt(0).toUpperCase()}${all.slice(1)}: ${within(verdict)}`;
    },
    waits: {
      bike: phrase('match.room.waits.bike'),
      kit: phrase('match.room.waits.kit'),
    },
    on: { down: phrase('match.room.on.down'), seat: phrase('match.room.on.seat') },
  },
  best: {
    title: phrase('match.best.title'),
    lead: phrase('match.best.lead'),
    looked: (ways: number, stopped: number) =>
      phrase('match.best.looked', {
        ways,
        stoppedPart:
          stopped > 0
            ? phrase('match.best.looked-stopped-at-axle', {
                stoppedPart:
                  stopped === 1
                    ? phrase('match.best.looked-stopped-at-axle-one-kit')
                    : phrase('match.best.looked-stopped-at-axle-kits-are', { stopped }),
              })
            : '',
      }),
    none: phrase('match.best.none'),
    noneWhy: phrase('match.best.noneWhy'),
    mass: phrase('match.best.mass'),
    axle: phrase('match.best.axle'),
    going: (names: readonly string[]) => phrase('match.best.going', { names: names.join(', ') }),
    take: phrase('match.best.take'),
    built: ({ battery, controller, throttle }: Layout) =>
      [
        {
          down: phrase('match.best.built.down-battery-on-down'),
          seat: phrase('match.best.built.seat-battery-on-seat'),
          rack: phrase('match.best.built.rack-battery-on-rack'),
          bag: phrase('match.best.built.bag-battery-in-bag'),
          wheel: phrase('match.best.built.wheel-battery-in-wheel'),
        }[battery],
        {
          frame: phrase('match.best.built.frame-controller-in-open'),
          bag: phrase('match.best.built.bag-controller-in-bag'),
          'built-in': null,
        }[controller],
        throttle &&
          {
            left: phrase('match.best.built.left-throttle-on-left'),
            right: phrase('match.best.built.right-throttle-on-right'),
          }[throttle],
      ]
        .filter(Boolean)
        .join(', '),
  },
  ways: phrase('match.ways'),
  kit: phrase('match.kit'),
  delivered: phrase('match.delivered'),
};
