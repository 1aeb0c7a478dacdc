import type { Place } from '@cricket/core/model';
import { phrase } from './say';

/** Words that every screen shares. */
export const words = {
  draft: {
    here: phrase('ui.draft.here'),
    throwAway: phrase('ui.draft.throwAway'),
    sure: phrase('ui.draft.sure'),
  },
  drawingFile: phrase('ui.drawingFile'),
  product: phrase('ui.product'),
  toPage: phrase('ui.toPage'),
  figuresInLine: phrase('ui.figuresInLine'),
  notKept: (many: number) =>
    many === 1 ? phrase('ui.notKept-not-kept-one') : phrase('ui.notKept-not-kept-answers', { many }),
  places: {
    'front-axle': phrase('ui.places.front-axle'),
    'rear-axle': phrase('ui.places.rear-axle'),
    'front-brake': phrase('ui.places.front-brake'),
    'rear-brake': phrase('ui.places.rear-brake'),
    bar: phrase('ui.places.bar'),
    cranks: phrase('ui.places.cranks'),
    frame: phrase('ui.places.frame'),
    rack: phrase('ui.places.rack'),
    loom: phrase('ui.places.loom'),
    bike: phrase('ui.places.bike'),
  } satisfies Record<Place, string>,
  sides: { left: phrase('ui.sides.left'), right: phrase('ui.sides.right') },
  ends: { front: phrase('ui.ends.front'), rear: phrase('ui.ends.rear') },
  hub: phrase('ui.hub'),
  bikes: phrase('ui.bikes'),
  stores: phrase('ui.stores'),
  wheels: phrase('ui.wheels'),
  shop: phrase('ui.shop'),
  back: phrase('ui.back'),
  loading: phrase('ui.loading'),
  again: phrase('ui.again'),
  failed: phrase('ui.failed'),
  failedWhy: phrase('ui.failedWhy'),
  broken: phrase('ui.broken'),
  brokenWhy: phrase('ui.brokenWhy'),
  reload: phrase('ui.reload'),
  newer: phrase('ui.newer'),
  unreachable: (count: number) =>
    count === 0 ? phrase('ui.unreachable-server-does-not') : phrase('ui.unreachable-server-does-not-2', { count }),
  notDurable: phrase('ui.notDurable'),
  refused: (count: number) => phrase('ui.refused', { count }),
  look: phrase('ui.look'),
  gone: phrase('ui.gone'),
  home: phrase('ui.home'),
  next: phrase('ui.next'),
};
