import type { Side } from '@cricket/core/features';
import { phrase } from '../ui/say';

export interface FeatureWords {
  /** Heading of the screen. */
  title: string;
  /** What to do, verb first. */
  todo: string;
  /** Where the jaws go, or what to look at. */
  how: string;
  /** What it decides. */
  why: string;
}

const placeWords: Record<string, string> = {
  mouth: phrase('measure.feature.placeWords.mouth'),
  middle: phrase('measure.feature.placeWords.middle'),
  seat: phrase('measure.feature.placeWords.seat'),
};

const plain: Record<string, FeatureWords> = {
  material: {
    title: phrase('measure.feature.plain.material.title'),
    todo: phrase('measure.feature.plain.material.todo'),
    how: phrase('measure.feature.plain.material.how'),
    why: phrase('measure.feature.plain.material.why'),
  },
  'blade-material': {
    title: phrase('measure.feature.plain.blade-material.title'),
    todo: phrase('measure.feature.plain.blade-material.todo'),
    how: phrase('measure.feature.plain.blade-material.how'),
    why: phrase('measure.feature.plain.blade-material.why'),
  },
  suspension: {
    title: phrase('measure.feature.plain.suspension.title'),
    todo: phrase('measure.feature.plain.suspension.todo'),
    how: phrase('measure.feature.plain.suspension.how'),
    why: phrase('measure.feature.plain.suspension.why'),
  },
  'maker-approval': {
    title: phrase('measure.feature.plain.maker-approval.title'),
    todo: phrase('measure.feature.plain.maker-approval.todo'),
    how: phrase('measure.feature.plain.maker-approval.how'),
    why: phrase('measure.feature.plain.maker-approval.why'),
  },
  condition: {
    title: phrase('measure.feature.plain.condition.title'),
    todo: phrase('measure.feature.plain.condition.todo'),
    how: phrase('measure.feature.plain.condition.how'),
    why: phrase('measure.feature.plain.condition.why'),
  },
  seat: {
    title: phrase('measure.feature.plain.seat.title'),
    todo: phrase('measure.feature.plain.seat.todo'),
    how: phrase('measure.feature.plain.seat.how'),
    why: phrase('measure.feature.plain.seat.why'),
  },
  'rim-bosses': {
    title: phrase('measure.feature.plain.rim-bosses.title'),
    todo: phrase('measure.feature.plain.rim-bosses.todo'),
    how: phrase('measure.feature.plain.rim-bosses.how'),
    why: phrase('measure.feature.plain.rim-bosses.why'),
  },
  'slot-way': {
    title: phrase('measure.feature.plain.slot-way.title'),
    todo: phrase('measure.feature.plain.slot-way.todo'),
    how: phrase('measure.feature.plain.slot-way.how'),
    why: phrase('measure.feature.plain.slot-way.why'),
  },
  'axle-eyes': {
    title: phrase('measure.feature.plain.axle-eyes.title'),
    todo: phrase('measure.feature.plain.axle-eyes.todo'),
    how: phrase('measure.feature.plain.axle-eyes.how'),
    why: phrase('measure.feature.plain.axle-eyes.why'),
  },
  'legs-apart': {
    title: phrase('measure.feature.plain.legs-apart.title'),
    todo: phrase('measure.feature.plain.legs-apart.todo'),
    how: phrase('measure.feature.plain.legs-apart.how'),
    why: phrase('measure.feature.plain.legs-apart.why'),
  },
  'tyre-room': {
    title: phrase('measure.feature.plain.tyre-room.title'),
    todo: phrase('measure.feature.plain.tyre-room.todo'),
    how: phrase('measure.feature.plain.tyre-room.how'),
    why: phrase('measure.feature.plain.tyre-room.why'),
  },
  brake: {
    title: phrase('measure.feature.plain.brake.title'),
    todo: phrase('measure.feature.plain.brake.todo'),
    how: phrase('measure.feature.plain.brake.how'),
    why: phrase('measure.feature.plain.brake.why'),
  },
  gears: {
    title: phrase('measure.feature.plain.gears.title'),
    todo: phrase('measure.feature.plain.gears.todo'),
    how: phrase('measure.feature.plain.gears.how'),
    why: phrase('measure.feature.plain.gears.why'),
  },
  'rotor-inboard': {
    title: phrase('measure.feature.plain.rotor-inboard.title'),
    todo: phrase('measure.feature.plain.rotor-inboard.todo'),
    how: phrase('measure.feature.plain.rotor-inboard.how'),
    why: phrase('measure.feature.plain.rotor-inboard.why'),
  },
  'rotor-outer': {
    title: phrase('measure.feature.plain.rotor-outer.title'),
    todo: phrase('measure.feature.plain.rotor-outer.todo'),
    how: phrase('measure.feature.plain.rotor-outer.how'),
    why: phrase('measure.feature.plain.rotor-outer.why'),
  },
  'rotor-thickness': {
    title: phrase('measure.feature.plain.rotor-thickness.title'),
    todo: phrase('measure.feature.plain.rotor-thickness.todo'),
    how: phrase('measure.feature.plain.rotor-thickness.how'),
    why: phrase('measure.feature.plain.rotor-thickness.why'),
  },
  'axle-extras': {
    title: phrase('measure.feature.plain.axle-extras.title'),
    todo: phrase('measure.feature.plain.axle-extras.todo'),
    how: phrase('measure.feature.plain.axle-extras.how'),
    why: phrase('measure.feature.plain.axle-extras.why'),
  },
  hanger: {
    title: phrase('measure.feature.plain.hanger.title'),
    todo: phrase('measure.feature.plain.hanger.todo'),
    how: phrase('measure.feature.plain.hanger.how'),
    why: phrase('measure.feature.plain.hanger.why'),
  },
  'hanger-in-seat': {
    title: phrase('measure.feature.plain.hanger-in-seat.title'),
    todo: phrase('measure.feature.plain.hanger-in-seat.todo'),
    how: phrase('measure.feature.plain.hanger-in-seat.how'),
    why: phrase('measure.feature.plain.hanger-in-seat.why'),
  },
  'old-hub': {
    title: phrase('measure.feature.plain.old-hub.title'),
    todo: phrase('measure.feature.plain.old-hub.todo'),
    how: phrase('measure.feature.plain.old-hub.how'),
    why: phrase('measure.feature.plain.old-hub.why'),
  },
  cluster: {
    title: phrase('measure.feature.plain.cluster.title'),
    todo: phrase('measure.feature.plain.cluster.todo'),
    how: phrase('measure.feature.plain.cluster.how'),
    why: phrase('measure.feature.plain.cluster.why'),
  },
  clicks: {
    title: phrase('measure.feature.plain.clicks.title'),
    todo: phrase('measure.feature.plain.clicks.todo'),
    how: phrase('measure.feature.plain.clicks.how'),
    why: phrase('measure.feature.plain.clicks.why'),
  },
  'sprocket-gap': {
    title: phrase('measure.feature.plain.sprocket-gap.title'),
    todo: phrase('measure.feature.plain.sprocket-gap.todo'),
    how: phrase('measure.feature.plain.sprocket-gap.how'),
    why: phrase('measure.feature.plain.sprocket-gap.why'),
  },
  'cassette-stack': {
    title: phrase('measure.feature.plain.cassette-stack.title'),
    todo: phrase('measure.feature.plain.cassette-stack.todo'),
    how: phrase('measure.feature.plain.cassette-stack.how'),
    why: phrase('measure.feature.plain.cassette-stack.why'),
  },
  'rotor-pattern': {
    title: phrase('measure.feature.plain.rotor-pattern.title'),
    todo: phrase('measure.feature.plain.rotor-pattern.todo'),
    how: phrase('measure.feature.plain.rotor-pattern.how'),
    why: phrase('measure.feature.plain.rotor-pattern.why'),
  },
  'caliper-mount': {
    title: phrase('measure.feature.plain.caliper-mount.title'),
    todo: phrase('measure.feature.plain.caliper-mount.todo'),
    how: phrase('measure.feature.plain.caliper-mount.how'),
    why: phrase('measure.feature.plain.caliper-mount.why'),
  },
  'rotor-diameter': {
    title: phrase('measure.feature.plain.rotor-diameter.title'),
    todo: phrase('measure.feature.plain.rotor-diameter.todo'),
    how: phrase('measure.feature.plain.rotor-diameter.how'),
    why: phrase('measure.feature.plain.rotor-diameter.why'),
  },
  'rotor-max': {
    title: phrase('measure.feature.plain.rotor-max.title'),
    todo: phrase('measure.feature.plain.rotor-max.todo'),
    how: phrase('measure.feature.plain.rotor-max.how'),
    why: phrase('measure.feature.plain.rotor-max.why'),
  },
  'caliper-inboard': {
    title: phrase('measure.feature.plain.caliper-inboard.title'),
    todo: phrase('measure.feature.plain.caliper-inboard.todo'),
    how: phrase('measure.feature.plain.caliper-inboard.how'),
    why: phrase('measure.feature.plain.caliper-inboard.why'),
  },
  'caliper-depth': {
    title: phrase('measure.feature.plain.caliper-depth.title'),
    todo: phrase('measure.feature.plain.caliper-depth.todo'),
    how: phrase('measure.feature.plain.caliper-depth.how'),
    why: phrase('measure.feature.plain.caliper-depth.why'),
  },
  'mount-plate': {
    title: phrase('measure.feature.plain.mount-plate.title'),
    todo: phrase('measure.feature.plain.mount-plate.todo'),
    how: phrase('measure.feature.plain.mount-plate.how'),
    why: phrase('measure.feature.plain.mount-plate.why'),
  },
  'mount-thread': {
    title: phrase('measure.feature.plain.mount-thread.title'),
    todo: phrase('measure.feature.plain.mount-thread.todo'),
    how: phrase('measure.feature.plain.mount-thread.how'),
    why: phrase('measure.feature.plain.mount-thread.why'),
  },
  'leg-inboard': {
    title: phrase('measure.feature.plain.leg-inboard.title'),
    todo: phrase('measure.feature.plain.leg-inboard.todo'),
    how: phrase('measure.feature.plain.leg-inboard.how'),
    why: phrase('measure.feature.plain.leg-inboard.why'),
  },
  'slot-line': {
    title: phrase('measure.feature.plain.slot-line.title'),
    todo: phrase('measure.feature.plain.slot-line.todo'),
    how: phrase('measure.feature.plain.slot-line.how'),
    why: phrase('measure.feature.plain.slot-line.why'),
  },
  'clamp-from': {
    title: phrase('measure.feature.plain.clamp-from.title'),
    todo: phrase('measure.feature.plain.clamp-from.todo'),
    how: phrase('measure.feature.plain.clamp-from.how'),
    why: phrase('measure.feature.plain.clamp-from.why'),
  },
  'clamp-to': {
    title: phrase('measure.feature.plain.clamp-to.title'),
    todo: phrase('measure.feature.plain.clamp-to.todo'),
    how: phrase('measure.feature.plain.clamp-to.how'),
    why: phrase('measure.feature.plain.clamp-to.why'),
  },
  'blade-width': {
    title: phrase('measure.feature.plain.blade-width.title'),
    todo: phrase('measure.feature.plain.blade-width.todo'),
    how: phrase('measure.feature.plain.blade-width.how'),
    why: phrase('measure.feature.plain.blade-width.why'),
  },
  'bead-seat': {
    title: phrase('measure.feature.plain.bead-seat.title'),
    todo: phrase('measure.feature.plain.bead-seat.todo'),
    how: phrase('measure.feature.plain.bead-seat.how'),
    why: phrase('measure.feature.plain.bead-seat.why'),
  },
  'tyre-width': {
    title: phrase('measure.feature.plain.tyre-width.title'),
    todo: phrase('measure.feature.plain.tyre-width.todo'),
    how: phrase('measure.feature.plain.tyre-width.how'),
    why: phrase('measure.feature.plain.tyre-width.why'),
  },
  'spacing.front': {
    title: phrase('measure.feature.plain.spacing.front.title'),
    todo: phrase('measure.feature.plain.spacing.front.todo'),
    how: phrase('measure.feature.plain.spacing.front.how'),
    why: phrase('measure.feature.plain.spacing.front.why'),
  },
  'spacing.back': {
    title: phrase('measure.feature.plain.spacing.back.title'),
    todo: phrase('measure.feature.plain.spacing.back.todo'),
    how: phrase('measure.feature.plain.spacing.back.how'),
    why: phrase('measure.feature.plain.spacing.back.why'),
  },
  'old-axle': {
    title: phrase('measure.feature.plain.old-axle.title'),
    todo: phrase('measure.feature.plain.old-axle.todo'),
    how: phrase('measure.feature.plain.old-axle.how'),
    why: phrase('measure.feature.plain.old-axle.why'),
  },
};

