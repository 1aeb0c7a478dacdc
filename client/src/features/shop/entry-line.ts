import { within } from '../../ui/say';
import { featureById } from '@cricket/core/features';

import { featureWords } from '../../job/reading/feature-words';
import { words } from './words';

/** Longer than this nobody reads: a photo's bytes, a whole file. */
const longest = 120;

/**
 * What an entry says, for a person: figures and words by name. What only the machine needs (ids, versions, bytes) is left out;
 * it is in the file of the entry.
 */
export function entryLine(body: unknown): string {
  if (typeof body !== 'object' || body === null) return '';
  return Object.entries(body as Record<string, unknown>)
    .flatMap(([name, value]) => {
      const said = sayOf(name, value);
      return said === null ? [] : [`${words.fields[name] ?? inWords(name)} ${said}`];
    })
    .join(' · ');
}

function sayOf(name: string, value: unknown): string | null {
  if (typeof value === 'number') return name === 'version' ? null : String(value);
  if (typeof value !== 'string' || value === '' || value.length > longest) return null;
  if (/^[0-9a-f]{8}-[0-9a-f]{4}-/i.test(value) || /^\d{4}-\d\d-\d\dT/.test(value)) return null;
  if (name === 'feature') return featureById(value) ? within(featureWords(value).title) : inWords(value);
  return name === 'place' ? inWords(value) : value;
}

/** A field's name as words: `costEach` is "cost each", `front-axle` "front axle". */
function inWords(name: string): string {
  return name
    .replace(/(Mm|Nm|Kg|Kmh)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/[-.]/g, ' ')
    .toLowerCase();
}
