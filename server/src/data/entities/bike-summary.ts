import type { BikeSummary } from '@cricket/contract/shapes';
import { Column, Entity, JoinColumn, OneToOne, PrimaryColumn } from 'typeorm';

import { BikeEntity } from './bike';

/** A bike as the list shows it, as it was last worked out. Nothing but time is lost with it. */
@Entity('bike_summary')
export class BikeSummaryEntity {
  @PrimaryColumn({ type: 'uuid', name: 'bike_id' })
  bikeId!: string;

  @OneToOne(() => BikeEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'bike_id', foreignKeyConstraintName: 'of_bike' })
  bike?: BikeEntity;

  /** The marks of everything that it was worked out from. */
  @Column({ type: 'text' })
  stamp!: string;

  @Column({ type: 'jsonb' })
  summary!: BikeSummary;
}
