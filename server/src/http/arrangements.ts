import { said } from '@cricket/core/said';
import { NewArrangement } from '@cricket/contract';
import type { Acceptance } from '@cricket/contract/shapes';
import { coreVersion } from '@cricket/core';
import { acceptanceKinds } from '@cricket/core/acceptance';
import { stationPlaces } from '@cricket/core/whole-bike';
import type { Context } from 'hono';
import type { DataSource } from 'typeorm';

import { AcceptanceEntity } from '../data/entities/acceptance';
import { allWheels, bikeRecord } from '../data/records';
import { acceptedArrangement } from '../fit/accepted-arrangement';
import { facts } from './facts';
import { holdPresent, makerIn } from './guard';
import { holdReason } from './hold-reason';
import { ProblemError } from '../problem/problem';
import { madeAt } from './write-context';

/** How something besides an axle is to be built: worked out here, then frozen. */
export const arrangements = (dataSource: DataSource) =>
  facts<NewArrangement, Acceptance>(dataSource, {
    kind: 'arrangement',
    entity: AcceptanceEntity,
    body: NewArrangement,
    action: ({ kind }) => `${kind}-accepted`,
    prepare: async (c, { because }) => {
      if (because !== undefined) holdOwnersWord(c, because);
      return null;
    },
    columns: async (body, { c, manager, bikeId }) => {
      const record = await bikeRecord(manager, bikeId);
      const signed = body.because === undefined ? null : { person: makerIn(c).name, because: body.because };
      const taken = acceptedArrangement(body, record, await allWheels(manager), signed);
      return {
        place: stationPlaces[body.kind],
        kind: body.kind,
        schemaVersion: acceptanceKinds[body.kind].schemaVersion,
        ...taken,
        acceptedAt: madeAt(c, body.acceptedAt),
        coreVersion,
      };
    },
  });

/** That no brake cuts the motor is the owner's to answer for. */
function holdOwnersWord(c: Context, because: string): void {
  const { name, role } = makerIn(c);
  if (role !== 'owner') {
    throw new ProblemError(
      403,
      'not-allowed',
      said('problem.as-role', { name, role, needed: said('problem.role', { role: 'owner' }) }),
    );
  }
  holdPresent(c);
  holdReason(because, 'because');
}