const bySide: Record<string, (side: Side, place: string) => FeatureWords> = {
  'rim-to-dropout': (side) => ({
    title: phrase('measure.feature.bySide.rim-to-dropout.title', { side }),
    todo: phrase('measure.feature.bySide.rim-to-dropout.todo', { side }),
    how: phrase('measure.feature.bySide.rim-to-dropout.how', { side }),
    why: phrase('measure.feature.bySide.rim-to-dropout.why'),
  }),
  extra: (side) => ({
    title: phrase('measure.feature.bySide.extra.title', { side }),
    todo: phrase('measure.feature.bySide.extra.todo', { side }),
    how: phrase('measure.feature.bySide.extra.how'),
    why: phrase('measure.feature.bySide.extra.why'),
  }),
  'blade-step': (side) => ({
    title: phrase('measure.feature.bySide.blade-step.title', { side }),
    todo: phrase('measure.feature.bySide.blade-step.todo', { side }),
    how: phrase('measure.feature.bySide.blade-step.how'),
    why: phrase('measure.feature.bySide.blade-step.why'),
  }),
  hole: (side) => ({
    title: phrase('measure.feature.bySide.hole.title', { side }),
    todo: phrase('measure.feature.bySide.hole.todo', { side }),
    how: phrase('measure.feature.bySide.hole.how'),
    why: phrase('measure.feature.bySide.hole.why'),
  }),
  'slot-width': (side, place) => ({
    title: phrase('measure.feature.bySide.slot-width.title', { side, place }),
    todo: phrase('measure.feature.bySide.slot-width.todo', { side, place }),
    how: phrase('measure.feature.bySide.slot-width.how', { place }),
    why: phrase('measure.feature.bySide.slot-width.why'),
  }),
  'slot-depth': (side) => ({
    title: phrase('measure.feature.bySide.slot-depth.title', { side }),
    todo: phrase('measure.feature.bySide.slot-depth.todo', { side }),
    how: phrase('measure.feature.bySide.slot-depth.how'),
    why: phrase('measure.feature.bySide.slot-depth.why'),
  }),
  plate: (side) => ({
    title: phrase('measure.feature.bySide.plate.title', { side }),
    todo: phrase('measure.feature.bySide.plate.todo', { side }),
    how: phrase('measure.feature.bySide.plate.how'),
    why: phrase('measure.feature.bySide.plate.why'),
  }),
  lip: (side) => ({
    title: phrase('measure.feature.bySide.lip.title', { side }),
    todo: phrase('measure.feature.bySide.lip.todo', { side }),
    how: phrase('measure.feature.bySide.lip.how'),
    why: phrase('measure.feature.bySide.lip.why'),
  }),
  'lip-diameter': (side) => ({
    title: phrase('measure.feature.bySide.lip-diameter.title', { side }),
    todo: phrase('measure.feature.bySide.lip-diameter.todo', { side }),
    how: phrase('measure.feature.bySide.lip-diameter.how'),
    why: phrase('measure.feature.bySide.lip-diameter.why'),
  }),
  'lip-depth': (side) => ({
    title: phrase('measure.feature.bySide.lip-depth.title', { side }),
    todo: phrase('measure.feature.bySide.lip-depth.todo', { side }),
    how: phrase('measure.feature.bySide.lip-depth.how'),
    why: phrase('measure.feature.bySide.lip-depth.why'),
  }),
  filed: (side) => ({
    title: phrase('measure.feature.bySide.filed.title', { side }),
    todo: phrase('measure.feature.bySide.filed.todo', { side }),
    how: phrase('measure.feature.bySide.filed.how'),
    why: phrase('measure.feature.bySide.filed.why'),
  }),
  'washers-found': (side) => ({
    title: phrase('measure.feature.bySide.washers-found.title', { side }),
    todo: phrase('measure.feature.bySide.washers-found.todo', { side }),
    how: phrase('measure.feature.bySide.washers-found.how'),
    why: phrase('measure.feature.bySide.washers-found.why'),
  }),
  'washers-delivered': (side) => ({
    title: phrase('measure.feature.bySide.washers-delivered.title', { side }),
    todo: phrase('measure.feature.bySide.washers-delivered.todo', { side }),
    how: phrase('measure.feature.bySide.washers-delivered.how'),
    why: phrase('measure.feature.bySide.washers-delivered.why'),
  }),
};

