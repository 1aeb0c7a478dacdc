import type { KitFacts } from '@cricket/core/kit';

import { fieldText } from '../../ui/shop-units';
import { readTyped } from '../../ui/typed-number';
import { isWord, oneOfWords } from '../../ui/word-pattern';
import { writtenLines } from '../../ui/written-lines';
import { phrase } from '../../ui/say';

type AdapterSet = NonNullable<KitFacts['hub']['adapters']>;

const called = {
  extender: phrase('wheel.adapter-lines.extender'),
  cap: phrase('wheel.adapter-lines.cap'),
  rotorSpacer: phrase('wheel.adapter-lines.rotorSpacer'),
  bore: phrase('wheel.adapter-lines.bore'),
  left: phrase('wheel.adapter-lines.left'),
  right: phrase('wheel.adapter-lines.right'),
};
/** A part's side in the name that it gets. */
const letter = { left: 'L', right: 'R' };
const size = '(\\d+(?:[.,]\\d+)?)(?:\\s*mm)?';
const pattern = new RegExp(
  `^(?:(${oneOfWords([called.extender, called.cap])})\\s+(${oneOfWords([called.left, called.right])})` +
    `|${oneOfWords([called.rotorSpacer])})\\s+${size}(?:\\s*,?\\s*${oneOfWords([called.bore])}\\s+${size})?$`,
  'iu',
);

/**
 * Extenders, caps and rotor spacers of a kit, one a line: "extender left 3", "cap right 9, bore 12", "rotor spacer 2".
 *
 * @param before - the set as it was: parts that are still there keep their names, screws and their holes stay
 * @returns the set, undefined where nothing is written, or what is wrong with the first line that is not understood
 */
export function readAdapters(text: string, before: AdapterSet | undefined): AdapterSet | undefined | Error {
  const set: AdapterSet = {
    extenders: [],
    endCaps: [],
    rotorSpacers: [],
    screws: before?.screws ?? [],
    screwHoles: before?.screwHoles ?? [],
  };
  for (const line of writtenLines(text)) {
    const match = pattern.exec(line);
    const bore = match?.[4];
    const isCap = isWord(match?.[1], called.cap);
    if (!match || isCap !== (bore !== undefined)) return notUnderstood(line);
    const side = isWord(match[2], called.left) ? 'left' : 'right';
    const lengthMm = figure(match[3]!);
    if (Number.isNaN(lengthMm) || (bore && Number.isNaN(figure(bore)))) return notUnderstood(line);
    if (isWord(match[1], called.extender)) {
      const known = before?.extenders.find((part) => part.side === side && part.lengthMm === lengthMm);
      set.extenders.push(known ?? { id: `${letter[side]}${lengthMm}`, side, lengthMm });
    } else if (isCap) {
      const boreMm = figure(bore!);
      const known = before?.endCaps.find(
        (part) => part.side === side && part.lengthMm === lengthMm && part.boreMm === boreMm,
      );
      set.endCaps.push(known ?? { id: `${letter[side]}${lengthMm}/${boreMm}`, side, lengthMm, boreMm });
    } else {
      const known = before?.rotorSpacers.find(({ thicknessMm }) => thicknessMm === lengthMm);
      set.rotorSpacers.push(known ?? { id: `${lengthMm}`, thicknessMm: lengthMm });
    }
  }
  return set.extenders.length + set.endCaps.length + set.rotorSpacers.length ? set : undefined;
}

/** The same as text. */
export function adapterText({ extenders, endCaps, rotorSpacers }: AdapterSet): string {
  return [
    ...extenders.map(({ side, lengthMm }) => `${called.extender} ${called[side]} ${fieldText(lengthMm)}`),
    ...endCaps.map(
      ({ side, lengthMm, boreMm }) =>
        `${called.cap} ${called[side]} ${fieldText(lengthMm)}, ${called.bore} ${fieldText(boreMm)}`,
    ),
    ...rotorSpacers.map(({ thicknessMm }) => `${called.rotorSpacer} ${fieldText(thicknessMm)}`),
  ].join('\n');
}

function figure(text: string): number {
  const typed = readTyped(text);
  return typed.kind === 'number' ? typed.value : NaN;
}

function notUnderstood(line: string): Error {
  return new Error(phrase('wheel.adapter-lines.not-understood', { line }));
}
