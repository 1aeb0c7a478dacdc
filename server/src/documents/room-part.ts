import { heldArrangements } from '@cricket/contract/core-record';
import type { ArrangementAcceptance } from '@cricket/contract/shapes';
import { arrangementLines, stillSo } from '@cricket/core/arrangement';
import type { Said } from '@cricket/core/said';
import { inUnits } from '@cricket/core/units';
import { wholeBike, type RoomStation } from '@cricket/core/whole-bike';
import type { Content } from 'pdfmake/interfaces';

import type { JobData } from './job-data';
import { paperDate } from './paper-date';
import { say } from '../speech/speakers';

const names: Record<RoomStation, string> = {
  bar: 'Handlebar',
  levers: 'Brake levers',
  cranks: 'Cranks and sensor',
  bay: 'Battery in the frame',
  rack: 'Battery on the rack',
  controller: 'Controller',
  power: 'Power, from cell to motor',
  cables: 'Cables',
  wiring: 'Plugs',
};
const verdicts = { goes: 'Goes', work: 'Goes after work', stop: 'Stop', unknown: 'Not measured yet' } as const;

type RoomOfJob = Pick<JobData, 'record' | 'states' | 'units' | 'timeZone'>;

/**
 * Everything besides the axles, as far as it is written down. What was taken is printed as it was taken, whatever has become of it
 * since; the rest as it is today, with what does not simply go.
 */
export function roomPart({ record, states, units, timeZone }: RoomOfJob): Content[] {
  const { facts } = record.bike;
  const kits = [states.front, states.rear].flatMap(({ wheel }) => wheel?.kit ?? []);
  const taken = new Map(heldArrangements(record).map((each) => [each.kind as RoomStation, each]));
  const { stations, joint, toGet } = wholeBike(facts, kits);
  const known = stations.filter(({ station, verdict }) => verdict !== null || taken.has(station));
  if (known.length === 0) return [];
  const line = (text: string): Content => ({ text: inUnits(text, units), margin: [10, 0, 0, 0] });
  const strong = (text: string): Content => ({ text: inUnits(text, units), bold: true, color: '#A22E1C' });
  const asTaken = (each: ArrangementAcceptance): Content[] => {
    const { verdict, findings } = each.result;
    return [
      { text: `${names[each.kind]}: ${verdicts[verdict]}. ${takenLine(each, timeZone)}`, bold: true },
      ...linesOf(each).map(line),
      ...findings.flatMap(({ because, overridden }) =>
        overridden ? [line(`${say(because)} ${overridden.person} answers for it: ${overridden.because}`)] : [],
      ),
      ...(stillSo(each.input, each.kind, facts, kits)
        ? []
        : [strong(`${names[each.kind]}: what this hangs on has changed since it was taken.`)]),
    ];
  };
  const toBuy: { what: Said | string; because: Said | string }[] = [
    ...[...taken.values()].flatMap(({ result }) => result.toGet),
    ...toGet.filter(({ station }) => !taken.has(station)),
  ];
  return [
    { text: 'Bar, battery, power, cables', style: 'part' },
    ...joint.map(({ because }) => strong(say(because))),
    ...known.flatMap(({ station, verdict, open }) => {
      const snapshot = taken.get(station);
      if (snapshot) return asTaken(snapshot);
      return [
        { text: `${names[station]}: ${verdicts[verdict!]}. Not taken yet.`, bold: true } as Content,
        ...open.map(({ because, remedies }) => line([because, ...remedies.slice(0, 1)].map(say).join(' '))),
      ];
    }),
    ...(facts.bay?.keyNumber ? [line(`Number of the battery’s key: ${facts.bay.keyNumber}.`)] : []),
    ...(toBuy.length > 0 ? [{ text: 'To get for it', bold: true }] : []),
    ...toBuy.map(({ what, because }) => line(`${say(what)}. ${say(because)}`)),
  ];
}

function linesOf({ kind, result }: ArrangementAcceptance): string[] {
  return arrangementLines[kind](result.chosen as never).map(say);
}

function takenLine({ acceptedAt, person, imported }: ArrangementAcceptance, timeZone: string): string {
  return `Taken ${paperDate(acceptedAt, timeZone)} by ${person}${imported ? ', in another shop' : ''}.`;
}
