import { routes } from '@cricket/contract/routes';
import type {
  BikeChange,
  NewArrangement,
  NewBike,
  NewChoice,
  NewPhoto,
  NewReading,
  NewStack,
  PartRow,
  PartEntry,
  WheelEntry,
} from '@cricket/contract';
import type { OrderLine, ShopSettings, Wheel } from '@cricket/contract/shapes';
import type { Telling } from '@cricket/core/told';
import type { Place } from '@cricket/core/model';
import type { FactKind } from '@cricket/contract/register';
import type { JobEventData, JobEventKind } from '@cricket/core/job-events';
import { useMemo } from 'react';

import { now } from './clock';
import { useMe } from './use-session';
import type { Outcome } from './outbox';
import type { WriteAbout } from './outbox-store';
import { outbox } from './shared-outbox';

/** What a line of an order says when it is written. */
export type OrderEntry = Pick<
  OrderLine,
  'place' | 'part' | 'what' | 'count' | 'reason' | 'because' | 'costEach' | 'leadDays' | 'state' | 'version'
>;

/** Everything that can be written. Each returns how it ended; nothing is lost in between. */
export interface Writes {
  bringBikeIn(bikeId: string, body: NewBike): Promise<Outcome>;
  changeBike(bikeId: string, body: BikeChange): Promise<Outcome>;
  takeBikeOut(bikeId: string): Promise<Outcome>;
  bringBikeBack(bikeId: string): Promise<Outcome>;
  keepReading(bikeId: string, body: NewReading): Promise<Outcome>;
  withdrawReading(bikeId: string, readingId: string, because?: string): Promise<Outcome>;
  choose(bikeId: string, body: Omit<NewChoice, 'chosenAt'>): Promise<Outcome>;
  takeChoiceBack(bikeId: string, choiceId: string): Promise<Outcome>;
  /** The id and write id are the caller's, so that a double tap makes one record. */
  accept(bikeId: string, acceptanceId: string, writeId: string, body: NewStack): Promise<Outcome>;
  /** As above. */
  takeArrangement(bikeId: string, id: string, writeId: string, body: NewArrangement): Promise<Outcome>;
  putPart(itemId: string, body: PartEntry): Promise<Outcome>;
  /** So many more in a drawer, or fewer. */
  moveStock(itemId: string, by: number): Promise<Outcome>;
  withdrawPart(itemId: string): Promise<Outcome>;
  /** Only what is new: see `toldBetween`. */
  takeIn(bikeId: string, tellings: readonly Telling[]): Promise<Outcome>;
  putOrder(bikeId: string, lineId: string, line: OrderEntry): Promise<Outcome>;
  putSettings(settings: ShopSettings): Promise<Outcome>;
  /** Says that something happened to a job, now. */
  addEvent<K extends JobEventKind>(bikeId: string, kind: K, place: Place, data: JobEventData<K>): Promise<Outcome>;
  withdrawEvent(bikeId: string, eventId: string, because?: string): Promise<Outcome>;
  addPhoto(bikeId: string, photoId: string, photo: Omit<NewPhoto, 'takenAt'>): Promise<Outcome>;
  withdrawPhoto(bikeId: string, photoId: string): Promise<Outcome>;
  importStores(rows: readonly PartRow[]): Promise<Outcome>;
  importWheels(rows: readonly Wheel[]): Promise<Outcome>;
  importJob(bikeId: string, job: object): Promise<Outcome>;
  putWheel(wheelId: string, body: WheelEntry): Promise<Outcome>;
}

