import type { NewStack } from '@cricket/contract';
import { coreVersion } from '@cricket/core';
import { acceptanceKinds } from '@cricket/core/acceptance';
import { factsOfStation } from '@cricket/core/arrangement';
import { stationPlaces, type RoomStation } from '@cricket/core/whole-bike';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { toldBetween } from '@cricket/core/told';
import { axleAt } from '@cricket/core/model';
import { endState } from '@cricket/core/next-action';
import { featureById } from '@cricket/core/features';
import { storeItems } from '@cricket/core/parts';
import { knownTools } from '@cricket/core/tools';
import { usualHourlyRate } from '@cricket/core/job-cost';
import { exampleLawClasses } from '@cricket/core/law';
import { In, type DataSource, type EntityManager } from 'typeorm';

import { AcceptanceEntity } from '../data/entities/acceptance';
import { BikeEntity } from '../data/entities/bike';
import { ChoiceEntity } from '../data/entities/choice';
import { PersonEntity } from '../data/entities/person';
import { ReadingEntity } from '../data/entities/reading';
import { ShopSettingsEntity } from '../data/entities/shop-settings';
import { PartEntity } from '../data/entities/part';
import { WheelEntity } from '../data/entities/wheel';
import { bikeRecord } from '../data/records';
import { markAll } from '../data/revisions';
import { settingsId } from '../data/workshop';
import { nameKey } from '../people/name-key';
import { hashSecret } from '../people/secrets';
import { countParts, takeParts } from '../data/stock';
import { acceptedArrangement } from '../fit/accepted-arrangement';
import { acceptedStack, partsOf } from '../fit/accepted-stack';
import { doEveryStep, journalOf, orderKit, type Written } from './at-work';
import { demoBikes, type DemoBike } from './bikes';
import { demoId } from './demo-id';
import { addDrawnPhotos } from './drawn-photos';
import type { MeasuredEnd } from './measured-end';
import { demoPeople, demoPersonId } from './people';
import { demoStores } from './stores';
import { demoWheel, demoWheels } from './wheels';

const personId = demoPersonId('installer');
const signed = { personId, personName: null };
/** What hangs on the demo's wall, and what it counts in; everything else is the default. */
const demoSettings = {
  limits: {},
  tools: knownTools.filter((tool) => !/^(Flat file|Cup tool|Crank puller|Pin remover|Spoke key)/.test(tool)),
  hourlyRate: usualHourlyRate,
  laws: [...exampleLawClasses],
  currency: 'EUR',
};
const demoWorkshop = { wheels: demoWheels, stores: storeItems(demoStores), tools: demoSettings.tools };

/**
 * Fills an empty demo database; with `renew` empties it first. Runs under a lock, so that of two servers that start together
 * one fills and the other finds it filled.
 */
export async function fillDemo(dataSource: DataSource, { renew }: { renew: boolean }): Promise<void> {
  await dataSource.transaction(async (manager) => {
    await manager.query('SELECT pg_advisory_xact_lock(4620)');
    if (renew) await refuseOwnShop(manager);
    await addPeople(manager);
    if (renew) {
      await manager.query(
        'TRUNCATE bike_summary, journal, job_event, photo, store_move, part, wheel, acceptance, choice, reading, order_line, shop_settings, bike',
      );
    } else if ((await manager.count(BikeEntity)) + (await manager.count(WheelEntity)) > 0) return;
    for (const { id, code, note, version, ...spec } of demoWheels) {
      await manager.insert(WheelEntity, { id, code, note, version, spec } as never);
    }
    await manager.insert(
      PartEntity,
      demoStores.map(({ count: _, withBikes: __, onOrder: ___, ...part }) => ({ ...part, withdrawnAt: null })) as never,
    );
    await manager.insert(ShopSettingsEntity, { id: settingsId, settings: demoSettings, version: 1 });
    for (const [index, bike] of demoBikes.entries()) {
      const from = Date.now() - (bike.daysAgo ?? 2) * 24 * 3600 * 1000;
      await addBike(manager, bike, index + 1, from + index * 600_000);
    }
    await countDrawers(manager);
    await markAll(manager);
  });
}

/** Renewing throws everything away: only ever in a database that is empty or the demo's, which has its invented people. */
async function refuseOwnShop(manager: EntityManager): Promise<void> {
  const invented = demoPeople.map(({ role }) => demoPersonId(role));
  const used = (await manager.count(PersonEntity)) + (await manager.count(BikeEntity)) > 0;
  if (used && !(await manager.existsBy(PersonEntity, { id: In(invented) }))) {
    throw new Error('this database is no demo: it holds people or bikes of a shop; nothing was renewed');
  }
}

/** The demo's people, once: who has signed in stays so when the rest is renewed. */
async function addPeople(manager: EntityManager): Promise<void> {
  if ((await manager.count(PersonEntity)) > 0) return;
  for (const { role, name, pin } of demoPeople) {
    await manager.insert(PersonEntity, {
      id: demoPersonId(role),
      name,
      nameKey: nameKey(name),
      role,
      active: true,
      passwordHash: null,
      pinHash: await hashSecret(pin),
      version: 1,
    });
  }
}

