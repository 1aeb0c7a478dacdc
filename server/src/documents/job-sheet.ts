import type { Shop, StackAcceptance } from '@cricket/contract/shapes';
import type { FitReport } from '@cricket/core/fit';
import type { End } from '@cricket/core/features';
import { eventsOf, spotOf, vouchedBy } from '@cricket/core/job-events';
import { washerName } from '@cricket/core/part-names';
import type { EndJob, StepState } from '@cricket/core/procedure';
import { hoursText, inUnits, moneyText } from '@cricket/core/units';
import type { Speaker } from '@cricket/words';
import type { Content, TableCell } from 'pdfmake/interfaces';

import { axleDrawing } from './axle-drawing';
import { takenAt, type JobData, type SheetData } from './job-data';
import { paperDate } from './paper-date';
import { pdfOf } from './pdf';
import { roomPart } from './room-part';

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
  const { record, job, steps, speaker } = data;
  const { message } = speaker;
  const { bike } = record;
  return pdfOf({
    decimalMark: data.units.decimalMark,
    info: { title: message('job.title', { tag: bike.tag }) },
    content: [
      heading(data, shop, address, printedAt),
      ...fromFile(data),
      ...(['front', 'rear'] as const).flatMap((end) => unfitNow(data, end)),
      ...(job ? job.ends.flatMap((end) => endPart(data, end)) : [{ text: message('job.no-kit') }]),
      ...roomPart(data),
      ...overridden(data),
      ...stoodIn(data),
      ...problemsOf(data),
      { text: message('job.steps'), style: 'part' },
      {
        table: {
          headerRows: 1,
          widths: [14, '*', 120, 90],
          body: [stepHead(speaker), ...steps.map((state) => stepRow(state, data))],
        },
        layout: lines,
      },
      ...costPart(data),
      ...changedForGood(data),
      signatures(speaker),
      { text: message('job.note'), style: 'small', margin: [0, 8, 0, 0] },
      { text: message('job.worked-out-by', { version: shop.coreVersion }), style: 'small' },
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
  const { say, message } = data.speaker;
  return pdfOf({
    decimalMark: data.units.decimalMark,
    info: { title: message('card.title', { tag: bike.tag, end: end.end }) },
    content: [
      heading(data, shop, address, printedAt),
      ...(taken.imported ? fromFile(data) : []),
      ...unfitNow(data, end.end),
      { text: message('card.axle', { end: end.end, code: input.wheel.code }), style: 'part' },
      {
        text: message('card.taken', {
          verdict: message(`verdict.${result.verdict}`),
          at: paperDate(taken.acceptedAt, data.timeZone),
          person: taken.person,
        }),
      },
      ...axleDrawing(data.states[end.end], taken, data),
      {
        columns: [
          { text: message('card.riders-left'), style: 'small' },
          { text: message('card.riders-right'), style: 'small', alignment: 'right' },
        ],
      },
      {
        columns: (['left', 'right'] as const).map((side) => ({
          stack: [
            { text: message('card.from-hub', { side }), bold: true },
            ...[
              ...result.stack[side].inside.map((id) => say(washerName(id))),
              message('card.dropout'),
              ...result.outside[side].map(
                ({ kind, thicknessMm }) => `${message(`card.outside.${kind}`)} ${thicknessMm} mm`,
              ),
              message('card.nut'),
            ].map((part, index) => ({ text: `${index + 1}  ${part}` })),
          ],
        })),
        margin: [0, 6, 0, 0],
      },
      { text: nutLine(end, data), bold: true, margin: [0, 8, 0, 0] },
      ...overridden(data),
      ...problemsOf({ ...data, steps: data.steps.filter(({ how }) => how === 'problem') }),
      { text: message('job.note'), style: 'small', margin: [0, 8, 0, 0] },
    ],
  });
}

function heading(
  { record: { bike }, timeZone, speaker }: JobData,
  shop: Shop,
  address: string,
  printedAt: Date,
): Content {
  return {
    columns: [
      {
        stack: [
          { text: `${bike.tag}  ${bike.name}`, style: 'title' },
          {
            text: speaker.message('job.printed', { shop: shop.name, at: paperDate(printedAt.toISOString(), timeZone) }),
            style: 'small',
          },
        ],
      },
      { qr: address, fit: 74, width: 80, foreground: '#23271F' },
    ],
  };
}

function endPart(data: JobData, end: EndJob): Content[] {
  const { states, record, units, timeZone, speaker } = data;
  const { say, message } = speaker;
  const { fit } = states[end.end];
  if (!fit) return [];
  const taken = takenAt(record, end.end);
  const planned = taken?.result.planned;
  const work = (taken?.result ?? fit).findings.filter(({ verdict }) => verdict !== 'goes');
  const safety = planned ? planned.torqueSafety : (fit.torque?.safety ?? null);
  const torque = safety === null ? '' : message('job.held', { safety });
  const verdict = taken?.result.verdict ?? fit.verdict;
  return [
    { text: message('job.end', { end: end.end, code: end.code }), style: 'part' },
    { text: `${message(`verdict.${verdict}`)}${torque}. ${nutLine(end, data)}`, bold: true },
    {
      text: taken
        ? message('job.taken', { at: paperDate(taken.acceptedAt, timeZone), person: taken.person })
        : message('job.not-taken'),
    },
    ...judgedAnew(taken, fit, speaker),
    ...(taken && !planned ? [{ text: message('job.figures-of-today') }] : []),
    ...axleDrawing(states[end.end], taken, data),
    ...work.slice(0, 12).map(({ because, remedies, verdict }) => ({
      text: `${message(`verdict.${verdict}`)}: ${inUnits([because, ...remedies].map(say).join(' '), units)}`,
      margin: [0, 1, 0, 1] as [number, number, number, number],
    })),
  ];
}

const costGroups = ['kit', 'battery', 'small-parts', 'tools'] as const;

/** The cost table of the order and the quote, sum by sum. */
export function costPart({ costs, currency, speaker }: Pick<SheetData, 'costs' | 'currency' | 'speaker'>): Content[] {
  const { message } = speaker;
  if (!costs) return [];
  const { sums, minutes, slowMinutes, hourlyRate, labour, total, slowTotal } = costs;
  const money = (amount: number): TableCell => ({ text: moneyText(amount, currency), alignment: 'right' });
  const goods = costGroups.flatMap((group) => (sums[group] > 0 ? [[message(`job.${group}`), money(sums[group])]] : []));
  const usual = hoursText(minutes);
  const slow = hoursText(slowMinutes);
  return [
    { text: message('job.cost'), style: 'part' },
    {
      table: {
        widths: ['*', 90],
        body: [
          ...goods,
          [message('job.labour', { usual, slow, hourly: moneyText(hourlyRate, currency) }), money(labour)],
          [{ text: message('job.together', { sum: moneyText(slowTotal, currency) }), bold: true }, money(total)],
        ],
      },
      layout: lines,
    },
  ];
}

/** What has changed since a stack was taken, where it would be judged otherwise today. */
export function judgedAnew(
  taken: StackAcceptance | null,
  fit: Pick<FitReport, 'verdict' | 'findings'>,
  { message }: Pick<Speaker, 'message'>,
): Content[] {
  if (!taken || taken.result.verdict === fit.verdict) return [];
  const decides = fit.findings.find(({ verdict }) => verdict === fit.verdict);
  return [
    {
      text: message('job.judged-anew', {
        verdict: message(`verdict.${fit.verdict}`),
        because: decides?.because ?? '',
      }).trim(),
      bold: true,
      color: '#A22E1C',
    },
  ];
}

/** What stands first on every sheet of an end that was found to be unfit after its stack was taken. */
export function unfitNow(
  { states, record, speaker }: Pick<JobData, 'states' | 'record' | 'speaker'>,
  end: End,
): Content[] {
  const { say, message } = speaker;
  const taken = takenAt(record, end);
  const { fit } = states[end];
  if (!taken || !fit || (fit.verdict !== 'stop' && fit.verdict !== 'unknown')) return [];
  const against = fit.findings.filter(({ verdict }) => verdict === fit.verdict).slice(0, 3);
  const title = message('job.unfit', { end, verdict: message(`verdict.${fit.verdict}`) });
  return [
    {
      stack: [
        { text: title, bold: true, fontSize: 13 },
        ...against.map(({ because }) => ({ text: say(because) })),
        { text: message('job.accepted-before'), style: 'small' },
      ],
      color: '#A22E1C',
      margin: [0, 6, 0, 6],
    },
  ];
}

/** What a file brought in, and whether anybody here answers for it. */
export function fromFile({ record, speaker: { message } }: Pick<JobData, 'record' | 'speaker'>): Content[] {
  const { acceptances, events } = record;
  const any = acceptances.some(({ imported }) => imported) || eventsOf(events, 'step').some(({ imported }) => imported);
  if (!any) return [];
  const word = vouchedBy(events);
  const text = word
    ? message('job.from-file', { person: word.person, because: word.data.because })
    : message('job.from-file-unanswered');
  return [{ text, bold: true, color: '#A22E1C', margin: [0, 6, 0, 6] }];
}

/** What the nuts get, and whose figure that is. */
function nutLine({ nutTorqueNm, nutMostNm, nutSource }: EndJob, { units, speaker }: JobData): string {
  const line = nutSource
    ? speaker.message('job.nuts-stated', { nutTorqueNm, nutMostNm, source: nutSource })
    : speaker.message('job.nuts', { nutTorqueNm });
  return inUnits(line, units);
}

function overridden({ states, speaker: { message } }: JobData): Content[] {
  const all = [states.front, states.rear].flatMap(({ fit }) => fit?.findings.filter((item) => item.overridden) ?? []);
  if (all.length === 0) return [];
  return [
    { text: message('job.overridden'), style: 'part', color: '#A22E1C' },
    ...all.map(({ because, overridden: by }) => ({
      text: message('job.overridden-by', { because, person: by!.person, reason: by!.because }),
    })),
  ];
}

/** Steps that safety hangs on and that nobody did: who answers for each, and why. */
function stoodIn({ steps, speaker: { message } }: JobData): Content[] {
  const all = steps.filter(({ how }) => how === 'stood-in');
  if (all.length === 0) return [];
  return [
    { text: message('job.stood-in'), style: 'part', color: '#A22E1C' },
    ...all.map(({ step, person, because }) => ({
      text: message('job.stood-in-by', { title: step.title, person: person ?? '', because: because ?? '' }),
    })),
  ];
}

/** Every problem that was noted at a step, with who noted it; one that is open stands out. */
export function problemsOf({
  steps,
  timeZone,
  speaker: { message },
}: Pick<JobData, 'steps' | 'timeZone' | 'speaker'>): Content[] {
  const all = steps.flatMap(({ step, how, problems }) =>
    problems.map((noted, index) => ({
      open: how === 'problem' && index === problems.length - 1,
      title: step.end ? message('job.at-end', { title: step.title, end: step.end }) : step.title,
      ...noted,
    })),
  );
  if (all.length === 0) return [];
  return [
    { text: message('job.problems'), style: 'part', ...(all.some(({ open }) => open) && { color: '#A22E1C' }) },
    ...all.map(({ open, title, because, person, at }) => ({
      text: message('job.problem', {
        isOpen: open ? 'yes' : 'no',
        title,
        because: because ?? message('job.no-reason'),
        person,
        at: paperDate(at, timeZone),
      }),
      bold: open,
    })),
  ];
}

const stepHead = ({ message }: Speaker): TableCell[] =>
  ['', message('job.step'), message('job.reached'), message('job.by')].map((text) => ({ text, bold: true }));

function stepRow(
  { step, how, person, because, confirmedBy, elsewhere, readings, replaced }: StepState,
  { units, speaker: { say, message } }: Pick<JobData, 'units' | 'speaker'>,
): TableCell[] {
  const marks = { open: '', done: 'x', skipped: '–', problem: '!', 'stood-in': 'S' } as const;
  const asked = step.checks.flatMap((check) =>
    check.kind === 'torque' ? [`${say(check.what)} ${check.nm} N·m${check.source ? ` (${check.source})` : ''}`] : [],
  );
  const named = (check: string, value: number) => {
    const known = step.checks.find(({ id }) => id === check);
    const unit = known?.kind === 'torque' ? ' N·m' : known?.kind === 'measure' ? ` ${known.unit}` : '';
    return `${known ? say(known.what) : message('job.figure')}: ${value}${unit}`;
  };
  const reached = [
    ...readings.map(({ check, value }) => named(check, value)),
    ...replaced.map((old) => message('job.before', { figure: named(old.check, old.value), person: old.person })),
  ];
  return [
    { text: marks[how], bold: true },
    {
      text: [
        step.end ? message('job.at-end', { title: step.title, end: step.end }) : say(step.title),
        ...(because ? [`: ${because}`] : []),
      ].join(''),
    },
    { text: inUnits((reached.length ? reached : how === 'open' ? asked : []).join('\n'), units), fontSize: 8 },
    {
      text: [
        person,
        elsewhere && message('job.elsewhere', { person: elsewhere.person }),
        confirmedBy && message('job.confirmed-by', { person: confirmedBy }),
      ]
        .filter(Boolean)
        .join('\n'),
      fontSize: 8,
    },
  ];
}

function changedForGood({ record, speaker: { message, say } }: JobData): Content[] {
  const all = eventsOf(record.events, 'irreversible');
  if (all.length === 0) return [];
  return [
    { text: message('job.changed-for-good'), style: 'part' },
    ...all.map(({ place, data, person }) => ({
      text: message(data.amountMm === undefined ? 'job.changed' : 'job.changed-by', {
        place: message(`job.places.${place}`),
        where: say(spotOf(data)),
        what: data.what,
        ...(data.amountMm !== undefined && { amountMm: data.amountMm }),
        person,
      }),
    })),
  ];
}

function signatures({ message }: Speaker): Content {
  const line = (what: string): Content => ({
    stack: [
      { canvas: [{ type: 'line', x1: 0, y1: 30, x2: 230, y2: 30, lineWidth: 0.7 }] },
      { text: what, style: 'small' },
    ],
  });
  return { columns: [line(message('job.sign-installer')), line(message('job.sign-second'))], margin: [0, 18, 0, 0] };
}
