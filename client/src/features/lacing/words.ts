import { phrase } from '../../ui/say';

/** Words of the lacing page. */
export const words = {
  title: phrase('lacing.title'),
  erd: phrase('lacing.erd'),
  spokes: phrase('lacing.spokes'),
  lead: phrase('lacing.lead'),
  leads: (lead: number, oneway: boolean) =>
    oneway ? phrase('lacing.leads-holes', { lead }) : lead === 0 ? phrase('lacing.leads-radial') : `${lead}`,
  pattern: phrase('lacing.pattern'),
  patterns: { crossed: phrase('lacing.patterns.crossed'), oneway: phrase('lacing.patterns.oneway') },
  flange: phrase('lacing.flange'),
  offset: { left: phrase('lacing.offset.left'), right: phrase('lacing.offset.right') },
  hole: phrase('lacing.hole'),
  spoke: phrase('lacing.spoke'),
  sides: { left: phrase('lacing.sides.left'), right: phrase('lacing.sides.right') },
  length: phrase('lacing.length'),
  stock: phrase('lacing.stock'),
  noStock: phrase('lacing.noStock'),
  angle: phrase('lacing.angle'),
  ratio: (percent: string, side: string) => phrase('lacing.ratio', { side, percent }),
  even: phrase('lacing.even'),
  load: (newton: string) => phrase('lacing.load', { newton }),
  drawing: phrase('lacing.drawing'),
  bad: phrase('lacing.bad'),
};