async function addBike(manager: EntityManager, demo: DemoBike, number: number, from: number): Promise<void> {
  const bikeId = demoId(3, number);
  const at = clock(from);
  const bike = { id: bikeId, ...demo.bike, createdAt: at(), withdrawnAt: null, version: 1 };
  await manager.insert(BikeEntity, bike);
  const readings = [...toldReadings(demo.facts ?? {}), ...demo.ends.flatMap((end) => readingsOf(end))];
  await manager.insert(
    ReadingEntity,
    readings.map((reading, index) => ({
      id: demoId(1000 + number, index + 1),
      bikeId,
      ...reading,
      takenAt: at(),
      ...signed,
      withdrawnAt: null,
      withdrawnBecause: null,
    })) as never,
  );
  const wheels = Object.entries(demo.wheels) as ['front' | 'rear', string][];
  for (const [index, [end, code]] of wheels.entries()) {
    const choice = { place: axleAt(end), kind: 'wheel' as const, wheelId: demoWheel(code).id };
    await manager.insert(ChoiceEntity, {
      id: demoId(4, 10 * number + index),
      bikeId,
      ...choice,
      chosenAt: at(),
      ...signed,
    });
  }
  const choice = { place: axleAt(demo.activeEnd), kind: 'place' as const, wheelId: null };
  await manager.insert(ChoiceEntity, { id: demoId(4, 10 * number + 9), bikeId, ...choice, chosenAt: at(), ...signed });
  const written: Written = { bikeId, number, personId, at };
  const code = demo.wheels[demo.activeEnd];
  const kit = code === undefined ? null : (demoWheel(code).kit ?? null);
  if (demo.kitIs && code !== undefined && kit) {
    await orderKit(manager, demo.kitIs, { code, cost: kit.cost, leadDays: kit.leadDays }, demo.activeEnd, written);
  }
  if (!demo.finished && demo.ends.length > 0) await addDrawnPhotos(manager, ['condition'], written);
  if (demo.accept) await acceptBest(manager, bikeId, demo, number, at());
  if (demo.takes) await takeArrangements(manager, demo.takes, written);
  if (demo.finished) await doEveryStep(manager, demo, demoWorkshop, written);
  await journalOf(manager, written);
}

/** Accepts the best stack, worked out like any other. */
async function acceptBest(manager: EntityManager, bikeId: string, demo: DemoBike, number: number, acceptedAt: Date) {
  const record = await bikeRecord(manager, bikeId);
  const { fit, wheel } = endState({ ...record, bike: record.bike.facts, stacks: [] }, demo.activeEnd, demoWorkshop);
  const best = fit?.stack?.stacks[0];
  if (!best || !wheel) throw new Error(`demo bike ${demo.bike.tag} has no stack to accept`);
  const body: NewStack = {
    kind: 'stack',
    place: axleAt(demo.activeEnd),
    wheelId: wheel.id,
    left: best.left.inside,
    right: best.right.inside,
    rotorShimsMm: best.rotorShimsMm,
    caliperShimsMm: best.caliperShimsMm,
    byHand: false,
    acceptedAt: acceptedAt.toISOString(),
  };
  const accepted = acceptedStack(body, record, demoWorkshop);
  await manager.insert(AcceptanceEntity, {
    id: demoId(5, number),
    bikeId,
    place: body.place,
    kind: body.kind,
    schemaVersion: acceptanceKinds[body.kind].schemaVersion,
    acceptedAt,
    ...signed,
    coreVersion,
    ...accepted,
  } as never);
  const place = axleAt(demo.activeEnd);
  const parts = partsOf(accepted, record, demoWorkshop, place);
  await takeParts(manager, [], parts, { bikeId, place, at: acceptedAt, personId, writeId: demoId(5, number) });
}

/** What the demo takes besides its stack: as the pages would have it. */
async function takeArrangements(
  manager: EntityManager,
  stations: readonly RoomStation[],
  { bikeId, number, at }: Written,
) {
  const record = await bikeRecord(manager, bikeId);
  for (const [index, kind] of stations.entries()) {
    const facts = factsOfStation(record.bike.facts, kind);
    await manager.insert(AcceptanceEntity, {
      id: demoId(5, 100 * (number + 1) + index),
      bikeId,
      place: stationPlaces[kind],
      kind,
      schemaVersion: acceptanceKinds[kind].schemaVersion,
      acceptedAt: at(),
      ...signed,
      coreVersion,
      ...acceptedArrangement({ kind, facts }, record, demoWorkshop.wheels),
    } as never);
  }
}

const blankReading = {
  valueMm: null,
  word: null,
  parts: null,
  told: null,
  typed: null,
  unit: null,
  instrument: 'eye' as const,
};

/** What the rider said and the walk round found, answer by answer. */
function toldReadings(facts: BikeFacts) {
  return toldBetween({}, facts).map(({ feature, is }) => ({ ...blankReading, place: 'bike', feature, told: { is } }));
}

function readingsOf({ end, words, lengths, parts = {} }: MeasuredEnd) {
  const blank = { ...blankReading, place: axleAt(end) };
  return [
    ...Object.entries(words).map(([feature, word]) => ({ ...blank, feature, word })),
    ...Object.entries(lengths).flatMap(([feature, values]) =>
      values.map((valueMm) => ({
        ...blank,
        feature,
        valueMm,
        typed: String(valueMm),
        unit: 'mm' as const,
        instrument: instrumentFor(feature),
      })),
    ),
    ...Object.entries(parts).map(([feature, list]) => ({ ...blank, feature, parts: list })),
  ];
}

function instrumentFor(feature: string) {
  const known = featureById(feature);
  if (known?.kind !== 'length') throw new Error(`demo reading of unknown length ${feature}`);
  return known.instrument;
}

/** The drawers were counted after everything that was taken from them: what the demo says is there is there. */
async function countDrawers(manager: EntityManager): Promise<void> {
  await countParts(
    manager,
    demoStores.map(({ id, count }) => ({ partId: id, count })),
    personId,
  );
}

/** Times a minute apart. */
function clock(from: number): () => Date {
  let minutes = 0;
  return () => new Date(from + 60_000 * minutes++);
}
