import { NewStack } from '@cricket/contract';
import type { Acceptance } from '@cricket/contract/shapes';
import { coreVersion } from '@cricket/core';
import { acceptanceKinds } from '@cricket/core/acceptance';
import type { DataSource } from 'typeorm';

import { AcceptanceEntity } from '../data/entities/acceptance';
import { bikeRecord } from '../data/records';
import { workshopOf } from '../data/workshop';
import { holdStores, takeParts } from '../data/stock';
import { acceptedStack, partsOf } from '../fit/accepted-stack';
import { facts } from './facts';
import { madeAt, writeContext } from './write-context';

/** What was accepted of a bike: worked out here, then frozen. */
export const acceptances = (dataSource: DataSource) =>
  facts<NewStack, Acceptance>(dataSource, {
    kind: 'acceptance',
    entity: AcceptanceEntity,
    body: NewStack,
    action: ({ kind }) => `${kind}-accepted`,
    columns: async (body, { c, manager, bikeId }) => {
      const { place, kind } = body;
      await holdStores(manager);
      const record = await bikeRecord(manager, bikeId);
      const workshop = await workshopOf(manager);
      const accepted = acceptedStack(body, record, workshop);
      const { writeId, personId } = writeContext(c);
      const parts = partsOf(accepted, record, workshop, place);
      // Out of the drawers now: no other bike is promised the same washer.
      await takeParts(manager, record.taken, parts, { bikeId, place, at: new Date(), personId, writeId });
      return {
        place,
        kind,
        schemaVersion: acceptanceKinds[kind].schemaVersion,
        ...accepted,
        acceptedAt: madeAt(c, body.acceptedAt),
        coreVersion,
      };
    },
  });
