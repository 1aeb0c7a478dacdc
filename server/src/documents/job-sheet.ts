import type { Shop, StackAcceptance } from '@cricket/contract/shapes';
import type { Place } from '@cricket/core/model';
import type { FitReport } from '@cricket/core/fit';
import type { End } from '@cricket/core/features';
import { eventsOf, vouchedBy } from '@cricket/core/job-events';
import { washerName } from '@cricket/core/part-names';
import type { EndJob, StepState } from '@cricket/core/procedure';
import { hoursText, inUnits, moneyText, type Units } from '@cricket/core/units';
import type { Content, TableCell } from 'pdfmake/interfaces';

import { axleSvg } from './axle-svg';
import { takenAt, type JobData, type SheetData } from './job-data';
import { paperDate } from './paper-date';
import { pdfOf } from './pdf';
import { roomPart } from './room-part';
import { say } from '../speech/speakers';

const verdicts = { goes: 'Goes', work: 'Goes after work', stop: 'Stop', unknown: 'Not measured yet' } as const;

const note =
  'Figures are estimates for choosing and explaining: they never overrule the makers of fork, frame and motor, or the local code.';

const lines = {
  hLineWidth: () => 0.5,
  vLineWidth: () => 0,
  hLineColor: () => '#CFC9B8',
  paddingTop: () => 2,
  paddingBottom: () => 2,
};

/**
 * The whole job on paper: what goes in, what was found, what each step reached, who confirmed it.
 *
 * @param address - what the code on the sheet opens: the stand of this bike
 */
export function jobSheet(data: SheetData, shop: Shop, address: string, printedAt: Date): Promise<Buffer> {
  const { record, job, steps } = data;
  const { bike } = record;
  return pdfOf({
    decimalMark: data.units.decimalMark,
    info: { title: `${bike.tag} job sheet` },
    content: [
      heading(data, shop, address, printedAt),
      ...fromFile(data),
      ...(['front', 'rear'] as const).flatMap((end) => unfitNow(data, end)),
      ...(job ? job.ends.flatMap((end) => endPart(data, end)) : [{ text: 'No kit is taken for either end yet.' }]),
      ...roomPart(data),
      ...overridden(data),
      ...stoodIn(data),
      ...problemsOf(data),
      { text: 'Steps', style: 'part' },
      {
        table: {
          headerRows: 1,
          widths: [14, '*', 120, 90],
          body: [stepHead, ...steps.map((state) => stepRow(state, data.units))],
        },
        layout: lines,
      },
      ...costPart(data),
      ...changedForGood(data),
      signatures(),
      { text: note, style: 'small', margin: [0, 8, 0, 0] },
      { text: `Worked out by Cricket core ${shop.coreVersion}`, style: 'small' },
    ],
  });
}

/** One end's stack on a card that goes with the wheel. */
export function stackCard(
  taken: StackAcceptance,
  end: EndJob,
  data: JobData,
  shop: Shop,
  address: string,
  printedAt: Date,
): Promise<Buffer> {
  const { bike } = data.record;
  const { input, result } = taken;
  return pdfOf({
    decimalMark: data.units.decimalMark,
    info: { title: `${bike.tag} ${end.end} stack` },
    content: [
      heading(data, shop, address, printedAt),
      ...(taken.imported ? fromFile(data) : []),
      ...unfitNow(data, end.end),
      { text: `${end.end === 'front' ? 'Front' : 'Rear'} axle, ${input.wheel.code}`, style: 'part' },
      { text: `${verdicts[result.verdict]}. Taken ${paperDate(taken.acceptedAt, data.timeZone)} by ${taken.person}.` },
      { svg: axleSvg(end, 515), margin: [0, 6, 0, 0] },
      {
        columns: [
          { text: 'rider’s left', style: 'small' },
          { text: 'rider’s right', style: 'small', alignment: 'right' },
        ],
      },
      {
        columns: (['left', 'right'] as const).map((side) => ({
          stack: [
            { text: `${side === 'left' ? 'Left' : 'Right'}, from the hub outwards`, bold: true },
            ...[
              ...result.stack[side].inside.map((id) => say(washerName(id))),
              'dropout',
              ...result.outside[side].map(({ kind, thicknessMm }) => `${outsideWords[kind]} ${thicknessMm} mm`),
              'nut',
            ].map((part, index) => ({ text: `${index + 1}  ${part}` })),
          ],
        })),
        margin: [0, 6, 0, 0],
      },
      { text: nutLine(end, data.units), bold: true, margin: [0, 8, 0, 0] },
      ...overridden(data),
      ...problemsOf({ ...data, steps: data.steps.filter(({ how }) => how === 'problem') }),
      { text: note, style: 'small', margin: [0, 8, 0, 0] },
    ],
  });
}