/** The writes, in the name of the person at this phone. */
export function useWrites(): Writes {
  const { id: personId, name: person } = useMe();
  return useMemo(() => {
    const submit = (
      method: 'PUT' | 'PATCH',
      path: string,
      body: object,
      about: WriteAbout,
      writeId: string = crypto.randomUUID(),
    ) => outbox.submit({ writeId, method, path, body, person, personId }, about);
    const add = (
      bikeId: string,
      kind: FactKind,
      body: object,
      id: string = crypto.randomUUID(),
      writeId: string = crypto.randomUUID(),
    ) => submit('PUT', routes.fact(bikeId, kind, id), body, { kind, bikeId, id }, writeId);
    const takeBack = (bikeId: string, kind: FactKind, id: string, because?: string) =>
      submit('PUT', routes.factWithdrawal(bikeId, kind, id), because ? { because } : {}, {
        kind: `${kind}-withdrawn`,
        bikeId,
        id,
      });
    return {
      bringBikeIn: (bikeId, body) => submit('PUT', routes.bike(bikeId), body, { kind: 'bike-in', bikeId }),
      changeBike: (bikeId, body) => submit('PATCH', routes.bike(bikeId), body, { kind: 'bike-changed', bikeId }),
      bringBikeBack: (bikeId) => submit('PUT', routes.bikeReturn(bikeId), {}, { kind: 'bike-back', bikeId }),
      takeBikeOut: (bikeId) => submit('PUT', routes.bikeWithdrawal(bikeId), {}, { kind: 'bike-out', bikeId }),
      keepReading: (bikeId, body) => add(bikeId, 'reading', body),
      withdrawReading: (bikeId, id, because) => takeBack(bikeId, 'reading', id, because),
      choose: (bikeId, body) => add(bikeId, 'choice', { ...body, chosenAt: now().toISOString() }),
      takeChoiceBack: (bikeId, id) => takeBack(bikeId, 'choice', id),
      accept: (bikeId, id, writeId, body) => add(bikeId, 'acceptance', body, id, writeId),
      takeArrangement: (bikeId, id, writeId, body) => add(bikeId, 'arrangement', body, id, writeId),
      putPart: (id, body) => submit('PUT', routes.storeItem(id), body, { kind: 'store-item', id }),
      moveStock: (itemId, by) => {
        const id = crypto.randomUUID();
        const body = { kind: 'moved', count: by, at: now().toISOString() };
        return submit('PUT', routes.stockMove(itemId, id), body, { kind: 'stock-move', id, itemId });
      },
      withdrawPart: (id) => submit('PUT', `${routes.storeItem(id)}/withdrawal`, {}, { kind: 'store-item-out', id }),
      takeIn: async (bikeId, tellings) => {
        // Nothing new is nothing to send.
        if (tellings.length === 0) return { kind: 'stored', answer: null };
        const id = crypto.randomUUID();
        const told = tellings.map((telling) => ({ id: crypto.randomUUID(), ...telling }));
        const body = { tellings: told, takenAt: now().toISOString() };
        return submit('PUT', routes.takeIn(bikeId, id), body, { kind: 'taken-in', bikeId, id });
      },
      putOrder: (bikeId, id, line) => submit('PUT', routes.order(bikeId, id), line, { kind: 'order', bikeId, id }),
      putSettings: (settings) => submit('PUT', routes.settings, settings, { kind: 'settings', id: 'settings' }),
      addEvent: (bikeId, kind, place, data) => add(bikeId, 'event', { kind, place, data, at: now().toISOString() }),
      withdrawEvent: (bikeId, id, because) => takeBack(bikeId, 'event', id, because),
      addPhoto: (bikeId, id, photo) => add(bikeId, 'photo', { ...photo, takenAt: now().toISOString() }, id),
      withdrawPhoto: (bikeId, id) => takeBack(bikeId, 'photo', id),
      importStores: (rows) => {
        const id = crypto.randomUUID();
        return submit('PUT', routes.storesImport(id), { rows }, { kind: 'stores-import', id });
      },
      importWheels: (rows) => {
        const id = crypto.randomUUID();
        return submit('PUT', routes.wheelsImport(id), { rows }, { kind: 'wheels-import', id });
      },
      importJob: (bikeId, job) => submit('PUT', routes.job(crypto.randomUUID()), job, { kind: 'job-in', bikeId }),
      putWheel: (id, body) => submit('PUT', routes.wheel(id), body, { kind: 'wheel', id }),
    };
  }, [person, personId]);
}
