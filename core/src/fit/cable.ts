import { inMm } from '../figures';
import { finding, told, type Finding } from '../verdict';
import type { EndFit } from '../end-fit';
import { deliveredIds } from '../parts';
import type { FitInput } from './contract';

/** The plug must pass every closed part on the cable's side that does not come on the cable already. */
export function plugFindings(input: FitInput, fit: EndFit): Finding[] {
  const cable = input.wheel.kit?.hub.cable;
  if (!cable) return [];
  const bores = boresOver(input, fit);
  const narrow = bores.filter(({ boreMm }) => boreMm < cable.plugMm);
  if (narrow.length === 0) {
    return [told('plug', 'goes', 'The plug passes everything that goes onto its side of the axle.')];
  }
  const least = Math.min(...narrow.map(({ boreMm }) => boreMm));
  return [
    finding(
      'plug',
      'work',
      `The plug is ${inMm(cable.plugMm)} across; ${narrow.map(({ what }) => what).join(', ')} with ${inMm(least)} bore cannot pass over it.`,
      { measured: cable.plugMm, limit: least, margin: least - cable.plugMm },
      [
        'Thread those parts onto the cable in their order before the plug is made up, or take its pins out and put them back by colour.',
        'Or take open parts: a slotted washer, a two-piece arm.',
      ],
    ),
  ];
}

/** Parts that come from the stores or stay on the bike; the kit's own nut and washers hang on its cable already. */
function boresOver({ wheel, stores, delivered }: FitInput, fit: EndFit): { what: string; boreMm: number }[] {
  const side = wheel.cableExit;
  const { threadMm } = wheel.axle;
  const boreById = new Map(stores.map((item) => [item.id, item.boreMm]));
  const name = {
    arm: 'the arm',
    spacer: 'a spacer',
    extra: 'what lives on the axle',
    tab: 'the outside tab',
    plate: 'the lock plate',
  };
  const outside = fit.outside[side].flatMap(({ id, kind }) =>
    // A C-washer is open: it goes on from the side.
    kind === 'c-washer' ? [] : [{ what: name[kind], boreMm: boreById.get(id.replace(/#2$/, '')) ?? threadMm }],
  );
  const onCable = deliveredIds((delivered ?? wheel.delivered)[side]);
  const fromStores = (fit.stack?.stacks[0]?.[side].inside ?? []).filter((id) => {
    const at = onCable.indexOf(id);
    if (at >= 0) onCable.splice(at, 1);
    return at < 0;
  });
  return fromStores.length > 0 ? [...outside, { what: 'washers from the stores', boreMm: threadMm + 0.3 }] : outside;
}
