import { said } from '../said';
import type { BikeFacts } from '../bike-facts';
import { toldBetween } from '../told';
import { acceptanceKinds } from '../acceptance';
import { InputError } from '../input';
import { jobEventSchemaVersion, placeShown } from '../model';
import { jobFormat } from './format';

type Plain = Record<string, unknown>;

/**
 * Brings the plain content of a job file up to today's format, version by version; what is no job file, or of a version that
 * nobody here knows, is left for its contract to refuse.
 *
 * @param newId - gives a UUID for each row that an earlier version did not have
 * @throws InputError where an earlier version already asked for something else
 */
export function upcastJobFile(plain: unknown, newId: () => string): unknown {
  if (!isPlain(plain)) return plain;
  const bringUp = Object.hasOwn(bringUpFrom, String(plain['format'])) && bringUpFrom[String(plain['format'])];
  return bringUp ? upcastJobFile(bringUp(plain, newId), newId) : plain;
}

const bringUpFrom: Readonly<Record<string, (file: Plain, newId: () => string) => Plain>> = {
  'cricket-job-1': fromFirst,
};

/**
 * The first version knew the two ends of a bike only, kept take-in as one lump in the bike, and washers as `stacks` with a
 * `snapshot`.
 */
function fromFirst({ format: _, record, ...rest }: Plain, newId: () => string): Plain {
  if (!isPlain(record)) throw new InputError('record', record, said('job-file.object'));
  const { bike, readings, choices, stacks, orders, events = [], photos = [], ...others } = record;
  if (!isPlain(bike)) throw new InputError('record.bike', bike, said('job-file.object'));
  const { facts = {}, ...plainBike } = bike;
  const [last] = listIn('readings', readings)
    .map(({ takenAt, person }) => ({ takenAt, person }))
    .slice(-1);
  const taken = last ?? { takenAt: bike['createdAt'], person: 'not recorded' };
  const told = toldBetween({}, facts as BikeFacts).map(({ feature, is }) => ({
    ...blankReading,
    id: newId(),
    bikeId: bike['id'],
    place: 'bike',
    feature,
    told: { is },
    instrument: 'eye',
    ...taken,
  }));
  return {
    ...rest,
    format: jobFormat,
    record: {
      ...others,
      bike: plainBike,
      readings: [
        ...listIn('readings', readings).map((row) => ({ told: null, personId: null, ...placed(row) })),
        ...told,
      ],
      choices: listIn('choices', choices).map((row) => ({
        personId: null,
        withdrawnAt: null,
        ...placed(row),
        ...(row['kind'] === 'end' && { kind: 'place' }),
      })),
      acceptances: listIn('stacks', stacks).map(acceptanceFromStack),
      orders: listIn('orders', orders).map((row) => ({ personId: null, ...placed(row) })),
      events: listIn('events', events).map(eventFromFirst),
      photos: listIn('photos', photos).map((row) => ({
        personId: null,
        place: placeShown(String(row['about'])),
        ...row,
      })),
    },
  };
}

const blankReading = {
  valueMm: null,
  word: null,
  parts: null,
  typed: null,
  unit: null,
  personId: null,
  withdrawnAt: null,
  withdrawnBecause: null,
};

/** A row that said which end it was about says which place. */
function placed({ end, ...row }: Plain): Plain {
  return { ...row, place: axle(end) };
}

function axle(end: unknown): unknown {
  return end === 'front' || end === 'rear' ? `${end}-axle` : end;
}

function acceptanceFromStack({ end, wheelId, byHand, snapshot, imported = false, ...row }: Plain): Plain {
  const { wheel, input, ...result } = isPlain(snapshot) ? snapshot : ({} as Plain);
  return {
    personId: null,
    ...row,
    imported,
    place: axle(end),
    kind: 'stack',
    schemaVersion: acceptanceKinds.stack.schemaVersion,
    input: { wheelId, byHand, wheel, axle: input },
    result,
  };
}

function eventFromFirst({ data, ...row }: Plain): Plain {
  const { end, ...said } = isPlain(data) ? data : ({} as Plain);
  return { ...row, place: end === undefined ? 'bike' : axle(end), data: said, schemaVersion: jobEventSchemaVersion };
}

function listIn(name: string, list: unknown): Plain[] {
  if (!Array.isArray(list)) throw new InputError(`record.${name}`, list, said('job-file.list'));
  const odd = list.findIndex((row) => !isPlain(row));
  if (odd >= 0) throw new InputError(`record.${name}.${odd}`, list[odd], said('job-file.object'));
  return list as Plain[];
}

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
