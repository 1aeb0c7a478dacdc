import { listed, said, type Said } from '../../said';
import { finding, told, type Finding } from '../../verdict';
import type { EndFit } from '../../end-fit';
import { deliveredIds } from '../../parts';
import type { FitInput } from '../contract';
import { judging, type Judge } from './judge';

/** The plug must pass every closed part on the cable's side that does not come on the cable already. */
function plugFindings(input: FitInput, fit: EndFit): Finding[] {
  const cable = input.wheel.kit?.hub.cable;
  if (!cable) return [];
  const bores = boresOver(input, fit);
  const narrow = bores.filter(({ boreMm }) => boreMm < cable.plugMm);
  if (narrow.length === 0) {
    return [told('plug', 'goes', said('fit.plug-passes-everything-that-goes-onto'))];
  }
  const least = Math.min(...narrow.map(({ boreMm }) => boreMm));
  return [
    finding(
      'plug',
      'work',
      said('fit.plug-is-across-with-bore-cannot', {
        plugMm: cable.plugMm,
        narrow: listed(
          narrow.map(({ what }) => what),
          'comma',
        ),
        least,
      }),
      { measured: cable.plugMm, limit: least, margin: least - cable.plugMm },
      [said('fit.thread-those-parts-onto-cable-in'), said('fit.or-take-open-parts-slotted-washer')],
    ),
  ];
}

/** Parts that come from the stores or stay on the bike; the kit's own nut and washers hang on its cable already. */
function boresOver({ wheel, stores, delivered }: FitInput, fit: EndFit): { what: Said; boreMm: number }[] {
  const side = wheel.cableExit;
  const { threadMm } = wheel.axle;
  const boreById = new Map(stores.map((item) => [item.id, item.boreMm]));
  const outside = fit.outside[side].flatMap(({ id, kind }) =>
    // A C-washer is open: it goes on from the side.
    kind === 'c-washer'
      ? []
      : [{ what: said(`cable-parts.${kind}`), boreMm: boreById.get(id.replace(/#2$/, '')) ?? threadMm }],
  );
  const onCable = deliveredIds((delivered ?? wheel.delivered)[side]);
  const fromStores = (fit.stack?.stacks[0]?.[side].inside ?? []).filter((id) => {
    const at = onCable.indexOf(id);
    if (at >= 0) onCable.splice(at, 1);
    return at < 0;
  });
  return fromStores.length > 0 ? [...outside, { what: said('cable-parts.washers'), boreMm: threadMm + 0.3 }] : outside;
}

export const cableJudge: Judge = judging('cable', [], ({ input, axle }) => plugFindings(input, axle), {
  tools: (_, amiss) => (amiss('plug') ? [{ tool: 'Pin remover', reason: said('fit.to-take-pins-out-of-plug') }] : []),
});
