import type { OutsidePart } from '../end-fit';
import type { EndFacts } from '../end-facts';
import type { Side } from '../features';
import { notMeasured, told, type Finding } from '../verdict';
import { lengthOf } from './readings';

const words: Record<string, string> = {
  stays: 'rack or mudguard stay',
  kickstand: 'kickstand plate',
  hitch: 'trailer hitch',
};

/** What else lives on the axle of this end, under the nuts. */
export function extraParts(facts: EndFacts, side: Side): OutsidePart[] {
  const kind = facts.words.get('axle-extras') ?? 'none';
  const thicknessMm = lengthOf(facts, `extra.${side}`);
  if (kind === 'none' || thicknessMm === null || thicknessMm <= 0) return [];
  return [{ id: words[kind] ?? kind, kind: 'extra', thicknessMm }];
}

/** Stays and plates made for a thinner axle must be opened; nothing carries on an axle that is not tight. */
export function extraFindings(facts: EndFacts, threadMm: number): Finding[] {
  const kind = facts.words.get('axle-extras') ?? 'none';
  if (kind === 'none') return [];
  const old = facts.oldAxleMm;
  const remedies = ['Move it to eyelets or a clamp on the stay where there are any.'];
  const what = words[kind] ?? kind;
  if (old === null) return [notMeasured('axle-extra', 'The old axle, which the hole on it was made for,')];
  if (old < threadMm - 0.2) {
    return [
      told('axle-extra', 'work', `The ${what} on the axle has a hole for ${old} mm; this axle is ${threadMm} mm.`, [
        `Open its hole to ${threadMm + 0.3} mm if its maker allows.`,
        ...remedies,
      ]),
    ];
  }
  return [told('axle-extra', 'goes', `The ${what} goes on the axle, under the nut.`)];
}
