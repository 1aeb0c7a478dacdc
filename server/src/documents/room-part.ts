import { heldArrangements } from '@cricket/contract/core-record';
import type { ArrangementAcceptance } from '@cricket/contract/shapes';
import { arrangementLines, stillSo } from '@cricket/core/arrangement';
import { roomDrawing } from '@cricket/core/room-drawing';
import type { Said } from '@cricket/core/said';
import { inUnits } from '@cricket/core/units';
import type { Verdict } from '@cricket/core/verdict';
import { wholeBike, type RoomStation } from '@cricket/core/whole-bike';
import type { Content } from 'pdfmake/interfaces';

import { drawing, letters, textWidth } from './drawing';
import type { JobData } from './job-data';
import { paperDate } from './paper-date';

type RoomOfJob = Pick<JobData, 'record' | 'states' | 'units' | 'timeZone' | 'speaker'>;

/**
 * Everything besides the axles, as far as it is written down. What was taken is printed as it was taken, whatever has become of it
 * since; the rest as it is today, with what does not simply go.
 */
export function roomPart({ record, states, units, timeZone, speaker }: RoomOfJob): Content[] {
  const { say, message } = speaker;
  const head = (station: RoomStation, verdict: Verdict) => ({
    name: message(`room.${station}`),
    verdict: message(`verdict.${verdict}`),
  });
  const { facts } = record.bike;
  const kits = [states.front, states.rear].flatMap(({ wheel }) => wheel?.kit ?? []);
  const taken = new Map(heldArrangements(record).map((each) => [each.kind as RoomStation, each]));
  const { stations, joint, toGet } = wholeBike(facts, kits);
  const known = stations.filter(({ station, verdict }) => verdict !== null || taken.has(station));
  if (known.length === 0) return [];
  const line = (text: string): Content => ({ text: inUnits(text, units), margin: [10, 0, 0, 0] });
  const strong = (text: string): Content => ({ text: inUnits(text, units), bold: true, color: '#A22E1C' });
  const drawn = ({ kind, input, result }: ArrangementAcceptance): Content[] => {
    const drawn = roomDrawing(kind, input.facts, result.chosen as never, { width: textWidth, letters, say });
    if (!drawn) return [];
    const names = drawn.numbered.map((name, at) => `${at + 1} ${name}`).join(' · ');
    return [drawing(drawn.scene), ...(names ? [line(names)] : [])];
  };
  const asTaken = (each: ArrangementAcceptance): Content[] => {
    const { verdict, findings } = each.result;
    return [
      { text: message('room.taken', { ...head(each.kind, verdict), ...takenBy(each, timeZone) }), bold: true },
      ...linesOf(each).map(say).map(line),
      ...drawn(each),
      ...findings.flatMap(({ because, overridden }) =>
        overridden
          ? [line(message('room.answers-for-it', { because, person: overridden.person, reason: overridden.because }))]
          : [],
      ),
      ...(stillSo(each.input, each.kind, facts, kits)
        ? []
        : [strong(message('room.changed-since', { name: message(`room.${each.kind}`) }))]),
    ];
  };
  const toBuy: { what: Said | string; because: Said | string }[] = [
    ...[...taken.values()].flatMap(({ result }) => result.toGet),
    ...toGet.filter(({ station }) => !taken.has(station)),
  ];
  return [
    { text: message('room.title'), style: 'part' },
    ...joint.map(({ because }) => strong(say(because))),
    ...known.flatMap(({ station, verdict, open }) => {
      const snapshot = taken.get(station);
      if (snapshot) return asTaken(snapshot);
      return [
        { text: message('room.not-taken', head(station, verdict!)), bold: true } as Content,
        ...open.map(({ because, remedies }) => line([because, ...remedies.slice(0, 1)].map(say).join(' '))),
      ];
    }),
    ...(facts.bay?.keyNumber ? [line(message('room.key-number', { number: facts.bay.keyNumber }))] : []),
    ...(toBuy.length > 0 ? [{ text: message('room.to-get'), bold: true }] : []),
    ...toBuy.map(({ what, because }) => line(`${say(what)}. ${say(because)}`)),
  ];
}

function linesOf({ kind, result }: ArrangementAcceptance): (Said | string)[] {
  return arrangementLines[kind](result.chosen as never);
}

function takenBy({ acceptedAt, person, imported }: ArrangementAcceptance, timeZone: string) {
  return { at: paperDate(acceptedAt, timeZone), person, isImported: imported ? 'yes' : 'no' };
}
