import { statedFasteners, type StatedFastener, type StatedTorque } from '@cricket/core/stated-torques';
import { shownIn, toSi, unitName } from '@cricket/core/units';

import { fieldText, shopUnits } from './shop-units';
import { readTyped } from './typed-number';
import { phrase } from './say';
import { isWord, oneOfWords } from './word-pattern';
import { writtenLines } from './written-lines';

/** How fasteners are called where torques are written one a line. */
const fastenerNames: Record<StatedFastener, string> = {
  'axle-nut': phrase('ui.fasteners.axle-nut'),
  'through-axle': phrase('ui.fasteners.through-axle'),
  rotor: phrase('ui.fasteners.rotor'),
  caliper: phrase('ui.fasteners.caliper'),
  'arm-bolt': phrase('ui.fasteners.arm-bolt'),
  band: phrase('ui.fasteners.band'),
  crank: phrase('ui.fasteners.crank'),
  pedal: phrase('ui.fasteners.pedal'),
  'lock-ring': phrase('ui.fasteners.lock-ring'),
  cup: phrase('ui.fasteners.cup'),
  lever: phrase('ui.fasteners.lever'),
  shifter: phrase('ui.fasteners.shifter'),
  throttle: phrase('ui.fasteners.throttle'),
  stem: phrase('ui.fasteners.stem'),
};
const ends = { front: phrase('ui.stated-lines.front'), rear: phrase('ui.stated-lines.rear') };
const upTo = phrase('ui.stated-lines.up-to');

/** Every name, for a hint. */
export const fastenerList = Object.values(fastenerNames).join(', ');

const end = oneOfWords(Object.values(ends));
const pattern = new RegExp(
  // The end stands before its part in one language and after it in another.
  `^(?:(${end})\\s+)?(${oneOfWords(Object.values(fastenerNames))})(?:\\s+(${end}))?` +
    `\\s+(${oneOfWords([upTo])}\\s+)?([\\d.,]+)` +
    '\\s*(N·m|Nm|lbf·ft|lb·ft|lbf ft|lb ft|ft lb)?\\s*(?:[,;(]\\s*(.*?)\\)?)?$',
  'iu',
);

/**
 * Torques that makers state, one a line: "front axle nut up to 40, the fork's sheet".
 *
 * @returns the torques, or what is wrong with the first line that is not understood
 */
export function readStated(text: string, usualSource: string): StatedTorque[] | Error {
  const stated: StatedTorque[] = [];
  for (const line of writtenLines(text)) {
    const read = readLine(line, usualSource);
    if (read instanceof Error) return read;
    stated.push(read);
  }
  return stated;
}

function readLine(line: string, usualSource: string): StatedTorque | Error {
  const match = pattern.exec(line);
  const fastener = statedFasteners.find((each) => isWord(match?.[2], fastenerNames[each]));
  const figure = match ? readTyped(match[5]!) : null;
  if (!match || !fastener || figure?.kind !== 'number') {
    return new Error(phrase('ui.stated-lines.not-understood', { line }));
  }
  const units = shopUnits();
  const named = match[6]?.toLowerCase();
  // A unit that is written goes before the shop's.
  const torque = !named ? units.torque : named.startsWith('n') ? 'N·m' : 'lbf·ft';
  const Nm = toSi(figure.value, 'N·m', { ...units, torque });
  if (Nm < 0.5 || Nm > 150) {
    const [least, most] = [shownIn(0.5, 'N·m', units), shownIn(150, 'N·m', units)];
    return new Error(
      phrase('ui.stated-lines.not-between', { line, value: figure.value, least, most, unit: unitName('N·m', units) }),
    );
  }
  const at = match[1] ?? match[3];
  const source = match[7]?.trim() || usualSource;
  return {
    fastener,
    Nm,
    source: source.slice(0, 120),
    ...(match[4] && { upTo: true }),
    ...(at && { end: isWord(at, ends.front) ? 'front' : 'rear' }),
  };
}

/** The same as text, as it is written. */
export function statedText(stated: readonly StatedTorque[] | undefined): string {
  return (stated ?? []).map(lineOf).join('\n');
}

function lineOf({ fastener, Nm, upTo: most, end: at, source }: StatedTorque): string {
  const name = fastenerNames[fastener];
  const what = at ? phrase('ui.stated-lines.at-end', { name, end: ends[at] }) : name;
  return `${what} ${most ? `${upTo} ` : ''}${fieldText(Nm, 'N·m')}, ${source}`;
}