const outsideWords = {
  'c-washer': 'C-washer',
  tab: 'tabbed washer',
  plate: 'lock plate',
  extra: 'stay or plate',
  spacer: 'spacer',
  arm: 'arm',
} as const;

function heading({ record: { bike }, timeZone }: JobData, shop: Shop, address: string, printedAt: Date): Content {
  return {
    columns: [
      {
        stack: [
          { text: `${bike.tag}  ${bike.name}`, style: 'title' },
          { text: `${shop.name} · printed ${paperDate(printedAt.toISOString(), timeZone)}`, style: 'small' },
        ],
      },
      { qr: address, fit: 74, width: 80, foreground: '#23271F' },
    ],
  };
}

function endPart({ states, record, units, timeZone }: JobData, end: EndJob): Content[] {
  const { fit } = states[end.end];
  if (!fit) return [];
  const taken = takenAt(record, end.end);
  const planned = taken?.result.planned;
  const work = (taken?.result ?? fit).findings.filter(({ verdict }) => verdict !== 'goes');
  const safety = planned ? planned.torqueSafety : (fit.torque?.safety ?? null);
  const torque = safety === null ? '' : `, held ${safety.toFixed(2)} times with tight nuts`;
  const verdict = taken?.result.verdict ?? fit.verdict;
  return [
    { text: `${end.end === 'front' ? 'Front' : 'Rear'} end: ${end.code}`, style: 'part' },
    { text: `${verdicts[verdict]}${torque}. ${nutLine(end, units)}`, bold: true },
    {
      text: taken
        ? `Stack taken ${paperDate(taken.acceptedAt, timeZone)} by ${taken.person}.`
        : 'No stack is taken yet.',
    },
    ...judgedAnew(taken, fit),
    ...(taken && !planned
      ? [{ text: 'Steps and torques are today’s: this stack was taken before they were kept.' }]
      : []),
    { svg: axleSvg(end, 515), margin: [0, 4, 0, 4] },
    ...work.slice(0, 12).map(({ because, remedies, verdict }) => ({
      text: `${verdicts[verdict]}: ${inUnits([because, ...remedies].map(say).join(' '), units)}`,
      margin: [0, 1, 0, 1] as [number, number, number, number],
    })),
  ];
}

const costGroups = { kit: 'Kit', battery: 'Battery', 'small-parts': 'Small parts', tools: 'Tools to buy' } as const;

/** The cost table of the order and the quote, sum by sum. */
export function costPart({ costs, currency }: Pick<SheetData, 'costs' | 'currency'>): Content[] {
  if (!costs) return [];
  const { sums, minutes, slowMinutes, hourlyRate, labour, total, slowTotal } = costs;
  const money = (amount: number): TableCell => ({ text: moneyText(amount, currency), alignment: 'right' });
  const goods = Object.entries(costGroups).flatMap(([group, name]) => {
    const sum = sums[group as keyof typeof costGroups];
    return sum > 0 ? [[name, money(sum)]] : [];
  });
  const hours = `${hoursText(minutes)}, slow ${hoursText(slowMinutes)}`;
  return [
    { text: 'What it costs', style: 'part' },
    {
      table: {
        widths: ['*', 90],
        body: [
          ...goods,
          [`Work: ${hours}, ${moneyText(hourlyRate, currency)} an hour`, money(labour)],
          [{ text: `Together; slow ${moneyText(slowTotal, currency)}`, bold: true }, money(total)],
        ],
      },
      layout: lines,
    },
  ];
}

