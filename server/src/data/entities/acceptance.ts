import type { AcceptanceKind } from '@cricket/core/acceptance';
import { Column, Entity, Index } from 'typeorm';

import { OfBike } from './of-bike';

/** What was accepted, frozen with the core's version. */
@Entity('acceptance')
@Index('acceptance_of_bike', ['bikeId'])
export class AcceptanceEntity extends OfBike {
  @Column({ type: 'text' })
  kind!: AcceptanceKind;

  /** Of the shape of `input` and `result`. */
  @Column({ type: 'integer', name: 'schema_version' })
  schemaVersion!: number;

  /** What it was worked out from. */
  @Column({ type: 'jsonb' })
  input!: object;

  /** What came out, and how it was judged. */
  @Column({ type: 'jsonb' })
  result!: object;

  @Column({ type: 'timestamptz', name: 'accepted_at', precision: 3 })
  acceptedAt!: Date;

  /** It came in with a file. */
  @Column({ type: 'boolean', default: false })
  imported!: boolean;

  @Column({ type: 'text', name: 'core_version' })
  coreVersion!: string;
}
