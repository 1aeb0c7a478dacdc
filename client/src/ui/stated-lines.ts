import { statedFasteners, type StatedFastener, type StatedTorque } from '@cricket/core/stated-torques';
import { shownIn, toSi, unitName } from '@cricket/core/units';

import { fieldText, shopUnits } from './shop-units';
import { readTyped } from './typed-number';
import { phrase } from './say';

/** How fasteners are called where torques are written one a line. */
const fastenerNames: Record<StatedFastener, string> = {
  'axle-nut': 'axle nut',
  'through-axle': 'through axle',
  rotor: 'rotor bolt',
  caliper: 'caliper bolt',
  'arm-bolt': 'arm bolt',
  band: 'band',
  crank: 'crank',
  pedal: 'pedal',
  'lock-ring': 'lock ring',
  cup: 'cup',
  lever: 'lever',
  shifter: 'shifter',
  throttle: 'throttle',
  stem: 'stem',
};

/** Every name, for a hint. */
export const fastenerList = Object.values(fastenerNames).join(', ');

/**
 * Torques that makers state, one a line: "front axle nut up to 40, the fork's sheet".
 *
 * @returns the torques, or what is wrong with the first line that is not understood
 */
export function readStated(text: string, usualSource: string): StatedTorque[] | Error {
  const stated: StatedTorque[] = [];
  for (const line of text
    .split('\n')
    .map((each) => each.trim())
    .filter(Boolean)) {
    const read = readLine(line, usualSource);
    if (read instanceof Error) return read;
    stated.push(read);
  }
  return stated;
}

function readLine(line: string, usualSource: string): StatedTorque | Error {
  const match =
    /^(?:(front|rear)\s+)?([a-z -]+?)\s+(up to\s+)?([\d.,]+)\s*(N·m|Nm|lbf·ft|lb·ft|lbf ft|lb ft|ft lb)?\s*(?:[,;(]\s*(.*?)\)?)?$/i.exec(
      line,
    );
  const fastener = statedFasteners.find((each) => fastenerNames[each] === match?.[2]?.toLowerCase());
  const figure = match ? readTyped(match[4]!) : null;
  if (!match || !fastener || figure?.kind !== 'number') {
    return new Error(phrase('ui.stated-lines.not-understood', { line }));
  }
  const units = shopUnits();
  const named = match[5]?.toLowerCase();
  // A unit that is written goes before the shop's.
  const torque = !named ? units.torque : named.startsWith('n') ? 'N·m' : 'lbf·ft';
  const Nm = toSi(figure.value, 'N·m', { ...units, torque });
  if (Nm < 0.5 || Nm > 150) {
    const [least, most] = [shownIn(0.5, 'N·m', units), shownIn(150, 'N·m', units)];
    return new Error(
      phrase('ui.stated-lines.not-between', { line, value: figure.value, least, most, unit: unitName('N·m', units) }),
    );
  }
  const source = match[6]?.trim() || usualSource;
  return {
    fastener,
    Nm,
    source: source.slice(0, 120),
    ...(match[3] && { upTo: true }),
    ...(match[1] && { end: match[1].toLowerCase() as 'front' | 'rear' }),
  };
}

/** The same as text, as it is written. */
export function statedText(stated: readonly StatedTorque[] | undefined): string {
  return (stated ?? [])
    .map(
      ({ fastener, Nm, upTo, end, source }) =>
        `${end ? `${end} ` : ''}${fastenerNames[fastener]} ${upTo ? 'up to ' : ''}${fieldText(Nm, 'N·m')}, ${source}`,
    )
    .join('\n');
}
