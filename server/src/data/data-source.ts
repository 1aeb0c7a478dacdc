import 'reflect-metadata';
import { DataSource } from 'typeorm';

import { AcceptanceEntity } from './entities/acceptance';
import { BikeEntity } from './entities/bike';
import { BikeSummaryEntity } from './entities/bike-summary';
import { ChoiceEntity } from './entities/choice';
import { JobEventEntity } from './entities/job-event';
import { JournalEntity } from './entities/journal';
import { OrderLineEntity } from './entities/order-line';
import { PartEntity } from './entities/part';
import { PersonEntity } from './entities/person';
import { PhotoEntity } from './entities/photo';
import { ReadingEntity } from './entities/reading';
import { RevisionEntity } from './entities/revision';
import { SessionEntity } from './entities/session';
import { ShopSettingsEntity } from './entities/shop-settings';
import { StoreMoveEntity } from './entities/store-move';
import { WheelEntity } from './entities/wheel';
import { FirstTables1764000000000 } from './migrations/1-first-tables';
import { WholeFit1764060000000 } from './migrations/2-whole-fit';
import { People1764070000000 } from './migrations/3-people';
import { EventsAndPhotos1764080000000 } from './migrations/4-events-and-photos';
import { SecondLooks1764090000000 } from './migrations/5-second-looks';
import { NoneIsSaid1764100000000 } from './migrations/6-none-is-said';
import { DigestsAndProofs1764110000000 } from './migrations/7-digests-and-proofs';
import { OrderOfReceipt1764150000000 } from './migrations/8-order-of-receipt';
import { Revisions1764160000000 } from './migrations/9-revisions';
import { Places1764170000000 } from './migrations/10-places';
import { Stock1764180000000 } from './migrations/11-stock';
import { OwnLanguage1764190000000 } from './migrations/12-own-language';
import { Parts1764200000000 } from './migrations/13-parts';
import { Summaries1764210000000 } from './migrations/14-summaries';
import { OrderBecause1764220000000 } from './migrations/15-order-because';

/** The database, not yet connected. */
export function createDataSource(url: string): DataSource {
  return new DataSource({
    type: 'postgres',
    url,
    entities: [
      AcceptanceEntity,
      BikeEntity,
      BikeSummaryEntity,
      ChoiceEntity,
      JobEventEntity,
      JournalEntity,
      OrderLineEntity,
      PartEntity,
      PersonEntity,
      PhotoEntity,
      ReadingEntity,
      RevisionEntity,
      SessionEntity,
      ShopSettingsEntity,
      StoreMoveEntity,
      WheelEntity,
    ],
    migrations: [
      FirstTables1764000000000,
      WholeFit1764060000000,
      People1764070000000,
      EventsAndPhotos1764080000000,
      SecondLooks1764090000000,
      NoneIsSaid1764100000000,
      DigestsAndProofs1764110000000,
      OrderOfReceipt1764150000000,
      Revisions1764160000000,
      Places1764170000000,
      Stock1764180000000,
      OwnLanguage1764190000000,
      Parts1764200000000,
      Summaries1764210000000,
      OrderBecause1764220000000,
    ],
    migrationsTransactionMode: 'each',
    uuidExtension: 'pgcrypto',
    installExtensions: false,
    extra: { max: 10, connectionTimeoutMillis: 3000 },
  });
}