/** What has changed since a stack was taken, where it would be judged otherwise today. */
export function judgedAnew(taken: StackAcceptance | null, fit: Pick<FitReport, 'verdict' | 'findings'>): Content[] {
  if (!taken || taken.result.verdict === fit.verdict) return [];
  const decides = fit.findings.find(({ verdict }) => verdict === fit.verdict);
  return [
    {
      text: `Judged anew with what is recorded today: ${verdicts[fit.verdict]}. ${say(decides?.because ?? '')}`.trim(),
      bold: true,
      color: '#A22E1C',
    },
  ];
}

/** What stands first on every sheet of an end that was found to be unfit after its stack was taken. */
export function unfitNow({ states, record }: Pick<JobData, 'states' | 'record'>, end: End): Content[] {
  const taken = takenAt(record, end);
  const { fit } = states[end];
  if (!taken || !fit || (fit.verdict !== 'stop' && fit.verdict !== 'unknown')) return [];
  const against = fit.findings.filter(({ verdict }) => verdict === fit.verdict).slice(0, 3);
  const title = `The ${end} end is not fit to be built or ridden as it is recorded today: ${verdicts[fit.verdict]}.`;
  return [
    {
      stack: [
        { text: title, bold: true, fontSize: 13 },
        ...against.map(({ because }) => ({ text: say(because) })),
        { text: 'What stands below is what was accepted before.', style: 'small' },
      ],
      color: '#A22E1C',
      margin: [0, 6, 0, 6],
    },
  ];
}

/** What a file brought in, and whether anybody here answers for it. */
export function fromFile({ record }: Pick<JobData, 'record'>): Content[] {
  const { acceptances, events } = record;
  const any = acceptances.some(({ imported }) => imported) || eventsOf(events, 'step').some(({ imported }) => imported);
  if (!any) return [];
  const word = vouchedBy(events);
  const text = word
    ? `Part of this job came in with a file of another shop; ${word.person} answers for it: ${word.data.because}`
    : 'Part of this job came in with a file of another shop. Nobody here answers for its stacks and steps: they do not count.';
  return [{ text, bold: true, color: '#A22E1C', margin: [0, 6, 0, 6] }];
}

/** What the nuts get, and whose figure that is. */
function nutLine({ nutTorqueNm, nutMostNm, nutSource }: EndJob, units: Units): string {
  const line = nutSource
    ? `Axle nuts ${nutTorqueNm} N·m, at most ${nutMostNm} N·m: ${nutSource}.`
    : `Axle nuts ${nutTorqueNm} N·m; a maker’s figure wins.`;
  return inUnits(line, units);
}

function overridden({ states }: JobData): Content[] {
  const all = [states.front, states.rear].flatMap(({ fit }) => fit?.findings.filter((item) => item.overridden) ?? []);
  if (all.length === 0) return [];
  return [
    { text: 'Overridden by the shop', style: 'part', color: '#A22E1C' },
    ...all.map(({ because, overridden: by }) => ({
      text: `${say(because)} Overridden by ${by!.person}: ${by!.because}`,
    })),
  ];
}

/** Steps that safety hangs on and that nobody did: who answers for each, and why. */
function stoodIn({ steps }: JobData): Content[] {
  const all = steps.filter(({ how }) => how === 'stood-in');
  if (all.length === 0) return [];
  return [
    { text: 'Not done, answered for', style: 'part', color: '#A22E1C' },
    ...all.map(({ step, person, because }) => ({ text: `${say(step.title)}: ${person} answers for it. ${because}` })),
  ];
}

