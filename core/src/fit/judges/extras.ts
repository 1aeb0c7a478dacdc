import { said } from '../../said';
import type { OutsidePart } from '../../end-fit';
import type { EndFacts } from '../../end-facts';
import type { Side } from '../../features';
import { notMeasured, told, type Finding } from '../../verdict';
import { lengthOf } from './readings';
import { judging, type Judge } from './judge';

/** What else lives on the axle of this end, under the nuts. */
export function extraParts(facts: EndFacts, side: Side): OutsidePart[] {
  const kind = facts.words.get('axle-extras') ?? 'none';
  const thicknessMm = lengthOf(facts, `extra.${side}`);
  if (kind === 'none' || thicknessMm === null || thicknessMm <= 0) return [];
  return [{ id: kind, kind: 'extra', thicknessMm }];
}

/** Stays and plates made for a thinner axle must be opened; nothing carries on an axle that is not tight. */
function extraFindings(facts: EndFacts, threadMm: number): Finding[] {
  const kind = facts.words.get('axle-extras') ?? 'none';
  if (kind === 'none') return [];
  const old = facts.oldAxleMm;
  const remedies = [said('fit.move-it-to-eyelets-or-clamp')];
  const what = said(`axle-extras.${kind}`);
  if (old === null) return [notMeasured('axle-extra', said('fit.old-axle-which-hole-on-it'))];
  if (old < threadMm - 0.2) {
    return [
      told('axle-extra', 'work', said('fit.on-axle-has-hole-for-this', { what, old, threadMm }), [
        said('fit.open-its-hole-to-if-its', { threadMm: threadMm + 0.3 }),
        ...remedies,
      ]),
    ];
  }
  return [told('axle-extra', 'goes', said('fit.goes-on-axle-under-nut', { what }))];
}

export const extrasJudge: Judge = judging('end', [], ({ input: { facts, wheel } }) =>
  extraFindings(facts, wheel.axle.threadMm),
);
