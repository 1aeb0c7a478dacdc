import type { WheelPattern } from '@cricket/core/patterns';
import { phrase } from '../../ui/say';

/** Words of the page that fills an empty shop. */
export const words = {
  title: phrase('open.title'),
  lead: phrase('open.lead'),
  drawer: phrase('open.drawer'),
  drawerWhy: phrase('open.drawerWhy'),
  thread: (mm: number) => phrase('open.thread', { mm }),
  wheels: phrase('open.wheels'),
  wheelsWhy: phrase('open.wheelsWhy'),
  patterns: {
    'front-geared': {
      name: phrase('open.patterns.front-geared.name'),
      code: phrase('open.patterns.front-geared.code'),
      about: phrase('open.patterns.front-geared.about'),
    },
    'rear-geared-screw': {
      name: phrase('open.patterns.rear-geared-screw.name'),
      code: phrase('open.patterns.rear-geared-screw.code'),
      about: phrase('open.patterns.rear-geared-screw.about'),
    },
    'rear-geared-cassette': {
      name: phrase('open.patterns.rear-geared-cassette.name'),
      code: phrase('open.patterns.rear-geared-cassette.code'),
      about: phrase('open.patterns.rear-geared-cassette.about'),
    },
    'front-direct': {
      name: phrase('open.patterns.front-direct.name'),
      code: phrase('open.patterns.front-direct.code'),
      about: phrase('open.patterns.front-direct.about'),
    },
    'rear-direct-screw': {
      name: phrase('open.patterns.rear-direct-screw.name'),
      code: phrase('open.patterns.rear-direct-screw.code'),
      about: phrase('open.patterns.rear-direct-screw.about'),
    },
  } satisfies Record<WheelPattern['id'], { name: string; code: string; about: string }>,
  units: phrase('open.units'),
  unitsWhy: phrase('open.unitsWhy'),
  take: (lines: number, wheels: number) => phrase('open.take', { lines, wheels }),
  nothing: phrase('open.nothing'),
  there: (code: string) => phrase('open.there', { code }),
  drawerThere: phrase('open.drawerThere'),
};
