import { NewStack } from '@cricket/contract';
import type { Acceptance } from '@cricket/contract/shapes';
import { coreVersion } from '@cricket/core';
import { acceptanceKinds } from '@cricket/core/acceptance';
import type { DataSource } from 'typeorm';

import { AcceptanceEntity } from '../data/entities/acceptance';
import { bikeRecord } from '../data/records';
import { workshopOf } from '../data/workshop';
import { acceptedStack } from '../fit/accepted-stack';
import { facts } from './facts';
import { madeAt } from './write-context';

/** What was accepted of a bike: worked out here, then frozen. */
export const acceptances = (dataSource: DataSource) =>
  facts<NewStack, Acceptance>(dataSource, {
    kind: 'acceptance',
    entity: AcceptanceEntity,
    body: NewStack,
    action: ({ kind }) => `${kind}-accepted`,
    columns: async (body, { c, manager, bikeId }) => ({
      place: body.place,
      kind: body.kind,
      schemaVersion: acceptanceKinds[body.kind].schemaVersion,
      ...acceptedStack(body, await bikeRecord(manager, bikeId), await workshopOf(manager)),
      acceptedAt: madeAt(c, body.acceptedAt),
      coreVersion,
    }),
  });
