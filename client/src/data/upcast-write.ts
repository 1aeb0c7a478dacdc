import { routes } from '@cricket/contract/routes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { toldBetween } from '@cricket/core/told';
import { placeShown } from '@cricket/core/model';
import { partOfItem } from '@cricket/core/parts';

import type { PendingWrite } from './pending-write';

type Plain = Record<string, unknown>;

/**
 * A write that an earlier version of the app has kept, as it would be kept today: places for ends, acceptances for stacks,
 * take-in answer by answer, parts for lines of the stores. What is up to date comes back as it is.
 */
export function upcastWrite(write: PendingWrite): PendingWrite {
  const { kind } = write.about as { kind: string };
  const body = write.body as Plain;
  switch (kind) {
    case 'reading':
    case 'order':
      return 'end' in body ? { ...write, body: placed(body) } : write;
    case 'choice':
      return 'end' in body
        ? { ...write, body: { ...placed(body), ...(body['kind'] === 'end' && { kind: 'place' }) } }
        : write;
    case 'stack': {
      const { bikeId, id } = write.about as { bikeId: string; id: string };
      return {
        ...write,
        path: routes.fact(bikeId, 'acceptance', id),
        about: { kind: 'acceptance', bikeId, id },
        body: { kind: 'stack', ...placed(body) },
      };
    }
    case 'event':
      return 'place' in body ? write : { ...write, body: happenedAt(body) };
    case 'photo':
      return 'place' in body ? write : { ...write, body: { ...body, place: placeShown(String(body['about'])) } };
    case 'taken-in':
      return 'facts' in body ? answered(write, body['facts'] as BikeFacts) : write;
    case 'store-item':
      return 'spec' in body ? write : { ...write, body: asPart(body) };
    case 'stores-import': {
      const rows = body['rows'] as Plain[];
      return rows.every((row) => 'spec' in row) ? write : { ...write, body: { rows: rows.map(asPart) } };
    }
    default:
      return write;
  }
}

function placed({ end, ...rest }: Plain): Plain {
  return { place: `${String(end)}-axle`, ...rest };
}

/** A line of the stores from when every kind had the same columns. */
function asPart(line: Plain): Plain {
  const { id, count, version } = line;
  const rest = {
    ...(id !== undefined && { id }),
    ...(count !== undefined && { count }),
    ...(version !== undefined && { version }),
  };
  return { ...rest, ...partOfItem(line as never) };
}

function happenedAt({ data, ...rest }: Plain): Plain {
  const { end, ...said } = data as Plain;
  return { ...rest, place: end === undefined ? 'bike' : `${String(end)}-axle`, data: said };
}

function answered(write: PendingWrite, facts: BikeFacts): PendingWrite {
  const { bikeId } = write.about as { bikeId: string };
  const id = crypto.randomUUID();
  const tellings = toldBetween({}, facts).map((telling) => ({ id: crypto.randomUUID(), ...telling }));
  return {
    ...write,
    path: routes.takeIn(bikeId, id),
    about: { kind: 'taken-in', bikeId, id },
    body: { tellings, takenAt: write.madeAt },
  };
}
