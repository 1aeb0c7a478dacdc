import type { AxlePart, AxlePartKind } from '@cricket/core/axle-scene';
import { phrase } from '../../ui/say';

const chips: Record<AxlePartKind, string> = {
  plain: phrase('drawing-axle-line.part-names.chips.plain'),
  tabbed: phrase('drawing-axle-line.part-names.chips.tabbed'),
  plate: phrase('drawing-axle-line.part-names.chips.plate'),
  'c-washer': phrase('drawing-axle-line.part-names.chips.c-washer'),
  tab: phrase('drawing-axle-line.part-names.chips.tab'),
  'lock-plate': phrase('drawing-axle-line.part-names.chips.lock-plate'),
  extra: phrase('drawing-axle-line.part-names.chips.extra'),
  spacer: phrase('drawing-axle-line.part-names.chips.spacer'),
  arm: phrase('drawing-axle-line.part-names.chips.arm'),
  nut: phrase('drawing-axle-line.part-names.chips.nut'),
};

const spoken: Record<AxlePartKind, string> = {
  plain: phrase('drawing-axle-line.part-names.spoken.plain'),
  tabbed: phrase('drawing-axle-line.part-names.spoken.tabbed'),
  plate: phrase('drawing-axle-line.part-names.spoken.plate'),
  'c-washer': phrase('drawing-axle-line.part-names.spoken.c-washer'),
  tab: phrase('drawing-axle-line.part-names.spoken.tab'),
  'lock-plate': phrase('drawing-axle-line.part-names.spoken.lock-plate'),
  extra: phrase('drawing-axle-line.part-names.spoken.extra'),
  spacer: phrase('drawing-axle-line.part-names.spoken.spacer'),
  arm: phrase('drawing-axle-line.part-names.spoken.arm'),
  nut: phrase('drawing-axle-line.part-names.spoken.nut'),
};

/** A part's name on its chip, where there is little room. */
export function chipName({ kind }: Pick<AxlePart, 'kind'>): string {
  return chips[kind];
}

/** A part's full name in a sentence. */
export function spokenName({ kind }: Pick<AxlePart, 'kind'>): string {
  return spoken[kind];
}
