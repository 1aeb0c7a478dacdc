import type { Place } from '@cricket/core/model';
import { Column, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';

import { BikeEntity } from './bike';
import { PersonEntity } from './person';

/** What every fact of a bike has: which bike, which place of it, and who it was. */
export abstract class OfBike {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'uuid', name: 'bike_id' })
  bikeId!: string;

  @ManyToOne(() => BikeEntity)
  @JoinColumn({ name: 'bike_id', foreignKeyConstraintName: 'of_bike' })
  bike?: BikeEntity;

  @Column({ type: 'text' })
  place!: Place;

  @Column({ type: 'uuid', name: 'person_id', nullable: true })
  personId!: string | null;

  @ManyToOne(() => PersonEntity)
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'by_person' })
  person?: PersonEntity;

  /** The name of somebody whom this shop does not know: it came in with a file. */
  @Column({ type: 'text', name: 'person_name', nullable: true })
  personName!: string | null;
}
