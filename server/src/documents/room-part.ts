import { wholeBike, type RoomStation } from '@cricket/core/whole-bike';
import { inUnits } from '@cricket/core/units';
import type { Content } from 'pdfmake/interfaces';

import type { JobData } from './job-data';

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

/** Everything besides the axles, as far as it is written down: each with what does not simply go, and what two want at once. */
export function roomPart({ record, states, units }: Pick<JobData, 'record' | 'states' | 'units'>): Content[] {
  const kits = [states.front, states.rear].flatMap(({ wheel }) => wheel?.kit ?? []);
  const { stations, joint, toGet } = wholeBike(record.bike.facts, kits);
  const known = stations.flatMap(({ verdict, ...rest }) => (verdict === null ? [] : [{ verdict, ...rest }]));
  if (known.length === 0) return [];
  const line = (text: string) => ({
    text: inUnits(text, units),
    margin: [10, 0, 0, 0] as [number, number, number, number],
  });
  return [
    { text: 'Bar, battery, power, cables', style: 'part' },
    ...joint.map(({ because }) => ({ text: inUnits(because, units), bold: true, color: '#A22E1C' })),
    ...known.flatMap(({ station, verdict, open }) => [
      { text: `${names[station]}: ${verdicts[verdict]}.`, bold: true },
      ...open.map(({ because, remedies }) => line([because, ...remedies.slice(0, 1)].join(' '))),
    ]),
    ...(toGet.length > 0 ? [{ text: 'To get for it', bold: true }] : []),
    ...toGet.map(({ what, because }) => line(`${what}. ${because}`)),
  ];
}