/** Every problem that was noted at a step, with who noted it; one that is open stands out. */
export function problemsOf({ steps, timeZone }: Pick<JobData, 'steps' | 'timeZone'>): Content[] {
  const all = steps.flatMap(({ step, how, problems }) =>
    problems.map((noted, index) => ({
      open: how === 'problem' && index === problems.length - 1,
      title: step.end ? `${say(step.title)} (${step.end})` : step.title,
      ...noted,
    })),
  );
  if (all.length === 0) return [];
  return [
    { text: 'Problems', style: 'part', ...(all.some(({ open }) => open) && { color: '#A22E1C' }) },
    ...all.map(({ open, title, because, person, at }) => ({
      text: `${open ? 'Open' : 'Put right'}. ${say(title)}: ${because ?? 'no reason given'}. ${person}, ${paperDate(at, timeZone)}.`,
      bold: open,
    })),
  ];
}

const stepHead: TableCell[] = ['', 'Step', 'Reached', 'By'].map((text) => ({ text, bold: true }));

function stepRow(
  { step, how, person, because, confirmedBy, elsewhere, readings, replaced }: StepState,
  units: Units,
): TableCell[] {
  const marks = { open: '', done: 'x', skipped: '–', problem: '!', 'stood-in': 'S' } as const;
  const asked = step.checks.flatMap((check) =>
    check.kind === 'torque' ? [`${say(check.what)} ${check.nm} N·m${check.source ? ` (${check.source})` : ''}`] : [],
  );
  const named = (check: string, value: number) => {
    const known = step.checks.find(({ id }) => id === check);
    const unit = known?.kind === 'torque' ? ' N·m' : known?.kind === 'measure' ? ` ${known.unit}` : '';
    return `${say(known?.what ?? 'Figure')}: ${value}${unit}`;
  };
  const reached = [
    ...readings.map(({ check, value }) => named(check, value)),
    ...replaced.map((old) => `before: ${named(old.check, old.value)}, ${old.person}`),
  ];
  return [
    { text: marks[how], bold: true },
    {
      text: [step.end ? `${say(step.title)} (${step.end})` : step.title, ...(because ? [`: ${because}`] : [])]
        .map(say)
        .join(''),
    },
    { text: inUnits((reached.length ? reached : how === 'open' ? asked : []).join('\n'), units), fontSize: 8 },
    {
      text: [person, elsewhere && `elsewhere: ${elsewhere.person}`, confirmedBy && `confirmed by ${confirmedBy}`]
        .filter(Boolean)
        .join('\n'),
      fontSize: 8,
    },
  ];
}

function changedForGood({ record }: JobData): Content[] {
  const all = eventsOf(record.events, 'irreversible');
  if (all.length === 0) return [];
  return [
    { text: 'Changed for good', style: 'part' },
    ...all.map(({ place, data, person }) => ({
      text: `${placeNames[place]}: ${data.where} ${data.what}${data.amountMm === undefined ? '' : ` ${data.amountMm} mm`}, by ${person}`,
    })),
  ];
}

const placeNames: Record<Place, string> = {
  'front-axle': 'front',
  'rear-axle': 'rear',
  'front-brake': 'front brake',
  'rear-brake': 'rear brake',
  bar: 'handlebar',
  cranks: 'cranks',
  frame: 'frame',
  rack: 'rack',
  loom: 'cables',
  bike: 'bike',
};

function signatures(): Content {
  const line = (what: string): Content => ({
    stack: [
      { canvas: [{ type: 'line', x1: 0, y1: 30, x2: 230, y2: 30, lineWidth: 0.7 }] },
      { text: what, style: 'small' },
    ],
  });
  return { columns: [line('Installer, date'), line('Second person or rider, date')], margin: [0, 18, 0, 0] };
}