/**
 * What the measuring screen says of a feature.
 *
 * @example featureWords('slot-width.left.seat').title // 'Left slot, width at the seat'
 */
export function featureWords(id: string): FeatureWords {
  const known = plain[id];
  if (known) return known;
  const [head, side, place] = id.split('.');
  const make = bySide[head ?? ''];
  if (!make) throw new Error(phrase('measure.feature.featureWords-no-words-for', { id }));
  return make(side as Side, placeWords[place ?? ''] ?? '');
}

/** What the answers to "what do you see" are called. */
export const answerWords: Record<string, Record<string, string>> = {
  material: materialsIn(),
  'blade-material': materialsIn(),
  suspension: {
    none: phrase('measure.feature.answerWords.suspension.none'),
    suspension: phrase('measure.feature.answerWords.suspension.suspension'),
  },
  'maker-approval': {
    none: phrase('measure.feature.answerWords.maker-approval.none'),
    'in-writing': phrase('measure.feature.answerWords.maker-approval.in-writing'),
  },
  condition: {
    sound: phrase('measure.feature.answerWords.condition.sound'),
    'surface-rust': phrase('measure.feature.answerWords.condition.surface-rust'),
    bent: phrase('measure.feature.answerWords.condition.bent'),
    cracked: phrase('measure.feature.answerWords.condition.cracked'),
    play: phrase('measure.feature.answerWords.condition.play'),
    unsure: phrase('measure.feature.answerWords.condition.unsure'),
  },
  seat: {
    'open-round': phrase('measure.feature.answerWords.seat.open-round'),
    'open-flat': phrase('measure.feature.answerWords.seat.open-flat'),
    'open-relieved': phrase('measure.feature.answerWords.seat.open-relieved'),
    closed: phrase('measure.feature.answerWords.seat.closed'),
  },
  brake: {
    rim: phrase('measure.feature.answerWords.brake.rim'),
    disc: phrase('measure.feature.answerWords.brake.disc'),
    other: phrase('measure.feature.answerWords.brake.other'),
    none: phrase('measure.feature.answerWords.brake.none'),
  },
  'rim-bosses': {
    bosses: phrase('measure.feature.answerWords.rim-bosses.bosses'),
    none: phrase('measure.feature.answerWords.rim-bosses.none'),
  },
  'slot-way': {
    down: phrase('measure.feature.answerWords.slot-way.down'),
    level: phrase('measure.feature.answerWords.slot-way.level'),
  },
  'axle-eyes': {
    none: phrase('measure.feature.answerWords.axle-eyes.none'),
    left: phrase('measure.feature.answerWords.axle-eyes.left'),
    right: phrase('measure.feature.answerWords.axle-eyes.right'),
    both: phrase('measure.feature.answerWords.axle-eyes.both'),
  },
  gears: {
    none: phrase('measure.feature.answerWords.gears.none'),
    5: '5',
    6: '6',
    7: '7',
    8: '8',
    9: '9',
    10: '10',
    11: '11',
    12: '12',
    'no-chain': phrase('measure.feature.answerWords.gears.no-chain'),
  },
  lip: { none: phrase('measure.feature.answerWords.lip.none'), lip: phrase('measure.feature.answerWords.lip.lip') },
  'axle-extras': {
    none: phrase('measure.feature.answerWords.axle-extras.none'),
    stays: phrase('measure.feature.answerWords.axle-extras.stays'),
    kickstand: phrase('measure.feature.answerWords.axle-extras.kickstand'),
    hitch: phrase('measure.feature.answerWords.axle-extras.hitch'),
  },
  hanger: {
    none: phrase('measure.feature.answerWords.hanger.none'),
    clear: phrase('measure.feature.answerWords.hanger.clear'),
    'in-seat': phrase('measure.feature.answerWords.hanger.in-seat'),
  },
  'old-hub': {
    plain: phrase('measure.feature.answerWords.old-hub.plain'),
    coaster: phrase('measure.feature.answerWords.old-hub.coaster'),
    drum: phrase('measure.feature.answerWords.old-hub.drum'),
    'gear-hub': phrase('measure.feature.answerWords.old-hub.gear-hub'),
  },
  cluster: {
    freewheel: phrase('measure.feature.answerWords.cluster.freewheel'),
    cassette: phrase('measure.feature.answerWords.cluster.cassette'),
  },
  clicks: {
    friction: phrase('measure.feature.answerWords.clicks.friction'),
    5: '5',
    6: '6',
    7: '7',
    8: '8',
    9: '9',
    10: '10',
    11: '11',
    12: '12',
  },
  'rotor-pattern': {
    'six-bolt': phrase('measure.feature.answerWords.rotor-pattern.six-bolt'),
    'four-bolt': phrase('measure.feature.answerWords.rotor-pattern.four-bolt'),
    spline: phrase('measure.feature.answerWords.rotor-pattern.spline'),
  },
  'caliper-mount': {
    side: phrase('measure.feature.answerWords.caliper-mount.side'),
    face: phrase('measure.feature.answerWords.caliper-mount.face'),
  },
};

/** The answer's name for this feature. */
export function answerName(featureId: string, word: string): string {
  return answerWords[featureId.split('.')[0]!]?.[word] ?? word;
}

function materialsIn(): Record<string, string> {
  return {
    steel: phrase('measure.feature.materialsIn.steel-steel'),
    titanium: phrase('measure.feature.materialsIn.titanium-titanium'),
    'forged-aluminium': phrase('measure.feature.materialsIn.forged-aluminium-aluminium-forged'),
    'cast-aluminium': phrase('measure.feature.materialsIn.cast-aluminium-aluminium-cast'),
    magnesium: phrase('measure.feature.materialsIn.magnesium-magnesium'),
    carbon: phrase('measure.feature.materialsIn.carbon-carbon'),
    'aluminium-unsure': phrase('measure.feature.materialsIn.aluminium-unsure-aluminium-not-sure'),
  };
}
