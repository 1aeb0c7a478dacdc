import { phrase, within } from '../../ui/say';

/** Words of the templates to print. */
export const words = {
  title: phrase('template.title'),
  print: phrase('template.print'),
  check: phrase('template.check'),
  hundred: phrase('template.hundred'),
  gauge: phrase('template.gauge'),
  slot: (side: string) => phrase('template.slot', { side }),
  sides: { left: phrase('template.sides.left'), right: phrase('template.sides.right') },
  notMeasured: (side: string) => phrase('template.notMeasured', { side: within(side) }),
  arm: phrase('template.arm'),
  noArm: phrase('template.noArm'),
};
