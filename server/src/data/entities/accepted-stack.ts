import type { StackSnapshot } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** What was accepted, frozen with the core's version. */
@Entity('accepted_stack')
@Index('accepted_stack_of_bike', ['bikeId'])
export class AcceptedStackEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'uuid', name: 'bike_id' })
  bikeId!: string;

  @Column({ type: 'text', name: 'bike_end' })
  end!: End;

  @Column({ type: 'uuid', name: 'wheel_id' })
  wheelId!: string;

  @Column({ type: 'timestamptz', name: 'accepted_at', precision: 3 })
  acceptedAt!: Date;

  @Column({ type: 'text' })
  person!: string;

  @Column({ type: 'boolean', name: 'by_hand' })
  byHand!: boolean;

  /** It came in with a file. */
  @Column({ type: 'boolean', default: false })
  imported!: boolean;

  @Column({ type: 'text', name: 'core_version' })
  coreVersion!: string;

  @Column({ type: 'jsonb' })
  snapshot!: StackSnapshot;
}
